package app.unimetric.documents.run;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.MovedFastener;
import app.unimetric.core.bench.ProductTaken;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.Said;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.SlotAhead;
import app.unimetric.core.photograph.Moment;
import app.unimetric.core.photograph.Photograph;
import app.unimetric.documents.table.Table;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A signed record in the open, by docs/formats/record.schema.json. Its JSON is canonical: names in
 * the order of their code units, no white space, figures plain and without trailing zeros; so its
 * SHA-256 is a fingerprint of what was signed, and the same figures stand on paper.
 *
 * @param json canonical, UTF-8
 */
public record OpenRecord(String json) {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN).build();

  /**
   * What belongs to a record beside the run.
   *
   * @param machineId as the record was signed
   */
  public record About(
      UUID jobId,
      int number,
      String title,
      UUID machineId,
      String machine,
      String make,
      String model,
      int modelYear,
      String signedBy,
      Instant signedAt) {}

  /**
   * The record of what was built.
   *
   * @param photographs that had come when it was signed
   */
  public static OpenRecord of(AsBuilt built, List<Photograph> photographs, About about) {
    Map<String, Object> o = new TreeMap<>();
    o.put("format", "unimetric-record");
    o.put("version", 1);
    o.put("jobId", about.jobId().toString());
    o.put("number", about.number());
    o.put("title", about.title());
    Map<String, Object> machine = new TreeMap<>();
    machine.put("id", about.machineId().toString());
    machine.put("name", about.machine());
    machine.put("make", about.make());
    machine.put("model", about.model());
    machine.put("modelYear", about.modelYear());
    o.put("machine", machine);
    o.put("startedBy", built.startedBy());
    o.put("startedAt", built.startedAt().toString());
    o.put("signedBy", about.signedBy());
    o.put("signedAt", about.signedAt().toString());
    Entry look = built.run().secondLook();
    Signature other = look == null ? null : look.event().witness();
    if (other != null) {
      o.put("secondLookBy", other.name());
    }
    o.put("joints", built.joints().stream().map(OpenRecord::joint).toList());
    o.put("entries", built.run().entries().stream().map(e -> entry(e, built)).toList());
    if (!photographs.isEmpty()) {
      o.put("photographs", photographs.stream().map(p -> photograph(p, built.sheet())).toList());
    }
    return new OpenRecord(JSON.writeValueAsString(o));
  }

  private static Map<String, Object> photograph(Photograph p, RunSheet sheet) {
    Map<String, Object> o = new TreeMap<>();
    o.put("id", p.id().toString());
    o.put("step", sheet.step(p.stepId()).map(OpenRecord::words).orElse(p.stepId()));
    o.put("moment", Moment.of(sheet, p.stepId()).name());
    o.put("by", p.by().name());
    o.put("takenAt", p.time().doneAt().toString());
    o.put("sha256", p.sha256());
    put(o, "words", p.words().isEmpty() ? null : p.words());
    return o;
  }

  private static String words(RunStep step) {
    return step.group() + ": " + step.title();
  }

  private static Map<String, Object> joint(AsBuilt.JointAsBuilt built) {
    RunJoint joint = built.joint();
    Map<String, Object> o = new TreeMap<>();
    o.put("id", joint.id());
    o.put("title", joint.title());
    o.put("thread", joint.thread());
    o.put("count", joint.count());
    o.put("critical", joint.critical());
    o.put("stated", joint.stated());
    o.put("compound", joint.onThread().compound());
    ProductTaken product = built.product();
    if (product != null) {
      o.put("product", product.name());
      put(o, "lot", product.lot().isEmpty() ? null : product.lot());
    }
    put(o, "climbedToNm", built.climbedToNm());
    put(o, "minNm", joint.band() == null ? null : joint.band().minNm());
    put(o, "maxNm", joint.band() == null ? null : joint.band().maxNm());
    o.put("tools", built.tools());
    List<Map<String, Object>> finals = new ArrayList<>();
    for (Entry entry : built.finals()) {
      Map<String, Object> one = new TreeMap<>();
      put(one, "fastener", entry.event().fastener());
      put(one, "torqueNm", entry.torqueNm());
      put(one, "shown", entry.shown());
      one.put("outside", entry.isDeviation());
      one.put("entryId", entry.event().id().toString());
      finals.add(one);
    }
    o.put("finals", finals);
    if (!built.slots().isEmpty()) {
      o.put("slots", built.slots().stream().map(OpenRecord::slot).toList());
    }
    return o;
  }

  /** How far a nut went on to its slot; its torque there is estimated. */
  private static Map<String, Object> slot(Entry entry) {
    Map<String, Object> o = new TreeMap<>();
    put(o, "fastener", entry.event().fastener());
    slot(o, entry.event());
    put(o, "torqueThereNm", entry.torqueNm());
    o.put("entryId", entry.event().id().toString());
    return o;
  }

  private static void slot(Map<String, Object> o, RunEvent event) {
    SlotAhead ahead = event.slot();
    if (ahead != null) {
      put(o, "turnDeg", ahead.turnDeg());
      put(o, "nmPerDegree", ahead.nmPerDegree());
    }
  }

  private static Map<String, Object> entry(Entry entry, AsBuilt built) {
    RunEvent event = entry.event();
    RunStep step = built.sheet().step(event.stepId()).orElse(null);
    Signature witness = event.witness();
    Map<String, Object> o = new TreeMap<>();
    o.put("id", event.id().toString());
    o.put("kind", event.kind().name());
    o.put("step", step == null ? event.stepId() : words(step));
    o.put("by", event.by().name());
    o.put("doneAt", event.time().doneAt().toString());
    o.put("receivedAt", event.time().receivedAt().toString());
    put(o, "fastener", event.fastener());
    put(o, "shown", entry.shown());
    put(o, "torqueNm", entry.torqueNm());
    put(o, "verdict", entry.verdict() == null ? null : entry.verdict().name());
    put(o, "finding", event.said() instanceof Said.Found f ? f.finding().name() : null);
    put(o, "words", event.reason());
    put(o, "curve", event.curve());
    put(o, "curveVerdict", entry.curve() == null ? null : entry.curve().words());
    put(o, "limit", event.said().limitOnPart());
    MovedFastener moved = event.moved();
    if (moved != null) {
      o.put("movedCause", moved.cause().name());
      put(o, "movedDeg", moved.angleDeg());
      put(o, "movedGripMm", moved.gripMm());
    }
    slot(o, event);
    put(o, "witness", witness == null ? null : witness.name());
    put(o, "notCounted", entry.notCounted());
    put(o, "letStand", entry.acceptedReason());
    put(o, "corrects", event.corrects() == null ? null : event.corrects().toString());
    put(o, "correctedBy", entry.correctedBy() == null ? null : entry.correctedBy().toString());
    return o;
  }

  private static void put(Map<String, Object> o, String name, @Nullable Object value) {
    if (value instanceof Double figure) {
      o.put(name, BigDecimal.valueOf(figure).stripTrailingZeros());
    } else if (value != null) {
      o.put(name, value);
    }
  }

  /** SHA-256 of the JSON, 64 hexadecimal digits. */
  public String fingerprint() {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(json.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Its entries as CSV by RFC 4180, one in a line, times by ISO 8601 in UTC. */
  public static String csv(AsBuilt built) {
    StringWriter out = new StringWriter();
    try (CsvWriter csv = Table.writer(out)) {
      Table.write(
          List.of(
              "done_at",
              "by",
              "step",
              "fastener",
              "kind",
              "shown",
              "torque_nm",
              "verdict",
              "words",
              "let_stand",
              "not_counted",
              "witness",
              "id",
              "corrects",
              "corrected_by"),
          csv);
      for (Entry entry : built.run().entries()) {
        Map<String, Object> e = entry(entry, built);
        List<String> cells = new ArrayList<>();
        for (String name :
            List.of(
                "doneAt",
                "by",
                "step",
                "fastener",
                "kind",
                "shown",
                "torqueNm",
                "verdict",
                "words",
                "letStand",
                "notCounted",
                "witness",
                "id",
                "corrects",
                "correctedBy")) {
          Object value = e.getOrDefault(name, "");
          cells.add(value instanceof BigDecimal figure ? figure.toPlainString() : value.toString());
        }
        Table.write(cells, csv);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
