package app.unimetric.server.log;

import java.time.Instant;
import java.util.UUID;

/** A cancelled job as stored; the document says why. */
record CancelledRow(
    UUID jobId,
    int number,
    String title,
    String machineName,
    String machineModel,
    String cancelledBy,
    Instant cancelledAt,
    String document) {}
