package app.unimetric.server.bring;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A sheet brought in.
 *
 * @param name of the file
 * @param takenFor encoding and separator it was read with, in words
 * @param settledBy who accepted, undid or dropped it last
 */
public record BroughtSheet(
    UUID id,
    SheetKind kind,
    String name,
    String takenFor,
    State state,
    String saidBy,
    Instant saidAt,
    @Nullable String settledBy,
    @Nullable Instant settledAt) {

  /** How far it is. */
  public enum State {
    LOOKED_AT,
    ACCEPTED,
    UNDONE,
    DROPPED
  }
}
