package app.unimetric.server.event;

import java.time.Instant;
import java.util.UUID;

/**
 * A torque tool was pulled once at the bench.
 *
 * @param entryId the entry that says so
 * @param toolId of the crib
 * @param at when it was done
 */
public record ToolUsed(UUID entryId, UUID toolId, Instant at) {}
