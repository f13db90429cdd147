package app.unimetric.server.job;

import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Preparation;
import app.unimetric.core.pack.StatedValue;
import app.unimetric.core.pack.Turning;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Ceiling;
import app.unimetric.core.plan.Decision;
import app.unimetric.core.plan.FitAnswer;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.JointTasks;
import app.unimetric.core.plan.Needs;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.UntilRide;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.spec.Conflict;
import app.unimetric.core.spec.Resolution;
import app.unimetric.core.spec.UnitSlip;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.machine.Machine;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The job sheet as the screen shows it: the plan in words and figures, with every why. */
record JobSheet(
    UUID jobId,
    int number,
    String title,
    String summary,
    String fits,
    @Nullable String part,
    Machine machine,
    String createdBy,
    int version,
    boolean ready,
    List<Blocker> blockers,
    List<String> cautions,
    List<OneTimePart> oneTimeParts,
    Asked preparation,
    double minutes,
    int settingChanges,
    int settingChangesAtLeast,
    boolean handOrder,
    UntilRide ride,
    JobCost cost,
    Needs needs,
    List<FitAnswer> fitAnswers,
    SheetEntries.@Nullable SincePrint sincePrint,
    List<PackStep> steps,
    List<PackStep> stepsBetween,
    List<PackStep> lockingSteps,
    List<PackStep> firstRide,
    List<SheetJoint> joints,
    List<PackCheck> checks) {
  /** What the job asks for before anything is taken apart, in words. */
  record Asked(
      List<String> asFound,
      List<String> fitChecks,
      List<String> inspections,
      List<String> specialTools,
      List<String> consumables) {
    static Asked of(Preparation p) {
      return new Asked(
          p.asFound().stream().map(Measure::words).toList(),
          p.fitChecks(),
          p.inspections().stream().map(Measure::words).toList(),
          p.specialTools(),
          p.consumables());
    }
  }

  /** One joint of the sheet. */
  record SheetJoint(
      String id,
      String title,
      String thread,
      @Nullable String propertyClass,
      int count,
      Layout layout,
      boolean critical,
      boolean leftHand,
      List<FastenerPosition> positions,
      List<SheetValue> values,
      List<String> slots,
      Turning turning,
      @Nullable TorqueBand band,
      @Nullable Double aimNm,
      @Nullable Double capNm,
      @Nullable Ceiling ceiling,
      @Nullable Integer governing,
      boolean ready,
      List<Conflict> conflicts,
      List<UnitSlip> unitSlips,
      @Nullable SheetDecision decision,
      List<String> reasons,
      List<Derivation> derivation,
      CompoundAdvice compound,
      String compoundWords,
      @Nullable SheetTool tool,
      List<SheetTool> otherTools,
      List<Pass> passes,
      List<String> passReasons,
      List<String> orderReasons,
      List<String> notes,
      List<String> traps,
      String wetting,
      List<DeskNote> deskNotes) {}

  /** One stated value. */
  record SheetValue(
      int index,
      String stated,
      String source,
      String document,
      String condition,
      @Nullable TorqueUnit unit,
      @Nullable Double minNm,
      @Nullable Double maxNm) {}

  record SheetDecision(int valueIndex, @Nullable TorqueUnit readAs, String reason, String by) {}

  /** One tool, judged for this joint. */
  record SheetTool(
      String id,
      String name,
      String type,
      TorqueUnit unit,
      double minNm,
      double maxNm,
      boolean usable,
      boolean calibrated,
      @Nullable LocalDate calibrationEnds,
      Setting.Status status,
      @Nullable Double scale,
      @Nullable Double graduation,
      Setting.@Nullable Applied applied,
      double spillPercent,
      List<String> reasons,
      List<Derivation> derivation) {}

  static JobSheet of(
      Job job,
      Machine machine,
      JobPlan plan,
      @Nullable String part,
      JobCost cost,
      List<FitAnswer> fits,
      SheetEntries.@Nullable SincePrint sincePrint,
      List<DeskNote> deskNotes) {
    return new JobSheet(
        job.id(),
        job.number(),
        job.title(),
        plan.pack().summary(),
        plan.pack().fits(),
        part,
        machine,
        job.createdBy(),
        job.version(),
        plan.ready(),
        plan.blockers(),
        plan.pack().cautions(),
        plan.pack().oneTimeParts(),
        Asked.of(plan.pack().preparation()),
        plan.pack().minutes(),
        plan.settingChanges(),
        plan.settingChangesAtLeast(),
        plan.handOrder(),
        plan.ride(),
        cost,
        plan.needs(),
        fits,
        sincePrint,
        plan.pack().steps(Phase.Part.BEFORE),
        plan.pack().steps(Phase.Part.AMONG),
        plan.pack().steps(Phase.Part.AFTER),
        plan.pack().steps(Phase.Part.RIDE),
        plan.joints().stream().map(p -> joint(p, plan.tasks(), deskNotes)).toList(),
        plan.pack().checks());
  }

  private static SheetJoint joint(
      PlannedJoint planned, JointTasks tasks, List<DeskNote> deskNotes) {
    JointTasks.Moment moment = tasks.moments().get(planned.joint().id());
    PackJoint joint = planned.joint();
    Resolution r = planned.resolution();
    ToolChoice chosen = planned.tool();
    return new SheetJoint(
        joint.id(),
        joint.title(),
        joint.thread().designation(),
        joint.propertyClass() == null ? null : joint.propertyClass().mark(),
        joint.count(),
        joint.layout(),
        joint.critical(),
        joint.hand() == app.unimetric.core.thread.Hand.LEFT,
        planned.positions(),
        IntStream.range(0, joint.values().size())
            .mapToObj(i -> value(i, joint.values().get(i)))
            .toList(),
        joint.slots(),
        joint.turning(),
        r.band(),
        r.aimNm(),
        r.capNm(),
        planned.ceiling(),
        r.governing(),
        r.ready(),
        planned.asStated().conflicts(),
        planned.asStated().unitSlips(),
        decision(planned.decision()),
        r.reasons(),
        planned.derivation(),
        planned.compound(),
        planned.compound().advice().words(),
        chosen == null ? null : tool(chosen),
        planned.tools().stream().filter(t -> t != chosen).map(JobSheet::tool).toList(),
        planned.passes(),
        planned.passReasons(),
        planned.orderReasons(),
        planned.notes(),
        joint.traps(),
        moment == null ? "" : moment.words(),
        deskNotes.stream().filter(n -> n.jointId().equals(joint.id())).toList());
  }

  private static SheetValue value(int index, StatedValue stated) {
    TorqueBand figures = stated.value().statedNm();
    return new SheetValue(
        index,
        stated.value().asPrinted(),
        stated.value().source().words(),
        stated.document(),
        stated.value().condition().words(),
        stated.value().unit(),
        figures == null ? null : figures.minNm(),
        figures == null ? null : figures.maxNm());
  }

  private static @Nullable SheetDecision decision(@Nullable Decision d) {
    return d == null ? null : new SheetDecision(d.valueIndex(), d.readAs(), d.reason(), d.by());
  }

  private static SheetTool tool(ToolChoice choice) {
    CribTool tool = choice.tool();
    Setting setting = choice.setting();
    return new SheetTool(
        tool.id(),
        tool.name(),
        tool.type().words(),
        tool.tool().unit(),
        tool.tool().minNm(),
        tool.tool().maxNm(),
        choice.usable(),
        choice.calibrated(),
        tool.calibrationEnds(),
        setting.status(),
        setting.scale(),
        tool.tool().graduation(),
        setting.applied(),
        setting.spillPercent(),
        choice.reasons(),
        setting.derivation());
  }
}
