package app.unimetric.server.fit;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A kept fit as it is stored. */
record KeptFitRow(
    UUID id,
    Taken taken,
    String document,
    String note,
    @Nullable UUID jobId,
    @Nullable String question,
    String saidBy,
    Instant saidAt) {}
