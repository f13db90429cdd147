package app.unimetric.core.bench;

import app.unimetric.core.pack.Measure;
import app.unimetric.core.sequence.Layout;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A run sheet whose left side is closed before the right one is opened. */
public final class SidesInTurn {
  private SidesInTurn() {}

  public static RunSheet sheet() {
    return new RunSheet(
        "Front pads",
        true,
        List.of(),
        List.of(
            joint("caliper.LEFT", "Caliper, left", "M10×1.25 10.9", 2),
            joint("caliper.RIGHT", "Caliper, right", "M10×1.25 10.9", 2),
            joint("guard", "Guard", "M6", 3)),
        List.of(
            step("step.level", StepKind.WORK, null),
            step("found.1", StepKind.MEASURE, null).measuring(Measure.of("free play"), null),
            step("undo.guard", StepKind.WORK, null),
            step("undo.caliper.LEFT", StepKind.WORK, null),
            step("step.push.LEFT", StepKind.WORK, "caliper.LEFT"),
            step("surface.caliper.LEFT", StepKind.SURFACE, "caliper.LEFT"),
            step("hand.caliper.LEFT", StepKind.HAND, "caliper.LEFT"),
            step("found.2", StepKind.MEASURE, null).measuring(Measure.of("pads, right"), null),
            step("undo.caliper.RIGHT", StepKind.WORK, null),
            step("step.push.RIGHT", StepKind.WORK, "caliper.RIGHT"),
            step("hand.caliper.RIGHT", StepKind.HAND, "caliper.RIGHT"),
            step("hand.guard", StepKind.HAND, "guard"),
            step("left.1", StepKind.MEASURE, null).measuring(Measure.of("free play"), "found.1"),
            step("check.lever", StepKind.FUNCTION_CHECK, null),
            step("sign-off", StepKind.SIGN_OFF, null)),
        null);
  }

  private static RunStep step(String id, StepKind kind, @Nullable String jointId) {
    return RunStep.plain(id, kind, "Group", "Title of " + id, "", jointId, false, List.of());
  }

  private static RunJoint joint(String id, String title, String thread, int count) {
    return new RunJoint(
        id,
        title,
        thread,
        count,
        Layout.ROW,
        List.of(),
        true,
        "45 N·m",
        null,
        null,
        null,
        new OnThread("dry", null, null, false),
        "clockwise",
        false,
        List.of());
  }
}
