package app.unimetric.server.log;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A signed record as lists show it, without its document.
 *
 * @param readings torques that count; null where they were not counted yet
 * @param deviations of them, those outside their band
 * @param corrections entries that correct earlier ones
 */
record ListedRecord(
    UUID jobId,
    int number,
    String title,
    UUID machineId,
    String machineName,
    String machineModel,
    String signedBy,
    Instant signedAt,
    @Nullable Integer readings,
    @Nullable Integer deviations,
    @Nullable Integer corrections) {

  /** The same once it was counted. */
  ListedRecord counted(RecordCount c) {
    return new ListedRecord(
        jobId,
        number,
        title,
        machineId,
        machineName,
        machineModel,
        signedBy,
        signedAt,
        c.readings(),
        c.deviations(),
        c.corrections());
  }
}
