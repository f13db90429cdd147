package app.unimetric.server.sheet;

import app.unimetric.documents.sheet.SheetSaying;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry of a sheet's log as stored.
 *
 * @param document JSON with its version
 * @param saidBy name of that day
 * @param saidById null where only the name is known
 */
record SheetRow(
    UUID id,
    SheetSaying.Kind kind,
    String document,
    String saidBy,
    @Nullable UUID saidById,
    Instant saidAt) {}
