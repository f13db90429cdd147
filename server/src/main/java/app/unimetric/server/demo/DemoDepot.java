package app.unimetric.server.demo;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.MinutesText;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CureTimes;
import app.unimetric.core.surface.ProductSheet;
import app.unimetric.core.table.CellText;
import app.unimetric.server.bring.BroughtSheets;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.people.People;
import app.unimetric.server.people.Role;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.shelf.ProductRow;
import app.unimetric.server.shelf.Stock;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Fills an empty workshop with the fictional ranger depot; dates are relative to the day of the
 * start.
 */
@Component
@Order(5)
@ConditionalOnProperty("unimetric.demo")
class DemoDepot implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoDepot.class);
  private static final List<String> PACKS =
      List.of("crash-bars-upper", "skid-plate-front", "stem-and-bar");

  private final People people;
  private final Fleet fleet;
  private final Packs packs;
  private final Stock stock;
  private final DemoWork work;
  private final DemoFits fits;
  private final BroughtSheets sheets;
  private final Clock clock;
  private final Map<String, SignedIn> crew = new LinkedHashMap<>();
  private final Map<String, Machine> machines = new LinkedHashMap<>();

  DemoDepot(
      People people,
      Fleet fleet,
      Packs packs,
      Stock stock,
      DemoWork work,
      DemoFits fits,
      BroughtSheets sheets,
      Clock clock) {
    this.people = people;
    this.fleet = fleet;
    this.packs = packs;
    this.stock = stock;
    this.work = work;
    this.fits = fits;
    this.sheets = sheets;
    this.clock = clock;
  }

  /** All of it or nothing: a first start that was cut off begins again. */
  @Override
  @Transactional
  public void run(ApplicationArguments args) {
    if (!people.nobody()) {
      return;
    }
    crew();
    SignedIn asta = person("Asta");
    SignedIn bram = person("Bram");
    SignedIn ilse = person("Ilse");
    PACKS.forEach(
        key ->
            packs.take(
                DemoFile.text("packs/" + key + ".json", today()),
                asta.signature(),
                clock.instant()));
    bring(SheetKind.TOOLS, "tools.csv", 38, asta.signature());
    shelf(asta.signature());
    bring(SheetKind.MACHINES, "machines.csv", 80, bram.signature());
    fleet.search("").forEach(m -> machines.put(m.name(), m));
    meters();
    history(asta, bram, ilse);
    bring(SheetKind.VALUES, "values.csv", 80, asta.signature());
    LOG.info("Demo depot filled: {} machines.", machines.size());
  }

  private void crew() {
    for (Map<String, String> p : DemoFile.lines("people.csv", today())) {
      String pin = cell(p, "pin");
      crew.put(
          cell(p, "name"),
          people.add(
              cell(p, "name"),
              Role.valueOf(cell(p, "role").toUpperCase(Locale.ROOT)),
              cell(p, "password"),
              pin.isEmpty() ? null : pin));
    }
  }

  private SignedIn person(String name) {
    SignedIn found = crew.get(name);
    if (found == null) {
      throw new IllegalArgumentException(name);
    }
    return found;
  }

  private static String cell(Map<String, String> line, String header) {
    return line.getOrDefault(header, "");
  }

  /** A sheet, brought in as any shop does. */
  private void bring(SheetKind kind, String file, int daysAgo, Signature by) {
    UUID sheet = UUID.randomUUID();
    Instant at = at(daysAgo, 6);
    sheets.look(sheet, kind, "depot-" + file, DemoFile.bytes(file, today()), at, by);
    sheets.accept(sheet, true, at, by);
  }

  /** Bottles with the times of their own (invented) sheets; one is past its date. */
  private void shelf(Signature by) {
    for (Map<String, String> p : DemoFile.lines("products.csv", today())) {
      stock.add(
          new ProductRow(
              UUID.randomUUID(),
              cell(p, "name"),
              Compound.valueOf(cell(p, "kind")),
              data(p),
              day(cell(p, "use_before")),
              day(cell(p, "opened")),
              cell(p, "months_open").isEmpty()
                  ? null
                  : (Integer) CellText.count(cell(p, "months_open"), "months_open"),
              cell(p, "lot"),
              cell(p, "sheet"),
              by.name(),
              by.id(),
              at(90, 9)));
    }
    for (Map<String, String> p : DemoFile.lines("parts.csv", today())) {
      stock.move(
          UUID.randomUUID(),
          cell(p, "name"),
          Integer.parseInt(cell(p, "pieces")),
          new BigDecimal(cell(p, "price")),
          new Stock.Known(cell(p, "size"), cell(p, "strength"), cell(p, "order_number")),
          "counted",
          at(90, 9),
          by);
    }
    stock.setRate(UUID.randomUUID(), new BigDecimal("62.00"), at(90, 9), by);
  }

  private static @Nullable LocalDate day(String cell) {
    return cell.isEmpty() ? null : (LocalDate) CellText.day(cell, "day");
  }

  /** Rows of times are apart by bars: metal, temperature, fixture time, full cure. */
  private static ProductSheet data(Map<String, String> p) {
    List<CureTimes> times = new ArrayList<>();
    for (String row : cell(p, "times").split("\\|")) {
      String[] cells = row.split(",", -1);
      if (cells.length == 4) {
        times.add(
            new CureTimes(
                cells[0].isBlank() ? null : Material.valueOf(cells[0].strip()),
                figure(cells[1]),
                minutes(cells[2].strip()),
                minutes(cells[3].strip())));
      }
    }
    Set<Material> notFor =
        Arrays.stream(cell(p, "not_for").split(","))
            .filter(m -> !m.isBlank())
            .map(m -> Material.valueOf(m.strip()))
            .collect(Collectors.toSet());
    return new ProductSheet(
        times,
        figure(cell(p, "breakaway_nm")),
        figure(cell(p, "gap_mm")),
        figure(cell(p, "hottest_c")),
        notFor);
  }

  private static @Nullable Double figure(String cell) {
    return cell.isBlank() ? null : (Double) DecimalText.parse(cell, "figure");
  }

  private static @Nullable Double minutes(String typed) {
    return typed.isEmpty() ? null : (Double) MinutesText.parse(typed, "minutes");
  }

  private void meters() {
    for (Map<String, String> m : DemoFile.lines("meters.csv", today())) {
      fleet.note(
          machineId(cell(m, "machine")),
          Double.parseDouble(cell(m, "reading")),
          at(Integer.parseInt(cell(m, "days_ago")), Integer.parseInt(cell(m, "hour"))),
          person(cell(m, "by")).signature());
    }
  }

  /** Meter readings go on between the jobs, so that each job sees the reading of its day. */
  private void ride(SignedIn by, String name, int daysAgo, double figure) {
    fleet.note(machineId(name), figure, at(daysAgo, 17), by.signature());
  }

  private UUID machineId(String name) {
    Machine machine = machines.get(name);
    if (machine == null) {
      throw new IllegalArgumentException(name);
    }
    return machine.id();
  }

  private void history(SignedIn asta, SignedIn bram, SignedIn ilse) {
    ride(ilse, "Mule 1", 34, 570);
    work.whole(machineId("Mule 1"), "skid-plate-front", ilse, asta, at(34, 8), List.of());
    ride(ilse, "Mule 1", 2, 612);
    ride(ilse, "Haul 1", 27, 2_010);
    work.whole(machineId("Haul 1"), "stem-and-bar", bram, asta, at(27, 9), List.of());
    fits.stem(machineId("Haul 1"), bram.signature(), at(27, 8));
    ride(ilse, "Haul 1", 1, 2_240);
    fits.rotor(machineId("Gravel 1"), ilse.signature(), at(3, 15));
    ride(ilse, "Patrol 2", 9, 21_640);
    work.whole(
        machineId("Patrol 2"),
        "crash-bars-upper",
        bram,
        asta,
        at(9, 8),
        List.of(
            new DemoWork.Decided(
                "hanger-clamp",
                DocumentedValue.idInPack(0),
                null,
                "The hanger bolt is the vehicle's own; its manual holds."),
            new DemoWork.Decided(
                "tank-stay",
                DocumentedValue.idInPack(0),
                null,
                "88 on the sheet is in·lbf; the stamp says 10 N·m.")));
    ride(ilse, "Patrol 2", 1, 21_950);
    for (String name : List.of("Patrol 1", "Patrol 3", "Trail 1", "Mule 2", "Haul 2", "Gravel 1")) {
      double now =
          Map.of(
                  "Patrol 1",
                  18_420.0,
                  "Patrol 3",
                  6_310.0,
                  "Trail 1",
                  9_120.0,
                  "Mule 2",
                  388.0,
                  "Haul 2",
                  1_870.0,
                  "Gravel 1",
                  3_405.0)
              .getOrDefault(name, 0.0);
      ride(ilse, name, 1, now);
    }
    work.whole(
        machineId("Mule 2"),
        "skid-plate-front",
        ilse,
        asta,
        clock.instant().minus(Duration.ofHours(3)),
        List.of());
    work.begun(
        machineId("Gravel 1"), "stem-and-bar", ilse, clock.instant().minus(Duration.ofMinutes(50)));
    work.opened(
        machineId("Patrol 3"),
        "crash-bars-upper",
        bram,
        clock.instant().minus(Duration.ofMinutes(20)));
    work.opened(
        machineId("Patrol 1"), "mc-wheel-rear", bram, clock.instant().minus(Duration.ofMinutes(5)));
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private LocalDate day(int daysAgo) {
    return today().minusDays(daysAgo);
  }

  private Instant at(int daysAgo, int hour) {
    return day(daysAgo).atTime(hour, 10).atZone(clock.getZone()).toInstant();
  }
}
