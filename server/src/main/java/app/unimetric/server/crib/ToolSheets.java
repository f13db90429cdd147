package app.unimetric.server.crib;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.table.Column;
import app.unimetric.core.tool.ToolColumn;
import app.unimetric.core.tool.ToolEntry;
import app.unimetric.core.tool.ToolLine;
import app.unimetric.server.bring.Brings;
import app.unimetric.server.bring.BroughtSheet;
import app.unimetric.server.bring.HowFar;
import app.unimetric.server.bring.Judged;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.bring.Standing;
import app.unimetric.server.problem.Refusal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Sheets of tools: torque tools, and keys, sockets and special tools by their names. */
@Component
class ToolSheets implements Brings {
  private final ToolSheetMapper mapper;
  private final Crib crib;
  private final JsonMapper json;
  private final Clock clock;

  ToolSheets(ToolSheetMapper mapper, Crib crib, JsonMapper json, Clock clock) {
    this.mapper = mapper;
    this.crib = crib;
    this.json = json;
    this.clock = clock;
  }

  @Override
  public SheetKind kind() {
    return SheetKind.TOOLS;
  }

  @Override
  public List<ToolColumn> columns() {
    return ToolColumn.ALL;
  }

  @Override
  public List<Judged> judge(List<Map<String, String>> lines, HowFar howFar) {
    Map<String, KeptTool> tools = byName();
    Set<String> hand = new HashSet<>();
    crib.handToolsSaid().stream().filter(HandTool::here).forEach(t -> hand.add(small(t.name())));
    Map<String, ToolLine> before = new HashMap<>();
    LocalDate today = LocalDate.now(clock);
    List<Judged> judged = new ArrayList<>();
    for (Map<String, String> cells : lines) {
      try {
        ToolLine line = read(leftAsItIs(cells, tools), today);
        ToolLine twice = before.putIfAbsent(small(line.name()), line);
        judged.add(
            twice != null
                ? twice(line, twice)
                : line.isHandTool()
                    ? Judged.of(
                        hand.contains(small(line.name())) ? Standing.SAME : Standing.NEW,
                        line,
                        List.of())
                    : judged(line, tools.get(small(line.name()))));
      } catch (InvalidInput e) {
        judged.add(Judged.refused(e.problems()));
      }
      howFar.is(judged.size(), lines.size());
    }
    return judged;
  }

  /** What a sheet does not say of a tool that is there stays as it is. */
  private static Map<String, String> leftAsItIs(
      Map<String, String> cells, Map<String, KeptTool> tools) {
    KeptTool there = tools.get(small(cells.getOrDefault(ToolColumn.NAME.header(), "").strip()));
    if (there == null) {
      return cells;
    }
    Map<String, String> filled = new LinkedHashMap<>(cells);
    for (ToolColumn column : ToolColumn.ALL) {
      String known = cell(there, column);
      if (column != ToolColumn.CALIBRATED_ON && column != ToolColumn.USES && !known.isEmpty()) {
        filled.putIfAbsent(column.header(), known);
      }
    }
    return filled;
  }

  private static String small(String name) {
    return name.toLowerCase(Locale.ROOT);
  }

  /** Reads a line, also as a tool, so that what is wrong is known before it is accepted. */
  private static ToolLine read(Map<String, String> cells, LocalDate today) {
    ToolLine line = ToolLine.of(Column.cells(ToolColumn.ALL, cells), today);
    if (!line.isHandTool()) {
      try {
        Crib.checked(row(line, UUID.randomUUID()));
      } catch (InvalidInput e) {
        throw new InvalidInput(
            e.problems().stream().map(p -> new Problem(header(p.field()), p.message())).toList());
      }
    }
    return line;
  }

  private static ToolRow row(ToolLine line, UUID id) {
    return TypedTool.of(line).row(id, line.uses(), 1);
  }

  /** The column of a field of the form. */
  private static String header(String field) {
    return switch (field) {
      case "adapterLever" -> ToolColumn.ADAPTER_LEVER.header();
      case "adapterExtension" -> ToolColumn.ADAPTER_EXTENSION.header();
      case "adapterAngle" -> ToolColumn.ADAPTER_ANGLE.header();
      case "deviation", "deviationPercent" -> ToolColumn.DEVIATION.header();
      case "minNm" -> ToolColumn.MIN.header();
      case "maxNm" -> ToolColumn.MAX.header();
      case "cycles" -> ToolColumn.USES.header();
      default -> field;
    };
  }

  private static Judged twice(ToolLine line, ToolLine before) {
    return before.equals(line)
        ? Judged.of(Standing.SAME, line, List.of("It stands twice in this file."))
        : Judged.refused(
            List.of(
                new Problem(
                    "name",
                    "an earlier line of this file says otherwise of a tool of this name; leave one of them out.")));
  }

  private static Judged judged(ToolLine line, @Nullable KeptTool there) {
    if (there == null) {
      return Judged.of(
          Standing.NEW,
          line,
          line.calibratedOn() == null
              ? List.of("No calibration is said: it is used for nothing critical before one.")
              : List.of());
    }
    List<String> said = new ArrayList<>();
    TypedTool now = TypedTool.of(there.row());
    TypedTool then = TypedTool.of(row(line, there.row().id()));
    boolean changed = !now.equals(then);
    if (changed) {
      said.addAll(then.changesFrom(now));
    }
    LocalDate calibrated = there.standing().calibratedOn();
    if (line.calibratedOn() != null
        && (calibrated == null || line.calibratedOn().isAfter(calibrated))) {
      said.add(
          "Calibrated on "
              + line.calibratedOn()
              + ": write its certificate in its log, where its points are judged.");
    }
    if (there.standing().retired()) {
      said.add("It was retired and comes back.");
      changed = true;
    }
    return changed
        ? new Judged(Standing.CHANGED, line, said, there.row().id())
        : Judged.of(Standing.SAME, line, said);
  }

  private static UUID made(UUID sheet, long line, String what) {
    return UUID.nameUUIDFromBytes((what + sheet + "." + line).getBytes(StandardCharsets.UTF_8));
  }

  private ToolLine line(ToolSheetRow row, Map<String, KeptTool> tools) {
    Map<String, String> cells =
        json.readValue(row.cells(), new TypeReference<Map<String, String>>() {});
    return read(leftAsItIs(cells, tools), LocalDate.now(clock));
  }

  private Map<String, KeptTool> byName() {
    Map<String, KeptTool> tools = new HashMap<>();
    crib.kept().forEach(t -> tools.put(small(t.row().name()), t));
    return tools;
  }

  @Override
  public void accept(BroughtSheet sheet, Instant at, Signature by, HowFar howFar) {
    UUID id = sheet.id();
    List<ToolSheetRow> rows = mapper.bringing(id);
    Map<String, KeptTool> there = byName();
    int done = 0;
    for (ToolSheetRow row : rows) {
      ToolLine line = line(row, there);
      UUID known = row.replaces();
      if (line.isHandTool()) {
        crib.say(
            new HandTool(made(id, row.line(), "here "), line.name(), true, by.name(), by.id(), at));
      } else if (known == null) {
        crib.bring(row(line, made(id, row.line(), "tool ")), line.calibratedOn(), at, by);
      } else {
        change(id, row.line(), line, crib.tool(known), at, by);
      }
      howFar.is(++done, rows.size());
    }
  }

  private void change(
      UUID sheet, long number, ToolLine line, KeptTool there, Instant at, Signature by) {
    ToolRow now = there.row();
    mapper.keepWhatWas(sheet, number, json.writeValueAsString(now));
    crib.change(TypedTool.of(line).row(now.id(), now.cyclesBefore(), now.version()));
    if (there.standing().retired()) {
      happened(now.id(), made(sheet, number, "back "), ToolEntry.Kind.BACK, sheet, at, by);
    }
  }

  private void happened(
      UUID tool, UUID entry, ToolEntry.Kind kind, UUID sheet, Instant at, Signature by) {
    crib.write(
        tool,
        kept ->
            new ToolEntryRow(
                entry,
                tool,
                kind,
                LocalDate.ofInstant(at, clock.getZone()),
                true,
                "by the sheet “" + mapper.name(sheet) + "”",
                "{}",
                by.name(),
                by.id(),
                at));
  }

  @Override
  public void undo(BroughtSheet sheet, Instant at, Signature by) {
    UUID id = sheet.id();
    List<ToolSheetRow> rows = mapper.bringing(id);
    Map<UUID, KeptTool> tools = new HashMap<>();
    crib.kept().forEach(t -> tools.put(t.row().id(), t));
    List<String> since = new ArrayList<>();
    for (ToolSheetRow row : rows) {
      KeptTool now = row.replaces() == null ? null : tools.get(row.replaces());
      ToolRow before = before(row);
      if (now != null && before != null && now.row().version() != before.version() + 1) {
        since.add(now.row().name());
      }
    }
    if (!since.isEmpty()) {
      throw Refusal.conflict(
          "Changed by hand since, and so left as they are: "
              + String.join(", ", since)
              + ". Undo those changes first.",
          Map.of());
    }
    Map<String, KeptTool> named = byName();
    for (ToolSheetRow row : rows) {
      undo(id, row, line(row, named), tools, at, by);
    }
  }

  private @Nullable ToolRow before(ToolSheetRow row) {
    String before = row.before();
    return before == null ? null : json.readValue(before, ToolRow.class);
  }

  private void undo(
      UUID sheet,
      ToolSheetRow row,
      ToolLine line,
      Map<UUID, KeptTool> tools,
      Instant at,
      Signature by) {
    ToolRow before = before(row);
    UUID tool = before == null ? made(sheet, row.line(), "tool ") : before.id();
    KeptTool now = tools.get(tool);
    if (line.isHandTool()) {
      crib.say(
          new HandTool(
              made(sheet, row.line(), "gone "), line.name(), false, by.name(), by.id(), at));
    } else if (now != null && before == null && !now.standing().retired()) {
      happened(tool, made(sheet, row.line(), "undone "), ToolEntry.Kind.RETIRED, sheet, at, by);
    } else if (now != null && before != null) {
      crib.change(
          TypedTool.of(before).row(before.id(), before.cyclesBefore(), now.row().version()));
      if (now.log().stream().anyMatch(e -> e.id().equals(made(sheet, row.line(), "back ")))) {
        happened(tool, made(sheet, row.line(), "undone "), ToolEntry.Kind.RETIRED, sheet, at, by);
      }
    }
  }

  @Override
  public void write(String search, Consumer<List<String>> row) {
    row.accept(ToolColumn.ALL.stream().map(Column::header).toList());
    crib.kept().stream()
        .filter(t -> !t.standing().retired() && small(t.row().name()).contains(small(search)))
        .forEach(t -> row.accept(ToolColumn.ALL.stream().map(c -> cell(t, c)).toList()));
    crib.handToolsSaid().stream()
        .filter(t -> t.here() && small(t.name()).contains(small(search)))
        .forEach(
            t ->
                row.accept(
                    ToolColumn.ALL.stream()
                        .map(
                            c ->
                                c == ToolColumn.NAME
                                    ? t.name()
                                    : c == ToolColumn.TYPE ? "hand tool" : "")
                        .toList()));
  }

  private static String cell(KeptTool kept, ToolColumn column) {
    TypedTool tool = TypedTool.of(kept.row());
    LocalDate calibrated = kept.standing().calibratedOn();
    return switch (column) {
      case NAME -> tool.name();
      case TYPE -> tool.type().words();
      case UNIT -> tool.unit();
      case MIN -> tool.min();
      case MAX -> tool.max();
      case GRADUATION -> tool.graduation();
      case DEVIATION -> tool.deviation();
      case PRESETS -> tool.presets();
      case LEFT_HAND -> tool.leftHand() ? "yes" : "no";
      case ADAPTER_LEVER -> tool.adapterLever();
      case ADAPTER_EXTENSION -> tool.adapterExtension();
      case ADAPTER_ANGLE -> tool.adapterAngle();
      case CALIBRATED_ON -> calibrated == null ? "" : calibrated.toString();
      case USES -> String.valueOf(kept.cycles());
    };
  }
}
