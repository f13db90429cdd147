package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.book.SpecColumn;
import app.unimetric.core.book.SpecDoubts;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.table.Column;
import app.unimetric.documents.table.SpecSheet;
import app.unimetric.server.bring.Brings;
import app.unimetric.server.bring.BroughtSheet;
import app.unimetric.server.bring.HowFar;
import app.unimetric.server.bring.Judged;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.bring.Standing;
import app.unimetric.server.event.ValuesChanged;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Sheets of stated values. */
@Component
class ValueSheets implements Brings {
  private static final int BATCH = 5000;

  private final ValueSheetMapper mapper;
  private final BookMapper book;
  private final SpecBook spec;
  private final ApplicationEventPublisher events;

  ValueSheets(
      ValueSheetMapper mapper, BookMapper book, SpecBook spec, ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.book = book;
    this.spec = spec;
    this.events = events;
  }

  @Override
  public SheetKind kind() {
    return SheetKind.VALUES;
  }

  @Override
  public List<SpecColumn> columns() {
    return SpecColumn.ALL;
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

  @Override
  public List<Judged> judge(List<Map<String, String>> lines, HowFar howFar) {
    List<Object> read = new ArrayList<>();
    Set<String> models = new HashSet<>();
    for (Map<String, String> cells : lines) {
      try {
        SpecLine line = SpecLine.of(Column.cells(SpecColumn.ALL, cells));
        models.add(modelOf(line));
        read.add(line);
      } catch (InvalidInput e) {
        read.add(e.problems());
      }
      howFar.is(read.size(), 2L * lines.size());
    }
    Known known = new Known();
    known.book(book.ofModels(models.toArray(String[]::new)));
    List<Judged> judged = new ArrayList<>();
    for (Object one : read) {
      judged.add(
          one instanceof SpecLine line ? judged(line, known) : Judged.refused(problems(one)));
      howFar.is((long) lines.size() + judged.size(), 2L * lines.size());
    }
    return judged;
  }

  @SuppressWarnings("unchecked")
  private static List<Problem> problems(Object read) {
    return (List<Problem>) read;
  }

  private static String modelOf(SpecLine line) {
    return line.make().toLowerCase(Locale.ROOT) + " " + line.model().toLowerCase(Locale.ROOT);
  }

  private static Judged judged(SpecLine line, Known known) {
    List<BookValue> there = known.about(line);
    List<SpecLine> besides = known.besides(line);
    BookValue same = null;
    for (BookValue v : there) {
      if (known.line(v).isSameStatementAs(line)) {
        same = v;
      }
    }
    SpecLine twice =
        besides.stream().filter(o -> o.isSameStatementAs(line)).findFirst().orElse(null);
    known.sheet(line);
    if (twice != null) {
      return twice.torque().equals(line.torque()) && twice.condition() == line.condition()
          ? Judged.of(Standing.SAME, line, List.of("It stands twice in this file."))
          : Judged.refused(
              List.of(
                  new Problem(
                      "torque",
                      "says “"
                          + line.torque()
                          + "” where an earlier line of this file says “"
                          + twice.torque()
                          + "” for the same joint from the same document; leave one of them out.")));
    }
    if (same != null
        && same.torque().equals(line.torque())
        && same.condition() == line.condition()) {
      return Judged.of(Standing.SAME, line, List.of("Entered by " + same.saidBy() + "."));
    }
    UUID replaced = same == null ? null : same.id();
    List<SpecLine> others = new ArrayList<>(besides);
    there.stream().filter(v -> !v.id().equals(replaced)).map(known::line).forEach(others::add);
    SpecDoubts doubts = SpecDoubts.of(line, others);
    List<String> said = new ArrayList<>(doubts.slips());
    said.addAll(doubts.conflicts());
    if (same != null) {
      said.add(0, "Until now “" + same.torque() + "”, entered by " + same.saidBy() + ".");
      return new Judged(Standing.CHANGED, line, said, replaced);
    }
    return Judged.of(
        !doubts.slips().isEmpty()
            ? Standing.DOUBTFUL
            : !doubts.conflicts().isEmpty() ? Standing.CONFLICT : Standing.NEW,
        line,
        said);
  }

  @Override
  public void accept(BroughtSheet sheet, Instant at, Signature by, HowFar howFar) {
    UUID id = sheet.id();
    int overtaken = mapper.overtaken(id);
    if (overtaken > 0) {
      throw Refusal.conflict(
          overtaken
              + " values were changed by somebody since you looked; bring the sheet in anew to see what stands there now.",
          Map.of());
    }
    String reason = "changed by the sheet “" + sheet.name() + "”";
    mapper.takeBackReplaced(id, reason, by, at);
    long last = mapper.lastLine(id);
    for (long after = 0; after < last; after += BATCH) {
      mapper.enterLines(id, after, after + BATCH, by, at);
      howFar.is(after + BATCH, last);
    }
    tell(id, gone(mapper.replaced(id), reason), at, by);
  }

  @Override
  public void undo(BroughtSheet sheet, Instant at, Signature by) {
    UUID id = sheet.id();
    String reason = "the sheet “" + sheet.name() + "” was undone";
    mapper.takeBackBrought(id, reason, by, at);
    mapper.standAgain(id);
    mapper.confirmedAgain(id);
    tell(id, gone(mapper.brought(id), reason), at, by);
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

  @Override
  public void write(String search, Consumer<List<String>> row) {
    row.accept(SpecSheet.header());
    long before = Long.MAX_VALUE;
    List<BookValue> some;
    do {
      some = spec.search(search, before);
      some.forEach(v -> row.accept(SpecSheet.cells(v.line())));
      before = some.isEmpty() ? 0 : some.get(some.size() - 1).serverOrder();
    } while (some.size() == SpecBook.MOST);
  }
}
