package app.unimetric.server.event;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.UUID;

/**
 * Stated values came, or others took their place. Published within the transaction that wrote them
 * down.
 *
 * @param models whose, in small letters
 * @param gone values that hold no longer, each with the reason
 */
public record ValuesChanged(Set<Model> models, Map<UUID, String> gone, Instant at, Signature by) {
  /** A make and model in small letters. */
  public record Model(String make, String model) {}

  public ValuesChanged {
    models = Set.copyOf(models);
    gone = Map.copyOf(gone);
  }
}
