package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.book.SpecColumn;
import app.unimetric.core.book.SpecDoubts;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.table.SpecSheet;
import app.unimetric.server.book.ImportLine.Standing;
import app.unimetric.server.event.ValuesChanged;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sheets of values: looked at line by line, mended, accepted whole or not at all, and undone.
 * Nothing counts before it is accepted.
 */
@Service
public class SheetImports {
  static final int MOST_LINES = 100;
  private static final int BATCH = 5000;
  private static final int LONGEST_NAME = 200;
  private static final int LONGEST_CELL = 500;

  private final ImportMapper mapper;
  private final BookMapper book;
  private final ApplicationEventPublisher events;
  private final JsonMapper json;

  SheetImports(
      ImportMapper mapper, BookMapper book, ApplicationEventPublisher events, JsonMapper json) {
    this.mapper = mapper;
    this.book = book;
    this.events = events;
    this.json = json;
  }

  /** What stands in the book for the joints of a sheet, and what its own lines say of them. */
  private static final class Known {
    private final Map<SpecLine.Place, List<BookValue>> inBook = new HashMap<>();
    private final Map<SpecLine.Place, List<SpecLine>> inSheet = new HashMap<>();
    private final Map<UUID, SpecLine> lines = new HashMap<>();

    void book(List<BookValue> values) {
      for (BookValue v : values) {
        SpecLine line = v.line();
        lines.put(v.id(), line);
        inBook.computeIfAbsent(line.about(), p -> new ArrayList<>()).add(v);
      }
    }

    List<BookValue> about(SpecLine line) {
      return inBook.getOrDefault(line.about(), List.of());
    }

    SpecLine line(BookValue value) {
      return lines.getOrDefault(value.id(), value.line());
    }

    List<SpecLine> besides(SpecLine line) {
      return inSheet.getOrDefault(line.about(), List.of());
    }

    void sheet(SpecLine line) {
      inSheet.computeIfAbsent(line.about(), p -> new ArrayList<>()).add(line);
    }
  }

  /**
   * Looks at a sheet; sent again it is looked at once.
   *
   * @throws InvalidInput where the file is no spec sheet
   */
  @Transactional
  public ValueImport look(UUID id, String name, byte[] file, Instant at, Signature by) {
    new Problems()
        .require(
            !name.isBlank() && name.length() <= LONGEST_NAME,
            "name",
            "must have 1 to 200 characters.")
        .orThrow();
    ValueImport before = mapper.byId(id);
    if (before != null) {
      return before;
    }
    SpecSheet sheet = SpecSheet.read(file);
    if (sheet.lines().isEmpty()) {
      throw InvalidInput.at("", "The sheet names its columns but holds no line.");
    }
    mapper.begin(id, name.strip(), takenFor(sheet), by, at);
    Map<SpecSheet.Line, Object> read = new LinkedHashMap<>();
    Set<String> models = new java.util.HashSet<>();
    for (SpecSheet.Line line : sheet.lines()) {
      try {
        SpecLine spec = SpecLine.of(line.cells());
        models.add(modelOf(spec));
        read.put(line, spec);
      } catch (InvalidInput e) {
        read.put(line, e.problems());
      }
    }
    Known known = new Known();
    known.book(book.ofModels(models.toArray(String[]::new)));
    List<ImportLine> batch = new ArrayList<>();
    for (Map.Entry<SpecSheet.Line, Object> e : read.entrySet()) {
      SpecSheet.Line line = e.getKey();
      batch.add(
          e.getValue() instanceof SpecLine spec
              ? judged(line.line(), line.cells(), spec, known)
              : refused(line.line(), line.cells(), problems(e.getValue())));
      if (batch.size() == BATCH) {
        mapper.addLines(id, rows(batch));
        batch.clear();
      }
    }
    if (!batch.isEmpty()) {
      mapper.addLines(id, rows(batch));
    }
    return found(id);
  }

  @SuppressWarnings("unchecked")
  private static List<Problem> problems(Object read) {
    return (List<Problem>) read;
  }

  private static String modelOf(SpecLine line) {
    return line.make().toLowerCase(Locale.ROOT) + " " + line.model().toLowerCase(Locale.ROOT);
  }

  private static String takenFor(SpecSheet sheet) {
    return sheet.encoding()
        + ", cells apart by "
        + sheet.separator()
        + (sheet.passedOver().isEmpty()
            ? ""
            : "; columns nobody here knows: " + String.join(", ", sheet.passedOver()));
  }

  private ImportLine judged(long line, Map<SpecColumn, String> cells, SpecLine spec, Known known) {
    List<BookValue> there = known.about(spec);
    List<SpecLine> besides = known.besides(spec);
    BookValue same = null;
    for (BookValue v : there) {
      if (known.line(v).isSameStatementAs(spec)) {
        same = v;
      }
    }
    SpecLine twice =
        besides.stream().filter(o -> o.isSameStatementAs(spec)).findFirst().orElse(null);
    known.sheet(spec);
    if (twice != null) {
      return twice.torque().equals(spec.torque()) && twice.condition() == spec.condition()
          ? line(line, cells, spec, Standing.SAME, List.of("It stands twice in this file."), null)
          : refused(
              line,
              cells,
              List.of(
                  new Problem(
                      "torque",
                      "says “"
                          + spec.torque()
                          + "” where an earlier line of this file says “"
                          + twice.torque()
                          + "” for the same joint from the same document; leave one of them out.")));
    }
    if (same != null
        && same.torque().equals(spec.torque())
        && same.condition() == spec.condition()) {
      return line(
          line, cells, spec, Standing.SAME, List.of("Entered by " + same.saidBy() + "."), null);
    }
    UUID replaced = same == null ? null : same.id();
    List<SpecLine> others = new ArrayList<>(besides);
    there.stream().filter(v -> !v.id().equals(replaced)).map(known::line).forEach(others::add);
    SpecDoubts doubts = SpecDoubts.of(spec, others);
    List<String> said = new ArrayList<>(doubts.slips());
    said.addAll(doubts.conflicts());
    if (same != null) {
      said.add(0, "Until now “" + same.torque() + "”, entered by " + same.saidBy() + ".");
      return line(line, cells, spec, Standing.CHANGED, said, replaced);
    }
    return line(
        line,
        cells,
        spec,
        !doubts.slips().isEmpty()
            ? Standing.DOUBTFUL
            : !doubts.conflicts().isEmpty() ? Standing.CONFLICT : Standing.NEW,
        said,
        null);
  }

  private ImportLine refused(long line, Map<SpecColumn, String> cells, List<Problem> problems) {
    return new ImportLine(
        line,
        json.writeValueAsString(cells),
        null,
        Standing.REFUSED,
        json.writeValueAsString(
            problems.stream().map(p -> p.field() + ": " + p.message()).toList()),
        null);
  }

  private ImportLine line(
      long line,
      Map<SpecColumn, String> cells,
      SpecLine spec,
      Standing standing,
      List<String> said,
      @Nullable UUID replaces) {
    return new ImportLine(
        line,
        json.writeValueAsString(cells),
        json.writeValueAsString(spec),
        standing,
        json.writeValueAsString(said),
        replaces);
  }

  private String rows(List<ImportLine> lines) {
    return lines.stream()
        .map(
            l ->
                "{\"line\":"
                    + l.line()
                    + ",\"cells\":"
                    + l.cells()
                    + ",\"spec\":"
                    + l.spec()
                    + ",\"standing\":\""
                    + l.standing().name()
                    + "\",\"said\":"
                    + l.said()
                    + ",\"replaces\":"
                    + (l.replaces() == null ? "null" : "\"" + l.replaces() + "\"")
                    + "}")
        .collect(Collectors.joining(",", "[", "]"));
  }

  ValueImport found(UUID id) {
    ValueImport found = mapper.byId(id);
    if (found == null) {
      throw Refusal.notFound("This sheet");
    }
    return found;
  }

  List<ValueImport> newest() {
    return mapper.newest();
  }

  Map<Standing, Integer> counts(UUID id) {
    Map<Standing, Integer> counts = new EnumMap<>(Standing.class);
    mapper.counts(id).forEach(c -> counts.put(c.standing(), c.lines()));
    return counts;
  }

  List<ImportLine> lines(UUID id, @Nullable Standing standing, long after) {
    return mapper.lines(id, standing, after, MOST_LINES);
  }

  /** What is said of a line, and its cells, as lists for the screen. */
  List<String> words(String texts) {
    return json.readValue(texts, new TypeReference<List<String>>() {});
  }

  Map<SpecColumn, String> cells(ImportLine line) {
    return json.readValue(line.cells(), new TypeReference<Map<SpecColumn, String>>() {});
  }

  /**
   * A line is mended, or left out.
   *
   * @param cells as they should be; null to leave the line out
   */
  @Transactional
  public ImportLine mend(UUID id, long number, @Nullable Map<SpecColumn, String> cells) {
    open(id);
    ImportLine before = mapper.line(id, number);
    if (before == null) {
      throw Refusal.notFound("This line");
    }
    ImportLine now = cells == null ? leftOut(before) : judgedAgain(number, cells);
    mapper.judged(id, now);
    return now;
  }

  private static ImportLine leftOut(ImportLine line) {
    return new ImportLine(
        line.line(), line.cells(), line.spec(), Standing.LEFT_OUT, line.said(), null);
  }

  private ImportLine judgedAgain(long number, Map<SpecColumn, String> cells) {
    Problems problems = new Problems();
    cells.forEach(
        (column, text) ->
            problems.require(
                text.length() <= LONGEST_CELL, column.header(), "has more than 500 characters."));
    problems.orThrow();
    try {
      SpecLine spec = SpecLine.of(cells);
      Known known = new Known();
      known.book(book.ofModels(new String[] {modelOf(spec)}));
      return judged(number, cells, spec, known);
    } catch (InvalidInput e) {
      return refused(number, cells, e.problems());
    }
  }

  private ValueImport open(UUID id) {
    ValueImport sheet = mapper.lock(id);
    if (sheet == null) {
      throw Refusal.notFound("This sheet");
    }
    if (sheet.state() != ValueImport.State.LOOKED_AT) {
      throw Refusal.conflict(
          "This sheet is settled already, by " + sheet.settledBy() + ".", Map.of());
    }
    return sheet;
  }

  /**
   * Accepts all lines that bring something, or none.
   *
   * @param doubtsSeen whether a person looked at lines that disagree or are doubtful in their unit
   */
  @Transactional
  public ValueImport accept(UUID id, boolean doubtsSeen, Instant at, Signature by) {
    ValueImport known = mapper.lock(id);
    if (known != null && known.state() == ValueImport.State.ACCEPTED) {
      return known;
    }
    ValueImport sheet = open(id);
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
          doubtful
              + " lines disagree with another source or are doubtful in their unit: look at them and say so.",
          Map.of());
    }
    int overtaken = mapper.overtaken(id);
    if (overtaken > 0) {
      throw Refusal.conflict(
          overtaken
              + " values were changed by somebody since you looked; bring the sheet in anew to see what stands there now.",
          Map.of());
    }
    String reason = "changed by the sheet “" + sheet.name() + "”";
    mapper.takeBackReplaced(id, reason, by, at);
    mapper.enterLines(id, by, at);
    mapper.settle(id, ValueImport.State.ACCEPTED, by, at);
    tell(id, gone(mapper.replaced(id), reason), at, by);
    return found(id);
  }

  /** Takes back all that a sheet brought; what it changed stands again as it was. */
  @Transactional
  public ValueImport undo(UUID id, Instant at, Signature by) {
    ValueImport sheet = mapper.lock(id);
    if (sheet == null) {
      throw Refusal.notFound("This sheet");
    }
    if (sheet.state() == ValueImport.State.LOOKED_AT) {
      mapper.settle(id, ValueImport.State.DROPPED, by, at);
      return found(id);
    }
    if (sheet.state() == ValueImport.State.ACCEPTED) {
      String reason = "the sheet “" + sheet.name() + "” was undone";
      mapper.takeBackBrought(id, reason, by, at);
      mapper.standAgain(id);
      mapper.settle(id, ValueImport.State.UNDONE, by, at);
      tell(id, gone(mapper.brought(id), reason), at, by);
    }
    return found(id);
  }

  private static Map<UUID, String> gone(List<UUID> values, String reason) {
    Map<UUID, String> gone = new HashMap<>();
    values.forEach(v -> gone.put(v, reason));
    return gone;
  }

  private void tell(UUID id, Map<UUID, String> gone, Instant at, Signature by) {
    Set<ValuesChanged.Model> models =
        mapper.models(id).stream()
            .map(m -> m.split("\n", 2))
            .map(m -> new ValuesChanged.Model(m[0], m[1]))
            .collect(Collectors.toSet());
    events.publishEvent(new ValuesChanged(models, gone, at, by));
  }
}
