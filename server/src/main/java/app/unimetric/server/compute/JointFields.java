package app.unimetric.server.compute;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.BoltedJoint;
import app.unimetric.core.joint.Embedding;
import app.unimetric.core.joint.Engagement;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.joint.FrictionBand;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.Grip;
import app.unimetric.core.joint.Service;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.MetricThread;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** What the calls about one bolted joint have in common, mapped to the core. */
interface JointFields {
  double STEEL_MPA = 205_000;

  @Schema(name = "FrictionPair", description = "coefficients at thread and head, 0.01 to 1")
  record FrictionPair(Figure thread, Figure head) {
    FrictionBand band() {
      return new FrictionBand(
          new Friction(thread.min(), head.min()),
          new Friction(thread.nominal(), head.nominal()),
          new Friction(thread.max(), head.max()));
    }
  }

  @Schema(
      name = "Bearing",
      description = "ring under the head, mm; beside a head its diameters replace the usual ones")
  record Bearing(double outerDiameterMm, double holeDiameterMm) {}

  @Schema(
      name = "EngagementFields",
      description =
          "full thread, mm, without countersink and one pitch of tip; strength by material, R_m or shear strength")
  record EngagementFields(
      double lengthMm,
      @Nullable Material material,
      @Nullable Double ultimateMPa,
      @Nullable Double shearMPa) {
    boolean carriesNoPromise() {
      return material == Material.PLASTIC && shearMPa == null && ultimateMPa == null;
    }

    Engagement engagement() {
      int given =
          (material == null ? 0 : 1) + (ultimateMPa == null ? 0 : 1) + (shearMPa == null ? 0 : 1);
      if (given != 1) {
        throw InvalidInput.at("material", "Give one of material, ultimateMPa and shearMPa.");
      }
      if (shearMPa != null) {
        return new Engagement(lengthMm, shearMPa, "shear strength as stated");
      }
      return ultimateMPa != null
          ? Engagement.ofUltimate(lengthMm, ultimateMPa)
          : Engagement.in(lengthMm, material == null ? Material.STEEL : material);
    }
  }

  @Schema(name = "GripFields", description = "clamped parts, mm and MPa; steel when E is left out")
  record GripFields(double lengthMm, double outerDiameterMm, @Nullable Double youngMPa) {
    Grip grip() {
      return new Grip(lengthMm, outerDiameterMm, youngMPa == null ? STEEL_MPA : youngMPa);
    }
  }

  @Schema(name = "Interfaces", description = "inner interfaces between the clamped parts")
  record Interfaces(int count, Embedding.@Nullable Roughness roughness) {
    Embedding embedding() {
      return new Embedding(count, roughness == null ? Embedding.Roughness.RZ_10_TO_40 : roughness);
    }
  }

  @Schema(name = "ServiceLoads", description = "for one bolt, N")
  record ServiceLoads(
      @Nullable Double axialN, @Nullable Double transverseN, @Nullable Double slipFriction) {
    Service service() {
      boolean shear = transverseN != null && transverseN > 0;
      if (shear && slipFriction == null) {
        throw InvalidInput.at("slipFriction", "is missing: without it slip cannot be told.");
      }
      return new Service(
          axialN == null ? 0 : axialN,
          transverseN == null ? 0 : transverseN,
          slipFriction == null ? 1 : slipFriction);
    }
  }

  @Schema(name = "TorqueSpan", description = "N·m")
  record Span(double min, double max) {}

  ThreadCall.Request thread();

  @Nullable String propertyClass();

  @Nullable Double yieldMPa();

  @Nullable Double ultimateMPa();

  @Nullable FrictionPair friction();

  @Nullable FrictionCondition condition();

  @Nullable Bearing bearing();

  @Nullable Head head();

  @Nullable Double utilisation();

  @Nullable EngagementFields engagement();

  @Nullable GripFields grip();

  @Nullable Interfaces interfaces();

  @Nullable ServiceLoads service();

  @Nullable Double pressureLimitMPa();

  /** The joint of the core, or every problem with its field. */
  default BoltedJoint joint() {
    Problems problems = new Problems();
    MetricThread thread = problems.under("thread", thread()::thread);
    PropertyClass material = material(problems, propertyClass());
    Double yieldMPa = yieldMPa();
    Double ultimateMPa = ultimateMPa();
    problems.require(
        (propertyClass() == null) == (yieldMPa != null && ultimateMPa != null),
        "propertyClass",
        "Give either propertyClass, or yieldMPa and ultimateMPa.");
    FrictionBand friction = friction(problems);
    BearingFace face = thread == null ? null : face(problems, thread, head(), bearing());
    EngagementFields threads = engagement();
    Engagement engagement =
        threads == null || threads.carriesNoPromise()
            ? null
            : problems.under("engagement", threads::engagement);
    GripFields clamped = grip();
    Grip grip = clamped == null ? null : problems.under("grip", clamped::grip);
    Interfaces seats = interfaces();
    Embedding embedding = seats == null ? null : problems.under("interfaces", seats::embedding);
    ServiceLoads loads = service();
    Service service = loads == null ? null : problems.under("service", loads::service);
    problems.orThrow();
    if (thread == null || friction == null || face == null) {
      throw Fields.missingAt("thread");
    }
    BoltedJoint joint =
        new BoltedJoint(
            thread,
            material == null ? given(yieldMPa) : material.yieldMPa(thread),
            material == null ? given(ultimateMPa) : material.ultimateMPa(thread),
            material == null ? STEEL_MPA : material.youngMPa(),
            face,
            friction,
            utilisation() == null ? AssemblyPreload.USUAL_UTILISATION : utilisation(),
            engagement,
            grip,
            embedding,
            service,
            pressureLimitMPa());
    joint.compliance();
    return joint;
  }

  /**
   * The face the head turns on: its usual diameters, or those stated, flat unless the head is a
   * cone.
   */
  static @Nullable BearingFace face(
      Problems problems, MetricThread thread, @Nullable Head named, @Nullable Bearing ring) {
    Head head = named == null ? Head.HEX : named;
    return ring == null
        ? head.face(thread)
        : problems.under("bearing", () -> head.face(ring.outerDiameterMm(), ring.holeDiameterMm()));
  }

  private @Nullable FrictionBand friction(Problems problems) {
    FrictionPair pair = friction();
    problems.require(
        pair == null || condition() == null,
        "friction",
        "Give either friction or condition, not both.");
    FrictionCondition condition = condition() == null ? FrictionCondition.UNKNOWN : condition();
    return pair == null ? FrictionBand.of(condition) : problems.under("friction", pair::band);
  }

  static @Nullable PropertyClass material(Problems problems, @Nullable String mark) {
    return mark == null ? null : problems.under("propertyClass", () -> PropertyClass.parse(mark));
  }

  private static double given(@Nullable Double figure) {
    return figure == null ? Double.NaN : figure;
  }

  /** The torque of the request; null without one. */
  static @Nullable AppliedTorque torque(
      @Nullable Double torqueNm,
      @Nullable Span band,
      @Nullable Double toolDeviationPercent,
      @Nullable Double prevailingNm) {
    Problems problems = new Problems();
    problems.require(
        torqueNm == null || band == null,
        "torqueNm",
        "Give either torqueNm or torqueBandNm, not both.");
    boolean none = torqueNm == null && band == null;
    problems.require(
        !none || prevailingNm == null, "prevailingNm", "belongs to a torque; give that too.");
    problems.orThrow();
    if (none) {
      return null;
    }
    double low = band == null ? given(torqueNm) : band.min();
    double high = band == null ? given(torqueNm) : band.max();
    String at = band == null ? "torqueNm" : "torqueBandNm";
    TorqueBand applied =
        Fields.under(
            at,
            () -> {
              new Problems().positive(high, 10_000, band == null ? "" : "max").orThrow();
              new Problems().within(low, 0, 10_000, band == null ? "" : "min").orThrow();
              new Problems().require(low <= high, "min", "must not be above max.").orThrow();
              return TorqueBand.of(low, high);
            });
    return new AppliedTorque(
        applied,
        toolDeviationPercent == null
            ? AppliedTorque.usualDeviation(applied.middleNm())
            : toolDeviationPercent / 100,
        prevailingNm == null ? 0 : prevailingNm);
  }
}
