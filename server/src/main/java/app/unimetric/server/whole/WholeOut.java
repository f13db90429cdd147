package app.unimetric.server.whole;

import app.unimetric.documents.settings.WorkshopSettings.Decimals;
import app.unimetric.documents.table.Table;
import app.unimetric.server.bring.BroughtSheets;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.card.Cards;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.log.RecordPapers;
import app.unimetric.server.pack.OwnPack;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.shelf.PartRow;
import app.unimetric.server.shelf.Stock;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
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

  WholeOut(
      WholeMapper mapper,
      BroughtSheets sheets,
      Packs packs,
      Stock stock,
      Jobs jobs,
      RecordPapers records,
      Cards cards,
      Settings settings) {
    this.mapper = mapper;
    this.sheets = sheets;
    this.packs = packs;
    this.stock = stock;
    this.jobs = jobs;
    this.records = records;
    this.cards = cards;
    this.settings = settings;
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
    zip.finish();
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
