package app.unimetric.core.pack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A small job document to take apart in tests: a plate of four and a pair that it must follow. */
public final class SamplePack {
  private SamplePack() {}

  public static Map<String, Object> document() {
    Map<String, Object> pack = new LinkedHashMap<>();
    pack.put("format", "unimetric-pack");
    pack.put("version", 1);
    pack.put("key", "sample");
    pack.put("title", "Fit a sample");
    pack.put("summary", "A plate and a pair.");
    pack.put("machineKind", "MOTORCYCLE");
    pack.put("models", List.of("Sample 100"));
    pack.put("fits", "Sample plate");
    pack.put("cautions", List.of("The maker's manual governs."));
    pack.put(
        "steps",
        list(
            Map.of("id", "stand", "phase", "SECURE", "title", "On the stand", "text", "Upright.")));
    pack.put(
        "joints",
        list(joint("pair", "M8", 2, "ROW", 22.0), joint("plate", "M6", 4, "CIRCLE", 10.0)));
    pack.put(
        "order", list(Map.of("before", "plate", "after", "pair", "reason", "The plate locates.")));
    pack.put("checks", list(Map.of("id", "turns", "title", "Turns", "text", "Lock to lock.")));
    return pack;
  }

  public static Map<String, Object> step(String id, String phase) {
    Map<String, Object> step = new LinkedHashMap<>();
    step.put("id", id);
    step.put("phase", phase);
    step.put("title", "Step " + id);
    step.put("text", "Do it.");
    return step;
  }

  public static Map<String, Object> joint(
      String id, String thread, int count, String layout, double nm) {
    Map<String, Object> joint = new LinkedHashMap<>();
    joint.put("id", id);
    joint.put("title", "Joint " + id);
    joint.put("thread", thread);
    joint.put("propertyClass", "8.8");
    joint.put("count", count);
    joint.put("layout", layout);
    joint.put("critical", true);
    joint.put("settles", true);
    joint.put("surface", new LinkedHashMap<>(Map.of("vibrates", true)));
    joint.put("values", list(value(nm, "N.m", "MANUAL")));
    return joint;
  }

  public static Map<String, Object> value(double figure, String unit, String source) {
    Map<String, Object> value = new LinkedHashMap<>();
    value.put("value", figure);
    value.put("unit", unit);
    value.put("source", source);
    value.put("document", "Sheet 1");
    return value;
  }

  /** The joint with this id inside a document, to be changed by a test. */
  @SuppressWarnings("unchecked")
  public static Map<String, Object> jointOf(Map<String, Object> pack, int index) {
    return (Map<String, Object>) ((List<Object>) pack.get("joints")).get(index);
  }

  public static List<Object> list(Object... items) {
    return new ArrayList<>(List.of(items));
  }
}
