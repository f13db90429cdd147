package app.unimetric.server.job;

import app.unimetric.core.plan.FitAnswer;
import java.time.Instant;
import java.util.UUID;

/** An answer to a question of fit, as written down. */
record Fit(
    UUID id, String question, boolean fits, String note, String answeredBy, Instant answeredAt) {
  FitAnswer answer() {
    return new FitAnswer(question, fits, note, answeredBy);
  }
}
