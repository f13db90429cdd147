package app.unimetric.server.crib;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A line of a sheet of tools that brings something.
 *
 * @param cells as written, JSON
 * @param replaces the tool it changes; null for a new one
 * @param before the tool as it was before it was changed, JSON
 */
record ToolSheetRow(long line, String cells, @Nullable UUID replaces, @Nullable String before) {}
