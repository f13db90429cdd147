package app.unimetric.documents.shape;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Side;
import app.unimetric.documents.StrictJson;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The job of looking again: the joints of an earlier job that are due are tried at their targets as
 * they are. Nothing comes off, so of all else that job was only its questions stay, by which its
 * joints are what they are.
 */
public final class LookAgain {
  private static final JsonMapper JSON = StrictJson.mapper();
  private static final List<String> OF_THE_WORK =
      List.of(
          "asFound",
          "fitChecks",
          "inspections",
          "specialTools",
          "consumables",
          "oneTimeParts",
          "parts",
          "steps",
          "order",
          "checks",
          "rechecks",
          "assemblies",
          "sidesInTurn");
  private static final List<String> OF_THE_COMING_LOOSE =
      List.of("undo", "usedOnce", "passesPercent", "slipTest", "castellation");

  private LookAgain() {}

  /**
   * @param document of the job as it was shaped, JSON
   * @param jointIds of the joints that are due, as its plan called them; empty for all
   * @param leftAtNm at what torque those were left that were climbed to hold, N·m, by their ids
   * @return the document of the job that tries them, JSON
   */
  public static String of(String document, List<String> jointIds, Map<String, Double> leftAtNm) {
    ObjectNode job = (ObjectNode) JSON.readTree(document);
    onlyTry(job, "", jointIds, leftAtNm);
    job.put("title", WayBack.shortened("Look again: " + job.path("title").asString()));
    job.put("summary", "Tried at their targets as they are; nothing comes loose.");
    job.put("fits", "Nothing: looked at again");
    job.put("key", job.path("key").asString() + "-again");
    return JSON.writeValueAsString(job);
  }

  /** Leaves the joints that are due, each to be tried; whether there are any. */
  private static boolean onlyTry(
      ObjectNode job, String prefix, List<String> jointIds, Map<String, Double> leftAtNm) {
    OF_THE_WORK.forEach(job::remove);
    job.put("version", JobPack.VERSION);
    ArrayNode due = JSON.createArrayNode();
    for (JsonNode joint : job.path("joints")) {
      if (joint instanceof ObjectNode one && isDue(one, prefix, jointIds)) {
        OF_THE_COMING_LOOSE.forEach(one::remove);
        one.put("tried", true);
        leftAtNm.entrySet().stream()
            .filter(left -> isDue(one, prefix, List.of(left.getKey())))
            .map(Map.Entry::getValue)
            .min(Comparator.naturalOrder())
            .ifPresent(nm -> one.put("leftAtNm", nm));
        due.add(one);
      }
    }
    job.set("joints", due);
    boolean any = !due.isEmpty();
    for (String list : List.of("around", "together")) {
      ArrayNode others = JSON.createArrayNode();
      for (JsonNode other : job.path(list)) {
        if (other.get("document") instanceof ObjectNode inner
            && onlyTry(inner, prefix + inner.path("key").asString() + ".", jointIds, leftAtNm)) {
          others.add(other);
        }
      }
      job.remove(list);
      if (!others.isEmpty()) {
        job.set(list, others);
        any = true;
      }
    }
    return any;
  }

  /** Named as the plan names it; one that is done on each side by either of its sides. */
  private static boolean isDue(ObjectNode joint, String prefix, List<String> jointIds) {
    String name = prefix + joint.path("id").asString();
    boolean sided = joint.path("eachSide").asBoolean(false) || joint.has("side");
    return jointIds.isEmpty()
        || jointIds.contains(name)
        || sided && Stream.of(Side.values()).anyMatch(s -> jointIds.contains(s.of(name)));
  }
}
