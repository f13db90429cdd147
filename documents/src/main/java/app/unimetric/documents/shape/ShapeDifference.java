package app.unimetric.documents.shape;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A place at which two documents differ.
 *
 * @param at the field, or the element that only one of them has
 * @param one what stands there in the first; null for nothing
 * @param other what stands there in the second; null for nothing
 */
public record ShapeDifference(List<String> at, @Nullable JsonNode one, @Nullable JsonNode other) {
  public ShapeDifference {
    at = List.copyOf(at);
  }

  /**
   * Every difference, in the order of the first document; the order within lists does not count.
   */
  public static List<ShapeDifference> between(ObjectNode one, ObjectNode other) {
    List<ShapeDifference> found = new ArrayList<>();
    compare(new ArrayList<>(), one, other, found);
    return found;
  }

  private static void compare(
      List<String> at,
      @Nullable JsonNode one,
      @Nullable JsonNode other,
      List<ShapeDifference> found) {
    if (SameJson.same(one, other)) {
      return;
    }
    if (one instanceof ObjectNode a && other instanceof ObjectNode b) {
      Set<String> names = new LinkedHashSet<>();
      a.propertyNames().forEach(names::add);
      b.propertyNames().forEach(names::add);
      names.forEach(name -> compare(with(at, name), a.get(name), b.get(name), found));
    } else if (one instanceof ArrayNode a && other instanceof ArrayNode b && named(a) && named(b)) {
      Set<String> names = new LinkedHashSet<>();
      a.forEach(e -> names.add(ElementName.of(e)));
      b.forEach(e -> names.add(ElementName.of(e)));
      names.forEach(name -> compare(with(at, name), element(a, name), element(b, name), found));
    } else {
      found.add(new ShapeDifference(at, one, other));
    }
  }

  /** Whether its elements have names that tell them apart; else the list counts as one. */
  private static boolean named(ArrayNode list) {
    Set<String> met = new LinkedHashSet<>();
    for (JsonNode element : list) {
      String name = ElementName.of(element);
      if (!element.isObject() || name.equals(">") || !met.add(name)) {
        return false;
      }
    }
    return true;
  }

  private static @Nullable JsonNode element(ArrayNode list, String name) {
    int i = ElementName.in(list, name);
    return i < 0 ? null : list.get(i);
  }

  private static List<String> with(List<String> at, String name) {
    List<String> longer = new ArrayList<>(at);
    longer.add(name);
    return longer;
  }
}
