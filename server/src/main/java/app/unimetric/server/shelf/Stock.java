package app.unimetric.server.shelf;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.surface.ProductSheet;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What lies on the shelf, what it costs, and what comes and goes. */
@Service
public class Stock {
  private static final int LONGEST = 200;
  private static final int SHORT = 60;
  private static final int MOST_PIECES = 10_000;
  private final ShelfMapper mapper;
  private final Settings settings;

  Stock(ShelfMapper mapper, Settings settings) {
    this.mapper = mapper;
    this.settings = settings;
  }

  /**
   * What a part is ordered by.
   *
   * @param size such as M8 × 25; empty leaves it
   * @param strength its class; empty leaves it
   * @param orderNumber empty leaves it
   */
  public record Known(String size, String strength, String orderNumber) {
    /** Nothing is said of it. */
    public static final Known NOTHING = new Known("", "", "");
  }

  /** The shelf as the planner sees it. */
  public Shelf shelf() {
    return new Shelf(
        mapper.products().stream().map(ProductRow::product).toList(),
        mapper.parts().stream()
            .map(p -> new Shelf.Part(p.name(), Math.max(0, p.pieces())))
            .toList(),
        settings.current().settings().benchC());
  }

  List<ProductRow> products() {
    return mapper.products();
  }

  public List<PartRow> parts() {
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

  /** Size, strength and order number of a part, where they are known. */
  public String orderedAs(String part) {
    return mapper.parts().stream()
        .filter(p -> p.name().equals(part))
        .flatMap(p -> Stream.of(p.size(), p.strength(), p.orderNumber()))
        .filter(words -> !words.isEmpty())
        .collect(Collectors.joining(", "));
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
            product.data().equals(ProductSheet.SILENT) || !product.sheet().isBlank(),
            "sheet",
            "is missing: say which data sheet states this.")
        .require(
            product.data().times().isEmpty() || product.compound().isAnaerobic(),
            "times",
            "are stated, but this kind does not set.");
    problems.under("", product::product);
    problems.orThrow();
    mapper.addProduct(product);
  }

  /** A bottle was opened; opened before, it stays so. */
  void open(UUID id, LocalDate on) {
    mapper.open(id, on);
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
      Known known,
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
            Math.abs(pieces) <= MOST_PIECES
                && (pieces != 0 || price != null || !known.equals(Known.NOTHING)),
            "pieces",
            "must be a whole number from 1 to 10 000, with a minus to take some off.")
        .require(why.length() <= LONGEST, "why", "is longer than 200 characters.")
        .require(known.size().length() <= SHORT, "size", "is longer than 60 characters.")
        .require(known.strength().length() <= SHORT, "strength", "is longer than 60 characters.")
        .require(
            known.orderNumber().length() <= SHORT, "orderNumber", "is longer than 60 characters.")
        .orThrow();
    String name = part.strip();
    mapper.name(name);
    mapper.lock(name);
    int there = mapper.pieces(name);
    new Problems()
        .require(there + pieces >= 0, "pieces", "takes off more than the " + there + " there are.")
        .orThrow();
    if (price != null) {
      mapper.price(name, price);
    }
    mapper.known(name, known.size(), known.strength(), known.orderNumber());
    if (pieces != 0) {
      mapper.move(id, name, pieces, why, by, at);
    }
  }

  /** Takes off what a signed job used, as far as it is there. */
  @EventListener
  void use(SignedOff signed) {
    for (OneTimePart part : signed.pack().oneTimeParts()) {
      mapper.name(part.name());
      mapper.lock(part.name());
      int taken = Math.min(part.count(), mapper.pieces(part.name()));
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
