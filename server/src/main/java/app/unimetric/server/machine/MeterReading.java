package app.unimetric.server.machine;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A reading of a machine's meter, km or h.
 *
 * @param corrects the earlier reading that was a slip; null when it corrects none
 * @param reason what was wrong with that one
 */
public record MeterReading(
    UUID id,
    double figure,
    Instant readAt,
    String readBy,
    @Nullable UUID readById,
    @Nullable UUID corrects,
    @Nullable String reason) {}
