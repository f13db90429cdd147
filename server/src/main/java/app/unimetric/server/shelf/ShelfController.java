package app.unimetric.server.shelf;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.LeftEmpty;
import app.unimetric.core.quantity.MinutesText;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CureTimes;
import app.unimetric.core.surface.ProductSheet;
import app.unimetric.core.table.CellText;
import app.unimetric.documents.settings.Right;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.settings.Settings;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
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
  private static final int MOST_ROWS = 12;
  private final Stock stock;
  private final Settings settings;
  private final Clock clock;

  ShelfController(Stock stock, Settings settings, Clock clock) {
    this.stock = stock;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * A product on the shelf.
   *
   * @param cures whether it sets at all
   * @param times each row of its sheet in words
   * @param goodUntil by its date or since it was opened; missing when nothing says
   * @param expired whether it is past that today
   * @param says what else its sheet says, in words
   */
  record ShelfProduct(
      ProductRow product,
      String words,
      boolean cures,
      List<CureRow> times,
      @Nullable LocalDate goodUntil,
      boolean expired,
      List<String> says) {}

  /**
   * Times on a metal at a temperature.
   *
   * @param on in words
   */
  record CureRow(String on, @Nullable Double fixtureMinutes, @Nullable Double fullCureMinutes) {}

  /** A material, and whether products can set on it. */
  record ShelfMaterial(Material code, String words, boolean isMetal) {}

  /** A kind of product that can be put on the shelf. */
  record CompoundKind(Compound code, String words, boolean cures) {}

  record ShelfPage(
      List<ShelfProduct> products,
      List<PartRow> parts,
      List<CompoundKind> kinds,
      List<ShelfMaterial> materials,
      @Nullable BigDecimal ratePerHour) {}

  /**
   * Times on a metal at a temperature, as typed.
   *
   * @param metal missing for all
   * @param atC °C; empty where the sheet names none
   * @param fixture time with its unit as the data sheet prints it; may be empty
   * @param fullCure likewise
   */
  record CureFields(@Nullable Material metal, String atC, String fixture, String fullCure) {}

  /**
   * @param id made by the sender
   * @param times rows of its data sheet
   * @param breakaway torque with its unit; empty when not stated, as all below
   * @param gapMm widest gap it fills
   * @param hottestC highest temperature in use
   * @param openedOn missing while it is closed
   * @param monthsOpen how long it keeps once opened
   */
  record NewProduct(
      UUID id,
      String name,
      Compound compound,
      List<CureFields> times,
      String breakaway,
      String gapMm,
      String hottestC,
      List<Material> notFor,
      @Nullable LocalDate expiresOn,
      @Nullable LocalDate openedOn,
      String monthsOpen,
      String lot,
      String sheet) {}

  /**
   * @param id made by the sender
   * @param pieces put on, or taken off when negative
   * @param price of one as typed; empty leaves it
   * @param size empty leaves it, as all below
   */
  record PartMove(
      UUID id,
      String name,
      int pieces,
      String price,
      String size,
      String strength,
      String orderNumber,
      String why) {}

  /**
   * @param id made by the sender
   * @param perHour as typed
   */
  record NewRate(UUID id, String perHour) {}

  @GetMapping("/api/shelf")
  ShelfPage shelf() {
    LocalDate today = LocalDate.now(clock);
    return new ShelfPage(
        stock.products().stream().map(p -> shown(p, today)).toList(),
        stock.parts(),
        Arrays.stream(Compound.values())
            .filter(c -> c != Compound.CLEAN_DRY)
            .map(c -> new CompoundKind(c, c.words(), c.isAnaerobic()))
            .toList(),
        Arrays.stream(Material.values())
            .map(m -> new ShelfMaterial(m, m.words(), m.isMetal()))
            .toList(),
        stock.ratePerHour());
  }

  private static ShelfProduct shown(ProductRow p, LocalDate today) {
    return new ShelfProduct(
        p,
        p.compound().words(),
        p.compound().isAnaerobic(),
        p.data().times().stream()
            .map(t -> new CureRow(t.on(), t.fixtureMinutes(), t.fullCureMinutes()))
            .toList(),
        p.product().goodUntil(),
        p.product().expired(today),
        p.data().says());
  }

  @PostMapping("/api/shelf/products")
  ShelfPage add(@RequestBody NewProduct p, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_SHELF, person.isLead());
    stock.add(
        new ProductRow(
            p.id(),
            p.name().strip(),
            p.compound(),
            data(p),
            p.expiresOn(),
            p.openedOn(),
            p.monthsOpen().isBlank()
                ? null
                : (Integer) CellText.count(p.monthsOpen(), "monthsOpen"),
            p.lot().strip(),
            p.sheet().strip(),
            person.name(),
            person.id(),
            clock.instant()));
    return shelf();
  }

  private static ProductSheet data(NewProduct p) {
    Problems problems = new Problems();
    problems.require(p.times().size() <= MOST_ROWS, "times", "hold more than 12 rows.");
    List<CureTimes> times = new ArrayList<>();
    for (int i = 0; i < Math.min(p.times().size(), MOST_ROWS); i++) {
      CureFields row = p.times().get(i);
      String at = "times[" + i + "]";
      problems.require(row != null, at, "is missing; leave the row out.");
      CureTimes read = row == null ? null : problems.under(at, () -> times(row));
      if (read != null && (read.fixtureMinutes() != null || read.fullCureMinutes() != null)) {
        times.add(read);
      }
    }
    Double breaks = problems.under("", () -> breakaway(p.breakaway()));
    Double gap = problems.under("", () -> figure(p.gapMm(), "gapMm"));
    Double hottest = problems.under("", () -> figure(p.hottestC(), "hottestC"));
    problems.orThrow();
    return new ProductSheet(
        times,
        LeftEmpty.none(breaks),
        LeftEmpty.none(gap),
        LeftEmpty.none(hottest),
        Set.copyOf(p.notFor()));
  }

  private static CureTimes times(CureFields row) {
    Problems problems = new Problems();
    Double fixture = problems.under("", () -> minutes(row.fixture(), "fixture"));
    Double fullCure = problems.under("", () -> minutes(row.fullCure(), "fullCure"));
    Double at = problems.under("", () -> figure(row.atC(), "atC"));
    problems.orThrow();
    return new CureTimes(
        row.metal(), LeftEmpty.none(at), LeftEmpty.none(fixture), LeftEmpty.none(fullCure));
  }

  private static Double breakaway(String typed) {
    if (typed.isBlank()) {
      return Double.NaN;
    }
    try {
      TorqueBand band = TorqueText.parse(typed).statedNm();
      if (band == null) {
        throw InvalidInput.at("breakaway", "is no torque; type a figure such as 18 Nm.");
      }
      return band.maxNm();
    } catch (InvalidInput e) {
      throw InvalidInput.at("breakaway", e.problems().get(0).message());
    }
  }

  private static Double figure(String typed, String field) {
    return LeftEmpty.or(typed, () -> DecimalText.parse(typed, field));
  }

  private static Double minutes(String typed, String field) {
    return LeftEmpty.or(typed, () -> MinutesText.parse(typed, field));
  }

  @PostMapping("/api/shelf/products/{id}/gone")
  ShelfPage gone(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_SHELF, person.isLead());
    stock.throwAway(id, clock.instant(), person.signature());
    return shelf();
  }

  @PostMapping("/api/shelf/products/{id}/opening")
  ShelfPage open(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_SHELF, person.isLead());
    stock.open(id, LocalDate.now(clock));
    return shelf();
  }

  @PostMapping("/api/shelf/parts")
  ShelfPage move(@RequestBody PartMove m, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_SHELF, person.isLead());
    stock.move(
        m.id(),
        m.name(),
        m.pieces(),
        m.price().isBlank() ? null : JobCost.amount(m.price(), "price"),
        new Stock.Known(m.size().strip(), m.strength().strip(), m.orderNumber().strip()),
        m.why().strip(),
        clock.instant(),
        person.signature());
    return shelf();
  }

  @PostMapping("/api/shelf/rate")
  ShelfPage rate(@RequestBody NewRate r, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.SET_RATE, person.isLead());
    stock.setRate(
        r.id(), JobCost.amount(r.perHour(), "perHour"), clock.instant(), person.signature());
    return shelf();
  }
}
