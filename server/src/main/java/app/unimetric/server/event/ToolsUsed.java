package app.unimetric.server.event;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** Torque tools were pulled at the bench, in this order. */
public record ToolsUsed(List<Use> uses) {
  /** Cannot be changed afterwards. */
  public ToolsUsed {
    uses = List.copyOf(uses);
  }

  /**
   * One pull.
   *
   * @param entryId the entry that says so
   * @param toolId of the crib
   * @param at when it was done
   */
  public record Use(UUID entryId, UUID toolId, Instant at) {}
}
