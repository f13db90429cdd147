package app.unimetric.documents.run;

import app.unimetric.core.bench.OtherTool;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.StepKind;
import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.Side;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import app.unimetric.documents.Versioned;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A run sheet as stored. */
public record RunSheetDocument(
    String title,
    boolean critical,
    List<String> cautions,
    List<JointFields> joints,
    List<StepFields> steps,
    @Nullable Integer lookAgainMinutes) {
  private static final Versioned<RunSheetDocument> FORMAT =
      new Versioned<>("run sheet", RunSheetDocument.class, List.of());

  /** Where a fastener sits, −1 to 1, y downwards. */
  public record Place(int number, double x, double y) {}

  /** Minutes from the product's own sheet. */
  public record CureFields(
      String product, @Nullable Double fixtureMinutes, @Nullable Double fullCureMinutes) {}

  /** A joint; torques in N·m. */
  public record JointFields(
      String id,
      String title,
      String thread,
      int count,
      Layout layout,
      List<Place> positions,
      boolean critical,
      String stated,
      @Nullable TorqueBand band,
      @Nullable Double aimNm,
      @Nullable Double ceilingNm,
      String compound,
      String direction,
      boolean leftHand,
      List<OtherToolFields> otherTools,
      @Nullable CureFields cure,
      boolean cured) {}

  /** Another tool that would do. */
  public record OtherToolFields(
      String toolId, String name, String words, Map<String, SetToFields> steps) {}

  /** How it is set for one step; torques in N·m. */
  public record SetToFields(
      @Nullable ReadingFields reading, @Nullable Double settingNm, @Nullable Double mayStandToNm) {}

  /** What is set on a tool, in its own unit. */
  public record ReadingFields(double figure, TorqueUnit unit, @Nullable Double graduation) {}

  /** What is measured, and its limits. */
  public record MeasureFields(
      String what,
      @Nullable String unit,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable String limit,
      @Nullable Double within,
      Measure.@Nullable End onPart,
      @Nullable Side side) {}

  /** A step; torques in N·m. */
  public record StepFields(
      String id,
      StepKind kind,
      String group,
      String title,
      String text,
      @Nullable String jointId,
      double percent,
      List<Integer> order,
      @Nullable TorqueBand band,
      @Nullable ReadingFields reading,
      @Nullable Double settingNm,
      @Nullable String toolId,
      @Nullable String toolName,
      boolean hold,
      List<String> traps,
      @Nullable MeasureFields measure,
      @Nullable String comparesWith,
      boolean judged,
      @Nullable Double mayStandToNm,
      @Nullable NutFields castellation) {}

  /** Slots of a nut and the cross holes it is pinned through. */
  public record NutFields(int slots, int holes) {
    static @Nullable NutFields of(@Nullable Castellation c) {
      return c == null ? null : new NutFields(c.slots(), c.holes());
    }

    Castellation castellation() {
      return new Castellation(slots, holes);
    }
  }

  /** Writes a run sheet. */
  public static String write(RunSheet sheet) {
    return FORMAT.write(of(sheet));
  }

  /** Reads a run sheet. */
  public static RunSheet read(String text) {
    return FORMAT.read(text).sheet();
  }

  static RunSheetDocument of(RunSheet s) {
    return new RunSheetDocument(
        s.title(),
        s.critical(),
        s.cautions(),
        s.joints().stream().map(RunSheetDocument::joint).toList(),
        s.steps().stream().map(RunSheetDocument::step).toList(),
        s.lookAgainMinutes());
  }

  RunSheet sheet() {
    return new RunSheet(
        title,
        critical,
        cautions,
        joints.stream().map(RunSheetDocument::joint).toList(),
        steps.stream().map(RunSheetDocument::step).toList(),
        lookAgainMinutes);
  }

  private static JointFields joint(RunJoint j) {
    RunJoint.Cure cure = j.cure();
    return new JointFields(
        j.id(),
        j.title(),
        j.thread(),
        j.count(),
        j.layout(),
        j.positions().stream().map(p -> new Place(p.number(), p.x(), p.y())).toList(),
        j.critical(),
        j.stated(),
        j.band(),
        j.aimNm(),
        j.ceilingNm(),
        j.compound(),
        j.direction(),
        j.leftHand(),
        j.otherTools().stream().map(RunSheetDocument::otherTool).toList(),
        cure == null
            ? null
            : new CureFields(cure.product(), cure.fixtureMinutes(), cure.fullCureMinutes()),
        j.cured());
  }

  private static RunJoint joint(JointFields j) {
    CureFields cure = j.cure();
    return new RunJoint(
        j.id(),
        j.title(),
        j.thread(),
        j.count(),
        j.layout(),
        j.positions().stream().map(p -> new FastenerPosition(p.number(), p.x(), p.y())).toList(),
        j.critical(),
        j.stated(),
        j.band(),
        j.aimNm(),
        j.ceilingNm(),
        j.compound(),
        j.direction(),
        j.leftHand(),
        j.otherTools().stream().map(RunSheetDocument::otherTool).toList(),
        cure == null
            ? null
            : new RunJoint.Cure(cure.product(), cure.fixtureMinutes(), cure.fullCureMinutes()),
        j.cured());
  }

  private static OtherToolFields otherTool(OtherTool t) {
    Map<String, SetToFields> steps = new LinkedHashMap<>();
    t.steps()
        .forEach(
            (id, set) ->
                steps.put(
                    id,
                    new SetToFields(reading(set.reading()), set.settingNm(), set.mayStandToNm())));
    return new OtherToolFields(t.toolId(), t.name(), t.words(), steps);
  }

  private static OtherTool otherTool(OtherToolFields t) {
    Map<String, OtherTool.SetTo> steps = new LinkedHashMap<>();
    t.steps()
        .forEach(
            (id, set) ->
                steps.put(
                    id,
                    new OtherTool.SetTo(
                        reading(set.reading()), set.settingNm(), set.mayStandToNm())));
    return new OtherTool(t.toolId(), t.name(), t.words(), steps);
  }

  private static @Nullable ReadingFields reading(@Nullable ScaleReading r) {
    return r == null ? null : new ReadingFields(r.figure(), r.unit(), r.graduation());
  }

  private static @Nullable ScaleReading reading(@Nullable ReadingFields r) {
    return r == null ? null : new ScaleReading(r.figure(), r.unit(), r.graduation());
  }

  private static StepFields step(RunStep s) {
    Measure m = s.measure();
    return new StepFields(
        s.id(),
        s.kind(),
        s.group(),
        s.title(),
        s.text(),
        s.jointId(),
        s.percent(),
        s.order(),
        s.band(),
        reading(s.reading()),
        s.settingNm(),
        s.toolId(),
        s.toolName(),
        s.hold(),
        s.traps(),
        m == null
            ? null
            : new MeasureFields(
                m.what(), m.unit(), m.min(), m.max(), m.limit(), m.within(), m.onPart(), m.side()),
        s.comparesWith(),
        s.judged(),
        s.mayStandToNm(),
        NutFields.of(s.castellation()));
  }

  private static RunStep step(StepFields s) {
    MeasureFields m = s.measure();
    NutFields nut = s.castellation();
    return new RunStep(
        s.id(),
        s.kind(),
        s.group(),
        s.title(),
        s.text(),
        s.jointId(),
        s.percent(),
        s.order(),
        s.band(),
        reading(s.reading()),
        s.settingNm(),
        s.toolId(),
        s.toolName(),
        s.hold(),
        s.traps(),
        m == null
            ? null
            : new Measure(
                m.what(), m.unit(), m.min(), m.max(), m.limit(), m.within(), m.onPart(), m.side()),
        s.comparesWith(),
        s.judged(),
        s.mayStandToNm(),
        nut == null ? null : nut.castellation());
  }
}
