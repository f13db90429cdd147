package app.unimetric.server.crib;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.LengthText;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.tool.Certificate;
import app.unimetric.core.tool.CertificatePoint;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.KnownMass;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.tool.ToolEntry;
import app.unimetric.core.tool.ToolStanding;
import app.unimetric.core.tool.ToolType;
import app.unimetric.documents.settings.Right;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.settings.Settings;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The workshop's tools on screen, and asked for one band. */
@RestController
class CribController {
  private static final int LONGEST = 200;
  private static final int MOST_POINTS = 60;
  private static final double PERCENT = 100;
  private final Crib crib;
  private final JsonMapper json;
  private final Settings settings;
  private final Clock clock;

  CribController(Crib crib, JsonMapper json, Settings settings, Clock clock) {
    this.crib = crib;
    this.json = json;
    this.settings = settings;
    this.clock = clock;
  }

  /** A type of torque tool. */
  record TypeChoice(ToolType code, String words) {}

  /** What happened to a tool. */
  record ToolHappening(
      UUID id,
      ToolEntry.Kind kind,
      String kindWords,
      LocalDate on,
      boolean passed,
      String words,
      String saidBy,
      Instant saidAt) {}

  /**
   * A torque tool with all that is known of it.
   *
   * @param deviationPercent as certified, or the usual one of its type
   * @param due the day it is out of calibration by date; missing when it never was in
   * @param usesLeft until it is due by use
   * @param out why it is out of use; missing when it is not
   * @param log newest first
   */
  record ToolCard(
      UUID id,
      int version,
      TypedTool typed,
      String typeWords,
      double minNm,
      double maxNm,
      double deviationPercent,
      @Nullable LocalDate calibratedOn,
      @Nullable LocalDate due,
      int cycles,
      int usesLeft,
      boolean inCalibration,
      @Nullable String out,
      boolean retired,
      List<ToolHappening> log) {
    static ToolCard of(KeptTool kept, LocalDate today) {
      CribTool tool = kept.tool();
      ToolStanding standing = kept.standing();
      List<ToolHappening> log =
          new ArrayList<>(
              kept.log().stream()
                  .map(
                      e ->
                          new ToolHappening(
                              e.id(),
                              e.kind(),
                              e.kind().words(),
                              e.happenedOn(),
                              e.passed(),
                              e.words(),
                              e.saidBy(),
                              e.saidAt()))
                  .toList());
      Collections.reverse(log);
      return new ToolCard(
          kept.row().id(),
          kept.row().version(),
          TypedTool.of(kept.row()),
          tool.type().words(),
          tool.tool().minNm(),
          tool.tool().maxNm(),
          tool.tool().deviation() * PERCENT,
          standing.calibratedOn(),
          tool.calibrationEnds(),
          tool.cycles(),
          Math.max(0, CribTool.CALIBRATION_CYCLES - tool.cycles()),
          tool.inCalibration(today),
          standing.out(),
          standing.retired(),
          log);
    }
  }

  /** The crib. */
  record CribPage(List<ToolCard> tools, List<HandTool> handTools, List<TypeChoice> types) {}

  @GetMapping("/api/crib")
  CribPage crib() {
    LocalDate today = LocalDate.now(clock);
    return new CribPage(
        crib.kept().stream().map(t -> ToolCard.of(t, today)).toList(),
        crib.handToolsSaid(),
        Arrays.stream(ToolType.values()).map(t -> new TypeChoice(t, t.words())).toList());
  }

  /**
   * @param id made by the sender
   * @param calibratedOn missing when it never was
   * @param cycles uses since then, as typed; empty for none
   */
  record NewTorqueTool(UUID id, TypedTool tool, @Nullable LocalDate calibratedOn, String cycles) {}

  @PostMapping("/api/crib/tools")
  CribPage bring(@RequestBody NewTorqueTool t, @AuthenticationPrincipal SignedIn person) {
    keeps(person);
    int cycles = t.cycles().isBlank() ? 0 : (int) DecimalText.parse(t.cycles(), "cycles");
    crib.bring(
        t.tool().row(t.id(), cycles, 1), t.calibratedOn(), clock.instant(), person.signature());
    return crib();
  }

  /**
   * @param version of the tool as last seen
   */
  record ToolEdit(int version, TypedTool tool) {}

  @PostMapping("/api/crib/tools/{id}")
  CribPage change(
      @PathVariable UUID id, @RequestBody ToolEdit edit, @AuthenticationPrincipal SignedIn person) {
    keeps(person);
    int before = crib.tool(id).row().cyclesBefore();
    crib.change(edit.tool().row(id, before, edit.version()));
    return crib();
  }

  /**
   * A point of a certificate as printed.
   *
   * @param stated the deviation in percent, with its sign; may be empty
   */
  record PointFields(String set, String measured, String stated) {}

  /**
   * A calibration certificate.
   *
   * @param id made by the sender
   * @param unit of the points
   * @param certificate its number and who wrote it
   */
  record NewCalibration(
      UUID id, LocalDate on, String unit, String certificate, List<PointFields> points) {}

  @PostMapping("/api/crib/tools/{id}/calibrations")
  CribPage calibrate(
      @PathVariable UUID id,
      @RequestBody NewCalibration c,
      @AuthenticationPrincipal SignedIn person) {
    keeps(person);
    Problems problems = new Problems();
    TorqueUnit unit = TorqueUnit.ofCode(c.unit()).orElse(null);
    problems.require(unit != null, "unit", "is not one of the torque units.");
    problems.require(
        !c.certificate().isBlank() && c.certificate().length() <= LONGEST,
        "certificate",
        "is missing: its number and who wrote it, at most 200 characters.");
    problems.require(
        !c.on().isAfter(LocalDate.now(clock)),
        "on",
        "lies in the future; look at the certificate.");
    problems.require(c.points().size() <= MOST_POINTS, "points", "must hold 1 to 60 points.");
    List<CertificatePoint> points = new ArrayList<>();
    for (int i = 0; i < Math.min(c.points().size(), MOST_POINTS); i++) {
      PointFields p = c.points().get(i);
      double factor = unit == null ? 1 : unit.newtonMetres();
      String at = "points[" + i + "]";
      problems.require(p != null, at, "is missing; leave the point out.");
      CertificatePoint point = p == null ? null : problems.under(at, () -> point(p, factor));
      if (point != null) {
        points.add(point);
      }
    }
    problems.orThrow();
    crib.write(
        id,
        kept -> {
          Certificate certificate = Certificate.of(points, kept.tool());
          return entry(
              c.id(),
              id,
              ToolEntry.Kind.CALIBRATED,
              c.on(),
              certificate.passes(),
              c.certificate().strip() + ". " + String.join(" ", certificate.reasons()),
              json.writeValueAsString(c),
              person);
        });
    return crib();
  }

  private static CertificatePoint point(PointFields p, double factor) {
    Double stated = null;
    String typed = p.stated().strip().replace('−', '-');
    if (!typed.isEmpty()) {
      double size = DecimalText.parse(typed.replaceFirst("^[-+]", ""), "stated");
      stated = typed.startsWith("-") ? -size : size;
    }
    return new CertificatePoint(
        DecimalText.parse(p.set(), "set") * factor,
        DecimalText.parse(p.measured(), "measured") * factor,
        stated);
  }

  /**
   * A known mass on the arm of the tool; figures as typed.
   *
   * @param id made by the sender
   * @param massOffKg how far the mass may be off; empty for not at all
   * @param arm from the axis of the drive to where it hangs, with its unit
   * @param angleDeg of the arm from level; empty for level
   * @param reading what the tool showed or was set to, in its own unit
   */
  record NewCheck(
      UUID id,
      String massKg,
      String massOffKg,
      String arm,
      String armOff,
      String angleDeg,
      String reading) {}

  @PostMapping("/api/crib/tools/{id}/checks")
  CribPage check(
      @PathVariable UUID id, @RequestBody NewCheck c, @AuthenticationPrincipal SignedIn person) {
    keeps(person);
    ToolRow row = crib.tool(id).row();
    double factor = TorqueUnit.ofCode(row.unit()).orElseThrow().newtonMetres();
    Double mark = row.graduation();
    Problems problems = new Problems();
    Double mass = problems.under("", () -> DecimalText.parse(c.massKg(), "massKg"));
    Double massOff = problems.under("", () -> orNought(c.massOffKg(), "massOffKg"));
    Double arm = problems.under("", () -> LengthText.parseMm(c.arm(), "armMm"));
    Double armOff =
        problems.under(
            "", () -> c.armOff().isBlank() ? 0 : LengthText.parseMm(c.armOff(), "armOffMm"));
    Double angle = problems.under("", () -> orNought(c.angleDeg(), "angleDeg"));
    Double reading = problems.under("", () -> DecimalText.parse(c.reading(), "reading"));
    problems.orThrow();
    if (mass == null
        || massOff == null
        || arm == null
        || armOff == null
        || angle == null
        || reading == null) {
      throw new IllegalStateException();
    }
    KnownMass known =
        new KnownMass(
            mass,
            massOff,
            arm,
            armOff,
            angle,
            reading * factor,
            mark == null ? 0 : mark * factor / 2,
            crib.tool(id).tool().tool().deviation() * PERCENT);
    if (known.outcome() == KnownMass.Outcome.TOO_CLOSE) {
      throw InvalidInput.at("massOffKg", known.words());
    }
    crib.write(
        id,
        kept ->
            entry(
                c.id(),
                id,
                ToolEntry.Kind.CHECKED,
                LocalDate.now(clock),
                known.outcome() == KnownMass.Outcome.PASSED,
                known.words(),
                json.writeValueAsString(c),
                person));
    return crib();
  }

  private static double orNought(String typed, String field) {
    return typed.isBlank() ? 0 : DecimalText.parse(typed, field);
  }

  /**
   * @param id made by the sender
   * @param note how it came about
   */
  record NewHappening(UUID id, ToolEntry.Kind kind, String note) {}

  /** Dropped, overloaded, retired or back. */
  @PostMapping("/api/crib/tools/{id}/happenings")
  CribPage happened(
      @PathVariable UUID id,
      @RequestBody NewHappening h,
      @AuthenticationPrincipal SignedIn person) {
    new Problems()
        .require(
            h.kind() != ToolEntry.Kind.CALIBRATED && h.kind() != ToolEntry.Kind.CHECKED,
            "kind",
            "comes with its figures: enter the certificate or the check.")
        .require(h.note().length() <= LONGEST, "note", "is longer than 200 characters.")
        .orThrow();
    // Whoever drops a tool says so, whatever else is kept to leads.
    if (h.kind() == ToolEntry.Kind.RETIRED || h.kind() == ToolEntry.Kind.BACK) {
      keeps(person);
    }
    crib.write(
        id,
        kept ->
            entry(
                h.id(), id, h.kind(), LocalDate.now(clock), true, h.note().strip(), "{}", person));
    return crib();
  }

  private void keeps(SignedIn person) {
    settings.check(Right.KEEP_TOOLS, person.isLead());
  }

  private ToolEntryRow entry(
      UUID entryId,
      UUID toolId,
      ToolEntry.Kind kind,
      LocalDate on,
      boolean passed,
      String words,
      String measured,
      SignedIn person) {
    return new ToolEntryRow(
        entryId,
        toolId,
        kind,
        on,
        passed,
        words,
        measured,
        person.name(),
        person.id(),
        clock.instant());
  }

  /**
   * @param id made by the sender
   * @param name of the key, socket or special tool
   * @param here whether it is in the crib now
   */
  record NewHandTool(UUID id, String name, boolean here) {}

  /** Writes down that a key, socket or special tool is in the crib, or no longer. */
  @PostMapping("/api/crib/hand-tools")
  HandTool say(@RequestBody NewHandTool t, @AuthenticationPrincipal SignedIn person) {
    keeps(person);
    HandTool said =
        new HandTool(
            t.id(), t.name().strip(), t.here(), person.name(), person.id(), clock.instant());
    crib.say(said);
    return said;
  }

  /**
   * A tool of the crib judged for a band.
   *
   * @param setting what to set on its scale; null when it cannot be set for the band
   */
  record CribChoice(
      String name,
      boolean usable,
      Setting.Status status,
      @Nullable String setting,
      List<String> reasons) {}

  /**
   * The crib ranked for a band, best first; only tools of one span when that is named.
   *
   * @param spanMinNm with spanMaxNm: the span of the tool asked for, N·m
   */
  @GetMapping("/api/crib/choices")
  List<CribChoice> choices(
      @RequestParam double bandMinNm,
      @RequestParam double bandMaxNm,
      @RequestParam(required = false) @Nullable Double aimNm,
      @RequestParam(required = false) @Nullable Double capNm,
      @RequestParam(required = false) @Nullable Double spanMinNm,
      @RequestParam(required = false) @Nullable Double spanMaxNm) {
    Problems problems =
        new Problems()
            .within(bandMinNm, 0, Torque.MAX_NM, "bandMinNm")
            .positive(bandMaxNm, Torque.MAX_NM, "bandMaxNm")
            .require(!(bandMinNm > bandMaxNm), "bandMinNm", "must not be above bandMaxNm.");
    if (aimNm != null) {
      problems.positive(aimNm, Torque.MAX_NM, "aimNm");
    }
    if (capNm != null) {
      problems.positive(capNm, Torque.MAX_NM, "capNm");
    }
    problems.orThrow();
    List<CribTool> tools =
        spanMinNm == null || spanMaxNm == null
            ? crib.tools()
            : crib.tools().stream().filter(t -> t.spans(spanMinNm, spanMaxNm)).toList();
    TorqueBand band = TorqueBand.of(bandMinNm, bandMaxNm);
    return ToolChoice.rank(band, aimNm, capNm, false, Hand.RIGHT, tools, LocalDate.now(clock))
        .stream()
        .map(
            c ->
                new CribChoice(
                    c.tool().name(),
                    c.usable(),
                    c.setting().status(),
                    c.setting().reading() == null ? null : c.setting().reading().text(),
                    c.reasons()))
        .toList();
  }
}
