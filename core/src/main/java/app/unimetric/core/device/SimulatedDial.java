package app.unimetric.core.device;

import app.unimetric.core.problem.Problems;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * A dial gauge that is not there, at a part that leans a little and is warped less, as all are. The
 * same seed reads the same.
 */
public final class SimulatedDial implements DialGauge {
  private static final int STEP_MS = 20;
  private static final double DEGREES_A_SECOND = 90;
  private static final double ONCE_ROUND_DEG = 360;

  /** So far past the first place that it is read twice. */
  private static final double TURNED_DEG = 370;

  private static final double MOST_LIMIT_MM = 100;
  private static final double LEANS_SHARE = 0.2;
  private static final double WARPED_SHARE = 0.05;
  private static final double TOO_MUCH_SHARE = 0.9;
  private static final double DENT_DEG = 12;
  private static final double NOISE_MM = 0.002;
  private static final double FOOT_MM = 0.06;
  private final double limitMm;
  private final DialFault fault;
  private final long seed;

  private SimulatedDial(double limitMm, DialFault fault, long seed) {
    this.limitMm = limitMm;
    this.fault = fault;
    this.seed = seed;
  }

  /**
   * @param limitMm most that the part may run out, mm: what is right or wrong with it goes by that
   */
  public static SimulatedDial of(double limitMm, DialFault fault, long seed) {
    new Problems().positive(limitMm, MOST_LIMIT_MM, "limitMm").orThrow();
    return new SimulatedDial(limitMm, fault, seed);
  }

  @Override
  public String name() {
    return "Simulated dial gauge";
  }

  @Override
  public DialTurn turn() {
    SplittableRandom chance = new SplittableRandom(seed);
    double high = chance.nextDouble(0, ONCE_ROUND_DEG);
    double leans = limitMm * (fault == DialFault.LEANS ? TOO_MUCH_SHARE : LEANS_SHARE);
    double warped = limitMm * WARPED_SHARE;
    List<DialSample> read = new ArrayList<>();
    boolean whole = true;
    for (int ms = 0; ms * DEGREES_A_SECOND / 1000 <= TURNED_DEG; ms += STEP_MS) {
      double angle = ms * DEGREES_A_SECOND / 1000;
      if (fault == DialFault.NOT_HEARD && angle > ONCE_ROUND_DEG / 2) {
        whole = false;
        break;
      }
      double from = Math.toRadians(angle - high);
      double reading = leans * Math.cos(from) + warped * Math.cos(2 * from);
      double fromDent = Math.abs((angle % ONCE_ROUND_DEG) - ONCE_ROUND_DEG / 2);
      if (fault == DialFault.DENTED && fromDent < DENT_DEG) {
        reading -= 2 * TOO_MUCH_SHARE * limitMm * (1 - fromDent / DENT_DEG);
      }
      if (fault == DialFault.FOOT_MOVED && angle > ONCE_ROUND_DEG / 3) {
        reading += FOOT_MM;
      }
      read.add(new DialSample(ms, angle, reading + NOISE_MM * chance.nextDouble(-1, 1)));
    }
    return new Recorded(read.iterator(), whole);
  }

  private record Recorded(Iterator<DialSample> read, boolean isWhole) implements DialTurn {
    @Override
    public Optional<DialSample> next() {
      return read.hasNext() ? Optional.of(read.next()) : Optional.empty();
    }
  }
}
