package app.unimetric.core.stated;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.PermissibleDeviation;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Brings all stated values of one joint to one band and one aim.
 *
 * <p>Rules of the workshop: the lowest maximum caps everything; the best-ranked other source gives
 * the band; sources that cannot be met together are a conflict that a person decides.
 */
public final class Resolver {
  private static final String RULE = "workshop rule";
  private static final double MAXIMUM_FLOOR = 0.8;
  private static final double MINIMUM_CEILING = 1.1;
  private static final int MOST_VALUES = 64;

  private final List<StatedValue> values;
  private final JointContext joint;
  private final Why why = new Why();
  private final List<String> blockers = new ArrayList<>();

  private Resolver(List<StatedValue> values, JointContext joint) {
    this.values = values;
    this.joint = joint;
  }

  /**
   * Resolves the values of one joint.
   *
   * @throws InvalidInput when there is no value, or more than 64
   */
  public static Resolution resolve(List<StatedValue> values, JointContext joint) {
    if (values.isEmpty() || values.size() > MOST_VALUES) {
      throw InvalidInput.at("values", "Give 1 to 64 stated values of one joint.");
    }
    return new Resolver(List.copyOf(values), joint).run();
  }

  private record Own(TorqueBand band, double aimNm) {}

  private Resolution run() {
    List<UnitSlip> slips = UnitSlips.find(values, joint, why);
    Optional<Integer> cap = lowestMaximum();
    Optional<Integer> best = bestOther();
    if (cap.isEmpty() && best.isEmpty()) {
      return withoutFigure(slips);
    }
    int governing = best.or(() -> cap).orElseThrow();
    double capNm = cap.map(this::highNm).orElse(Double.POSITIVE_INFINITY);
    Own own = own(figures(governing), true);
    if (cap.isPresent() && own.band().isAboveAll(capNm)) {
      why.because(
          name(governing)
              + " lies wholly above "
              + name(cap.get())
              + ", the lowest maximum in the clamp; the maximum governs.");
      governing = cap.get();
      own = own(figures(governing), true);
    } else if (own.band().reachesAbove(capNm)) {
      own = cut(own, capNm, cap.orElseThrow());
    }
    own = capByOwnThread(governing, own);
    checkMinima(capNm);
    List<Conflict> conflicts = conflicts(governing, own);
    for (Conflict c : conflicts) {
      blockers.add(name(c.b()) + " disagrees with " + name(c.a()) + signed(c.percent()));
    }
    for (UnitSlip slip : slips) {
      blockers.add("Probably a wrong unit: " + slip.reason());
    }
    checkWhatTheThreadCarries();
    checkStatedTwice();
    explain(governing);
    if (joint.duty().isCritical() && values.get(governing).source() == Source.RECOLLECTION) {
      blockers.add(
          "A remembered value never stands alone on a critical joint; find the maker's value.");
    }
    why.derive("T_min", own.band().minNm(), "N·m", "lower end of the band", RULE);
    why.derive("T_max", own.band().maxNm(), "N·m", "upper end of the band", RULE);
    why.derive("T_aim", own.aimNm(), "N·m", "aim within the band", RULE);
    return new Resolution(
        own.band(),
        own.aimNm(),
        governing,
        cap.isPresent() ? capNm : null,
        conflicts,
        slips,
        blockers.isEmpty(),
        blockers,
        why.reasons(),
        why.derivation());
  }

  /** Clamps are judged by their physics already; all others by what breaks them. */
  private void checkWhatTheThreadCarries() {
    if (joint.duty().role() == Role.CLAMP) {
      return;
    }
    UnitSlips.mostNm(joint)
        .ifPresent(
            most -> {
              for (int i = 0; i < values.size(); i++) {
                if (values.get(i).statement() instanceof Statement.InTorque figures
                    && figures.highest() * figures.unit().newtonMetres() > most) {
                  blockers.add(
                      name(i)
                          + " is more than this thread can carry at all ("
                          + Figure.rounded(most, 1)
                          + " N·m).");
                }
              }
            });
  }

  private Resolution withoutFigure(List<UnitSlip> slips) {
    why.because("No source gives a figure: " + values.get(0).form().words() + ".");
    if (joint.duty().isCritical()) {
      blockers.add("A critical joint needs a torque figure; by feel is not enough.");
    }
    return new Resolution(
        null,
        null,
        null,
        null,
        List.of(),
        slips,
        blockers.isEmpty(),
        blockers,
        why.reasons(),
        why.derivation());
  }

  private Optional<Integer> lowestMaximum() {
    return indices(i -> values.get(i).form() == Form.MAXIMUM)
        .min(Comparator.comparingDouble(this::highNm));
  }

  private Optional<Integer> bestOther() {
    return indices(
            i ->
                values.get(i).form() != Form.MAXIMUM
                    && values.get(i).statement() instanceof Statement.InTorque)
        .min(Comparator.comparingInt(this::rank).thenComparing(Comparator.naturalOrder()));
  }

  private java.util.stream.Stream<Integer> indices(java.util.function.IntPredicate which) {
    return IntStream.range(0, values.size()).filter(which).boxed();
  }

  private int rank(int index) {
    return values.get(index).source().rank(values.get(index).newPart());
  }

  /** Band and aim of one value by itself; {@code explained} writes down how. */
  private Own own(Statement.InTorque value, boolean explained) {
    double low = value.band().minNm();
    double high = value.band().maxNm();
    return switch (value.form()) {
      case MAXIMUM -> maximum(high, explained);
      case MINIMUM -> minimum(low, explained);
      case RANGE -> range(low, high, explained);
      default -> joint.pinned() ? pinned(high, explained) : single(high, explained);
    };
  }

  private Own maximum(double m, boolean explained) {
    double a = deviation(m);
    TorqueBand band = bounded(MAXIMUM_FLOOR * m, m);
    double safest = m / (1 + a);
    if (explained) {
      why.derive("T_aim", safest, "N·m", "m/(1 + a), a = " + percent(a), RULE);
      why.because(
          "Only a maximum is known: the band runs from 80 % of it, and the aim stays below it by the tool's deviation.");
    }
    return new Own(
        band, joint.aim() == Aim.MIDDLE ? safest : Math.min(aimIn(band, explained), safest));
  }

  /** The nut only goes on from there: a torque a little below would stay below. */
  private Own pinned(double m, boolean explained) {
    if (explained) {
      why.because(
          "On a pinned nut a single value is the minimum: from there it goes on to the next slot, never back.");
    }
    return minimum(m, explained);
  }

  private Own minimum(double m, boolean explained) {
    double a = deviation(m);
    TorqueBand band = bounded(m, MINIMUM_CEILING * m);
    double surest = Math.min(m / (1 - a), band.maxNm());
    if (explained) {
      why.derive("T_aim", surest, "N·m", "m/(1 − a), a = " + percent(a), RULE);
      why.because(
          (joint.pinned() ? "The" : "Only a minimum is known: the")
              + " band runs to 110 % of it, and the aim stays above it by the tool's deviation.");
    }
    return new Own(
        band, joint.aim() == Aim.MIDDLE ? surest : Math.max(aimIn(band, explained), surest));
  }

  private Own range(double low, double high, boolean explained) {
    TorqueBand band = bounded(low, high);
    return new Own(band, aimIn(band, explained));
  }

  private Own single(double v, boolean explained) {
    double tolerance = joint.tolerances().of(joint.duty());
    TorqueBand band = bounded(v * (1 - tolerance), v * (1 + tolerance));
    if (explained) {
      why.derive("tol", tolerance * 100, "%", "band round a single value", RULE);
      why.because(
          "A single value gets the workshop's band of ± "
              + percent(tolerance)
              + (joint.duty().isCritical() && joint.tolerances().isStricterWhenCritical()
                  ? ", because the joint is critical."
                  : "."));
    }
    return new Own(
        band, aim(explained) == Aim.MIDDLE ? Math.min(v, band.maxNm()) : aimIn(band, explained));
  }

  private static TorqueBand bounded(double low, double high) {
    return TorqueBand.of(Math.min(low, Torque.MAX_NM), Math.min(high, Torque.MAX_NM));
  }

  private Aim aim(boolean explained) {
    if (joint.aim() == Aim.UPPER_THIRD && joint.duty().isDelicate()) {
      if (explained) {
        why.because(
            "The upper third is not used on carbon, plastic or soft threads; the aim is the middle.");
      }
      return Aim.MIDDLE;
    }
    return joint.aim();
  }

  private double aimIn(TorqueBand band, boolean explained) {
    return switch (aim(explained)) {
      case MIDDLE -> band.middleNm();
      case UPPER_THIRD -> band.maxNm() - band.widthNm() / 3;
      case LOWER_THIRD -> band.minNm() + band.widthNm() / 3;
    };
  }

  private Own cut(Own own, double capNm, int cap) {
    TorqueBand band = TorqueBand.of(Math.min(own.band().minNm(), capNm), capNm);
    double safest = Math.max(capNm / (1 + deviation(capNm)), band.minNm());
    why.because(
        "The band is cut at " + name(cap) + ", the lowest maximum of the parts in the clamp.");
    why.derive("T_cap", capNm, "N·m", "lowest maximum in the clamp", RULE);
    return new Own(band, Math.min(aimIn(band, false), safest));
  }

  /** A new part's sheet ranks first, but never beyond what the vehicle's thread can take. */
  private Own capByOwnThread(int governing, Own own) {
    StatedValue value = values.get(governing);
    if (!value.newPart() || !value.source().isPartsOwn()) {
      return own;
    }
    why.because(
        "The new part is clamped or brings its own fastener, so its own sheet ranks first.");
    Optional<UnitSlips.Plausible> plausible = UnitSlips.plausible(joint, new Why());
    if (plausible.isPresent() && own.band().maxNm() > plausible.get().highNm()) {
      blockers.add("The part's value is beyond what the vehicle's thread can take; ask the maker.");
    }
    return own;
  }

  private void checkMinima(double capNm) {
    indices(i -> values.get(i).form() == Form.MINIMUM && figures(i).band().isAboveAll(capNm))
        .forEach(
            i ->
                blockers.add(
                    name(i)
                        + " asks for more than the lowest maximum in the clamp allows; these parts do not go together."));
  }

  private List<Conflict> conflicts(int governing, Own own) {
    List<Conflict> found = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      if (i == governing
          || !(values.get(i).statement() instanceof Statement.InTorque other)
          || other.form() == Form.MAXIMUM) {
        continue;
      }
      Own theirs = own(other, false);
      boolean met =
          other.form() == Form.MINIMUM
              ? !theirs.band().isAboveAll(own.band().maxNm())
              : own.band().overlaps(theirs.band());
      if (!met) {
        found.add(new Conflict(governing, i, 100 * (theirs.aimNm() - own.aimNm()) / own.aimNm()));
      }
    }
    return found;
  }

  private void checkStatedTwice() {
    for (StatedValue value : values) {
      AlsoStated second = value.alsoStated();
      if (second != null && !value.agreesWithItself()) {
        blockers.add(
            "The "
                + value.source().words()
                + " states the value twice and the two disagree: "
                + value.asStated()
                + " and "
                + second.asStated()
                + ".");
      }
    }
  }

  private void explain(int governing) {
    StatedValue value = values.get(governing);
    why.because("Governed by the " + value.source().words() + ": " + value.asStated() + ".");
    if (value.approximate()) {
      why.because("The value was hedged (“about”); treat it with care.");
    }
    if (value.form() == Form.STAGED) {
      why.because("Stated in stages; the band is that of the last one.");
    }
    if (value.form() == Form.TORQUE_ANGLE) {
      why.because("The band is that of the torque before the angle is turned.");
    }
    if (value.source() == Source.ESTIMATE) {
      why.because("An estimate from thread and class: look for the maker's value.");
    }
  }

  private double deviation(double torqueNm) {
    return PermissibleDeviation.of(joint.toolDeviationPercent(), torqueNm);
  }

  private String name(int index) {
    StatedValue value = values.get(index);
    return value.asStated() + " (" + value.source().words() + ")";
  }

  /** The figures of a value known to have some. */
  private Statement.InTorque figures(int index) {
    return values.get(index).figured().orElseThrow();
  }

  private double highNm(int index) {
    return figures(index).band().maxNm();
  }

  private static String signed(double percent) {
    return (percent < 0 ? " by −" : " by +")
        + Figure.rounded(Math.abs(percent), 0)
        + " %; decide which holds, with a reason.";
  }

  private static String percent(double share) {
    return Figure.rounded(share * 100, 1) + " %";
  }
}
