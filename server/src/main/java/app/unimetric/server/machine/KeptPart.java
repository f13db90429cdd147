package app.unimetric.server.machine;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A part that came off a machine.
 *
 * @param massG as weighed, g; null when nobody did
 * @param instead what was fitted in its place; null when nobody said
 * @param insteadMassG of that one
 * @param insteadJobId the job that fitted that one; null when none did
 * @param place where it lies; empty once it is gone
 * @param gone whether it is no longer kept: back on the machine, sold or scrapped
 */
public record KeptPart(
    UUID id,
    String name,
    @Nullable Double massG,
    @Nullable String instead,
    @Nullable Double insteadMassG,
    @Nullable UUID insteadJobId,
    String place,
    boolean gone,
    String saidBy,
    Instant saidAt) {}
