package app.unimetric.documents.shape;

import app.unimetric.core.pack.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * A joint or a step brought to the other side of the machine too, or told apart into one of the
 * left and one of the right; what stands beside it goes along.
 */
public final class ShapeSides {
  private final Shaping shaping;
  private final List<String> document;
  private final List<ShapeEdit> edits = new ArrayList<>();

  /**
   * What is told apart, by the list it stands in and its name, and what its right one is called.
   */
  private final Map<List<String>, String> rightOnes = new LinkedHashMap<>();

  private ShapeSides(Shaping shaping, List<String> at) {
    this.shaping = shaping;
    document = at.subList(0, Math.max(0, at.size() - 2));
  }

  /**
   * What was done once, or on one side, is done once a side from now on.
   *
   * @param at the way to a joint or step
   * @throws ShapeConflict when none is there
   */
  public static List<ShapeEdit> both(Shaping shaping, List<String> at) {
    return new ShapeSides(shaping, at).onBoth(list(at), name(at));
  }

  /**
   * What is done once a side becomes one of the left and one of the right that may differ. Rules
   * that name it name both.
   *
   * @param at the way to a joint or step
   * @throws ShapeConflict when none is there that is done once a side
   */
  public static List<ShapeEdit> apart(Shaping shaping, List<String> at) {
    return new ShapeSides(shaping, at).toldApart(list(at), name(at));
  }

  private static String list(List<String> at) {
    return at.size() < 2 ? "" : at.get(at.size() - 2);
  }

  private static String name(List<String> at) {
    return at.isEmpty() ? "" : at.get(at.size() - 1);
  }

  private List<ShapeEdit> onBoth(String list, String name) {
    sided(list, name);
    if (list.equals("joints")) {
      for (JsonNode step : in("steps")) {
        if (isBeside(step, name)) {
          sided("steps", ElementName.of(step));
        }
      }
    }
    return edits;
  }

  private void sided(String list, String name) {
    ObjectNode element = element(list, name);
    JsonNode one = element.get("side");
    if (one != null) {
      edits.add(new ShapeEdit.Put(place(list, name, "side"), one, null));
    }
    JsonNode each = element.get("eachSide");
    if (!isOnEach(element)) {
      edits.add(new ShapeEdit.Put(place(list, name, "eachSide"), each, BooleanNode.TRUE));
    }
  }

  private List<ShapeEdit> toldApart(String list, String name) {
    if (!isOnEach(element(list, name))) {
      throw new ShapeConflict(place(list, name), element(list, name));
    }
    rightOnes.put(List.of(list, name), rightOf(list, name));
    if (list.equals("joints")) {
      for (JsonNode step : in("steps")) {
        if (isBeside(step, name) && isOnEach(step)) {
          String beside = ElementName.of(step);
          rightOnes.put(List.of("steps", beside), rightOf("steps", beside));
        }
      }
    }
    rightOnes.forEach((of, right) -> apart(of.get(0), of.get(1), right));
    rules();
    if (list.equals("joints")) {
      named("assemblies", name);
      named("rechecks", name);
    }
    return edits;
  }

  private void apart(String list, String name, String right) {
    ObjectNode element = element(list, name);
    JsonNode left = StringNode.valueOf(Side.LEFT.name());
    ObjectNode other = element.deepCopy();
    other.remove("eachSide");
    other.put(ElementName.field(element), right).put("side", Side.RIGHT.name());
    String across = list.equals("joints") ? "steps" : "joints";
    renameBeside(other, across);
    edits.add(new ShapeEdit.Put(place(list, name, "eachSide"), element.get("eachSide"), null));
    edits.add(new ShapeEdit.Put(place(list, name, "side"), element.get("side"), left));
    edits.add(new ShapeEdit.Insert(place(list), other, behind(in(list), name)));
  }

  private void renameBeside(ObjectNode holder, String list) {
    for (String field : List.of("before", "after")) {
      String right = rightOnes.get(List.of(list, holder.path(field).asString("")));
      if (right != null) {
        holder.put(field, right);
      }
    }
  }

  /** A rule that names what is told apart holds for the right one as well. */
  private void rules() {
    for (JsonNode rule : in("order")) {
      String before = rightOne(rule.path("before").asString(""));
      String after = rightOne(rule.path("after").asString(""));
      if (before == null && after == null || !(rule instanceof ObjectNode object)) {
        continue;
      }
      ObjectNode other = object.deepCopy();
      if (before != null) {
        other.put("before", before);
      }
      if (after != null) {
        other.put("after", after);
      }
      edits.add(new ShapeEdit.Insert(place("order"), other, null));
    }
  }

  private @Nullable String rightOne(String name) {
    String joint = rightOnes.get(List.of("joints", name));
    return joint != null ? joint : rightOnes.get(List.of("steps", name));
  }

  private void named(String holders, String name) {
    for (JsonNode holder : in(holders)) {
      if (holder.get("joints") instanceof ArrayNode joints && ElementName.in(joints, name) >= 0) {
        edits.add(
            new ShapeEdit.Insert(
                place(holders, ElementName.of(holder), "joints"),
                StringNode.valueOf(String.valueOf(rightOne(name))),
                behind(joints, name)));
      }
    }
  }

  private static @Nullable String behind(ArrayNode list, String name) {
    int next = ElementName.in(list, name) + 1;
    return next < list.size() ? ElementName.of(list.get(next)) : null;
  }

  private String rightOf(String list, String name) {
    String right = name + "-" + Side.RIGHT.words();
    String free = right;
    for (int i = 2; ElementName.in(in(list), free) >= 0; i++) {
      free = right + "-" + i;
    }
    return free;
  }

  private static boolean isBeside(JsonNode step, String joint) {
    return step.path("before").asString("").equals(joint)
        || step.path("after").asString("").equals(joint);
  }

  private static boolean isOnEach(JsonNode element) {
    return element.path("eachSide").asBoolean(false);
  }

  private ObjectNode element(String list, String name) {
    Optional<JsonNode> found = shaping.find(place(list, name));
    if (found.orElse(null) instanceof ObjectNode element) {
      return element;
    }
    throw new ShapeConflict(place(list, name), null);
  }

  private ArrayNode in(String list) {
    return shaping.find(place(list)).orElse(null) instanceof ArrayNode all
        ? all
        : JsonNodeFactory.instance.arrayNode();
  }

  private List<String> place(String... rest) {
    List<String> place = new ArrayList<>(document);
    place.addAll(List.of(rest));
    return place;
  }
}
