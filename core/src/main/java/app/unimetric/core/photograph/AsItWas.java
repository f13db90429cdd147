package app.unimetric.core.photograph;

import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunStep;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where a photograph is looked at again: what was taken while a joint came off lies beside the
 * steps that put it back, what was taken at a measure beside the same measure as left.
 */
public final class AsItWas {
  private AsItWas() {}

  /**
   * Steps at which it matters how it was, each with those whose photographs show it.
   *
   * @return by step id, in the order of the sheet; steps with nothing to compare are left out
   */
  public static Map<String, List<String>> of(RunSheet sheet) {
    Map<String, List<String>> shown = new LinkedHashMap<>();
    for (RunStep step : sheet.steps()) {
      String found = step.comparesWith();
      String joint = step.jointId();
      if (found != null) {
        shown.put(step.id(), List.of(found));
      } else if (joint != null && step.isBack()) {
        String undo = RunJoint.undoId(joint);
        if (sheet.step(undo).isPresent()) {
          shown.put(step.id(), List.of(undo));
        }
      }
    }
    return shown;
  }
}
