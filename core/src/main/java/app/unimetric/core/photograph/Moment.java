package app.unimetric.core.photograph;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.StepKind;

/** When in the job a photograph was taken: what it is compared with hangs on it. */
public enum Moment {
  AS_FOUND("As found"),
  ON_THE_WAY("On the way"),
  AS_LEFT("As left");

  private static final String UNDO = "undo.";
  private static final String FOUND = "found.";
  private final String words;

  Moment(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /**
   * As found while a thing is looked at or taken off, and before anything was; as left once it is
   * measured again, proved, looked at or signed (field guide, the course of a job).
   *
   * @param stepId of a step that may be none of the sheet, which says nothing
   */
  public static Moment of(RunSheet sheet, String stepId) {
    RunStep at = sheet.step(stepId).orElse(null);
    if (at == null) {
      return ON_THE_WAY;
    }
    if (at.id().startsWith(UNDO) || at.id().startsWith(FOUND) || isBeforeAnythingIsOff(sheet, at)) {
      return AS_FOUND;
    }
    boolean proves =
        at.kind() == StepKind.CHECK_PASS
            || at.kind() == StepKind.FUNCTION_CHECK
            || at.kind() == StepKind.SECOND_LOOK
            || at.kind() == StepKind.SIGN_OFF;
    return proves || at.comparesWith() != null ? AS_LEFT : ON_THE_WAY;
  }

  private static boolean isBeforeAnythingIsOff(RunSheet sheet, RunStep at) {
    for (RunStep step : sheet.steps()) {
      if (step.id().startsWith(UNDO) || step.isBack()) {
        return false;
      }
      if (step.id().equals(at.id())) {
        return true;
      }
    }
    return false;
  }
}
