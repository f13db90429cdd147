package app.unimetric.server.fit;

import app.unimetric.core.pack.FitCall;
import app.unimetric.core.plan.WorkedFit;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A fit that was kept.
 *
 * @param fit what it came to that day
 * @param call the name of the calculation, as in its address
 * @param what it is, in words
 * @param jobId the job it was measured for; null where none
 * @param question what of that job it answered; null where nothing was asked
 */
public record KeptFit(
    UUID id,
    Taken taken,
    WorkedFit fit,
    String call,
    String what,
    String note,
    @Nullable UUID jobId,
    @Nullable String question,
    String by,
    Instant at) {
  static KeptFit of(KeptFitRow row, WorkedFit fit) {
    FitCall call = fit.call();
    return new KeptFit(
        row.id(),
        row.taken(),
        fit,
        call.call(),
        call.words(),
        row.note(),
        row.jobId(),
        row.question(),
        row.saidBy(),
        row.saidAt());
  }
}
