package app.unimetric.core.stated;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds figures read in the wrong unit, from two sides: another source says nearly the same figure
 * in another unit, or the bolt could never have been meant to take such a torque.
 */
final class UnitSlips {
  private static final double AGREEMENT = 0.03;
  private static final double IMPLAUSIBLY_LOW = 0.10;
  private static final double IMPLAUSIBLY_HIGH = 1.10;
  private static final Friction SLIPPERY = Friction.of(0.08);
  private static final Friction ROUGH = Friction.of(0.24);

  private UnitSlips() {}

  /**
   * The torques between which a clamping bolt of this thread and class can sensibly be tightened.
   */
  record Plausible(double lowNm, double highNm) {
    boolean holds(Statement.InTorque figures) {
      double unit = figures.unit().newtonMetres();
      return figures.lowest() * unit >= lowNm && figures.highest() * unit <= highNm;
    }

    String whyNot(Statement.InTorque figures) {
      boolean tooHigh = figures.highest() * figures.unit().newtonMetres() > highNm;
      return (tooHigh
              ? " is more than this thread and class can carry ("
              : " is far too little to clamp this thread (")
          + "plausible: "
          + Figure.rounded(lowNm, 1)
          + "–"
          + Figure.rounded(highNm, 1)
          + " N·m).";
    }
  }

  /**
   * The most a thread of this class can carry at all, N·m: it breaks even at high friction.
   * Whatever the fastener is for, nothing above it can be meant.
   */
  static Optional<Double> mostNm(JointContext joint) {
    ScrewThread thread = joint.thread();
    PropertyClass material = joint.propertyClass();
    if (thread == null || material == null) {
      return Optional.empty();
    }
    return Optional.of(
        AssemblyPreload.at(
                1, material.ultimateMPa(thread), thread, joint.head().face(thread), ROUGH)
            .torqueNm());
  }

  static Optional<Plausible> plausible(JointContext joint, Why why) {
    ScrewThread thread = joint.thread();
    PropertyClass material = joint.propertyClass();
    if (joint.duty().role() != Role.CLAMP || thread == null || material == null) {
      return Optional.empty();
    }
    BearingFace face = joint.head().face(thread);
    double yieldMPa = material.yieldMPa(thread);
    double slippery =
        AssemblyPreload.at(AssemblyPreload.USUAL_UTILISATION, yieldMPa, thread, face, SLIPPERY)
            .torqueNm();
    double rough =
        AssemblyPreload.at(AssemblyPreload.USUAL_UTILISATION, yieldMPa, thread, face, ROUGH)
            .torqueNm();
    why.derive(
        "T90(μ=0.08)", slippery, "N·m", "F_M·k at ν = 0.9, μ = 0.08", AssemblyPreload.SOURCE);
    why.derive("T90(μ=0.24)", rough, "N·m", "F_M·k at ν = 0.9, μ = 0.24", AssemblyPreload.SOURCE);
    return Optional.of(new Plausible(IMPLAUSIBLY_LOW * slippery, IMPLAUSIBLY_HIGH * rough));
  }

  static List<UnitSlip> find(List<StatedValue> values, JointContext joint, Why why) {
    Optional<Plausible> plausible = plausible(joint, why);
    List<Reading> readings = readings(values, plausible);
    List<UnitSlip> slips = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      StatedValue value = values.get(i);
      if (!(value.statement() instanceof Statement.InTorque figures)) {
        continue;
      }
      Set<TorqueUnit> likely = new LinkedHashSet<>();
      String reason = "";
      for (Reading reading : readings) {
        if (reading.value() == i) {
          likely.add(reading.in());
          reason = reading.words(values);
        }
      }
      if (plausible.isPresent() && !plausible.get().holds(figures)) {
        Plausible p = plausible.get();
        for (TorqueUnit other : TorqueUnit.values()) {
          if (other != figures.unit() && p.holds(figures.readIn(other))) {
            likely.add(other);
          }
        }
        String implausible = value.asStated() + p.whyNot(figures);
        reason = reason.isEmpty() ? implausible : implausible + " " + reason;
      }
      if (!reason.isEmpty()) {
        slips.add(new UnitSlip(i, figures.unit(), new ArrayList<>(likely), reason));
      }
    }
    return slips;
  }

  /**
   * One value read in another unit agrees with another value.
   *
   * @param value place of the one that would be the slip
   * @param with place of the one it would agree with
   */
  private record Reading(int value, TorqueUnit in, int with) {
    String words(List<StatedValue> values) {
      return values.get(value).asStated()
          + " read in "
          + in.sign()
          + " agrees with "
          + values.get(with).asStated()
          + " of the "
          + values.get(with).source().words()
          + ".";
    }
  }

  /**
   * Readings that would make two values agree. None is named that the thread could not carry; where
   * each of the two could be the slip, the better one is not accused, and neither is when they are
   * equally good: then they just differ.
   */
  private static List<Reading> readings(List<StatedValue> values, Optional<Plausible> plausible) {
    List<Reading> all = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      for (TorqueUnit other : TorqueUnit.values()) {
        if (values.get(i).statement() instanceof Statement.InTorque figures
            && other != figures.unit()
            && plausible.map(p -> p.holds(figures.readIn(other))).orElse(true)) {
          int in = agreeing(values, i, figures, other);
          if (in >= 0) {
            all.add(new Reading(i, other, in));
          }
        }
      }
    }
    return all.stream()
        .filter(
            r ->
                all.stream().noneMatch(o -> o.value() == r.with() && o.with() == r.value())
                    || isWorse(values, r.value(), r.with(), plausible))
        .toList();
  }

  /** By what the thread can carry first, then by the rank of the source. */
  private static boolean isWorse(
      List<StatedValue> values, int one, int other, Optional<Plausible> plausible) {
    boolean holds = holds(values.get(one), plausible);
    boolean otherHolds = holds(values.get(other), plausible);
    return holds == otherHolds ? rank(values.get(one)) > rank(values.get(other)) : otherHolds;
  }

  private static boolean holds(StatedValue value, Optional<Plausible> plausible) {
    return plausible.isEmpty()
        || value.statement() instanceof Statement.InTorque figures
            && plausible.get().holds(figures);
  }

  private static int rank(StatedValue value) {
    return value.source().rank(value.newPart());
  }

  private static int agreeing(
      List<StatedValue> values, int i, Statement.InTorque figures, TorqueUnit reading) {
    for (int j = 0; j < values.size(); j++) {
      if (j != i
          && values.get(j).statement() instanceof Statement.InTorque other
          && agrees(figures, reading, other)
          && !agrees(figures, figures.unit(), other)) {
        return j;
      }
    }
    return -1;
  }

  private static boolean agrees(
      Statement.InTorque mine, TorqueUnit reading, Statement.InTorque theirs) {
    double low = mine.lowest() * reading.newtonMetres();
    double high = mine.highest() * reading.newtonMetres();
    double theirLow = theirs.lowest() * theirs.unit().newtonMetres();
    double theirHigh = theirs.highest() * theirs.unit().newtonMetres();
    boolean singleInTheirRange =
        mine.form() == Form.VALUE
            && theirs.form() == Form.RANGE
            && low >= theirLow * (1 - AGREEMENT)
            && low <= theirHigh * (1 + AGREEMENT);
    return singleInTheirRange || (near(low, theirLow) && near(high, theirHigh));
  }

  private static boolean near(double a, double b) {
    return Math.abs(a - b) <= AGREEMENT * b;
  }
}
