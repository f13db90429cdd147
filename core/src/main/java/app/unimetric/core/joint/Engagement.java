package app.unimetric.core.joint;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;

/**
 * The thread that takes the bolt.
 *
 * @param lengthMm L_e, mm: full thread, without countersink and one pitch of bolt tip
 * @param shearMPa shear strength τ of its material, MPa
 * @param source where the strength comes from
 */
public record Engagement(double lengthMm, double shearMPa, String source) {
  /** τ = 0.60·R_m where the shear strength is not stated. */
  public static final double SHEAR_PER_ULTIMATE = 0.60;

  public static final String NO_PROMISE =
      "No promise can be made for threads in plastic: use the maker's value, or state the shear strength.";

  public Engagement {
    new Problems()
        .positive(lengthMm, 500, "lengthMm")
        .positive(shearMPa, 3000, "shearMPa")
        .orThrow();
  }

  public static Engagement ofUltimate(double lengthMm, double ultimateMPa) {
    new Problems().positive(ultimateMPa, 5000, "ultimateMPa").orThrow();
    return new Engagement(lengthMm, SHEAR_PER_ULTIMATE * ultimateMPa, "τ = 0.60·R_m as stated");
  }

  /**
   * @throws InvalidInput for materials whose threads carry no promise
   */
  public static Engagement in(double lengthMm, Material material) {
    Double ultimate = material.ultimateMPa();
    if (ultimate == null) {
      throw InvalidInput.at(
          "material",
          material == Material.PLASTIC
              ? NO_PROMISE
              : "No thread is cut in carbon; name the insert's material.");
    }
    return new Engagement(
        lengthMm, SHEAR_PER_ULTIMATE * ultimate, material.words() + ", typical handbook value");
  }
}
