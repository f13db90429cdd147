package app.unimetric.server.compute.desk;

import app.unimetric.core.carbon.ClampPressure;
import app.unimetric.core.fastener.Drive;
import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.joint.BoltedJoint;
import app.unimetric.core.joint.BreakLoose;
import app.unimetric.core.joint.Compliance;
import app.unimetric.core.joint.Engagement;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.joint.FrictionChange;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.JointCheck;
import app.unimetric.core.joint.JointVerdict;
import app.unimetric.core.joint.Scatter;
import app.unimetric.core.joint.TorqueAngle;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Resolver;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.Statement;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.stated.UnitSlip;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import app.unimetric.server.compute.carbon.ClampCall;
import app.unimetric.server.compute.carbon.ClimbCall;
import app.unimetric.server.compute.carbon.GapsCall;
import app.unimetric.server.compute.group.InteractionCall;
import app.unimetric.server.compute.joint.BreakLooseCall;
import app.unimetric.server.compute.joint.JointCall;
import app.unimetric.server.compute.joint.JointFields;
import app.unimetric.server.compute.joint.TorqueAngleCall;
import app.unimetric.server.compute.joint.TorqueFields;
import app.unimetric.server.compute.torque.AskCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** All that the joint desk shows, in one answer. */
@ComputeCall
public final class DeskCall {
  private static final int DRAWS = 10_000;
  private static final long SEED = 1;

  @Schema(name = "DeskGroup", description = "how many of these bolts hold the part together")
  public record Group(
      int count,
      Layout layout,
      int passes,
      @Schema(description = "between neighbours, mm; with the grip it gives the coefficients")
          @Nullable Double spacingMm,
      @Schema(description = "percent of the target; left out: 5")
          @Nullable Double wantedSpreadPercent) {}

  @Schema(name = "DeskTube", description = "a tube these bolts clamp, and what it may be given")
  public record Tube(
      @Schema(description = "mm") double diameterMm,
      @Schema(description = "of the clamp along the tube, mm") double widthMm,
      ClampPressure.Style style,
      @Schema(description = "in all") int bolts,
      @Schema(description = "between clamp and tube") double friction,
      @Schema(description = "what the tube stands, MPa") @Nullable Double limitMPa,
      @Schema(description = "the lowest maximum of all parts in the clamp, N·m")
          @Nullable Double limitNm,
      @Schema(description = "as measured, mm, clockwise from the top left")
          @Nullable List<Double> gapsMm,
      @Nullable GapStyle gapStyle) {}

  @Schema(
      name = "DeskRequest",
      example =
          "{\"joint\": {\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\"}, \"torqueText\": \"22 Nm\", \"group\": {\"count\": 4, \"layout\": \"CIRCLE\", \"passes\": 3}}")
  public record Request(
      JointCall.Request joint,
      @Schema(description = "as stated, with its unit; instead of a torque in the joint")
          @Nullable String torqueText,
      @Schema(description = "left out: CLAMP, but of a cup, a ring or a pedal LOCK")
          @Nullable Role role,
      @Nullable Group group,
      @Nullable Tube tube) {}

  @Schema(name = "OtherCondition", description = "the torque for the same clamp load, N·m")
  public record Other(
      FrictionCondition condition, String words, double torqueNm, double overloadPercent) {}

  @Schema(name = "ChanceByScatter", description = "5 and 95 of 100 bolts, N; chances 0 to 1")
  public record Chance(double p5N, double p95N, double aboveYield, double belowFloor) {}

  @Schema(name = "DeskTubeAnswer", description = "each where there was something to say it from")
  public record TubeAnswer(
      ClampCall.Response clamp,
      @Schema(description = "load of each bolt it was told for, N") double boltLoadN,
      ClimbCall.@Nullable Response climb,
      GapsCall.@Nullable Response gaps) {}

  @Schema(name = "DeskResponse")
  public record Response(
      JointCall.Response joint,
      AskCall.@Nullable Response torque,
      @Schema(description = "what is brought on, N·m; without a torque null")
          TorqueFields.@Nullable Span appliedNm,
      @Schema(description = "what this torque does to the joint; without a torque null")
          @Nullable JointVerdict verdict,
      List<UnitSlip> unitSlips,
      @Schema(
              description =
                  "whether it clamps and so is judged by its clamp load; a cup, a pivot, an adjuster is not")
          boolean clamps,
      @Schema(description = "what must not be done, in words") List<String> stops,
      @Schema(description = "what else is to know: galling, a turn, a plastic thread")
          List<String> cautions,
      @Schema(description = "whether figures can be promised; not for threads in plastic")
          boolean promised,
      List<Other> others,
      @Nullable Chance chance,
      InteractionCall.@Nullable Response interaction,
      @Nullable TubeAnswer tube,
      @Schema(description = "clamp load of one degree, N; with the grip")
          @Nullable Double loadPerDegreeN,
      @Schema(description = "after the stated angle; with the grip")
          TorqueAngleCall.@Nullable Response afterAngle,
      @Schema(description = "what it takes to undo it, clean threads, N·m")
          BreakLooseCall.@Nullable Expected breakLooseNm,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "All that the joint desk shows, in one answer")
  @PostMapping("/desk")
  Response desk(@RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    String text = r.torqueText() == null ? "" : r.torqueText().strip();
    StatedValue stated =
        text.isEmpty() ? null : Fields.as("torqueText", () -> TorqueText.parse(text));
    TorqueBand band = stated == null ? null : stated.broughtOnNm();
    JointCall.Request request =
        band == null ? r.joint() : Fields.under("joint", () -> withTorque(r.joint(), band));
    BoltedJoint bolted = Fields.under("joint", request.joint()::joint);
    AppliedTorque torque = Fields.underNullable("joint", request.torque()::torque);
    JointCheck check = JointCheck.of(bolted, torque);
    JointCall.Response joint = JointCall.answer(request, check, why);
    Role role = role(r, bolted.thread());
    boolean clamps = role == Role.CLAMP;
    boolean promised = !r.joint().joint().carriesNoPromise();
    Scatter scatter = torque == null ? null : Scatter.of(bolted, torque, DRAWS, SEED);
    Resolution said =
        stated == null
            ? null
            : Resolver.resolve(List.of(stated), request.joint().context(bolted.thread(), role));
    return new Response(
        joint,
        stated == null ? null : AskCall.answer(stated, why),
        torque == null ? null : new TorqueFields.Span(torque.band().minNm(), torque.band().maxNm()),
        scatter == null || !clamps || !promised ? null : JointVerdict.of(check, scatter),
        said == null ? List.of() : said.unitSlips(),
        clamps,
        said == null || clamps ? List.of() : said.blockers(),
        cautions(r.joint().joint(), stated),
        promised,
        torque == null ? List.of() : others(bolted, torque),
        scatter == null ? null : chance(scatter),
        r.group() == null ? null : interaction(r.group(), bolted, joint, why),
        r.tube() == null ? null : tube(r.tube(), joint, why),
        perDegree(bolted),
        stated == null ? null : afterAngle(bolted, stated, why),
        torque == null ? null : breakLoose(torque),
        List.of(),
        why ? List.of() : null);
  }

  private static @Nullable Double perDegree(BoltedJoint joint) {
    Compliance compliance = joint.compliance();
    return compliance == null ? null : (Double) compliance.loadOfTurnN(1, joint.thread());
  }

  private static TorqueAngleCall.@Nullable Response afterAngle(
      BoltedJoint joint, StatedValue stated, boolean why) {
    return joint.grip() != null && stated.statement() instanceof Statement.TorqueAngle turned
        ? TorqueAngleCall.answer(
            TorqueAngle.of(joint, turned.band().minNm(), turned.angleDeg()), why)
        : null;
  }

  private static BreakLooseCall.Expected breakLoose(AppliedTorque torque) {
    BreakLoose b =
        BreakLoose.of(
            Math.min(torque.band().middleNm(), BreakLoose.MOST_NM), false, Drive.EXTERNAL_HEX);
    return new BreakLooseCall.Expected(b.lowNm(), b.highNm());
  }

  private static JointCall.Request withTorque(JointCall.Request j, TorqueBand band) {
    new Problems()
        .require(
            !j.torque().torqueGiven(),
            "torqueNm",
            "Give either torqueText or a torque in the joint, not both.")
        .orThrow();
    return new JointCall.Request(j.joint(), j.torque().with(band));
  }

  private static Role role(Request r, ScrewThread thread) {
    Role given = r.role();
    return given == null ? Role.usualFor(thread) : given;
  }

  private static List<String> cautions(JointFields joint, @Nullable StatedValue stated) {
    List<String> cautions = new ArrayList<>();
    joint.galling().ifPresent(cautions::add);
    if (joint.carriesNoPromise()) {
      cautions.add(Engagement.NO_PROMISE);
    }
    if (stated != null) {
      stated.beyondTorque().ifPresent(cautions::add);
    }
    return cautions;
  }

  private static List<Other> others(BoltedJoint joint, AppliedTorque torque) {
    Friction now = joint.friction().nominal();
    return Arrays.stream(FrictionCondition.values())
        .filter(c -> c != FrictionCondition.UNKNOWN)
        .map(
            c -> {
              FrictionChange change =
                  FrictionChange.of(
                      joint.thread(), joint.face(), torque.band().middleNm(), now, c.nominal());
              return new Other(c, c.words(), change.torqueNm(), change.overloadPercent());
            })
        .toList();
  }

  private static Chance chance(Scatter s) {
    return new Chance(s.p5N(), s.p95N(), s.chanceAboveYield(), s.chanceBelowFloor());
  }

  private static double boltLoadN(JointCall.Response joint) {
    JointCall.Load load = joint.preloadN();
    return load == null ? joint.assemblyPreloadN() : load.nominal();
  }

  private static InteractionCall.Response interaction(
      Group group, BoltedJoint bolted, JointCall.Response joint, boolean why) {
    return Fields.under(
        "group",
        () ->
            InteractionCall.answer(
                new InteractionCall.Request(
                    group.count(),
                    group.layout(),
                    null,
                    null,
                    null,
                    stiffness(group, bolted),
                    boltLoadN(joint),
                    null,
                    group.passes(),
                    group.wantedSpreadPercent()),
                why));
  }

  private static InteractionCall.@Nullable Stiffness stiffness(Group group, BoltedJoint bolted) {
    Double spacing = group.spacingMm();
    Compliance compliance = bolted.compliance();
    Double cone = bolted.pressureConeMm();
    new Problems()
        .require(
            spacing == null || compliance != null,
            "spacingMm",
            "says something only with the clamped parts; give grip and width round it too.")
        .orThrow();
    return spacing == null || compliance == null || cone == null
        ? null
        : new InteractionCall.Stiffness(
            compliance.boltMmPerN(), compliance.partsMmPerN(), cone, spacing);
  }

  private static TubeAnswer tube(Tube t, JointCall.Response joint, boolean why) {
    double load = boltLoadN(joint);
    return Fields.under(
        "tube",
        () ->
            new TubeAnswer(
                ClampCall.answer(
                    new ClampCall.Request(
                        t.diameterMm(),
                        t.widthMm(),
                        t.style(),
                        t.bolts(),
                        load,
                        t.friction(),
                        t.limitMPa()),
                    why),
                load,
                t.limitNm() == null
                    ? null
                    : ClimbCall.answer(new ClimbCall.Request(t.limitNm(), null, null), why),
                t.gapsMm() == null
                    ? null
                    : GapsCall.answer(new GapsCall.Request(t.gapsMm(), t.gapStyle()), why)));
  }
}
