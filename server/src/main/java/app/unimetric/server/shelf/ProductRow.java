package app.unimetric.server.shelf;

import app.unimetric.core.plan.Shelf;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.ProductSheet;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A product on the shelf.
 *
 * @param data what its own sheet says
 * @param expiresOn printed on it; null when nothing is
 * @param openedOn null while it is closed
 * @param monthsOpen how long it keeps once opened; null when its sheet does not say
 * @param sheet where what is said of it stands
 */
public record ProductRow(
    UUID id,
    String name,
    Compound compound,
    ProductSheet data,
    @Nullable LocalDate expiresOn,
    @Nullable LocalDate openedOn,
    @Nullable Integer monthsOpen,
    String lot,
    String sheet,
    String addedBy,
    @Nullable UUID addedById,
    Instant addedAt) {

  Shelf.Product product() {
    return new Shelf.Product(name, compound, data, expiresOn, openedOn, monthsOpen, lot);
  }
}
