package app.unimetric.server.compute.joint;

import app.unimetric.core.ask.JointQuestion;
import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.fastener.YoungModulus;
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
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Role;
import app.unimetric.core.surface.Galling;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One bolted joint as the calls about it take it; on the wire its fields stand flat beside others.
 */
public record JointFields(
    ThreadCall.Request thread,
    @Schema(description = "mark on the head, such as 8.8; or yieldMPa and ultimateMPa")
        @Nullable String propertyClass,
    @Schema(description = "R_p0.2, MPa") @Nullable Double yieldMPa,
    @Schema(description = "R_m, MPa") @Nullable Double ultimateMPa,
    @Nullable FrictionPair friction,
    @Schema(description = "instead of friction; left out: not known")
        @Nullable FrictionCondition condition,
    @Nullable Bearing bearing,
    @Schema(description = "instead of bearing; left out: HEX") @Nullable Head head,
    @Schema(description = "share of yield, above 0 to 1; left out: 0.9")
        @Nullable Double utilisation,
    @Nullable EngagementFields engagement,
    @Nullable GripFields grip,
    @Nullable Interfaces interfaces,
    @Nullable ServiceLoads service,
    @Schema(description = "what the clamped surface stands, MPa")
        @Nullable Double pressureLimitMPa) {

  /** A joint of which only the fastener, its threads and what it is screwed into are known. */
  public static JointFields of(JointQuestion q) {
    return new JointFields(
        ThreadCall.Request.of(q.thread()),
        q.propertyClass().mark(),
        null,
        null,
        null,
        q.condition(),
        null,
        q.head(),
        null,
        q.female() == null ? null : new EngagementFields(q.engagementMm(), q.female(), null, null),
        null,
        null,
        null,
        null);
  }

  /** The class named by its mark, the head and what it is for; judged without the rest. */
  public JointContext context(ScrewThread metric, Role role) {
    return JointContext.of(Duty.of(role))
        .fastenedBy(
            metric, material(new Problems(), propertyClass), head == null ? Head.HEX : head);
  }

  /** What makes these threads seize, in words; empty where nothing does or too little is known. */
  public Optional<String> galling() {
    return engagement == null || propertyClass == null
        ? Optional.empty()
        : Galling.warning(PropertyClass.parse(propertyClass), engagement.material());
  }

  /** Whether it is screwed into plastic of which nothing is known. */
  public boolean carriesNoPromise() {
    return engagement != null && engagement.carriesNoPromise();
  }

  @Schema(name = "FrictionPair", description = "coefficients at thread and head, 0.01 to 1")
  public record FrictionPair(FrictionFigure thread, FrictionFigure head) {
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
  public record Bearing(double outerDiameterMm, double holeDiameterMm) {}

  @Schema(
      name = "EngagementFields",
      description =
          "full thread, mm, without countersink and one pitch of tip; strength by material, R_m or shear strength")
  public record EngagementFields(
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
  public record GripFields(double lengthMm, double outerDiameterMm, @Nullable Double youngMPa) {
    Grip grip() {
      return new Grip(
          lengthMm, outerDiameterMm, youngMPa == null ? YoungModulus.STEEL_MPA : youngMPa);
    }
  }

  @Schema(name = "Interfaces", description = "inner interfaces between the clamped parts")
  public record Interfaces(int count, Embedding.@Nullable Roughness roughness) {
    Embedding embedding() {
      return new Embedding(count, roughness == null ? Embedding.Roughness.RZ_10_TO_40 : roughness);
    }
  }

  @Schema(name = "ServiceLoads", description = "for one bolt, N")
  public record ServiceLoads(
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

  /** The joint of the core, or every problem with its field. */
  public BoltedJoint joint() {
    Problems problems = new Problems();
    ScrewThread metric = problems.under("thread", thread::thread);
    PropertyClass material = material(problems, propertyClass);
    if (metric != null && material != null) {
      material.whyNotOn(metric).ifPresent(why -> problems.require(false, "propertyClass", why));
    }
    problems.require(
        (propertyClass == null) == (yieldMPa != null && ultimateMPa != null),
        "propertyClass",
        "Give either propertyClass, or yieldMPa and ultimateMPa.");
    FrictionBand band = band(problems);
    BearingFace face = metric == null ? null : face(problems, metric, head, bearing);
    EngagementFields threads = engagement;
    Engagement engaged =
        threads == null || threads.carriesNoPromise()
            ? null
            : problems.under("engagement", threads::engagement);
    GripFields clamped = grip;
    Grip gripped = clamped == null ? null : problems.under("grip", clamped::grip);
    Interfaces seats = interfaces;
    Embedding embedding = seats == null ? null : problems.under("interfaces", seats::embedding);
    ServiceLoads loads = service;
    Service loaded = loads == null ? null : problems.under("service", loads::service);
    problems.orThrow();
    if (metric == null || band == null || face == null) {
      throw Fields.missingAt("thread");
    }
    BoltedJoint joint =
        new BoltedJoint(
            metric,
            material == null ? given(yieldMPa) : material.yieldMPa(metric),
            material == null ? given(ultimateMPa) : material.ultimateMPa(metric),
            material == null ? YoungModulus.STEEL_MPA : material.youngMPa(),
            face,
            band,
            utilisation == null ? AssemblyPreload.USUAL_UTILISATION : utilisation,
            engaged,
            gripped,
            embedding,
            loaded,
            pressureLimitMPa);
    joint.compliance();
    return joint;
  }

  /**
   * The face the head turns on: its usual diameters, or those stated, flat unless the head is a
   * cone.
   */
  static @Nullable BearingFace face(
      Problems problems, ScrewThread thread, @Nullable Head named, @Nullable Bearing ring) {
    Head head = named == null ? Head.HEX : named;
    return ring == null
        ? head.face(thread)
        : problems.under("bearing", () -> head.face(ring.outerDiameterMm(), ring.holeDiameterMm()));
  }

  private @Nullable FrictionBand band(Problems problems) {
    FrictionPair pair = friction;
    problems.require(
        pair == null || condition == null,
        "friction",
        "Give either friction or condition, not both.");
    FrictionCondition state = condition == null ? FrictionCondition.UNKNOWN : condition;
    return pair == null ? FrictionBand.of(state) : problems.under("friction", pair::band);
  }

  static @Nullable PropertyClass material(Problems problems, @Nullable String mark) {
    return mark == null ? null : problems.under("propertyClass", () -> PropertyClass.parse(mark));
  }

  private static double given(@Nullable Double figure) {
    return figure == null ? Double.NaN : figure;
  }
}
