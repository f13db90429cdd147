package app.unimetric.documents.pack;

import app.unimetric.core.ask.JointLine;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.documents.StrictJson;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Documents that begin without a pack of the catalogue: a job from nothing, a visit of several. */
public final class PackDraft {
  private static final JsonMapper JSON = StrictJson.mapper();
  private static final List<String> CAUTIONS =
      List.of(
          "The maker's document for the exact model and year governs; this sheet computes and records.");

  private PackDraft() {}

  /** A job of which only the title is known, JSON. It is held, and tried before it is ridden. */
  public static String fromNothing(String key, String title, MachineKind kind) {
    ObjectNode draft = draft(key, title, kind, "Planned from nothing, for this machine.");
    ObjectNode secure = draft.putArray("steps").addObject();
    secure.put("id", "secure").put("phase", "SECURE");
    secure.put("title", "Stand it upright and hold it");
    secure.put(
        "text", "On its stand, held so that it cannot move; ignition off, what was hot is cold.");
    ObjectNode check = draft.putArray("checks").addObject();
    check.put("id", "works").put("title", "It works and is fast");
    check.put(
        "text",
        "What was fitted does what it is there for; nothing touches, rattles or moves by hand.");
    return JSON.writeValueAsString(draft);
  }

  /**
   * Several jobs in one visit, JSON; the documents of the jobs are not written into it yet.
   *
   * @param jobs their keys
   */
  public static String visit(String key, String title, MachineKind kind, List<String> jobs) {
    ObjectNode draft = draft(key, title, kind, "Several jobs in one visit.");
    ArrayNode together = draft.putArray("together");
    jobs.forEach(job -> together.addObject().put("pack", job));
    return JSON.writeValueAsString(draft);
  }

  private static ObjectNode draft(String key, String title, MachineKind kind, String summary) {
    ObjectNode draft = JSON.createObjectNode();
    draft.put("format", "unimetric-pack").put("version", JobPack.VERSION).put("key", key);
    draft.put("title", title).put("summary", summary).put("machineKind", kind.name());
    draft.put("fits", title);
    ArrayNode cautions = draft.putArray("cautions");
    CAUTIONS.forEach(cautions::add);
    draft.putArray("joints");
    return draft;
  }

  /** A joint of a document from what was said in one line; its torque is not part of it. */
  public static ObjectNode joint(String id, JointLine line) {
    ObjectNode joint = JSON.createObjectNode();
    joint.put("id", id).put("title", line.title()).put("thread", line.thread());
    if (line.leftHand()) {
      joint.put("hand", "LEFT");
    }
    if (line.propertyClass() != null) {
      joint.put("propertyClass", line.propertyClass());
    }
    joint.put("head", line.head().name());
    joint.put("count", line.count()).put("layout", line.layout().name());
    joint.put("critical", line.critical());
    ObjectNode surface = joint.putObject("surface");
    if (line.female() != null) {
      surface.put("female", line.female().name());
    }
    surface.put("lock", line.lock().name());
    if (line.product() != null) {
      surface.put("makerSays", line.product().name());
    }
    joint.putArray("slots").add("vehicle manual for the exact model and year");
    return joint;
  }
}
