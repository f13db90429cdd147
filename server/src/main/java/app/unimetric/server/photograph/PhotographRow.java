package app.unimetric.server.photograph;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.photograph.Photograph;
import java.time.Instant;
import java.util.UUID;

/**
 * A photograph as stored, without its bytes.
 *
 * @param sentSha256 of what the device sent
 */
record PhotographRow(
    UUID id,
    UUID jobId,
    String stepId,
    String words,
    String takenBy,
    UUID takenById,
    boolean byLead,
    Instant doneAt,
    Instant receivedAt,
    long deviceAheadSeconds,
    String sentSha256,
    String sha256,
    int widthPx,
    int heightPx) {

  Photograph photograph() {
    return new Photograph(
        id,
        stepId,
        words,
        new Signature(takenById, takenBy, byLead),
        new EntryTime(doneAt, receivedAt, deviceAheadSeconds),
        sha256,
        widthPx,
        heightPx);
  }
}
