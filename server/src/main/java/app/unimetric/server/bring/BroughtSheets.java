package app.unimetric.server.bring;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.table.Column;
import app.unimetric.documents.table.NamedTable;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sheets of any kind: looked at line by line, mended, accepted whole or not at all, and undone.
 * Nothing counts before it is accepted.
 */
@Service
public class BroughtSheets {
  static final int MOST_LINES = 100;
  private static final int BATCH = 5000;
  private static final int LONGEST_NAME = 200;
  private static final int LONGEST_CELL = 500;

  private final BroughtMapper mapper;
  private final Map<SheetKind, Brings> kinds = new EnumMap<>(SheetKind.class);
  private final JsonMapper json;
  private final Map<UUID, HowFar> underWay = new ConcurrentHashMap<>();

  BroughtSheets(BroughtMapper mapper, List<Brings> kinds, JsonMapper json) {
    this.mapper = mapper;
    kinds.forEach(k -> this.kinds.put(k.kind(), k));
    this.json = json;
  }

  Brings of(SheetKind kind) {
    Brings brings = kinds.get(kind);
    if (brings == null) {
      throw new IllegalStateException(kind.name());
    }
    return brings;
  }

  /**
   * All that is there of a kind, or what a search finds, as rows that read back as they are.
   *
   * @param row takes one at a time, the header first
   */
  public void write(SheetKind kind, String search, Consumer<List<String>> row) {
    of(kind).write(search, row);
  }

  /** Percent of what is done of a sheet that is under way here; null when none is. */
  @Nullable Integer percent(UUID id) {
    HowFar howFar = underWay.get(id);
    return howFar == null ? null : (Integer) howFar.percent();
  }

  /**
   * Looks at a sheet; sent again it is looked at once.
   *
   * @throws InvalidInput where the file is no such sheet
   */
  @Transactional
  public BroughtSheet look(
      UUID id, SheetKind kind, String name, byte[] file, Instant at, Signature by) {
    new Problems()
        .require(
            !name.isBlank() && name.length() <= LONGEST_NAME,
            "name",
            "must have 1 to 200 characters.")
        .orThrow();
    BroughtSheet before = mapper.byId(id);
    if (before != null) {
      return before;
    }
    Brings brings = of(kind);
    NamedTable table = NamedTable.read(file, brings.columns());
    mapper.begin(id, kind, name.strip(), table.takenFor(), by, at);
    HowFar howFar = new HowFar();
    underWay.put(id, howFar);
    try {
      List<NamedTable.Line> lines = table.lines();
      List<Judged> judged =
          brings.judge(lines.stream().map(NamedTable.Line::cells).toList(), howFar);
      for (int from = 0; from < lines.size(); from += BATCH) {
        mapper.addLines(id, rows(lines, judged, from, Math.min(from + BATCH, lines.size())));
      }
    } finally {
      underWay.remove(id);
    }
    return found(id);
  }

  private String rows(List<NamedTable.Line> lines, List<Judged> judged, int from, int to) {
    List<String> rows = new ArrayList<>();
    for (int i = from; i < to; i++) {
      BroughtLine l = line(lines.get(i).line(), lines.get(i).cells(), judged.get(i));
      rows.add(
          "{\"line\":"
              + l.line()
              + ",\"cells\":"
              + l.cells()
              + ",\"read\":"
              + l.read()
              + ",\"standing\":\""
              + l.standing().name()
              + "\",\"said\":"
              + l.said()
              + ",\"replaces\":"
              + (l.replaces() == null ? "null" : "\"" + l.replaces() + "\"")
              + "}");
    }
    return rows.stream().collect(Collectors.joining(",", "[", "]"));
  }

  private BroughtLine line(long number, Map<String, String> cells, Judged judged) {
    return new BroughtLine(
        number,
        json.writeValueAsString(cells),
        judged.read() == null ? null : json.writeValueAsString(judged.read()),
        judged.standing(),
        json.writeValueAsString(judged.said()),
        judged.replaces());
  }

  BroughtSheet found(UUID id) {
    BroughtSheet found = mapper.byId(id);
    if (found == null) {
      throw Refusal.notFound("This sheet");
    }
    return found;
  }

  List<BroughtSheet> newest(SheetKind kind) {
    return mapper.newest(kind);
  }

  Map<Standing, Integer> counts(UUID id) {
    Map<Standing, Integer> counts = new EnumMap<>(Standing.class);
    mapper.counts(id).forEach(c -> counts.put(c.standing(), c.lines()));
    return counts;
  }

  List<BroughtLine> lines(UUID id, @Nullable Standing standing, long after) {
    return mapper.lines(id, standing, after, MOST_LINES);
  }

  /** What is said of a line, as a list for the screen. */
  List<String> said(BroughtLine line) {
    return json.readValue(line.said(), new TypeReference<List<String>>() {});
  }

  Map<String, String> cells(BroughtLine line) {
    return json.readValue(line.cells(), new TypeReference<Map<String, String>>() {});
  }

  /**
   * A line is mended, or left out.
   *
   * @param cells as they should be, by header; null to leave the line out
   */
  @Transactional
  public BroughtLine mend(UUID id, long number, @Nullable Map<String, String> cells) {
    BroughtSheet sheet = open(id);
    BroughtLine before = mapper.line(id, number);
    if (before == null) {
      throw Refusal.notFound("This line");
    }
    BroughtLine now = cells == null ? leftOut(before) : judgedAgain(sheet, number, cells);
    mapper.judged(id, now);
    return now;
  }

  private static BroughtLine leftOut(BroughtLine line) {
    return new BroughtLine(
        line.line(), line.cells(), line.read(), Standing.LEFT_OUT, line.said(), null);
  }

  private BroughtLine judgedAgain(BroughtSheet sheet, long number, Map<String, String> typed) {
    Brings brings = of(sheet.kind());
    Map<String, String> cells = new java.util.LinkedHashMap<>();
    Problems problems = new Problems();
    typed.forEach(
        (header, text) -> {
          Column column =
              Column.called(brings.columns(), header)
                  .map(Column.class::cast)
                  .orElseThrow(() -> Refusal.notFound("The column " + header));
          problems.require(
              text.length() <= LONGEST_CELL, column.header(), "has more than 500 characters.");
          if (!text.isBlank()) {
            cells.put(column.header(), text.strip());
          }
        });
    problems.orThrow();
    return line(number, cells, brings.judge(List.of(cells), new HowFar()).get(0));
  }

  private BroughtSheet open(UUID id) {
    BroughtSheet sheet = mapper.lock(id);
    if (sheet == null) {
      throw Refusal.notFound("This sheet");
    }
    if (sheet.state() != BroughtSheet.State.LOOKED_AT) {
      throw Refusal.conflict(
          "This sheet is settled already, by " + sheet.settledBy() + ".", Map.of());
    }
    return sheet;
  }

  /**
   * Accepts all lines that bring something, or none.
   *
   * @param doubtsSeen whether a person looked at lines that disagree or are doubtful
   */
  @Transactional
  public BroughtSheet accept(UUID id, boolean doubtsSeen, Instant at, Signature by) {
    BroughtSheet known = mapper.lock(id);
    if (known != null && known.state() == BroughtSheet.State.ACCEPTED) {
      return known;
    }
    BroughtSheet sheet = open(id);
    Map<Standing, Integer> counts = counts(id);
    int refused = counts.getOrDefault(Standing.REFUSED, 0);
    int doubtful =
        counts.getOrDefault(Standing.DOUBTFUL, 0) + counts.getOrDefault(Standing.CONFLICT, 0);
    if (refused > 0) {
      throw Refusal.conflict(
          refused + " lines are refused: mend them or leave them out, then accept the rest.",
          Map.of());
    }
    if (doubtful > 0 && !doubtsSeen) {
      throw Refusal.conflict(
          doubtful + " lines disagree with another or are doubtful: look at them and say so.",
          Map.of());
    }
    HowFar howFar = new HowFar();
    underWay.put(id, howFar);
    try {
      of(sheet.kind()).accept(sheet, at, by, howFar);
      mapper.settle(id, BroughtSheet.State.ACCEPTED, by, at);
    } finally {
      underWay.remove(id);
    }
    return found(id);
  }

  /** Takes back all that a sheet brought; what it changed stands again as it was. */
  @Transactional
  public BroughtSheet undo(UUID id, Instant at, Signature by) {
    BroughtSheet sheet = mapper.lock(id);
    if (sheet == null) {
      throw Refusal.notFound("This sheet");
    }
    if (sheet.state() == BroughtSheet.State.LOOKED_AT) {
      mapper.settle(id, BroughtSheet.State.DROPPED, by, at);
    } else if (sheet.state() == BroughtSheet.State.ACCEPTED) {
      of(sheet.kind()).undo(sheet, at, by);
      mapper.settle(id, BroughtSheet.State.UNDONE, by, at);
    }
    return found(id);
  }
}
