package app.unimetric.server.run;

import java.time.Instant;
import java.util.UUID;

/**
 * A run as stored.
 *
 * @param sheet document with its version, JSON
 * @param startedBy name of that day
 */
record RunRow(UUID jobId, String sheet, String startedBy, UUID startedById, Instant startedAt) {}
