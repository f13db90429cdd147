package app.unimetric.e2e;

import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Measurements that fit, for jobs in which something else is looked at. */
final class GoodFits {
  private static final Map<String, Object> AXLE =
      Map.of("diameterMm", 12, "pitchMm", 1.5, "lengthMm", 172, "head", "FLAT", "engagementMm", 12);
  private static final Map<String, Object> SIDE =
      Map.of("spacersMm", List.of(25, 15), "inboard", List.of(true, false));
  private static final Map<String, Object> REQUESTS =
      Map.of(
          "spindle",
          Map.of(
              "shellMm",
              73,
              "cupFlangesMm",
              List.of(10, 10),
              "spacersMm",
              List.of(2.5),
              "spindleUsableMm",
              96.5,
              "adjusterTravelMm",
              2),
          "steerer-stack",
          Map.of(
              "steererMm",
              55,
              "stemHeightMm",
              40,
              "spacersBelowMm",
              List.of(10),
              "spacersAboveMm",
              List.of(8),
              "takeUpMm",
              0.2),
          "press-fit",
          Map.of("boreReadingsMm", List.of(40.95, 40.96), "cupMm", 41),
          "through-axle",
          Map.of("old", AXLE, "new", AXLE, "spacersMm", List.of()),
          "hub-stack",
          Map.of("left", SIDE, "right", SIDE),
          "ride-height",
          Map.of(
              "end", "REAR",
              "eyeOffsetMm", 10,
              "wheelbaseMm", 1500,
              "rakeDeg", 26,
              "forkOffsetMm", 40,
              "frontTyreRadiusMm", 320),
          "bolt-length",
          Map.of(
              "gripMm",
              20,
              "washersMm",
              1.6,
              "nutHeightMm",
              8,
              "pitchMm",
              1.25,
              "lengthMm",
              35,
              "insertNut",
              true));

  private GoodFits() {}

  /** As the sheet takes it. */
  static Map<String, Object> of(String call) {
    return Map.of(
        "call",
        call.toUpperCase(Locale.ROOT).replace('-', '_'),
        "state",
        "?",
        "request",
        REQUESTS.get(call),
        "taken",
        "FOUND");
  }
}
