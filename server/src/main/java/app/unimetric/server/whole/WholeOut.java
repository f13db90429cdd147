package app.unimetric.server.whole;

import app.unimetric.core.photograph.Photograph;
import app.unimetric.documents.settings.WorkshopSettings.Decimals;
import app.unimetric.documents.table.Table;
import app.unimetric.server.bring.BroughtSheets;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.card.Cards;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.log.RecordPapers;
import app.unimetric.server.pack.OwnPack;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.photograph.Photographs;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.shelf.PartRow;
import app.unimetric.server.shelf.Stock;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;

/** Writes all of a workshop that other programs can read: sheets, packs, records, cards. */
@Service
class WholeOut {
  static final String READ_ME =
      """
      What one workshop knows and did, in files that other programs read.

      machines.csv, tools.csv, values.csv   come in again on the screen of the same name, or all at once
      parts.csv, packs/                     come in again with them; only what a lead confirmed
      ways/                                 jobs as they were last done on a model, JSON
      people.csv, settings.json, jobs.csv   who, how and what, to be read
      records/job-N.json                    what was done, as it stood when it was signed; its SHA-256 is its fingerprint
      addenda.csv                           what was added to records since
      photographs/job-N/                    JPEG, each named by its place among those of the job; photographs.csv says what they show
      cards/job-N.pdf                       the card of each signed job, where they were asked for

      A record that comes back from a file is no evidence; ./backup and ./restore keep that.
      """;

  static final String PACKS = "packs/";
  static final List<String> PARTS =
      List.of("name", "pieces", "price", "size", "strength", "order number");

  private final WholeMapper mapper;
  private final BroughtSheets sheets;
  private final Packs packs;
  private final Stock stock;
  private final Jobs jobs;
  private final RecordPapers records;
  private final Cards cards;
  private final Settings settings;
  private final Photographs photographs;

  WholeOut(
      WholeMapper mapper,
      BroughtSheets sheets,
      Packs packs,
      Stock stock,
      Jobs jobs,
      RecordPapers records,
      Cards cards,
      Settings settings,
      Photographs photographs) {
    this.mapper = mapper;
    this.sheets = sheets;
    this.packs = packs;
    this.stock = stock;
    this.jobs = jobs;
    this.records = records;
    this.cards = cards;
    this.settings = settings;
    this.photographs = photographs;
  }

  /**
   * @param withCards whether the card of each signed job is painted too, which takes its time
   * @param here address of the workshop, for the cards
   */
  void write(OutputStream to, boolean withCards, String here) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
    text(zip, "README.txt", READ_ME);
    for (SheetKind kind : SheetKind.values()) {
      table(
          zip,
          kind.name().toLowerCase(Locale.ROOT) + ".csv",
          csv -> sheets.write(kind, "", row -> Table.write(row, csv)));
    }
    table(zip, "parts.csv", this::parts);
    table(
        zip,
        "people.csv",
        csv -> {
          csv.writeRecord("name", "role");
          mapper.people().forEach(p -> Table.write(List.of(p.name(), p.document()), csv));
        });
    for (OwnPack pack : packs.confirmed()) {
      text(zip, PACKS + pack.key() + ".json", pack.document());
    }
    for (WholeMapper.Named way : mapper.ways()) {
      text(zip, "ways/" + way.name() + ".json", way.document());
    }
    WholeMapper.Named rules = mapper.settings();
    text(zip, "settings.json", rules == null ? "{}" : rules.document());
    List<WholeMapper.ListedWork> work = mapper.work();
    table(zip, "jobs.csv", csv -> work(work, csv));
    table(
        zip,
        "addenda.csv",
        csv -> {
          csv.writeRecord("job", "at", "by", "words");
          mapper
              .addenda()
              .forEach(
                  a ->
                      Table.write(
                          List.of(String.valueOf(a.number()), a.at(), a.by(), a.words()), csv));
        });
    for (WholeMapper.ListedWork job : work) {
      if (job.signedAt() != null) {
        text(zip, "records/job-" + job.number() + ".json", records.json(job.id()));
        if (withCards) {
          zip.putNextEntry(new ZipEntry("cards/job-" + job.number() + ".pdf"));
          zip.write(cards.pdf(jobs.job(job.id()), null, here));
          zip.closeEntry();
        }
      }
    }
    photographs(zip, work);
    zip.finish();
  }

  /** A photograph with its place in the zip. */
  private record Filed(int job, String file, Photograph photograph) {}

  private void photographs(ZipOutputStream zip, List<WholeMapper.ListedWork> work)
      throws IOException {
    List<Filed> filed = new ArrayList<>();
    for (WholeMapper.ListedWork job : work) {
      int n = 0;
      for (Photograph p : photographs.of(job.id())) {
        String file = "photographs/job-" + job.number() + "/" + ++n + ".jpg";
        filed.add(new Filed(job.number(), file, p));
      }
    }
    table(
        zip,
        "photographs.csv",
        csv -> {
          csv.writeRecord("job", "file", "step", "shows", "by", "taken at", "sha256");
          for (Filed f : filed) {
            Photograph p = f.photograph();
            Table.write(
                List.of(
                    String.valueOf(f.job()),
                    f.file(),
                    p.stepId(),
                    p.words(),
                    p.by().name(),
                    p.time().doneAt().toString(),
                    p.sha256()),
                csv);
          }
        });
    for (Filed f : filed) {
      zip.putNextEntry(new ZipEntry(f.file()));
      zip.write(photographs.jpeg(f.photograph().id()));
      zip.closeEntry();
    }
  }

  private void parts(CsvWriter csv) {
    csv.writeRecord(PARTS);
    for (PartRow part : stock.parts()) {
      Table.write(
          List.of(
              part.name(),
              String.valueOf(part.pieces()),
              part.price() == null ? "" : part.price().toPlainString(),
              part.size(),
              part.strength(),
              part.orderNumber()),
          csv);
    }
  }

  private static void work(List<WholeMapper.ListedWork> work, CsvWriter csv) {
    csv.writeRecord(
        "number", "title", "machine", "opened by", "opened at", "signed by", "signed at");
    for (WholeMapper.ListedWork job : work) {
      String by = job.signedBy();
      String at = job.signedAt();
      Table.write(
          List.of(
              String.valueOf(job.number()),
              job.title(),
              job.machine(),
              job.openedBy(),
              job.openedAt(),
              by == null ? "" : by,
              at == null ? "" : at),
          csv);
    }
  }

  private interface Rows {
    void into(CsvWriter csv);
  }

  private void table(ZipOutputStream zip, String name, Rows rows) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    Decimals decimals = settings.current().settings().decimals();
    // Closing the table would close the zip around it.
    CsvWriter csv = Table.writer(new OutputStreamWriter(zip, StandardCharsets.UTF_8), decimals);
    rows.into(csv);
    csv.flush();
    zip.closeEntry();
  }

  private static void text(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }
}
