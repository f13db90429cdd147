package app.unimetric.server.log;

import java.time.Instant;
import java.util.UUID;

/** A signed record as stored; the as-built document is JSON. */
record RecordRow(
    UUID jobId,
    int number,
    String title,
    UUID machineId,
    String machineName,
    String machineModel,
    String signedBy,
    Instant signedAt,
    String asBuilt) {}
