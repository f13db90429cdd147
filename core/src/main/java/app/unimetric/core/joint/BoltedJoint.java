package app.unimetric.core.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.thread.ThreadTolerance;
import org.jspecify.annotations.Nullable;

/**
 * One bolt and what it clamps, as far as it is known.
 *
 * @param thread of the bolt
 * @param yieldMPa R_p0.2, MPa
 * @param ultimateMPa R_m, MPa, not below the yield strength
 * @param youngMPa E of the bolt, MPa
 * @param face under the part that is turned
 * @param friction at thread and head
 * @param utilisation ν, the share of yield the bolt may be brought to
 * @param engagement null when the other thread is not known
 * @param grip null when the clamped parts are not known
 * @param embedding seats that flatten; null for one interface of usual roughness
 * @param service null when the loads in use are not known
 * @param pressureLimitMPa what the clamped surface stands under the head, MPa; null when unknown
 */
public record BoltedJoint(
    ScrewThread thread,
    double yieldMPa,
    double ultimateMPa,
    double youngMPa,
    BearingFace face,
    FrictionBand friction,
    double utilisation,
    @Nullable Engagement engagement,
    @Nullable Grip grip,
    @Nullable Embedding embedding,
    @Nullable Service service,
    @Nullable Double pressureLimitMPa) {
  private static final Embedding USUAL = new Embedding(1, Embedding.Roughness.RZ_10_TO_40);

  public BoltedJoint {
    Problems problems =
        new Problems()
            .positive(yieldMPa, 3000, "yieldMPa")
            .positive(ultimateMPa, 5000, "ultimateMPa")
            .within(youngMPa, 100, 1_000_000, "youngMPa")
            .positive(utilisation, 1, "utilisation");
    problems.require(
        !(ultimateMPa < yieldMPa), "ultimateMPa", "must not be below the yield strength.");
    problems.require(
        face.outerDiameterMm() > thread.minorDiameterMm(),
        "bearing.outerDiameterMm",
        "is smaller than the bolt itself.");
    if (pressureLimitMPa != null) {
      problems.positive(pressureLimitMPa, 10_000, "pressureLimitMPa");
    }
    problems.orThrow();
  }

  /** Clamp load and torque at the utilisation ν and nominal friction. */
  public AssemblyPreload assembly() {
    return AssemblyPreload.at(utilisation, yieldMPa, thread, face, friction.nominal());
  }

  /** Where the bolt begins to yield while it is tightened under this friction. */
  public AssemblyPreload yieldPoint(Friction at) {
    return AssemblyPreload.at(1, yieldMPa, thread, face, at);
  }

  /** k at this friction, mm. */
  public double leverMm(Friction at) {
    return TighteningTorque.leverMm(thread, face, at);
  }

  /**
   * σ_vM/R_p0.2 at a clamp load while tightening: tension with the torsion of the thread part, the
   * cross section taken as fully plastic, as in the assembly preload, so that ν comes back as ν.
   */
  public double utilisationAt(double loadN, Friction at) {
    double tension = loadN / thread.stressAreaMm2();
    double torsion =
        1.5
            * thread.pitchDiameterMm()
            / thread.stressDiameterMm()
            * TighteningTorque.tanThread(thread, at);
    return tension * Math.sqrt(1 + 3 * torsion * torsion) / yieldMPa;
  }

  /** Null when the grip is not known. */
  public @Nullable Compliance compliance() {
    return grip == null ? null : Compliance.of(thread, face, youngMPa, grip);
  }

  /** Width of the pressure cone between the parts, mm; null when the grip is not known. */
  public @Nullable Double pressureConeMm() {
    return grip == null ? null : (Double) Compliance.coneMm(face, grip);
  }

  /** Null when the engagement is not known, or the pitch is finer than its tolerances reach. */
  public @Nullable Stripping stripping() {
    return engagement == null || !ThreadTolerance.covers(thread)
        ? null
        : Stripping.of(thread, ultimateMPa, engagement);
  }

  /** F_Z, N; null when the grip is not known. */
  public @Nullable Double embeddingLossN() {
    Compliance compliance = compliance();
    Service loads = service;
    return compliance == null
        ? null
        : (Double) seats().lossN(compliance, loads != null && loads.loadsInShear());
  }

  Embedding seats() {
    return embedding == null ? USUAL : embedding;
  }
}
