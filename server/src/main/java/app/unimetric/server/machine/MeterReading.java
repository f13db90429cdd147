package app.unimetric.server.machine;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A reading of a machine's meter, km or h. */
public record MeterReading(
    UUID id, double figure, Instant readAt, String readBy, @Nullable UUID readById) {}
