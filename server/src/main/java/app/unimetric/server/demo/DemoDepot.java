package app.unimetric.server.demo;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.ToolType;
import app.unimetric.server.book.SheetImports;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.crib.HandTool;
import app.unimetric.server.crib.ToolRow;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.people.People;
import app.unimetric.server.people.Role;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.shelf.ProductRow;
import app.unimetric.server.shelf.Stock;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

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
  private final Crib crib;
  private final Packs packs;
  private final Stock stock;
  private final DemoWork work;
  private final DemoFits fits;
  private final SheetImports sheets;
  private final Clock clock;
  private final Map<String, Machine> machines = new LinkedHashMap<>();

  DemoDepot(
      People people,
      Fleet fleet,
      Crib crib,
      Packs packs,
      Stock stock,
      DemoWork work,
      DemoFits fits,
      SheetImports sheets,
      Clock clock) {
    this.people = people;
    this.fleet = fleet;
    this.crib = crib;
    this.packs = packs;
    this.stock = stock;
    this.work = work;
    this.fits = fits;
    this.sheets = sheets;
    this.clock = clock;
  }

  @Override
  public void run(ApplicationArguments args) {
    if (!people.nobody()) {
      return;
    }
    SignedIn asta = people.add("Asta", Role.LEAD, "depot-asta", "2468");
    SignedIn bram = people.add("Bram", Role.MECHANIC, "depot-bram", "1357");
    SignedIn ilse = people.add("Ilse", Role.MECHANIC, "depot-ilse", "8642");
    people.add("Visitor", Role.GUEST, "depot-visitor", null);
    PACKS.forEach(key -> packs.take(text("packs/" + key + ".json"), asta.signature()));
    tools(asta.signature());
    handTools(asta.signature());
    shelf(asta.signature());
    fleet(bram.signature());
    history(asta, bram, ilse);
    values(asta.signature());
    LOG.info("Demo depot filled: {} machines.", machines.size());
  }

  /** A sheet of values, brought in as any shop does. */
  private void values(Signature by) {
    UUID sheet = UUID.randomUUID();
    sheets.look(
        sheet,
        "depot-values.csv",
        text("values.csv").getBytes(StandardCharsets.UTF_8),
        at(80, 10),
        by);
    sheets.accept(sheet, true, at(80, 10), by);
  }

  private static String text(String name) {
    try {
      return new ClassPathResource("demo/" + name).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void tools(Signature by) {
    tool(
        by,
        "Quarter-inch click 2–25",
        ToolType.CLICK,
        2,
        25,
        4.0,
        0.5,
        TorqueUnit.NEWTON_METRE,
        List.of(),
        95,
        820);
    tool(
        by,
        "Half-inch click 20–110",
        ToolType.CLICK,
        20,
        110,
        null,
        1.0,
        TorqueUnit.NEWTON_METRE,
        List.of(),
        160,
        2140);
    tool(
        by,
        "Long click 20–150, imperial",
        ToolType.CLICK,
        20,
        150,
        null,
        1.0,
        TorqueUnit.FOOT_POUND,
        List.of(),
        431,
        3900);
    tool(
        by,
        "Beam 240, imperial",
        ToolType.BEAM,
        48,
        240,
        6.0,
        5.0,
        TorqueUnit.INCH_POUND,
        List.of(),
        210,
        310);
    tool(
        by,
        "Preset key 4·5·6",
        ToolType.PRESET,
        4,
        6,
        4.0,
        null,
        TorqueUnit.NEWTON_METRE,
        List.of(4.0, 5.0, 6.0),
        40,
        1260);
    tool(
        by,
        "Old dial 10, metre-kilogram",
        ToolType.DIAL,
        2,
        10,
        6.0,
        0.1,
        TorqueUnit.KILOGRAM_METRE,
        List.of(),
        300,
        4480);
  }

  private void tool(
      Signature by,
      String name,
      ToolType type,
      double min,
      double max,
      @Nullable Double deviation,
      @Nullable Double graduation,
      TorqueUnit unit,
      List<Double> presets,
      int calibratedDaysAgo,
      int cycles) {
    crib.bring(
        new ToolRow(
            UUID.randomUUID(),
            name,
            type,
            Torque.of(min, unit).newtonMetres(),
            Torque.of(max, unit).newtonMetres(),
            deviation,
            graduation,
            unit.code(),
            presets,
            cycles,
            null,
            null,
            null,
            true,
            1),
        day(calibratedDaysAgo),
        clock.instant(),
        by);
  }

  /** Keys, sockets and special tools; a press for bearings is one the depot has to borrow. */
  private void handTools(Signature by) {
    List<String> names = new ArrayList<>();
    for (int size : List.of(8, 10, 12, 13, 14, 15, 17, 19, 24, 27, 30)) {
      names.add(size + " mm socket");
    }
    for (int size : List.of(10, 13, 17)) {
      names.add(size + " mm spanner");
    }
    for (int size : List.of(2, 3, 4, 5, 6, 8, 17)) {
      names.add(size + " mm hex key");
    }
    names.addAll(
        List.of(
            "T25",
            "T30",
            "pliers",
            "screwdriver",
            "cap tool",
            "cup tool",
            "second cup tool",
            "lockring tool",
            "pin spanner",
            "chain whip",
            "cone spanners",
            "crank puller",
            "cup remover",
            "dial gauge",
            "feeler gauge",
            "piston pusher",
            "wheel stand",
            "flywheel holder",
            "ball joint splitter",
            "8 mm spanner",
            "14 mm spanner",
            "15 mm spanner",
            "2.5 mm hex key",
            "chain tool",
            "filter socket",
            "hanger gauge",
            "puller"));
    for (String name : names) {
      crib.say(new HandTool(UUID.randomUUID(), name, true, by.name(), by.id(), at(90, 9)));
    }
  }

  /** Bottles with the times of their own (invented) sheets; one is past its date. */
  private void shelf(Signature by) {
    product(by, "Harbour Lock M", Compound.MEDIUM, 25.0, 1440.0, 300, "H2-118");
    product(by, "Harbour Lock L", Compound.LOW, 15.0, 720.0, -12, "H1-090");
    product(by, "Harbour Lock H", Compound.HIGH, 40.0, 1440.0, 410, "H3-007");
    product(by, "Sleeve Bond", Compound.RETAINING_MEDIUM, 30.0, 1440.0, 180, "SB-33");
    product(by, "White grease tub", Compound.GREASE, null, null, null, "");
    product(by, "Copper-free anti-seize", Compound.ANTI_SEIZE, null, null, 500, "");
    product(by, "Grit paste for carbon", Compound.CARBON_PASTE, null, null, 95, "GP-5");
    part(by, "Nylon-insert nut M6", 12, "0.30");
    part(by, "Nylon-insert nut M8", 8, "0.40");
    part(by, "Nylon-insert nut M10", 3, "0.65");
    part(by, "Split pin", 20, "0.15");
    part(by, "Pad set", 1, "24.50");
    stock.setRate(UUID.randomUUID(), new BigDecimal("62.00"), at(90, 9), by);
  }

  private void product(
      Signature by,
      String name,
      Compound compound,
      @Nullable Double fixtureMinutes,
      @Nullable Double fullCureMinutes,
      @Nullable Integer daysLeft,
      String lot) {
    stock.add(
        new ProductRow(
            UUID.randomUUID(),
            name,
            compound,
            fixtureMinutes,
            fullCureMinutes,
            daysLeft == null ? null : day(-daysLeft),
            lot,
            fixtureMinutes == null ? "" : "Demo data sheet " + name + ", 21 °C on steel",
            by.name(),
            by.id(),
            at(90, 9)));
  }

  private void part(Signature by, String name, int pieces, String price) {
    stock.move(UUID.randomUUID(), name, pieces, new BigDecimal(price), "counted", at(90, 9), by);
  }

  private void fleet(Signature by) {
    machine(
        by,
        "Patrol 1",
        MachineKind.MOTORCYCLE,
        "Skerrow",
        "640 Patrol",
        2023,
        "Long range",
        "SKP-0117",
        Machine.Meter.KM,
        "North shore",
        18_420,
        22);
    machine(
        by,
        "Patrol 2",
        MachineKind.MOTORCYCLE,
        "Skerrow",
        "640 Patrol",
        2023,
        "Long range",
        "SKP-0121",
        Machine.Meter.KM,
        "Harbour",
        21_950,
        35);
    machine(
        by,
        "Patrol 3",
        MachineKind.MOTORCYCLE,
        "Skerrow",
        "640 Patrol",
        2024,
        "Standard",
        "SKP-0203",
        Machine.Meter.KM,
        "South track",
        6_310,
        18);
    machine(
        by,
        "Trail 1",
        MachineKind.MOTORCYCLE,
        "Skerrow",
        "250 Trail",
        2022,
        "Standard",
        "SKT-0044",
        Machine.Meter.KM,
        "Hill path",
        9_120,
        12);
    machine(
        by,
        "Mule 1",
        MachineKind.ATV,
        "Tolvan",
        "450 Utility",
        2021,
        "Winch",
        "TVU-0009",
        Machine.Meter.HOURS,
        "Quarry",
        612,
        1.4);
    machine(
        by,
        "Mule 2",
        MachineKind.ATV,
        "Tolvan",
        "450 Utility",
        2022,
        "Flat bed",
        "TVU-0015",
        Machine.Meter.HOURS,
        "Reservoir",
        388,
        1.1);
    machine(
        by,
        "Haul 1",
        MachineKind.BICYCLE,
        "Brindle",
        "Haul",
        2024,
        "Long john",
        "BRH-0031",
        Machine.Meter.KM,
        "Harbour",
        2_240,
        9);
    machine(
        by,
        "Haul 2",
        MachineKind.BICYCLE,
        "Brindle",
        "Haul",
        2024,
        "Box",
        "BRH-0032",
        Machine.Meter.KM,
        "Village",
        1_870,
        8);
    machine(
        by,
        "Gravel 1",
        MachineKind.BICYCLE,
        "Gorrick",
        "Gravel",
        2023,
        "Aluminium",
        "GOR-0102",
        Machine.Meter.KM,
        "Coast path",
        3_405,
        14);
  }

  private void machine(
      Signature by,
      String name,
      MachineKind kind,
      String make,
      String model,
      int year,
      String variant,
      String frame,
      Machine.Meter meter,
      String note,
      double now,
      double perDay) {
    Machine machine =
        new Machine(
            UUID.randomUUID(),
            name,
            kind,
            make,
            model,
            year,
            variant,
            frame,
            meter,
            note,
            1,
            null,
            null);
    fleet.add(machine);
    for (int ago : new int[] {60, 45, 36}) {
      fleet.note(machine.id(), Math.floor(now - ago * perDay), at(ago, 7), by);
    }
    machines.put(name, machine);
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

  private LocalDate day(int daysAgo) {
    return LocalDate.now(clock).minusDays(daysAgo);
  }

  private Instant at(int daysAgo, int hour) {
    return day(daysAgo).atTime(hour, 10).atZone(clock.getZone()).toInstant();
  }
}
