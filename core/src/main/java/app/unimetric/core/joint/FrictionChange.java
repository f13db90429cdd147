package app.unimetric.core.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;

/**
 * A torque stated for one state of the threads, used in another: equal clamp load, not equal
 * torque.
 *
 * @param torqueNm that brings the same clamp load, N·m
 * @param preloadN that clamp load, N
 * @param overloadPercent clamp load too much if the stated torque were kept; negative when too
 *     little
 */
public record FrictionChange(
    double torqueNm,
    double preloadN,
    double overloadPercent,
    List<String> reasons,
    List<Derivation> derivation) {

  /** T₂ = T₁·k(μ₂)/k(μ₁). */
  public static FrictionChange of(
      ScrewThread thread, BearingFace face, double torqueNm, Friction from, Friction to) {
    new Problems().positive(torqueNm, Torque.MAX_NM, "torqueNm").orThrow();
    double k1 = TighteningTorque.leverMm(thread, face, from);
    double k2 = TighteningTorque.leverMm(thread, face, to);
    double same = torqueNm * k2 / k1;
    double over = 100 * (k1 / k2 - 1);
    Why why =
        new Why()
            .derive(
                "k₁", k1, "mm", "lever at the friction it was stated for", TighteningTorque.SOURCE)
            .derive("k₂", k2, "mm", "lever at the friction there is", TighteningTorque.SOURCE)
            .derive("T₂", same, "N·m", "T₁·k₂/k₁", TighteningTorque.SOURCE);
    if (over > 0) {
      why.because(
          "Slipperier than stated for: the same torque would clamp "
              + Figure.rounded(over, 0)
              + " % harder. Lower it, and ask the maker.");
    } else if (over < 0) {
      why.because(
          "Rougher than stated for: the same torque clamps less. Do not raise it without the maker's word; bring the threads into the stated state.");
    } else {
      why.because("The friction is the same; so is the torque.");
    }
    return new FrictionChange(same, torqueNm * 1000 / k1, over, why.reasons(), why.derivation());
  }
}
