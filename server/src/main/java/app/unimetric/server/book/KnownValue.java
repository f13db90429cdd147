package app.unimetric.server.book;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.stated.Source;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stated value of a model.
 *
 * @param place of the joint, as all jobs call it
 * @param thread it was stated for
 * @param typed as it stands there, with its unit
 * @param jobId the job it was looked up for
 * @param saidBy name of that day
 */
public record KnownValue(
    UUID id,
    String place,
    String thread,
    String typed,
    Source source,
    String document,
    FrictionCondition condition,
    @Nullable UUID jobId,
    String saidBy,
    UUID saidById,
    Instant saidAt) {

  /** What it says, whoever wrote it down and when. */
  record Said(
      String place,
      String thread,
      String typed,
      Source source,
      String document,
      FrictionCondition condition) {}

  Said said() {
    return new Said(place, thread, typed, source, document, condition);
  }
}
