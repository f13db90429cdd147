package app.unimetric.core.bench;

import app.unimetric.core.device.DialFault;
import app.unimetric.core.device.SimulatedDial;
import app.unimetric.core.pack.Measure;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A turn under a dial gauge that is due at the bench.
 *
 * @param limitMm most that the part may run out, mm; null where no figure is stated in the job
 */
public record DueDial(String stepId, @Nullable Double limitMm) {
  /** A usual limit of runout, for a simulated part where none is stated, mm. */
  private static final double USUAL_LIMIT_MM = 0.3;

  private static final String RUNOUT = "runout";

  /**
   * Ids of the steps at which something is dialled: a measure of runout, or a step that asks for
   * it.
   */
  public static List<String> steps(RunSheet sheet) {
    return sheet.steps().stream().filter(DueDial::isDialled).map(RunStep::id).toList();
  }

  private static boolean isDialled(RunStep step) {
    Measure measure = step.measure();
    return measure == null
        ? step.judged() && isSaid(step.title())
        : "mm".equals(measure.unit()) && isSaid(measure.what());
  }

  private static boolean isSaid(String words) {
    return words.toLowerCase(Locale.ROOT).contains(RUNOUT);
  }

  /** A gauge that is not there, at a part that is right or wrong by this limit. */
  public SimulatedDial simulated(DialFault fault, long seed) {
    Double limit = limitMm;
    return SimulatedDial.of(limit == null || limit <= 0 ? USUAL_LIMIT_MM : limit, fault, seed);
  }

  /** The turn due in a run; empty where nothing is dialled at the step in hand. */
  public static Optional<DueDial> of(RunSheet sheet, RunState state) {
    String current = state.currentStep();
    return current == null
        ? Optional.empty()
        : sheet
            .step(current)
            .filter(DueDial::isDialled)
            .map(
                s -> {
                  Measure measure = s.measure();
                  return new DueDial(s.id(), measure == null ? null : measure.max());
                });
  }
}
