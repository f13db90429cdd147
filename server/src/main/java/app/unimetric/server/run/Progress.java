package app.unimetric.server.run;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Where a job stands, in words for lists.
 *
 * @param percent of the steps done
 * @param ridableFrom when all that cures has cured; null when nothing does or it is not known
 */
public record Progress(Station station, String words, int percent, @Nullable Instant ridableFrom) {

  /** The station of the flow a job has reached. */
  public enum Station {
    PLAN,
    BENCH,
    RECORD
  }

  /** Before its first entry. */
  public static final Progress NOT_STARTED = new Progress(Station.PLAN, "Not started", 0, null);

  /** As far as it came, when its job was cancelled; nobody waits to ride. */
  public Progress cancelled() {
    return new Progress(station, "Cancelled", percent, null);
  }

  static Progress of(RunSheet sheet, RunState state) {
    if (state.signedOff()) {
      return new Progress(Station.RECORD, "Signed off", 100, state.ridableFrom());
    }
    int percent = 100 * state.doneSteps().size() / sheet.steps().size();
    String current = state.currentStep();
    String words =
        current == null
            ? ""
            : sheet.step(current).map(s -> s.group() + ": " + s.title()).orElse("");
    return new Progress(Station.BENCH, words, percent, state.ridableFrom());
  }
}
