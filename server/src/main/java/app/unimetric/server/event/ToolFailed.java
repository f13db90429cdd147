package app.unimetric.server.event;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A torque tool turned out to be astray, or was harmed. Published within the transaction that wrote
 * it down.
 *
 * @param name of the tool
 * @param why it is out, in words
 * @param lastGood when it was last known to be good; null when never
 * @param entryIds what was done with it at the bench since
 */
public record ToolFailed(
    UUID toolId,
    String name,
    String why,
    @Nullable Instant lastGood,
    List<UUID> entryIds,
    Instant at) {
  public ToolFailed {
    entryIds = List.copyOf(entryIds);
  }
}
