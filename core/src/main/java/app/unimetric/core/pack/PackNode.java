package app.unimetric.core.pack;

import app.unimetric.core.problem.Problem;
import app.unimetric.core.problem.Problems;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One object of a pack document while it is read: every field asked for is ticked off, everything
 * wrong is noted with its place, and what nobody asked for is refused.
 */
final class PackNode {
  private static final int LONGEST_TEXT = 2000;
  private static final int LONGEST_LIST = 2000;

  private final Map<?, ?> fields;
  private final String path;
  private final Problems problems;
  private final Set<String> asked = new HashSet<>();

  PackNode(@Nullable Object tree, String path, Problems problems) {
    this.path = path;
    this.problems = problems;
    if (tree instanceof Map<?, ?> map) {
      this.fields = map;
    } else {
      this.fields = Map.of();
      problems.require(false, path, "must be an object.");
    }
  }

  Problems problems() {
    return problems;
  }

  String at(String field) {
    return new Problem(field, "").under(path).field();
  }

  private @Nullable Object get(String field) {
    asked.add(field);
    return fields.get(field);
  }

  boolean has(String field) {
    return get(field) != null;
  }

  String text(String field) {
    Object value = get(field);
    if (value instanceof String text && !text.isBlank() && text.length() <= LONGEST_TEXT) {
      return text;
    }
    problems.require(false, at(field), "must be a text of 1 to " + LONGEST_TEXT + " characters.");
    return "?";
  }

  String text(String field, String otherwise) {
    return has(field) ? text(field) : otherwise;
  }

  boolean flag(String field, boolean otherwise) {
    Object value = get(field);
    problems.require(
        value == null || value instanceof Boolean, at(field), "must be true or false.");
    return value instanceof Boolean is ? is : otherwise;
  }

  @Nullable Double number(String field) {
    Object value = get(field);
    boolean finite = value instanceof Number number && Double.isFinite(number.doubleValue());
    problems.require(value == null || finite, at(field), "must be a finite number.");
    return finite && value instanceof Number number ? (Double) number.doubleValue() : null;
  }

  int whole(String field, int min, int max) {
    Double value = number(field);
    if (value != null && value == Math.rint(value) && value >= min && value <= max) {
      return value.intValue();
    }
    problems.require(false, at(field), "must be a whole number from " + min + " to " + max + ".");
    return min;
  }

  <E extends Enum<E>> @Nullable E choice(String field, Class<E> type) {
    Object value = get(field);
    if (value == null) {
      return null;
    }
    for (E constant : type.getEnumConstants()) {
      if (constant.name().equals(value)) {
        return constant;
      }
    }
    problems.require(
        false,
        at(field),
        "must be one of "
            + String.join(", ", Arrays.stream(type.getEnumConstants()).map(Enum::name).toList())
            + ".");
    return null;
  }

  <E extends Enum<E>> E choice(String field, E otherwise) {
    E chosen = choice(field, otherwise.getDeclaringClass());
    return chosen == null ? otherwise : chosen;
  }

  <T> @Nullable T made(String field, Function<String, T> make) {
    String text = text(field);
    return problems.under(at(field), () -> make.apply(text));
  }

  private List<?> list(String field) {
    Object value = get(field);
    if (value instanceof List<?> list && list.size() <= LONGEST_LIST) {
      return list;
    }
    problems.require(
        value == null, at(field), "must be a list of at most " + LONGEST_LIST + " items.");
    return List.of();
  }

  List<String> texts(String field) {
    List<String> texts = new ArrayList<>();
    List<?> list = list(field);
    for (int i = 0; i < list.size(); i++) {
      boolean text = list.get(i) instanceof String s && !s.isBlank() && s.length() <= LONGEST_TEXT;
      problems.require(
          text,
          at(field) + "[" + i + "]",
          "must be a text of 1 to " + LONGEST_TEXT + " characters.");
      texts.add(String.valueOf(list.get(i)));
    }
    return texts;
  }

  List<Double> numbers(String field) {
    List<Double> numbers = new ArrayList<>();
    List<?> list = list(field);
    for (int i = 0; i < list.size(); i++) {
      if (list.get(i) instanceof Number number && Double.isFinite(number.doubleValue())) {
        numbers.add(number.doubleValue());
      } else {
        problems.require(false, at(field) + "[" + i + "]", "must be a finite number.");
      }
    }
    return numbers;
  }

  <T> List<T> nodes(String field, Function<PackNode, @Nullable T> read) {
    return nodesOrTexts(field, read, null);
  }

  /** Objects, or plain texts where {@code ofText} makes one of them. */
  <T> List<T> nodesOrTexts(
      String field, Function<PackNode, @Nullable T> read, @Nullable Function<String, T> ofText) {
    List<T> made = new ArrayList<>();
    List<?> list = list(field);
    for (int i = 0; i < list.size(); i++) {
      if (ofText != null && list.get(i) instanceof String text) {
        problems.require(
            !text.isBlank() && text.length() <= LONGEST_TEXT,
            at(field) + "[" + i + "]",
            "must be a text of 1 to " + LONGEST_TEXT + " characters.");
        made.add(ofText.apply(text));
        continue;
      }
      PackNode node = new PackNode(list.get(i), at(field) + "[" + i + "]", problems);
      T one = read.apply(node);
      node.refuseUnknown();
      if (one != null) {
        made.add(one);
      }
    }
    return made;
  }

  @Nullable PackNode node(String field) {
    return has(field) ? new PackNode(get(field), at(field), problems) : null;
  }

  void refuseUnknown() {
    for (Object key : fields.keySet()) {
      problems.require(
          asked.contains(String.valueOf(key)),
          at(String.valueOf(key)),
          "is not a field of this document.");
    }
  }
}
