package app.unimetric.documents.shape;

import app.unimetric.documents.StrictJson;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The way back from a job: what was fitted comes off and is kept, the originals go on again. A
 * joint at which nothing came loose when the part was fitted belongs to that part, so it is only
 * undone; every other is one of the machine itself and is put together as before, but by its own
 * values: those of the part that leaves do not hold for the original.
 */
public final class WayBack {
  private static final JsonMapper JSON = StrictJson.mapper();
  private static final Set<String> OF_THE_PART = Set.of("KIT_SHEET", "PART_MARKING");
  private static final Set<String> GOES_WITH_THE_PART =
      Set.of("NEW", "ORDERED_PER_SIDE", "ORIGINAL_KEPT");
  private static final int LONGEST = 200;

  private WayBack() {}

  /** An original, and where it lies. */
  public record Original(String name, String place) {}

  /**
   * @param document of the job as it was shaped, JSON
   * @param fitted what was fitted and comes off
   * @param originals what goes on again
   * @return the document of the job that goes back, JSON
   */
  public static String of(String document, String fitted, List<Original> originals) {
    Shaping shaping = Shaping.of(document);
    List<List<String>> jobs = new ArrayList<>();
    jobs.add(List.of());
    for (JsonNode job : shaping.tree().path("together")) {
      jobs.add(List.of("together", ElementName.of(job), "document"));
    }
    for (List<String> job : jobs) {
      onlyUndo(shaping, job);
    }
    ObjectNode back = shaping.tree();
    change(back);
    for (JsonNode job : back.path("together")) {
      if (job.get("document") instanceof ObjectNode inner) {
        change(inner);
      }
    }
    back.put("title", shortened("Back to original: " + back.path("title").asString()));
    back.put("summary", shortened("What was fitted comes off; the originals go on again."));
    back.put("key", back.path("key").asString() + "-back");
    back.put(
        "fits",
        shortened(
            originals.isEmpty()
                ? "Originals"
                : originals.stream().map(Original::name).collect(Collectors.joining(", "))));
    ObjectNode first =
        back.path("together").path(0).get("document") instanceof ObjectNode inner ? inner : back;
    atHand(first, originals);
    array(first, "parts")
        .addObject()
        .put("name", shortened(fitted))
        .put("count", 1)
        .put("role", "ORIGINAL_KEPT");
    return JSON.writeValueAsString(back);
  }

  /** Joints of the part alone become a step at which they are undone. */
  private static void onlyUndo(Shaping shaping, List<String> job) {
    JsonNode within = shaping.find(job).orElse(JSON.createObjectNode());
    for (JsonNode joint : within.path("joints")) {
      if (joint.has("undo")) {
        continue;
      }
      List<String> at = new ArrayList<>(job);
      at.addAll(List.of("joints", ElementName.of(joint)));
      ShapeRemoval.of(shaping, at)
          .ifPresent(gone -> shaping.take(UUID.randomUUID(), gone.edits(), null));
      ObjectNode step = JSON.createObjectNode();
      step.put("id", "off-" + joint.path("id").asString()).put("phase", "REMOVE");
      step.put("title", shortened(joint.path("title").asString() + ": undo"));
      step.put(
          "text",
          "It belongs to the part that leaves: hold the part, loosen all evenly, then out. Keep "
              + joint.path("count").asInt(1)
              + " × "
              + joint.path("thread").asString("")
              + " with the part.");
      step.putArray("traps");
      step.put("minutes", joint.path("minutes").asDouble(1));
      for (String field : List.of("eachSide", "when")) {
        if (joint.has(field)) {
          step.set(field, joint.get(field));
        }
      }
      List<String> list = new ArrayList<>(job);
      list.add("steps");
      if (shaping.find(list).isEmpty()) {
        shaping.take(
            UUID.randomUUID(),
            List.of(new ShapeEdit.Put(list, null, JSON.createArrayNode())),
            null);
      }
      JsonNode others = shaping.find(list).orElse(JSON.createArrayNode());
      // Undone before anything of the machine is taken off with it.
      String head = others.isEmpty() ? null : ElementName.of(others.get(0));
      shaping.take(UUID.randomUUID(), List.of(shaping.insert(list, step, head)), null);
    }
  }

  private static void change(ObjectNode job) {
    for (JsonNode joint : job.path("joints")) {
      if (joint instanceof ObjectNode one) {
        keepOnly(one, "values", v -> !OF_THE_PART.contains(v.path("source").asString("")));
      }
    }
    keepOnly(job, "parts", p -> !GOES_WITH_THE_PART.contains(p.path("role").asString("")));
  }

  private static void keepOnly(ObjectNode holder, String list, Predicate<JsonNode> which) {
    if (holder.get(list) instanceof ArrayNode all) {
      ArrayNode left = JSON.createArrayNode();
      all.forEach(
          one -> {
            if (which.test(one)) {
              left.add(one);
            }
          });
      holder.set(list, left);
    }
  }

  private static void atHand(ObjectNode job, List<Original> originals) {
    ObjectNode step = JSON.createObjectNode();
    step.put("id", "originals-at-hand").put("phase", "DRY_QUESTIONS");
    step.put("title", "Originals at hand");
    step.put(
        "text",
        (originals.isEmpty()
                ? "Nobody wrote down where they lie: find them first."
                : originals.stream()
                        .map(o -> o.name() + ": " + o.place())
                        .collect(Collectors.joining("; "))
                    + ".")
            + " Look each over before anything comes off.");
    step.putArray("traps");
    step.put("minutes", 2);
    step.put("hold", true);
    array(job, "steps").insert(0, step);
  }

  private static ArrayNode array(ObjectNode holder, String name) {
    return holder.get(name) instanceof ArrayNode list ? list : holder.putArray(name);
  }

  /** No title of a pack is longer. */
  static String shortened(String text) {
    return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
  }
}
