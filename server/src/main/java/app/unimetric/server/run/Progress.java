package app.unimetric.server.run;

import app.unimetric.core.bench.RunState;
import app.unimetric.server.job.Job;
import java.time.Instant;
import java.util.Optional;
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

  /** Where a run stands; empty for a job not started. */
  public static Progress of(Job job, Optional<RunLog.Run> started) {
    Progress reached = of(started);
    return job.cancelled()
        ? new Progress(reached.station(), "Cancelled", reached.percent(), null)
        : reached;
  }

  private static Progress of(Optional<RunLog.Run> started) {
    if (started.isEmpty()) {
      return new Progress(Station.PLAN, "Not started", 0, null);
    }
    RunLog.Run run = started.get();
    RunState state = run.state();
    if (state.signedOff()) {
      return new Progress(Station.RECORD, "Signed off", 100, state.ridableFrom());
    }
    int percent = 100 * state.doneSteps().size() / run.sheet().steps().size();
    String current = state.currentStep();
    String words =
        current == null
            ? ""
            : run.sheet().step(current).map(s -> s.group() + ": " + s.title()).orElse("");
    return new Progress(Station.BENCH, words, percent, state.ridableFrom());
  }
}
