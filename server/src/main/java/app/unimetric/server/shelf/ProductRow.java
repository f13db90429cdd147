package app.unimetric.server.shelf;

import app.unimetric.core.plan.Shelf;
import app.unimetric.core.surface.Compound;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A product on the shelf.
 *
 * @param sheet where its times stand
 */
public record ProductRow(
    UUID id,
    String name,
    Compound compound,
    @Nullable Double fixtureMinutes,
    @Nullable Double fullCureMinutes,
    @Nullable LocalDate expiresOn,
    String lot,
    String sheet,
    String addedBy,
    @Nullable UUID addedById,
    Instant addedAt) {

  Shelf.Product product() {
    return new Shelf.Product(name, compound, fixtureMinutes, fullCureMinutes, expiresOn);
  }
}
