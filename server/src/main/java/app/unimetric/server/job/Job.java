package app.unimetric.server.job;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A job as stored.
 *
 * @param number as people call it
 * @param pack its own copy of the pack document, JSON
 * @param createdBy name of that day
 * @param createdById null for jobs of whom only the name is known
 * @param cancelled whether it was said that it is not done, or not done further
 * @param modelPackId the shop's own pack it was opened with; null where it was the catalogue's
 * @param version raised with everything said on its sheet that two may say at once
 */
public record Job(
    UUID id,
    int number,
    UUID machineId,
    String title,
    String pack,
    String createdBy,
    @Nullable UUID createdById,
    Instant createdAt,
    boolean cancelled,
    @Nullable UUID modelPackId,
    int version) {}
