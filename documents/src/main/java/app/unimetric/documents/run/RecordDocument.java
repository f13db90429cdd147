package app.unimetric.documents.run;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.CureClock;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.OtherTool;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.Verdict;
import app.unimetric.core.device.CurveShape;
import app.unimetric.core.device.CurveVerdict;
import app.unimetric.documents.Versioned;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A signed record as stored: the sheet and what came of every entry, as it stood then. */
public record RecordDocument(
    UUID jobId,
    RunSheetDocument sheet,
    List<EntryFields> entries,
    List<String> doneSteps,
    List<ClockFields> clocks,
    String startedBy,
    UUID startedById,
    Instant startedAt) {
  private static final Versioned<RecordDocument> FORMAT =
      new Versioned<>("record", RecordDocument.class, List.of());

  /** An entry and what the replay made of it. */
  public record EntryFields(
      EventDocument event,
      int round,
      @Nullable Double torqueNm,
      @Nullable Verdict verdict,
      @Nullable String notCounted,
      @Nullable String acceptedReason,
      @Nullable UUID correctedBy,
      @Nullable CurveShape curve) {}

  /** A product that set. */
  public record ClockFields(
      String jointId,
      String title,
      String product,
      Instant wettedAt,
      @Nullable Instant finalBy,
      @Nullable Instant finalAt,
      boolean late,
      @Nullable Instant ridableFrom,
      String words) {}

  /** Writes a record. */
  public static String write(AsBuilt built) {
    return FORMAT.write(of(built));
  }

  /** Reads a record. */
  public static AsBuilt read(String text) {
    return FORMAT.read(text).built();
  }

  private static RecordDocument of(AsBuilt b) {
    return new RecordDocument(
        b.jobId(),
        RunSheetDocument.of(b.sheet()),
        b.run().entries().stream().map(RecordDocument::entry).toList(),
        b.run().doneSteps(),
        b.run().clocks().stream().map(RecordDocument::clock).toList(),
        b.startedBy(),
        b.startedById(),
        b.startedAt());
  }

  private AsBuilt built() {
    RunSheet made = sheet.sheet();
    RunState state =
        new RunState(
            null,
            null,
            1,
            null,
            doneSteps,
            List.of(),
            Map.of(),
            List.of(),
            null,
            null,
            Map.of(),
            null,
            entries(made),
            clocks.stream().map(RecordDocument::clock).toList(),
            true);
    return new AsBuilt(jobId, made, state, startedBy, startedById, startedAt);
  }

  private static EntryFields entry(Entry e) {
    return new EntryFields(
        EventDocument.of(e.event()),
        e.round(),
        e.torqueNm(),
        e.verdict(),
        e.notCounted(),
        e.acceptedReason(),
        e.correctedBy(),
        e.curve() == null ? null : e.curve().shape());
  }

  /** A click is shown as the tool in hand was set, also where another was taken up. */
  private List<Entry> entries(RunSheet made) {
    Map<String, OtherTool> taken = new HashMap<>();
    List<Entry> all = new ArrayList<>();
    for (EntryFields fields : entries) {
      RunEvent event = fields.event().event();
      RunStep laidOut = made.step(event.stepId()).orElse(null);
      String joint = laidOut == null ? null : laidOut.jointId();
      if (joint != null && fields.notCounted() == null) {
        made.joint(joint)
            .flatMap(j -> j.otherTool(event.toolId()))
            .ifPresent(t -> taken.put(joint, t));
      }
      OtherTool tool = taken.get(joint);
      RunStep step = laidOut == null || tool == null ? laidOut : laidOut.with(tool);
      all.add(entry(fields, event, step, joint == null ? null : made.joint(joint).orElse(null)));
    }
    return all;
  }

  private static Entry entry(
      EntryFields e, RunEvent event, @Nullable RunStep step, @Nullable RunJoint joint) {
    return new Entry(
        event,
        e.round(),
        e.torqueNm() == null && event.moved() == null && event.slot() == null
            ? null
            : Entry.shown(event, step, joint),
        e.torqueNm(),
        e.verdict(),
        e.notCounted(),
        e.acceptedReason(),
        e.correctedBy(),
        e.curve() == null ? null : CurveVerdict.of(e.curve()).orElse(null));
  }

  private static ClockFields clock(CureClock c) {
    return new ClockFields(
        c.jointId(),
        c.title(),
        c.product(),
        c.wettedAt(),
        c.finalBy(),
        c.finalAt(),
        c.late(),
        c.ridableFrom(),
        c.words());
  }

  private static CureClock clock(ClockFields c) {
    return new CureClock(
        c.jointId(),
        c.title(),
        c.product(),
        c.wettedAt(),
        c.finalBy(),
        c.finalAt(),
        c.late(),
        c.ridableFrom(),
        c.words());
  }
}
