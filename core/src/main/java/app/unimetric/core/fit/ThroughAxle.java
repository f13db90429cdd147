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
 * @param best spacers under its head that make up the length; null where none are needed or none do
 */
public record ThroughAxle(
    boolean fits,
    double differenceMm,
    @Nullable List<Double> best,
    List<String> reasons,
    List<Derivation> derivation) {
  /** By how much the lengths may differ, unless the workshop says otherwise. */
  public static final double TOLERANCE_MM = 2;

  /** Full threads that must hold where it is not known how many the old one had. */
  public static final int LEAST_THREADS = 6;

  private static final String SOURCE = "workshop rule";
  private static final double ROUNDING_MM = 1e-6;
  private static final int MOST_SPACERS = 16;

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
   */
  public static ThroughAxle of(Axle old, Axle fresh, List<Double> spacersMm, double toleranceMm) {
    Problems problems =
        new Problems()
            .within(toleranceMm, 0, 20, "toleranceMm")
            .require(
                spacersMm.size() <= MOST_SPACERS, "spacersMm", "are more than 16; leave some out.");
    for (int i = 0; i < Math.min(spacersMm.size(), MOST_SPACERS); i++) {
      problems.positive(spacersMm.get(i), 50, "spacersMm[" + i + "]");
    }
    problems.orThrow();
    double difference = fresh.lengthMm() - old.lengthMm();
    Why why = new Why().derive("Δl", difference, "mm", "new − old", SOURCE);
    boolean thread =
        Math.abs(old.diameterMm() - fresh.diameterMm()) < ROUNDING_MM
            && Math.abs(old.pitchMm() - fresh.pitchMm()) < ROUNDING_MM;
    if (!thread) {
      why.because("Another thread: it does not go in, or spoils the one it goes into.");
    }
    boolean head = old.head() == fresh.head();
    if (!head) {
      why.because("Its head has another seat: it would sit on an edge.");
    }
    boolean holds = holds(old, fresh, why);
    boolean length = Math.abs(difference) <= toleranceMm + ROUNDING_MM;
    List<Double> best =
        length || difference < 0 ? null : made(difference, spacersMm, toleranceMm).orElse(null);
    if (length) {
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
                  : best.stream().map(Figure::typed).reduce((a, b) -> a + " + " + b).orElse("")
                      + " mm under its head would."));
    }
    return new ThroughAxle(
        thread && head && holds && length, difference, best, why.reasons(), why.derivation());
  }

  private static boolean holds(Axle old, Axle fresh, Why why) {
    Double holding = fresh.engagementMm();
    if (holding == null) {
      why.because("How much thread holds was not measured: count its turns, six at the least.");
      return true;
    }
    double wanted =
        old.engagementMm() == null ? LEAST_THREADS * fresh.pitchMm() : old.engagementMm();
    why.derive("l_e", holding, "mm", "≥ that of the old one, else 6·P", SOURCE);
    if (holding < wanted - ROUNDING_MM) {
      why.because(
          "Only "
              + Figure.typed(holding)
              + " mm of thread hold where "
              + Figure.typed(wanted)
              + " are wanted.");
      return false;
    }
    return true;
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
      if (Math.abs(difference - sum(set)) <= tolerance + ROUNDING_MM) {
        sets.add(set);
      }
    }
    return sets.stream()
        .min(
            Comparator.comparingLong(
                    (List<Double> s) -> Math.round(Math.abs(difference - sum(s)) / ROUNDING_MM))
                .thenComparingInt(List::size))
        .map(s -> s.stream().sorted(Comparator.reverseOrder()).toList());
  }

  private static double sum(List<Double> set) {
    return set.stream().mapToDouble(Double::doubleValue).sum();
  }
}
