package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;

/**
 * Seats that flatten after tightening (VDI 2230-1, table 5.4/1). Paint and plastic are not in the
 * table.
 *
 * @param interfaces inner interfaces between clamped parts, 0 to 20
 * @param roughness of the surfaces
 */
public record Embedding(int interfaces, Roughness roughness) {
  public static final String SOURCE = "VDI 2230-1, table 5.4/1";
  private static final double MM_PER_MICROMETRE = 1e-3;
  private static final int FACES = 2;

  /** Mean peak-to-valley height Rz of the surfaces. */
  public enum Roughness {
    RZ_UNDER_10(new double[] {3, 2.5, 1.5}, new double[] {3, 3, 2}),
    RZ_10_TO_40(new double[] {3, 3, 2}, new double[] {3, 4.5, 2.5}),
    RZ_40_TO_160(new double[] {3, 4, 3}, new double[] {3, 6.5, 3.5});

    private final double[] axialMicrometres;
    private final double[] shearMicrometres;

    Roughness(double[] axial, double[] shear) {
      this.axialMicrometres = axial;
      this.shearMicrometres = shear;
    }
  }

  public Embedding {
    new Problems()
        .require(
            interfaces >= 0 && interfaces <= 20, "count", "must be a whole number from 0 to 20.")
        .orThrow();
  }

  /** f_Z, mm: thread, head and nut face, and each inner interface. */
  public double amountMm(boolean loadedInShear) {
    double[] um = loadedInShear ? roughness.shearMicrometres : roughness.axialMicrometres;
    return (um[0] + FACES * um[1] + interfaces * um[2]) * MM_PER_MICROMETRE;
  }

  /** F_Z = f_Z/(δ_S + δ_P), N. */
  public double lossN(Compliance compliance, boolean loadedInShear) {
    return amountMm(loadedInShear) * compliance.newtonsPerMm();
  }
}
