package app.unimetric.core.joint;

import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Everything one bolted joint answers.
 *
 * @param assembly clamp load and torque at the utilisation ν, nominal friction
 * @param load the clamp load the torque brings; null without a torque
 * @param utilisation of yield at nominal friction; null without a torque
 * @param stripping null without the engagement
 * @param limits ceiling and floor
 * @param embeddingLossN null without the grip
 * @param expectedAngleDeg turn from snug (30 % of the torque) to the torque; null without grip or
 *     torque, and beyond yield
 * @param yieldPoints where the bolt begins to yield at least, nominal and greatest friction
 * @param leverMm k at nominal friction, mm
 * @param prevailingNm what the thread takes before it clamps, N·m; 0 without
 */
public record JointCheck(
    AssemblyPreload assembly,
    @Nullable ClampLoad load,
    @Nullable Double utilisation,
    @Nullable Stripping stripping,
    ClampLimits limits,
    @Nullable Double embeddingLossN,
    @Nullable Double expectedAngleDeg,
    YieldPoints yieldPoints,
    double leverMm,
    double prevailingNm,
    List<String> reasons,
    List<Derivation> derivation) {
  /** The share of the torque at which a joint is snug. */
  public static final double SNUG_SHARE = 0.3;

  private static final double MM_PER_M = 1000;

  /** Ends of the straight lines of clamp load over torque. */
  public record YieldPoints(AssemblyPreload min, AssemblyPreload nominal, AssemblyPreload max) {}

  public JointCheck {
    reasons = List.copyOf(reasons);
    derivation = List.copyOf(derivation);
  }

  /** Where the bolt yields, with what the tool reads there. */
  public double readingAtNm(AssemblyPreload yieldPoint) {
    return yieldPoint.torqueNm() + prevailingNm;
  }

  /** The ceiling as a torque at nominal friction, N·m: F·k. */
  public double ceilingNm() {
    return torqueOfNm(limits.ceilingN());
  }

  /** The floor likewise, N·m; null when the loads in use are not known. */
  public @Nullable Double floorNm() {
    Double floor = limits.floorN();
    return floor == null ? null : (Double) torqueOfNm(floor);
  }

  /** The torque at which the weakest gives way, N·m; null without the engagement. */
  public @Nullable Double failsAtNm() {
    return stripping == null ? null : (Double) torqueOfNm(stripping.failsAtN());
  }

  /** α_A; null without a torque, and when nothing is sure to clamp. */
  public @Nullable Double tighteningFactor() {
    return load == null || load.minN() <= 0 ? null : (Double) load.tighteningFactor();
  }

  private double torqueOfNm(double loadN) {
    return loadN * leverMm / MM_PER_M;
  }

  /** Whether the bolt yields at nominal friction, so that the clamp load told is never reached. */
  public boolean pastYield() {
    return utilisation != null && utilisation > 1;
  }

  /**
   * Works the joint out.
   *
   * @param torque null for the limits alone
   */
  public static JointCheck of(BoltedJoint joint, @Nullable AppliedTorque torque) {
    Why why = new Why();
    AssemblyPreload assembly = joint.assembly();
    ClampLimits limits = ClampLimits.of(joint);
    Stripping stripping = joint.stripping();
    Double loss = joint.embeddingLossN();
    derive(joint, assembly, why);
    strip(stripping, why);
    if (stripping == null && joint.engagement() != null) {
      why.because(
          "Stripping is not told: ISO 965-1 gives no tolerances for so fine a pitch; use the maker's value.");
    }
    limits(joint, limits, why);
    if (loss != null) {
      Service service = joint.service();
      boolean shear = service != null && service.loadsInShear();
      why.derive(
          "f_Z",
          joint.seats().amountMm(shear),
          "mm",
          "thread + faces + interfaces",
          Embedding.SOURCE);
      why.derive("F_Z", loss, "N", "f_Z/(δ_S + δ_P)", Embedding.SOURCE);
      if (loss > 0.1 * assembly.preloadN()) {
        why.because(
            "Short and stiff: settling alone takes more than a tenth of the clamp load. Bring the re-check forward.");
      }
    }
    ClampLoad load = torque == null ? null : ClampLoad.of(joint, torque);
    Double utilisation = null;
    Double angle = null;
    if (torque != null && load != null) {
      utilisation = joint.utilisationAt(load.nominalN(), joint.friction().nominal());
      angle = utilisation <= 1 ? expectedAngle(joint, torque) : null;
      loaded(joint, torque, load, utilisation, limits, why);
      if (angle != null) {
        why.derive("θ", angle, "°", "ΔF·(δ_S + δ_P)·360°/P from 30 % to 100 %", Compliance.SOURCE);
        why.because(
            "Far less turn than expected: the bolt bottoms or the nut binds. Far more: it yields or strips.");
      }
    }
    return new JointCheck(
        assembly,
        load,
        utilisation,
        stripping,
        limits,
        loss,
        angle,
        new YieldPoints(
            joint.yieldPoint(joint.friction().min()),
            joint.yieldPoint(joint.friction().nominal()),
            joint.yieldPoint(joint.friction().max())),
        joint.leverMm(joint.friction().nominal()),
        torque == null ? 0 : torque.prevailingNm(),
        why.reasons(),
        why.derivation());
  }

  private static @Nullable Double expectedAngle(BoltedJoint joint, AppliedTorque torque) {
    Compliance compliance = joint.compliance();
    if (compliance == null) {
      return null;
    }
    double lever = joint.leverMm(joint.friction().nominal());
    double rise = (torque.nominalNm() - snugNm(torque)) * 1000 / lever;
    return compliance.turnOfLoadDeg(rise, joint.thread());
  }

  private static double snugNm(AppliedTorque torque) {
    return SNUG_SHARE * torque.nominalNm();
  }

  private static void derive(BoltedJoint joint, AssemblyPreload assembly, Why why) {
    ScrewThread thread = joint.thread();
    why.add(thread.derivation());
    why.derive(
        "D_Km", joint.face().frictionDiameterMm(), "mm", "(d_w + d_h)/2", joint.face().source());
    why.derive("μ_th", joint.friction().nominal().thread(), "1", "nominal", "VDI 2230-1, table A5");
    why.derive("μ_h", joint.friction().nominal().head(), "1", "nominal", "VDI 2230-1, table A5");
    why.derive(
        "k",
        joint.leverMm(joint.friction().nominal()),
        "mm",
        "(d2/2)·tan(φ + ρ′) + μ_h·D_Km/2",
        TighteningTorque.SOURCE);
    why.derive(
        "F_M",
        assembly.preloadN(),
        "N",
        "σ_M·A_s at ν = " + joint.utilisation(),
        AssemblyPreload.SOURCE);
    why.derive("T_M", assembly.torqueNm(), "N·m", "F_M·k", TighteningTorque.SOURCE);
    Compliance compliance = joint.compliance();
    if (compliance != null) {
      why.derive(
          "δ_S",
          compliance.boltMmPerN(),
          "mm/N",
          "head, grip and engaged thread in a row",
          Compliance.SOURCE);
      why.derive(
          "δ_P",
          compliance.partsMmPerN(),
          "mm/N",
          "cone and sleeve of the clamped parts",
          Compliance.SOURCE);
    }
  }

  private static void strip(@Nullable Stripping s, Why why) {
    if (s == null) {
      return;
    }
    why.derive("R_m·A_s", s.boltBreakN(), "N", "bolt breaks", Stripping.SOURCE);
    why.derive("τ_b·A_ss", s.boltStripN(), "N", "bolt thread strips", Stripping.SOURCE);
    why.derive("τ·A_ts", s.threadStripN(), "N", "internal thread strips", Stripping.SOURCE);
    why.derive(
        "L_e,min",
        s.boltFirstMm(),
        "mm",
        "engagement from which the bolt breaks first",
        Stripping.SOURCE);
    why.because(
        s.failsFirst() == Stripping.Weakest.BOLT
            ? "Overdone, the bolt breaks and the thread it is in survives."
            : "Overdone, "
                + s.failsFirst().words()
                + "; the bolt would break first from "
                + Math.round(s.boltFirstMm() * 10) / 10.0
                + " mm of full thread.");
  }

  private static void limits(BoltedJoint joint, ClampLimits limits, Why why) {
    why.derive(
        "F_max",
        limits.ceilingN(),
        "N",
        "lowest of yield, threads, pressure",
        AssemblyPreload.SOURCE);
    why.because("Ceiling: above it " + limits.ceilingBy().words() + ".");
    Double floor = limits.floorN();
    ClampLimits.FloorBy by = limits.floorBy();
    if (floor == null || by == null) {
      return;
    }
    why.derive("F_min", floor, "N", "F_Q/μ + F_A + F_Z", "VDI 2230-1, R2 and R3");
    why.because(
        "Floor: below it "
            + by.words()
            + (joint.grip() == null ? "; settling is not in it, for the grip is not known." : "."));
    if (floor > limits.ceilingN()) {
      why.because(
          "The floor lies above the ceiling: this bolt cannot do it. A larger or stronger one, or more of them.");
    }
  }

  private static void loaded(
      BoltedJoint joint,
      AppliedTorque torque,
      ClampLoad load,
      double utilisation,
      ClampLimits limits,
      Why why) {
    why.derive("F_lo", load.minN(), "N", "(T_lo·(1 − a) − T_prev)/k(μ_max)", ClampLoad.SOURCE);
    why.derive("F", load.nominalN(), "N", "(T − T_prev)/k", ClampLoad.SOURCE);
    why.derive("F_hi", load.maxN(), "N", "(T_hi·(1 + a) − T_prev)/k(μ_min)", ClampLoad.SOURCE);
    why.derive("σ_v/R_p", utilisation, "1", "σ·√(1 + 3·(τ/σ)²)/R_p0.2", AssemblyPreload.SOURCE);
    if (torque.prevailingNm() > 0) {
      why.because("The prevailing torque is taken off; it clamps nothing.");
    }
    double worst = joint.utilisationAt(load.maxN(), joint.friction().min());
    if (utilisation > 1) {
      why.because(
          "At this torque the bolt is past yield; the clamp load shown for it is never reached. Do not use it.");
    } else if (worst > 1) {
      why.because(
          "At nominal friction the bolt holds; with the least friction it would yield. Keep the threads in the state the value was stated for.");
    }
    if (load.nominalN() > limits.ceilingN() && limits.ceilingBy() != ClampLimits.CeilingBy.YIELD) {
      why.because("At this torque " + limits.ceilingBy().words() + ".");
    }
    Double floor = limits.floorN();
    if (floor != null && load.minN() < floor) {
      why.because(
          load.nominalN() < floor
              ? "This torque does not reach the floor."
              : "At the greatest friction this torque does not reach the floor.");
    }
  }
}
