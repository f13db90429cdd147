package app.unimetric.server.machine;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something fitted to a machine.
 *
 * @param jobId the job that did it; null when it was written down by hand
 * @param massG as weighed, g; null when nobody did
 */
public record FittedPart(
    UUID id,
    @Nullable UUID jobId,
    String name,
    @Nullable Double massG,
    LocalDate fittedOn,
    @Nullable String saidBy) {}
