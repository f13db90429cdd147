package app.unimetric.server.job;

import java.time.Instant;
import java.util.UUID;

/**
 * A job card that was printed.
 *
 * @param card what it said, as JSON
 */
record Print(UUID id, String card, String printedBy, Instant printedAt) {}
