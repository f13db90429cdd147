package app.unimetric.perf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** Prints a job of so many joints, four fasteners each, as a pack: {@code BigPack 400}. */
public final class BigPack {
  private static final String[] THREADS = {"M5", "M6", "M8", "M10", "M12"};
  private static final double[] TORQUES = {5, 9, 22, 44, 75};

  private BigPack() {}

  public static void main(String[] args) {
    int count = Integer.parseInt(args[0]);
    Map<String, Object> pack = new LinkedHashMap<>();
    pack.put("format", "unimetric-pack");
    pack.put("version", 1);
    pack.put("key", "big-" + count);
    pack.put("title", "Everything, " + count + " joints");
    pack.put("summary", "A whole machine put together.");
    pack.put("machineKind", "ATV");
    pack.put("fits", "everything");
    pack.put("cautions", List.of("The maker's manual governs."));
    pack.put(
        "steps",
        List.of(
            Map.of("id", "stand", "phase", "SECURE", "title", "On the stand", "text", "Upright.")));
    pack.put("checks", List.of(Map.of("id", "play", "title", "No play", "text", "Nothing moves.")));
    List<Object> joints = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Map<String, Object> joint = new LinkedHashMap<>();
      joint.put("id", "j" + i);
      joint.put("title", "Joint " + i);
      joint.put("thread", THREADS[i % THREADS.length]);
      joint.put("propertyClass", "8.8");
      joint.put("head", "HEX");
      joint.put("count", 4);
      joint.put("layout", "CIRCLE");
      joint.put("critical", i % 3 == 0);
      joint.put("surface", Map.of("female", "STEEL", "lock", "NONE"));
      joint.put(
          "values",
          List.of(
              Map.of(
                  "value",
                  TORQUES[i % TORQUES.length],
                  "unit",
                  "N.m",
                  "source",
                  "MANUAL",
                  "document",
                  "Manual, p. " + i)));
      joints.add(joint);
    }
    pack.put("joints", joints);
    System.out.println(new JsonMapper().writeValueAsString(pack));
  }
}
