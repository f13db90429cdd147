package app.unimetric.server.calendar;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A calendar somebody subscribed to; its address is known to nobody here.
 *
 * @param name whose calendar it is for
 * @param lastReadAt null while nobody has
 */
record Feed(
    UUID id,
    String name,
    String madeBy,
    UUID madeById,
    Instant madeAt,
    @Nullable Instant lastReadAt) {}
