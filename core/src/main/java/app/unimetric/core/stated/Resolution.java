package app.unimetric.core.stated;

import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.why.Derivation;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What several stated values come to: one band and one aim, or why not.
 *
 * @param band null when no source gives a figure
 * @param aimNm N·m, null without a band
 * @param governing index of the value that governs, null without one
 * @param capNm the lowest MAXIMUM of all parts in the clamp, N·m, null without one
 * @param conflicts sources that cannot be met together with the governing one
 * @param unitSlips figures that look read in the wrong unit
 * @param ready whether the joint may be tightened to this
 * @param blockers what stands in the way, in words; empty when ready
 * @param reasons how the band came about
 * @param derivation the numbers behind it
 */
public record Resolution(
    @Nullable TorqueBand band,
    @Nullable Double aimNm,
    @Nullable Integer governing,
    @Nullable Double capNm,
    List<Conflict> conflicts,
    List<UnitSlip> unitSlips,
    boolean ready,
    List<String> blockers,
    List<String> reasons,
    List<Derivation> derivation) {
  public Resolution {
    conflicts = List.copyOf(conflicts);
    unitSlips = List.copyOf(unitSlips);
    blockers = List.copyOf(blockers);
    reasons = List.copyOf(reasons);
    derivation = List.copyOf(derivation);
  }

  /** Of a joint for which no value was found yet. */
  public static Resolution nothingStated() {
    return new Resolution(
        null,
        null,
        null,
        null,
        List.of(),
        List.of(),
        false,
        List.of(),
        List.of("No value is stated for this joint yet."),
        List.of());
  }
}
