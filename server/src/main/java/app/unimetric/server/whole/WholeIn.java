package app.unimetric.server.whole;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.table.CellText;
import app.unimetric.documents.table.Table;
import app.unimetric.server.bring.BroughtSheets;
import app.unimetric.server.bring.SheetKind;
import app.unimetric.server.gate.Bounds;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.shelf.Stock;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings what another workshop wrote out into one that has just begun: all of it, or nothing. */
@Service
class WholeIn {
  private static final int MOST_FILES = 20_000;

  /** Sheets and packs together. */
  private static final long MOST_BYTES = Bounds.SHEET_BYTES;

  /** What is looked at and left, such as cards and photographs. */
  private static final long MOST_PASSED = 1_000_000_000;

  private static final int BUFFER = 8 * 1024;
  private static final byte[] NOTHING = {};
  private final Fleet fleet;
  private final BroughtSheets sheets;
  private final Packs packs;
  private final Stock stock;

  WholeIn(Fleet fleet, BroughtSheets sheets, Packs packs, Stock stock) {
    this.fleet = fleet;
    this.sheets = sheets;
    this.packs = packs;
    this.stock = stock;
  }

  /** How much came in, kind by kind, and what stayed in the file. */
  record Brought(List<String> came, List<String> stayed) {}

  /**
   * @throws Refusal where this workshop has machines already
   * @throws InvalidInput where the file is not what a workshop wrote out, with the first reason
   */
  @Transactional
  Brought bring(byte[] file, Instant at, Signature by) {
    if (fleet.isAny()) {
      throw Refusal.conflict(
          "A whole workshop comes into one that has just begun; here are machines already. Bring single sheets instead.",
          Map.of());
    }
    Map<String, byte[]> files = unpacked(file);
    if (!files.containsKey("machines.csv")) {
      throw InvalidInput.at("file", "is not what a workshop wrote out: it has no machines.csv.");
    }
    List<String> came = new ArrayList<>();
    for (SheetKind kind : List.of(SheetKind.MACHINES, SheetKind.TOOLS, SheetKind.VALUES)) {
      String name = kind.name().toLowerCase(Locale.ROOT) + ".csv";
      byte[] sheet = files.remove(name);
      if (sheet != null) {
        UUID id = UUID.randomUUID();
        sheets.look(id, kind, name, sheet, at, by);
        sheets.accept(id, true, at, by);
        came.add(name);
      }
    }
    byte[] parts = files.remove("parts.csv");
    if (parts != null) {
      came.add("parts.csv: " + parts(parts, at, by));
    }
    List<String> stayed = new ArrayList<>();
    int taken = 0;
    for (Map.Entry<String, byte[]> one : files.entrySet()) {
      if (one.getKey().startsWith(WholeOut.PACKS)) {
        packs.take(new String(one.getValue(), StandardCharsets.UTF_8), by, at);
        taken++;
      } else if (!one.getKey().equals("README.txt")) {
        stayed.add(one.getKey());
      }
    }
    came.add("packs: " + taken);
    return new Brought(came, stayed.subList(0, Math.min(200, stayed.size())));
  }

  private int parts(byte[] csv, Instant at, Signature by) {
    Table table = Table.read(csv);
    if (!table.header().equals(WholeOut.PARTS)) {
      throw InvalidInput.at("parts.csv", "must have the columns " + WholeOut.PARTS + ".");
    }
    for (Table.Row row : table.rows()) {
      List<String> part = row.cells();
      String price = part.get(2);
      stock.move(
          UUID.randomUUID(),
          part.get(0),
          CellText.count(part.get(1), "pieces"),
          price.isEmpty() ? null : JobCost.amount(price, "price"),
          new Stock.Known(part.get(3), part.get(4), part.get(5)),
          "counted",
          at,
          by);
    }
    return table.rows().size();
  }

  private static boolean comesIn(String name) {
    return name.endsWith(".csv") || name.startsWith(WholeOut.PACKS);
  }

  private static long passedOver(ZipInputStream zip) throws IOException {
    byte[] buffer = new byte[BUFFER];
    long bytes = 0;
    for (int n = zip.read(buffer); n >= 0 && bytes <= MOST_PASSED; n = zip.read(buffer)) {
      bytes += n;
    }
    return bytes;
  }

  /** Names are keys here and never paths, so that none leads anywhere. */
  private static Map<String, byte[]> unpacked(byte[] file) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    long bytes = 0;
    long passed = 0;
    try (ZipInputStream zip =
        new ZipInputStream(new ByteArrayInputStream(file), StandardCharsets.UTF_8)) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        boolean kept = comesIn(entry.getName());
        byte[] content = kept ? zip.readNBytes(Bounds.SHEET_BYTES + 1) : NOTHING;
        bytes += content.length;
        if (bytes > MOST_BYTES || content.length > Bounds.SHEET_BYTES || passed > MOST_PASSED) {
          throw InvalidInput.at(
              "file", "holds more than 24 MB of sheets and packs; bring sheets one by one.");
        }
        if (files.size() >= MOST_FILES) {
          throw InvalidInput.at("file", "holds more than 20 000 files; leave cards/ out.");
        }
        if (!entry.isDirectory()) {
          files.put(entry.getName(), content);
        }
        passed += passedOver(zip);
      }
    } catch (InvalidInput e) {
      throw e;
    } catch (IOException | IllegalArgumentException e) {
      throw InvalidInput.at("file", "cannot be read as a zip file.");
    }
    return files;
  }
}
