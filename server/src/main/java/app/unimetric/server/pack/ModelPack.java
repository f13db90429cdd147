package app.unimetric.server.pack;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The shop's own pack for a make, model and years.
 *
 * @param baseKey of the catalogue's pack it began from, or its own where it began from nothing
 * @param document as it was last done there, JSON
 * @param catalogue the catalogue's document of that day, JSON; null where it began from nothing
 * @param answers to the questions of the job, JSON
 * @param confirmedBy the lead who confirmed it; null while it is its writer's alone
 */
public record ModelPack(
    UUID id,
    String baseKey,
    String make,
    String model,
    int yearFrom,
    int yearTo,
    String document,
    @Nullable String catalogue,
    String answers,
    String saidBy,
    UUID saidById,
    Instant saidAt,
    @Nullable String confirmedBy) {}
