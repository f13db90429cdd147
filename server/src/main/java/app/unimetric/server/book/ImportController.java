package app.unimetric.server.book;

import app.unimetric.core.book.SpecColumn;
import app.unimetric.documents.table.SpecSheet;
import app.unimetric.documents.table.Table;
import app.unimetric.server.book.ImportLine.Standing;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Spec sheets in and out. */
@RestController
@RequestMapping("/api/book")
class ImportController {
  private final SheetImports imports;
  private final SpecBook book;
  private final Settings settings;
  private final Clock clock;

  ImportController(SheetImports imports, SpecBook book, Settings settings, Clock clock) {
    this.imports = imports;
    this.book = book;
    this.settings = settings;
    this.clock = clock;
  }

  /** How many lines came to something. */
  record StandingLines(Standing code, String words, int lines) {}

  /**
   * A line as it was judged.
   *
   * @param cells by column, as written
   * @param said what is to be said of it
   */
  record SheetLineIn(long line, Standing standing, Map<String, String> cells, List<String> said) {}

  /**
   * @param columns in order, as they are written out
   * @param more where to go on; missing at the end
   */
  record ImportPage(
      ValueImport sheet,
      List<StandingLines> standings,
      List<String> columns,
      List<SheetLineIn> lines,
      @Nullable Long more) {}

  @GetMapping("/imports")
  List<ValueImport> newest() {
    return imports.newest();
  }

  /**
   * Looks at a sheet; nothing counts before it is accepted.
   *
   * @param id made by the sender
   * @param name of the file
   */
  @PostMapping(path = "/imports", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ImportPage look(
      @RequestParam UUID id,
      @RequestParam String name,
      @RequestBody byte[] file,
      @AuthenticationPrincipal SignedIn person) {
    lead(person);
    imports.look(id, name, file, clock.instant(), person.signature());
    return page(id, null, 0);
  }

  /**
   * @param standing only lines that came to this
   * @param after only lines after this one
   */
  @GetMapping("/imports/{id}")
  ImportPage page(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable Standing standing,
      @RequestParam(defaultValue = "0") long after) {
    Map<Standing, Integer> counts = imports.counts(id);
    List<ImportLine> lines = imports.lines(id, standing, after);
    return new ImportPage(
        imports.found(id),
        Arrays.stream(Standing.values())
            .filter(counts::containsKey)
            .map(s -> new StandingLines(s, s.words(), counts.getOrDefault(s, 0)))
            .toList(),
        Arrays.stream(SpecColumn.values()).map(SpecColumn::header).toList(),
        lines.stream().map(this::shown).toList(),
        lines.size() < SheetImports.MOST_LINES ? null : lines.get(lines.size() - 1).line());
  }

  private SheetLineIn shown(ImportLine line) {
    Map<String, String> cells = new java.util.LinkedHashMap<>();
    imports.cells(line).forEach((column, text) -> cells.put(column.header(), text));
    return new SheetLineIn(line.line(), line.standing(), cells, imports.words(line.said()));
  }

  /**
   * @param cells by column; missing to leave the line out
   */
  record MendedLine(@Nullable Map<String, String> cells) {}

  @PostMapping("/imports/{id}/lines/{line}")
  SheetLineIn mend(
      @PathVariable UUID id,
      @PathVariable long line,
      @RequestBody MendedLine mended,
      @AuthenticationPrincipal SignedIn person) {
    lead(person);
    Map<String, String> typed = mended.cells();
    Map<SpecColumn, String> cells = null;
    if (typed != null) {
      cells = new EnumMap<>(SpecColumn.class);
      for (Map.Entry<String, String> e : typed.entrySet()) {
        SpecColumn column =
            SpecColumn.called(e.getKey())
                .orElseThrow(() -> Refusal.notFound("The column " + e.getKey()));
        cells.put(column, e.getValue() == null ? "" : e.getValue());
      }
    }
    return shown(imports.mend(id, line, cells));
  }

  /**
   * @param doubtsSeen whether somebody looked at what disagrees or is doubtful
   */
  record Acceptance(boolean doubtsSeen) {}

  @PostMapping("/imports/{id}/acceptance")
  ImportPage accept(
      @PathVariable UUID id, @RequestBody Acceptance a, @AuthenticationPrincipal SignedIn person) {
    lead(person);
    imports.accept(id, a.doubtsSeen(), clock.instant(), person.signature());
    return page(id, null, 0);
  }

  /** Undoes an accepted sheet, or drops one that was only looked at. */
  @PostMapping("/imports/{id}/undoing")
  ImportPage undo(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    lead(person);
    imports.undo(id, clock.instant(), person.signature());
    return page(id, null, 0);
  }

  private static void lead(SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead brings sheets of values in.");
    }
  }

  /** The whole book as a sheet that reads back as it is; no spreadsheet runs anything in it. */
  @GetMapping(path = "/sheet.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<StreamingResponseBody> out(@RequestParam(defaultValue = "") String q) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("spec-book-" + LocalDate.now(clock) + ".csv")
                .build()
                .toString())
        .body(
            to -> {
              try (CsvWriter csv =
                  Table.writer(
                      new OutputStreamWriter(to, StandardCharsets.UTF_8),
                      settings.current().settings().decimals())) {
                SpecSheet.writeHeader(csv);
                write(q, csv);
              }
            });
  }

  private void write(String q, CsvWriter csv) throws IOException {
    long before = Long.MAX_VALUE;
    List<BookValue> some;
    do {
      some = new ArrayList<>(book.search(q, before));
      some.forEach(v -> SpecSheet.write(v.line(), csv));
      before = some.isEmpty() ? 0 : some.get(some.size() - 1).serverOrder();
    } while (some.size() == SpecBook.MOST);
  }
}
