package app.unimetric.server.job;

import java.time.Instant;
import java.util.UUID;

/**
 * A job as stored.
 *
 * @param number as people call it
 * @param pack its own copy of the pack document, JSON
 * @param version raised with every decision
 */
public record Job(
    UUID id,
    int number,
    UUID machineId,
    String title,
    String pack,
    String createdBy,
    Instant createdAt,
    int version) {}
