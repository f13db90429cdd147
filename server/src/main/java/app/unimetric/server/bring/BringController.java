package app.unimetric.server.bring;

import app.unimetric.core.table.Column;
import app.unimetric.documents.settings.Right;
import app.unimetric.documents.table.Table;
import app.unimetric.server.database.DiskRoom;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.settings.Settings;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
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

/** Sheets of values, machines and tools in and out. */
@RestController
@RequestMapping("/api/sheets")
class BringController {
  private final BroughtSheets sheets;
  private final Settings settings;
  private final DiskRoom room;
  private final Clock clock;

  BringController(BroughtSheets sheets, Settings settings, DiskRoom room, Clock clock) {
    this.sheets = sheets;
    this.settings = settings;
    this.room = room;
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
   * @param one what a line is of
   * @param many what the sheet is of
   * @param columns in order, as they are written out
   * @param more where to go on; missing at the end
   */
  record SheetPageIn(
      BroughtSheet sheet,
      String one,
      String many,
      List<StandingLines> standings,
      List<String> columns,
      List<SheetLineIn> lines,
      @Nullable Long more) {}

  @GetMapping
  List<BroughtSheet> newest(@RequestParam SheetKind kind) {
    return sheets.newest(kind);
  }

  /**
   * Looks at a sheet; nothing counts before it is accepted.
   *
   * @param id made by the sender
   * @param name of the file
   */
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  SheetPageIn look(
      @RequestParam UUID id,
      @RequestParam SheetKind kind,
      @RequestParam String name,
      @RequestBody byte[] file,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.BRING_SHEETS, person.isLead());
    room.mustHoldMore();
    sheets.look(id, kind, name, file, clock.instant(), person.signature());
    return page(id, null, 0);
  }

  /**
   * @param standing only lines that came to this
   * @param after only lines after this one
   */
  @GetMapping("/{id:[0-9a-fA-F-]{1,36}}")
  SheetPageIn page(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable Standing standing,
      @RequestParam(defaultValue = "0") long after) {
    BroughtSheet sheet = sheets.found(id);
    Map<Standing, Integer> counts = sheets.counts(id);
    List<BroughtLine> lines = sheets.lines(id, standing, after);
    return new SheetPageIn(
        sheet,
        sheet.kind().one(),
        sheet.kind().words(),
        Arrays.stream(Standing.values())
            .filter(counts::containsKey)
            .map(s -> new StandingLines(s, s.words(), counts.getOrDefault(s, 0)))
            .toList(),
        sheets.of(sheet.kind()).columns().stream().map(Column::header).toList(),
        lines.stream().map(this::shown).toList(),
        lines.size() < BroughtSheets.MOST_LINES ? null : lines.get(lines.size() - 1).line());
  }

  private SheetLineIn shown(BroughtLine line) {
    return new SheetLineIn(line.line(), line.standing(), sheets.cells(line), sheets.said(line));
  }

  /**
   * @param percent of a sheet that is being read or accepted here; missing when none is
   */
  record SheetProgress(@Nullable Integer percent) {}

  @GetMapping("/{id}/progress")
  SheetProgress progress(@PathVariable UUID id) {
    return new SheetProgress(sheets.percent(id));
  }

  /**
   * @param cells by column; missing to leave the line out
   */
  record MendedLine(@Nullable Map<String, String> cells) {}

  @PostMapping("/{id}/lines/{line}")
  SheetLineIn mend(
      @PathVariable UUID id,
      @PathVariable long line,
      @RequestBody MendedLine mended,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.BRING_SHEETS, person.isLead());
    Map<String, String> typed = mended.cells();
    Map<String, String> cells = typed == null ? null : new LinkedHashMap<>();
    if (typed != null && cells != null) {
      typed.forEach((header, text) -> cells.put(header, text == null ? "" : text));
    }
    return shown(sheets.mend(id, line, cells));
  }

  /**
   * @param doubtsSeen whether somebody looked at what disagrees or is doubtful
   */
  record Acceptance(boolean doubtsSeen) {}

  @PostMapping("/{id}/acceptance")
  SheetPageIn accept(
      @PathVariable UUID id, @RequestBody Acceptance a, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.BRING_SHEETS, person.isLead());
    sheets.accept(id, a.doubtsSeen(), clock.instant(), person.signature());
    return page(id, null, 0);
  }

  /** Undoes an accepted sheet, or drops one that was only looked at. */
  @PostMapping("/{id}/undoing")
  SheetPageIn undo(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.BRING_SHEETS, person.isLead());
    sheets.undo(id, clock.instant(), person.signature());
    return page(id, null, 0);
  }

  /**
   * All there is of a kind as a sheet that reads back as it is; no spreadsheet runs anything in it.
   */
  @GetMapping(path = "/of-{kind}.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<StreamingResponseBody> out(
      @PathVariable SheetKind kind, @RequestParam(defaultValue = "") String q) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(
                    kind.name().toLowerCase(Locale.ROOT) + "-" + LocalDate.now(clock) + ".csv")
                .build()
                .toString())
        .body(
            to -> {
              try (CsvWriter csv =
                  Table.writer(
                      new OutputStreamWriter(to, StandardCharsets.UTF_8),
                      settings.current().settings().decimals())) {
                sheets.write(kind, q, row -> Table.write(row, csv));
              }
            });
  }
}
