package app.unimetric.server.shelf;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.problem.Refusal;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies on the shelf, what it costs, and what comes and goes. */
@Service
public class Stock {
  private static final int LONGEST = 200;
  private static final int MOST_PIECES = 10_000;
  private final ShelfMapper mapper;

  Stock(ShelfMapper mapper) {
    this.mapper = mapper;
  }

  /** The shelf as the planner sees it. */
  public Shelf shelf() {
    return new Shelf(
        mapper.products().stream().map(ProductRow::product).toList(),
        mapper.parts().stream()
            .map(p -> new Shelf.Part(p.name(), Math.max(0, p.pieces())))
            .toList());
  }

  List<ProductRow> products() {
    return mapper.products();
  }

  List<PartRow> parts() {
    return mapper.parts();
  }

  /** Prices of single pieces, where they were entered. */
  public Map<String, BigDecimal> prices() {
    Map<String, BigDecimal> prices = new LinkedHashMap<>();
    for (PartRow part : mapper.parts()) {
      BigDecimal price = part.price();
      if (price != null) {
        prices.put(part.name(), price);
      }
    }
    return prices;
  }

  public @Nullable BigDecimal ratePerHour() {
    return mapper.rate();
  }

  public void setRate(UUID id, BigDecimal perHour, Instant at, Signature by) {
    mapper.setRate(id, perHour, by, at);
  }

  /** Puts a product on the shelf; a resend changes nothing. */
  public void add(ProductRow product) {
    Problems problems = new Problems();
    named(problems, product.name(), "name");
    problems
        .require(product.lot().length() <= LONGEST, "lot", "is longer than 200 characters.")
        .require(product.sheet().length() <= LONGEST, "sheet", "is longer than 200 characters.")
        .require(
            product.fixtureMinutes() == null && product.fullCureMinutes() == null
                || !product.sheet().isBlank(),
            "sheet",
            "is missing: say which data sheet states these times.");
    problems.under("", product::product);
    problems.orThrow();
    mapper.addProduct(product);
  }

  void throwAway(UUID id, Instant at, Signature by) {
    if (mapper.throwAway(id, by, at) == 0) {
      throw Refusal.notFound("This product");
    }
  }

  /**
   * Puts pieces of a part on the shelf or takes some off; a resend changes nothing.
   *
   * @param pieces negative to take off
   * @param price of one; null leaves it
   */
  @Transactional
  public void move(
      UUID id,
      String part,
      int pieces,
      @Nullable BigDecimal price,
      String why,
      Instant at,
      Signature by) {
    if (mapper.movedBefore(id)) {
      return;
    }
    Problems problems = new Problems();
    named(problems, part, "name");
    problems
        .require(
            Math.abs(pieces) <= MOST_PIECES && (pieces != 0 || price != null),
            "pieces",
            "must be a whole number from 1 to 10 000, with a minus to take some off.")
        .require(why.length() <= LONGEST, "why", "is longer than 200 characters.")
        .orThrow();
    String name = part.strip();
    mapper.name(name);
    int there = mapper.lockPieces(name);
    new Problems()
        .require(there + pieces >= 0, "pieces", "takes off more than the " + there + " there are.")
        .orThrow();
    if (price != null) {
      mapper.price(name, price);
    }
    if (pieces != 0) {
      mapper.move(id, name, pieces, why, by, at);
    }
  }

  /** Takes off what a signed job used, as far as it is there. */
  @EventListener
  void use(SignedOff signed) {
    for (OneTimePart part : signed.pack().oneTimeParts()) {
      mapper.name(part.name());
      int taken = Math.min(part.count(), mapper.lockPieces(part.name()));
      if (taken > 0) {
        mapper.move(
            UUID.randomUUID(),
            part.name(),
            -taken,
            "used in job " + signed.number(),
            signed.by(),
            signed.at());
      }
    }
  }

  private static void named(Problems problems, String name, String field) {
    problems.require(
        !name.isBlank() && name.length() <= LONGEST, field, "must have 1 to 200 characters.");
  }
}
