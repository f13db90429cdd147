package app.unimetric.server.shelf;

import app.unimetric.core.plan.JobCost;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.MinutesText;
import app.unimetric.core.surface.Compound;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The shelf: products, parts, and the workshop's rate. */
@RestController
class ShelfController {
  private final Stock stock;
  private final Clock clock;

  ShelfController(Stock stock, Clock clock) {
    this.stock = stock;
    this.clock = clock;
  }

  /**
   * A product on the shelf.
   *
   * @param cures whether it sets at all
   * @param expired whether it is past its date today
   */
  record ShelfProduct(ProductRow product, String words, boolean cures, boolean expired) {}

  /** A kind of product that can be put on the shelf. */
  record CompoundKind(Compound code, String words, boolean cures) {}

  record ShelfPage(
      List<ShelfProduct> products,
      List<PartRow> parts,
      List<CompoundKind> kinds,
      @Nullable BigDecimal ratePerHour) {}

  /**
   * @param id made by the sender
   * @param fixture time with its unit as the data sheet prints it; may be empty
   * @param fullCure likewise
   */
  record NewProduct(
      UUID id,
      String name,
      Compound compound,
      String fixture,
      String fullCure,
      @Nullable LocalDate expiresOn,
      String lot,
      String sheet) {}

  /**
   * @param id made by the sender
   * @param pieces put on, or taken off when negative
   * @param price of one as typed; empty leaves it
   */
  record PartMove(UUID id, String name, int pieces, String price, String why) {}

  /**
   * @param id made by the sender
   * @param perHour as typed
   */
  record NewRate(UUID id, String perHour) {}

  @GetMapping("/api/shelf")
  ShelfPage shelf() {
    LocalDate today = LocalDate.now(clock);
    return new ShelfPage(
        stock.products().stream()
            .map(
                p ->
                    new ShelfProduct(
                        p,
                        p.compound().words(),
                        p.compound().isAnaerobic(),
                        p.product().expired(today)))
            .toList(),
        stock.parts(),
        Arrays.stream(Compound.values())
            .filter(c -> c != Compound.CLEAN_DRY)
            .map(c -> new CompoundKind(c, c.words(), c.isAnaerobic()))
            .toList(),
        stock.ratePerHour());
  }

  @PostMapping("/api/shelf/products")
  ShelfPage add(@RequestBody NewProduct p, @AuthenticationPrincipal SignedIn person) {
    Problems problems = new Problems();
    Double fixture = problems.under("", () -> minutes(p.fixture(), "fixture"));
    Double fullCure = problems.under("", () -> minutes(p.fullCure(), "fullCure"));
    problems.orThrow();
    stock.add(
        new ProductRow(
            p.id(),
            p.name().strip(),
            p.compound(),
            none(fixture),
            none(fullCure),
            p.expiresOn(),
            p.lot().strip(),
            p.sheet().strip(),
            person.name(),
            person.id(),
            clock.instant()));
    return shelf();
  }

  private static Double minutes(String typed, String field) {
    return typed.isBlank() ? Double.NaN : (Double) MinutesText.parse(typed, field);
  }

  private static @Nullable Double none(@Nullable Double minutes) {
    return minutes == null || minutes.isNaN() ? null : minutes;
  }

  @PostMapping("/api/shelf/products/{id}/gone")
  ShelfPage gone(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    stock.throwAway(id, clock.instant(), person.signature());
    return shelf();
  }

  @PostMapping("/api/shelf/parts")
  ShelfPage move(@RequestBody PartMove m, @AuthenticationPrincipal SignedIn person) {
    stock.move(
        m.id(),
        m.name(),
        m.pieces(),
        m.price().isBlank() ? null : JobCost.amount(m.price(), "price"),
        m.why().strip(),
        clock.instant(),
        person.signature());
    return shelf();
  }

  @PostMapping("/api/shelf/rate")
  ShelfPage rate(@RequestBody NewRate r, @AuthenticationPrincipal SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead sets the workshop's rate.");
    }
    stock.setRate(
        r.id(), JobCost.amount(r.perHour(), "perHour"), clock.instant(), person.signature());
    return shelf();
  }
}
