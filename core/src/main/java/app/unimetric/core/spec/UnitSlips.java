package app.unimetric.core.spec;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.MetricThread;
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
    boolean holds(double lowNm2, double highNm2) {
      return lowNm2 >= lowNm && highNm2 <= highNm;
    }
  }

  static Optional<Plausible> plausible(JointContext joint, Why why) {
    MetricThread thread = joint.thread();
    PropertyClass material = joint.propertyClass();
    if (joint.role() != Role.CLAMP || thread == null || material == null) {
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

  static List<UnitSlip> find(List<SpecValue> values, JointContext joint, Why why) {
    Optional<Plausible> plausible = plausible(joint, why);
    List<UnitSlip> slips = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      SpecValue value = values.get(i);
      TorqueUnit stated = value.unit();
      double[] figures = value.figures();
      if (stated == null || figures.length == 0) {
        continue;
      }
      Set<TorqueUnit> likely = new LinkedHashSet<>();
      String reason = "";
      for (TorqueUnit other : TorqueUnit.values()) {
        Optional<Integer> partner = other == stated ? Optional.empty() : agreeing(values, i, other);
        if (partner.isPresent()) {
          likely.add(other);
          reason =
              value.asStated()
                  + " read in "
                  + other.sign()
                  + " agrees with "
                  + values.get(partner.get()).asStated()
                  + " of the "
                  + values.get(partner.get()).source().words()
                  + ".";
        }
      }
      if (plausible.isPresent() && !holds(plausible.get(), figures, stated)) {
        Plausible p = plausible.get();
        for (TorqueUnit other : TorqueUnit.values()) {
          if (other != stated && holds(p, figures, other)) {
            likely.add(other);
          }
        }
        boolean tooHigh = figures[1] * stated.newtonMetres() > p.highNm();
        reason =
            value.asStated()
                + (tooHigh
                    ? " is more than this thread and class can carry ("
                    : " is far too little to clamp this thread (")
                + "plausible: "
                + SpecValue.plain(round1(p.lowNm()))
                + "–"
                + SpecValue.plain(round1(p.highNm()))
                + " N·m)."
                + (reason.isEmpty() ? "" : " " + reason);
      }
      if (!reason.isEmpty()) {
        slips.add(new UnitSlip(i, stated, new ArrayList<>(likely), reason));
      }
    }
    return slips;
  }

  private static boolean holds(Plausible plausible, double[] figures, TorqueUnit unit) {
    return plausible.holds(figures[0] * unit.newtonMetres(), figures[1] * unit.newtonMetres());
  }

  private static Optional<Integer> agreeing(List<SpecValue> values, int i, TorqueUnit reading) {
    SpecValue value = values.get(i);
    for (int j = 0; j < values.size(); j++) {
      SpecValue other = values.get(j);
      if (j != i && agrees(value, reading, other) && !asStatedAgrees(value, other)) {
        return Optional.of(j);
      }
    }
    return Optional.empty();
  }

  private static boolean asStatedAgrees(SpecValue value, SpecValue other) {
    TorqueUnit unit = value.unit();
    return unit != null && agrees(value, unit, other);
  }

  private static boolean agrees(SpecValue value, TorqueUnit reading, SpecValue other) {
    double[] mine = value.figures();
    double[] theirs = other.figures();
    TorqueUnit theirUnit = other.unit();
    if (mine.length == 0 || theirs.length == 0 || theirUnit == null) {
      return false;
    }
    double low = mine[0] * reading.newtonMetres();
    double high = mine[1] * reading.newtonMetres();
    double theirLow = theirs[0] * theirUnit.newtonMetres();
    double theirHigh = theirs[1] * theirUnit.newtonMetres();
    boolean singleInTheirRange =
        value.form() == SpecForm.VALUE
            && other.form() == SpecForm.RANGE
            && low >= theirLow * (1 - AGREEMENT)
            && low <= theirHigh * (1 + AGREEMENT);
    return singleInTheirRange || (near(low, theirLow) && near(high, theirHigh));
  }

  private static boolean near(double a, double b) {
    return Math.abs(a - b) <= AGREEMENT * b;
  }

  private static double round1(double nm) {
    return Math.round(nm * 10) / 10.0;
  }
}
