package app.unimetric.server.crib;

import app.unimetric.core.tool.ToolEntry;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry of a tool's log as stored.
 *
 * @param measured what was typed, JSON
 */
public record ToolEntryRow(
    UUID id,
    UUID toolId,
    ToolEntry.Kind kind,
    LocalDate happenedOn,
    boolean passed,
    String words,
    String measured,
    String saidBy,
    @Nullable UUID saidById,
    Instant saidAt) {

  ToolEntry entry() {
    return new ToolEntry(kind, happenedOn, saidAt, passed, words);
  }
}
