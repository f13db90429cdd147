package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A new axle in the place of the old one.
 *
 * @param differenceMm new length less old
 * @param fits as measured, whatever the uncertainty
 * @param inShort with it
 * @param best spacers under its head that make up the length; null where none are needed or none do
 */
public record ThroughAxle(
    boolean fits,
    double differenceMm,
    @Nullable List<Double> best,
    FitVerdict inShort,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** By how much the lengths may differ, unless the workshop says otherwise. */
  public static final double TOLERANCE_MM = 2;

  /** Full threads that must hold where it is not known how many the old one had. */
  public static final int LEAST_THREADS = 6;

  private static final String SOURCE = "workshop rule";
  private static final double ROUNDING_MM = 1e-6;
  private static final int MOST_SPACERS = 16;
  private static final double MOST_UNCERTAINTY_MM = 5;

  /** How its head sits. */
  public enum Head {
    FLAT,
    CONE
  }

  /**
   * An axle.
   *
   * @param lengthMm from under its head to its end
   * @param engagementMm of thread that holds; null where it is not known
   */
  public record Axle(
      double diameterMm,
      double pitchMm,
      double lengthMm,
      Head head,
      @Nullable Double engagementMm) {
    public Axle {
      Problems problems =
          new Problems()
              .positive(diameterMm, 50, "diameterMm")
              .positive(pitchMm, 5, "pitchMm")
              .positive(lengthMm, 400, "lengthMm")
              .require(
                  !(lengthMm < diameterMm),
                  "lengthMm",
                  "is less than the diameter: are the two swapped?");
      if (engagementMm != null) {
        problems.within(engagementMm, 0, 100, "engagementMm");
      }
      problems.orThrow();
    }
  }

  /**
   * @param spacersMm in the box
   * @param toleranceMm by how much the lengths may differ
   * @param measuredToMm by how much each length may be wrong, either way
   */
  public static ThroughAxle of(
      Axle old, Axle fresh, List<Double> spacersMm, double toleranceMm, double measuredToMm) {
    Problems problems =
        new Problems()
            .within(toleranceMm, 0, 20, "toleranceMm")
            .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm")
            .require(
                spacersMm.size() <= MOST_SPACERS, "spacersMm", "are more than 16; leave some out.");
    for (int i = 0; i < Math.min(spacersMm.size(), MOST_SPACERS); i++) {
      problems.positive(spacersMm.get(i), 50, "spacersMm[" + i + "]");
    }
    problems.orThrow();
    double difference = fresh.lengthMm() - old.lengthMm();
    Why why = new Why().derive("Δl", difference, "mm", "new − old", SOURCE);
    List<String> fails = new ArrayList<>();
    FitVerdict sits = seated(old, fresh, fails, why);
    FitVerdict holds = holds(old, fresh, measuredToMm, fails, why);
    // Both lengths are measured.
    FitVerdict reaches =
        new FitWindow(-toleranceMm, toleranceMm).judge(difference, 2 * measuredToMm);
    boolean length = Math.abs(difference) <= toleranceMm + ROUNDING_MM;
    if (reaches != FitVerdict.FITS) {
      fails.add("lengthMm");
    }
    List<Double> best =
        length || difference < 0 ? null : made(difference, spacersMm, toleranceMm).orElse(null);
    if (reaches == FitVerdict.TOO_CLOSE) {
      why.because(
          "Too close to call: measure both lengths to ± "
              + Figure.fixed(Math.abs(Math.abs(difference) - toleranceMm) / 2, 2)
              + " mm or better.");
    } else {
      length(difference, length, best, why);
    }
    return new ThroughAxle(
        sits == FitVerdict.FITS && holds != FitVerdict.DOES_NOT && length,
        difference,
        best,
        sits.and(holds).and(reaches),
        List.copyOf(fails),
        why.reasons(),
        why.derivation());
  }

  private static FitVerdict seated(Axle old, Axle fresh, List<String> fails, Why why) {
    boolean thread =
        Math.abs(old.diameterMm() - fresh.diameterMm()) < ROUNDING_MM
            && Math.abs(old.pitchMm() - fresh.pitchMm()) < ROUNDING_MM;
    if (!thread) {
      fails.add("diameterMm");
      why.because("Another thread: it does not go in, or spoils the one it goes into.");
    }
    if (old.head() != fresh.head()) {
      fails.add("head");
      why.because("Its head has another seat: it would sit on an edge.");
    }
    return FitVerdict.of(fails.isEmpty());
  }

  private static void length(
      double difference, boolean within, @Nullable List<Double> best, Why why) {
    if (within) {
      why.because("Its length differs by " + Figure.typed(difference) + " mm.");
    } else if (difference < 0) {
      why.because("It is " + Figure.typed(-difference) + " mm too short: nothing makes it longer.");
    } else {
      why.because(
          "It is "
              + Figure.typed(difference)
              + " mm too long: "
              + (best == null
                  ? "no spacers of these make that up."
                  : SpacerChoice.side(best) + " under its head would."));
    }
  }

  private static FitVerdict holds(
      Axle old, Axle fresh, double measuredToMm, List<String> fails, Why why) {
    Double holding = fresh.engagementMm();
    if (holding == null) {
      why.because("How much thread holds was not measured: count its turns, six at the least.");
      return FitVerdict.FITS;
    }
    double wanted =
        old.engagementMm() == null ? LEAST_THREADS * fresh.pitchMm() : old.engagementMm();
    why.derive("l_e", holding, "mm", "≥ that of the old one, else 6·P", SOURCE);
    FitVerdict found = FitWindow.atLeast(wanted).judge(holding, measuredToMm);
    if (found != FitVerdict.FITS) {
      fails.add("engagementMm");
      why.because(
          found == FitVerdict.TOO_CLOSE
              ? "Too close to call whether enough thread holds: count its turns."
              : "Only "
                  + Figure.typed(holding)
                  + " mm of thread hold where "
                  + Figure.typed(wanted)
                  + " are wanted.");
    }
    return found;
  }

  /** Every set of the spacers: nearest to the difference, then fewest. */
  private static Optional<List<Double>> made(
      double difference, List<Double> spacers, double tolerance) {
    List<List<Double>> sets = new ArrayList<>();
    for (int code = 1; code < 1 << spacers.size(); code++) {
      List<Double> set = new ArrayList<>();
      for (int i = 0; i < spacers.size(); i++) {
        if ((code >> i & 1) == 1) {
          set.add(spacers.get(i));
        }
      }
      if (Math.abs(difference - SpacerSets.sum(set)) <= tolerance + ROUNDING_MM) {
        sets.add(set);
      }
    }
    return sets.stream()
        .min(
            Comparator.comparingLong(
                    (List<Double> s) ->
                        Math.round(Math.abs(difference - SpacerSets.sum(s)) / ROUNDING_MM))
                .thenComparingInt(List::size))
        .map(s -> s.stream().sorted(Comparator.reverseOrder()).toList());
  }
}
