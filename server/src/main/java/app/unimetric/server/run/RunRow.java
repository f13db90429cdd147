package app.unimetric.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A run as stored.
 *
 * @param sheet document with its version, JSON
 * @param startedBy name of that day
 * @param startedById null where only the name is known
 */
record RunRow(
    UUID jobId, String sheet, String startedBy, @Nullable UUID startedById, Instant startedAt) {}
