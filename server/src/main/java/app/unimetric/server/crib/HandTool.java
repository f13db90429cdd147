package app.unimetric.server.crib;

import app.unimetric.core.problem.Problems;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A key, socket or special tool as somebody said it is in the crib, or no longer. */
public record HandTool(
    UUID id, String name, boolean here, String saidBy, @Nullable UUID saidById, Instant saidAt) {
  private static final int LONGEST_NAME = 200;

  public HandTool {
    new Problems()
        .require(
            !name.isBlank() && name.length() <= LONGEST_NAME,
            "name",
            "must be 1 to 200 characters.")
        .orThrow();
  }
}
