package app.unimetric.documents.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * A joint, a step or a question that leaves the job, and what goes with it: rules that name it,
 * steps that stand beside it, its place in assemblies and re-checks.
 *
 * @param edits all of it, to be taken together
 * @param touches what else changes, in words
 */
public record ShapeRemoval(List<ShapeEdit> edits, List<String> touches) {
  public ShapeRemoval {
    edits = List.copyOf(edits);
    touches = touches.stream().distinct().toList();
  }

  /** What removing the element at a place comes to; empty when it is not there. */
  public static Optional<ShapeRemoval> of(Shaping shaping, List<String> at) {
    return shaping.find(at).map(found -> new Gathering(shaping, at).all(found));
  }

  private static final class Gathering {
    private final Shaping shaping;
    private final List<String> document;
    private final String list;
    private final String name;
    private final List<String> at;
    private final List<ShapeEdit> edits = new ArrayList<>();
    private final List<String> touches = new ArrayList<>();

    Gathering(Shaping shaping, List<String> at) {
      this.shaping = shaping;
      this.at = at;
      document = at.subList(0, Math.max(0, at.size() - 2));
      list = at.size() < 2 ? "" : at.get(at.size() - 2);
      name = at.get(at.size() - 1);
    }

    ShapeRemoval all(JsonNode found) {
      if (list.equals("joints") || list.equals("steps")) {
        rules();
        beside();
        if (list.equals("joints")) {
          named("assemblies", "is no longer tightened with");
          named("rechecks", "is no longer looked at again");
        }
      } else if (list.equals("options")) {
        conditions();
      }
      edits.add(new ShapeEdit.Remove(at, found));
      return new ShapeRemoval(edits, touches);
    }

    private void rules() {
      for (JsonNode rule : in("order")) {
        if (text(rule, "before").equals(name) || text(rule, "after").equals(name)) {
          edits.add(new ShapeEdit.Remove(place("order", ElementName.of(rule)), rule));
          touches.add("The rule goes: " + text(rule, "reason"));
        }
      }
    }

    /**
     * Steps beside a joint stand in their part of the work from now on; undoing beside a step too.
     */
    private void beside() {
      boolean joint = list.equals("joints");
      for (JsonNode other : in(joint ? "steps" : "joints")) {
        String id = ElementName.of(other);
        JsonNode holder = joint ? other : other.path("undo");
        for (String field : List.of("before", "after")) {
          if (text(holder, field).equals(name)) {
            List<String> there =
                joint ? place("steps", id, field) : place("joints", id, "undo", field);
            edits.add(new ShapeEdit.Put(there, holder.get(field), null));
            touches.add(
                (joint ? "The step “" : "The undoing of “")
                    + text(other, "title")
                    + "” stands beside nothing any more.");
          }
        }
      }
    }

    private void named(String holders, String words) {
      for (JsonNode holder : in(holders)) {
        if (!(holder.get("joints") instanceof ArrayNode joints)
            || ElementName.in(joints, name) < 0) {
          continue;
        }
        if (joints.size() == 1) {
          edits.add(new ShapeEdit.Remove(place(holders, ElementName.of(holder)), holder));
        } else {
          ArrayNode left = JsonNodeFactory.instance.arrayNode();
          joints.forEach(j -> addUnlessNamed(left, j));
          edits.add(
              new ShapeEdit.Put(
                  place(holders, ElementName.of(holder), "joints"), joints.deepCopy(), left));
        }
        String what = text(holder, holder.has("title") ? "title" : "why");
        touches.add("It " + words + (what.isEmpty() ? "." : ": " + what + "."));
      }
    }

    private void addUnlessNamed(ArrayNode left, JsonNode joint) {
      if (!joint.asString().equals(name)) {
        left.add(joint);
      }
    }

    /** What hung on the answers to a question belongs to the job whatever was answered. */
    private void conditions() {
      for (String holders :
          List.of(
              "joints",
              "steps",
              "checks",
              "asFound",
              "inspections",
              "fitChecks",
              "oneTimeParts",
              "parts",
              "around")) {
        for (JsonNode holder : in(holders)) {
          if (holder.path("when").get(name) == null) {
            continue;
          }
          ObjectNode when = (ObjectNode) holder.get("when");
          ObjectNode left = when.deepCopy();
          left.remove(name);
          edits.add(
              new ShapeEdit.Put(
                  place(holders, ElementName.of(holder), "when"),
                  when.deepCopy(),
                  left.isEmpty() ? null : left));
          touches.add("It belongs to the job in any case: " + called(holder) + ".");
        }
      }
    }

    private static String called(JsonNode holder) {
      return holder.has("title") ? text(holder, "title") : ElementName.of(holder);
    }

    private Iterable<JsonNode> in(String other) {
      return shaping.find(place(other)).orElse(JsonNodeFactory.instance.arrayNode());
    }

    private List<String> place(String... rest) {
      List<String> place = new ArrayList<>(document);
      place.addAll(List.of(rest));
      return place;
    }

    private static String text(@Nullable JsonNode node, String field) {
      return node == null ? "" : node.path(field).asString("");
    }
  }
}
