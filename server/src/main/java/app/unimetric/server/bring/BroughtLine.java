package app.unimetric.server.bring;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A line of a sheet, as it was judged.
 *
 * @param line in the file, from 1
 * @param cells as written, by column, JSON
 * @param read what it was read as, JSON; null when refused
 * @param said what is to be said of it, JSON
 * @param replaces what it changes
 */
public record BroughtLine(
    long line,
    String cells,
    @Nullable String read,
    Standing standing,
    String said,
    @Nullable UUID replaces) {}
