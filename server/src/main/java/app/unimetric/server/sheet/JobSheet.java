package app.unimetric.server.sheet;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.FitQuestion;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.pack.PackAssembly;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackChoices;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackOption;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Preparation;
import app.unimetric.core.pack.Side;
import app.unimetric.core.pack.Turning;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Ceiling;
import app.unimetric.core.plan.Climb;
import app.unimetric.core.plan.Decision;
import app.unimetric.core.plan.FitAnswer;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Needs;
import app.unimetric.core.plan.NextSlot;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.UntilRide;
import app.unimetric.core.plan.Wetting;
import app.unimetric.core.plan.WorkLine;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.stated.Conflict;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.UnitSlip;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.why.Derivation;
import app.unimetric.documents.shape.ShapeDifference;
import app.unimetric.documents.shape.ShapeMerge;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.server.fit.KeptFit;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.ModelPack;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * The job sheet as the screen shows it: the plan in words and figures, with every why.
 *
 * @param joints the first of them; a long sheet comes in pieces
 * @param laterJoints how many are still to be asked for
 */
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
    List<RolePart> otherParts,
    Asked preparation,
    double minutes,
    int settingChanges,
    int settingChangesAtLeast,
    boolean handOrder,
    UntilRide ride,
    JobCost cost,
    Needs needs,
    List<FitAnswer> fitAnswers,
    @Nullable SincePrint sincePrint,
    @Nullable Cancelling cancelling,
    Questions questions,
    @Nullable OfModel ofModel,
    List<SheetLine> work,
    List<String> jobs,
    List<PackStep> firstRide,
    List<SheetJoint> joints,
    int laterJoints,
    List<PackCheck> checks,
    String rules) {
  /** Most joints of a sheet in one piece. */
  private static final int JOINTS_AT_ONCE = 48;

  /**
   * One line of the work.
   *
   * @param jointId the joint it works on; missing for a step
   * @param why why it may not come sooner
   * @param at the way to it in the document of the job; empty for what every job has
   */
  @Schema(name = "SheetLine")
  record SheetLine(
      TaskKind kind,
      String doing,
      String title,
      String text,
      @Nullable String jointId,
      boolean hold,
      List<String> traps,
      @Nullable String why,
      List<String> at) {}

  /**
   * The shop's own pack a job was opened with.
   *
   * @param confirmedBy the lead who confirmed it for all; missing while it is its writer's alone
   * @param taken what the catalogue changed since and what came over from it
   * @param both what the catalogue and the shop both changed; as the shop has it until someone says
   */
  record OfModel(
      UUID id,
      String savedBy,
      Instant savedAt,
      @Nullable String confirmedBy,
      List<Difference> taken,
      List<Difference> both) {
    static @Nullable OfModel of(@Nullable ModelPack model, String catalogue) {
      if (model == null) {
        return null;
      }
      String before = model.catalogue();
      ShapeMerge merge = before == null ? null : ShapeMerge.of(before, model.document(), catalogue);
      return new OfModel(
          model.id(),
          model.saidBy(),
          model.saidAt(),
          model.confirmedBy(),
          merge == null ? List.of() : merge.taken().stream().map(Difference::of).toList(),
          merge == null ? List.of() : merge.both().stream().map(Difference::of).toList());
    }
  }

  /** A place at which the shop and the catalogue differ, and what each says there, JSON. */
  @Schema(name = "ShapeDifference")
  record Difference(List<String> at, @Nullable String shop, @Nullable String catalogue) {
    static Difference of(ShapeDifference d) {
      return new Difference(d.at(), text(d.one()), text(d.other()));
    }

    private static @Nullable String text(@Nullable JsonNode node) {
      return node == null ? null : node.toString();
    }
  }

  /** That the job is not done, and why. */
  record Cancelling(String reason, String by, Instant at) {}

  /**
   * What the job asks first.
   *
   * @param options the questions with the answer that counts
   * @param sidesQuestion how it is asked on which sides
   * @param sided whether it is asked on which sides all of it is done
   * @param sides on which it is done; empty where that is not asked
   */
  record Questions(List<Question> options, String sidesQuestion, boolean sided, List<Side> sides) {
    static Questions of(JobPack stated, Answers answers) {
      PackChoices choices = stated.choices();
      Map<String, String> settled = choices.settled(answers);
      return new Questions(
          choices.options().stream()
              .map(
                  o ->
                      new Question(
                          o, settled.getOrDefault(o.id(), ""), stated.jobAsking(o).orElse("")))
              .toList(),
          choices.sidesInWords(),
          choices.asksSides(),
          choices.asksSides() ? choices.sides(answers) : List.of());
    }
  }

  /**
   * A question and the answer that counts.
   *
   * @param job the job of a visit that asks it, by title; empty where it is one job alone
   */
  record Question(PackOption option, String answer, String job) {}

  /** A part that is not ordered, and what it is to the job, in words. */
  record RolePart(String part, String role) {}

  /**
   * What fitted when it was last measured on this machine.
   *
   * @param said in a sentence
   */
  record FitBefore(UUID id, String said, String by, Instant at) {
    /** The last answer to the same question on this machine, where that was that it fits. */
    static @Nullable FitBefore of(String question, FitCall call, List<KeptFit> kept) {
      return kept.stream()
          .filter(k -> question.equals(k.question()) && k.fit().call() == call)
          .findFirst()
          .filter(k -> k.fit().verdict() == FitVerdict.FITS)
          .map(k -> new FitBefore(k.id(), k.fit().said().get(0), k.by(), k.at()))
          .orElse(null);
    }
  }

  /**
   * What is worked out to answer a question of fit.
   *
   * @param call its name, as in the address of the fit desk
   * @param before the latest of this machine that fitted; null where there is none
   */
  record AskedFit(String call, String words, @Nullable FitBefore before) {
    static Map<String, AskedFit> of(List<FitQuestion> questions, List<KeptFit> kept) {
      Map<String, AskedFit> asked = new LinkedHashMap<>();
      for (FitQuestion q : questions) {
        FitCall call = q.call();
        if (call != null) {
          asked.put(
              q.question(),
              new AskedFit(call.call(), call.words(), FitBefore.of(q.question(), call, kept)));
        }
      }
      return asked;
    }
  }

  /** What the job asks for before anything is taken apart, in words. */
  record Asked(
      List<String> asFound,
      List<String> fitChecks,
      @Schema(description = "by the question: what is worked out to answer it")
          Map<String, AskedFit> fitCalls,
      List<String> inspections,
      List<String> specialTools,
      List<String> consumables) {
    static Asked of(Preparation p, List<KeptFit> kept) {
      return new Asked(
          p.asFound().stream().map(Measure::words).toList(),
          p.fitChecks(),
          AskedFit.of(p.fits(), kept),
          p.inspections().stream().map(Measure::words).toList(),
          p.specialTools(),
          p.consumables());
    }
  }

  /** One joint of the sheet. */
  record SheetJoint(
      String id,
      List<String> at,
      @Nullable String assembly,
      @Nullable Side side,
      List<String> jobs,
      List<Otherwise> otherwise,
      String title,
      String thread,
      int count,
      Layout layout,
      boolean critical,
      boolean leftHand,
      List<FastenerPosition> positions,
      List<SheetValue> values,
      List<String> slots,
      @Nullable String drive,
      Turning turning,
      @Nullable TorqueBand band,
      @Nullable Double aimNm,
      @Nullable Double capNm,
      @Nullable Climb climb,
      @Nullable NextSlot nextSlot,
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
      @Schema(description = "whether it was chosen by hand") boolean toolChosen,
      List<SheetTool> otherTools,
      List<Pass> passes,
      List<String> passReasons,
      List<String> orderReasons,
      List<String> notes,
      List<String> traps,
      String wetting,
      @Nullable String byFeel,
      List<Sheet.TakenBack> takenBack,
      List<DeskNote> deskNotes) {}

  /**
   * How one job of a visit has a joint that not all of them have alike.
   *
   * @param fixing in words
   * @param at the way to the joint in the document of that job
   */
  record Otherwise(String job, String fixing, List<String> at) {
    static Otherwise of(JobPack.Otherwise said, Shaping shaping) {
      String planned = said.job().key() + "." + said.joint().packId();
      return new Otherwise(
          said.job().title(),
          said.joint().fixing(),
          shaping.placeOf("joints", planned).orElse(List.of()));
    }
  }

  /**
   * Something worked out at the joint desk.
   *
   * @param state the desk's address part that brings it back
   * @param summary what it came to, in words
   */
  record DeskNote(UUID id, String state, String summary, String notedBy, Instant notedAt) {}

  /**
   * One stated value.
   *
   * @param id how it is named in decisions
   * @param band the stated figures, N·m; null without
   */
  record SheetValue(
      String id,
      String stated,
      String source,
      String document,
      String condition,
      @Schema(description = "the thread it was stated for, where the joint has another now")
          @Nullable String statedFor,
      @Nullable TorqueUnit unit,
      @Nullable TorqueBand band) {}

  record SheetDecision(String valueId, @Nullable TorqueUnit readAs, String reason, String by) {}

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
      @Nullable String setting,
      Setting.@Nullable Applied applied,
      double spillPercent,
      @Schema(description = "what it costs in certainty to use it instead") @Nullable String cost,
      List<String> reasons,
      List<Derivation> derivation) {}

  static JobSheet of(
      Job job,
      Machine machine,
      JobPlan plan,
      Sheet sheet,
      JobCost cost,
      @Nullable ModelPack model,
      List<KeptFit> kept,
      String rules) {
    return new JobSheet(
        job.id(),
        job.number(),
        job.title(),
        plan.pack().summary(),
        plan.pack().fits(),
        sheet.part(),
        machine,
        job.createdBy(),
        job.version(),
        plan.ready(),
        plan.blockers(),
        plan.pack().cautions(),
        plan.pack().oneTimeParts(),
        plan.pack().parts().stream()
            .filter(p -> !p.role().isOrdered())
            .map(p -> new RolePart(p.words(), p.role().words()))
            .toList(),
        Asked.of(plan.pack().preparation(), kept),
        plan.pack().minutes(),
        plan.settingChanges(),
        plan.settingChangesAtLeast(),
        plan.handOrder(),
        plan.ride(),
        cost,
        plan.needs(),
        sheet.fits(),
        sheet.sinceLastPrint(PlanPrint.of(plan)).orElse(null),
        sheet.cancelling().map(c -> new Cancelling(c.what().reason(), c.by(), c.at())).orElse(null),
        Questions.of(sheet.stated(), sheet.answers()),
        OfModel.of(model, job.pack()),
        WorkLine.of(plan).stream().map(l -> line(l, sheet.shaping())).toList(),
        plan.pack().layout().together().stream().map(JobPack::title).toList(),
        plan.pack().steps(Phase.Part.RIDE),
        joints(plan, sheet, 0),
        later(plan, 0),
        plan.pack().checks(),
        rules);
  }

  /**
   * More joints of a sheet that comes in pieces.
   *
   * @param version of the job; a piece of another version does not belong to the sheet
   * @param later how many are still to be asked for
   */
  record MoreJoints(int version, List<SheetJoint> joints, int later) {
    static MoreJoints of(Job job, JobPlan plan, Sheet sheet, int from) {
      return new MoreJoints(
          job.version(), JobSheet.joints(plan, sheet, from), JobSheet.later(plan, from));
    }
  }

  private static List<SheetJoint> joints(JobPlan plan, Sheet sheet, int from) {
    return plan.joints().stream()
        .skip(from)
        .limit(JOINTS_AT_ONCE)
        .map(p -> joint(p, plan, sheet))
        .toList();
  }

  private static int later(JobPlan plan, int from) {
    return Math.max(0, plan.joints().size() - from - JOINTS_AT_ONCE);
  }

  private static SheetLine line(WorkLine l, Shaping shaping) {
    WorkLine.Origin origin = l.origin();
    return new SheetLine(
        l.kind(),
        l.doing(),
        l.title(),
        l.text(),
        l.jointId(),
        l.hold(),
        l.traps(),
        l.why(),
        origin == null
            ? List.of()
            : shaping.placeOf(origin.list(), origin.name()).orElse(List.of()));
  }

  private static SheetJoint joint(PlannedJoint planned, JobPlan plan, Sheet sheet) {
    Wetting moment = plan.work().wettings().get(planned.joint().id());
    PackJoint joint = planned.joint();
    Resolution r = planned.resolution();
    ToolChoice chosen = planned.tool();
    return new SheetJoint(
        joint.id(),
        sheet.shaping().placeOf("joints", joint.packId()).orElse(List.of()),
        plan.pack().assemblies().stream()
            .filter(a -> a.jointIds().contains(joint.id()))
            .map(PackAssembly::title)
            .findFirst()
            .orElse(null),
        joint.side(),
        plan.pack().jobsOf(joint),
        plan.pack().otherwise(joint).stream().map(o -> Otherwise.of(o, sheet.shaping())).toList(),
        joint.title(),
        joint.fastener().words(),
        joint.pattern().count(),
        joint.pattern().layout(),
        joint.duty().isCritical(),
        joint.fastener().isLeftHand(),
        planned.positions(),
        joint.torque().values().stream().map(JobSheet::value).toList(),
        joint.torque().slots(),
        joint.fastener().drive(),
        joint.turning(),
        planned.band(),
        planned.climb() == null ? planned.aimNm() : planned.climb().torquesNm().get(0),
        r.capNm(),
        planned.climb(),
        planned.nextSlot().orElse(null),
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
        chosen == null ? null : tool(chosen, null),
        chosen != null && chosen.tool().id().equals(sheet.toolChoices().get(joint.id())),
        planned.tools().stream().filter(t -> t != chosen).map(t -> tool(t, chosen)).toList(),
        planned.passes(),
        planned.passReasons(),
        planned.orderReasons(),
        planned.notes(),
        joint.traps(),
        moment == null ? "" : moment.words(),
        chosen == null ? sheet.byFeel().get(joint.id()) : null,
        sheet.takenBack(joint),
        sheet.deskNotes().stream()
            .filter(n -> n.what().jointId().equals(joint.id()))
            .map(n -> new DeskNote(n.id(), n.what().state(), n.what().summary(), n.by(), n.at()))
            .toList());
  }

  private static SheetValue value(DocumentedValue stated) {
    return new SheetValue(
        stated.id(),
        stated.value().asPrinted(),
        stated.value().source().words(),
        stated.document(),
        stated.value().condition().words(),
        stated.statedFor(),
        stated.value().unit(),
        stated.value().statedNm());
  }

  private static @Nullable SheetDecision decision(@Nullable Decision d) {
    return d == null ? null : new SheetDecision(d.valueId(), d.readAs(), d.reason(), d.by());
  }

  private static SheetTool tool(ToolChoice choice, @Nullable ToolChoice used) {
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
        setting.reading() == null ? null : setting.reading().text(),
        setting.applied(),
        setting.spillPercent(),
        used == null || !choice.usable() ? null : choice.costAgainst(used),
        choice.reasons(),
        setting.derivation());
  }
}
