package app.unimetric.core.device;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * A torque wrench that is not there: it is pulled at a bolt that runs down, meets its seat over a
 * knee, and then gains torque in step with the angle. The same seed pulls the same way.
 */
public final class SimulatedWrench implements TorqueWrench {
  private static final int STEP_MS = 10;

  /** Between the click and the hand that stops. */
  private static final int REACTION_MS = 60;

  /** What stiffens stops the hand. */
  private static final double MOST_OVERSHOOT = 0.15;

  private static final int MOST_MS = 60_000;
  private static final double RUN_DOWN_DEG = 90;
  private static final double RUN_DOWN_SPEED = 270;
  private static final double CROSSED_SPEED = 100;
  private static final double RUN_DOWN_SHARE = 0.02;
  private static final double KNEE_DEG = 10;

  /** From nothing clamped to the setting, as a bolt of medium length turns. */
  private static final double USUAL_DEG = 45;

  private static final double LEAST_SPEED = 5;
  private static final double MOST_SPEED = 360;
  private static final double NOISE_SHARE = 0.004;
  private static final double CLICK_SPREAD = 0.01;
  private static final double GIVES_AT = 0.6;
  private static final double CUT_AT = 0.55;
  private static final double BACK_OFF_STIFFNESS = 8;
  private static final double BOTTOM_STIFFNESS = 16;

  /** What a joint that has settled still holds of what it carried. */
  private static final double STILL_HELD = 0.65;

  private static final double CROSSED_DEG = 420;
  private final double fullNm;
  private final double degreesPerSecond;
  private final Fault fault;
  private final long seed;

  private SimulatedWrench(double fullNm, double degreesPerSecond, Fault fault, long seed) {
    this.fullNm = fullNm;
    this.degreesPerSecond = degreesPerSecond;
    this.fault = fault;
    this.seed = seed;
  }

  /**
   * @param fullNm what the joint carries in the end, N·m: its bolts gain it within an eighth of a
   *     turn
   * @param degreesPerSecond how fast it is pulled, 5 to 360; the faster, the further past its click
   */
  public static SimulatedWrench of(double fullNm, double degreesPerSecond, Fault fault, long seed) {
    new Problems()
        .positive(fullNm, Torque.MAX_NM, "fullNm")
        .within(degreesPerSecond, LEAST_SPEED, MOST_SPEED, "degreesPerSecond")
        .orThrow();
    return new SimulatedWrench(fullNm, degreesPerSecond, fault, seed);
  }

  @Override
  public String name() {
    return "Simulated wrench";
  }

  @Override
  public Pull pull(double carriedNm, double settingNm) {
    double startNm = fault == Fault.SETTLED ? STILL_HELD * carriedNm : carriedNm;
    List<Sample> read = new ArrayList<>();
    SplittableRandom chance = new SplittableRandom(seed);
    double clickNm = settingNm * (1 + CLICK_SPREAD * chance.nextDouble(-1, 1));
    double stiffness = fullNm / USUAL_DEG * chance.nextDouble(0.9, 1.1);
    Pull.End end = Pull.End.LET_GO;
    int clickedMs = -1;
    for (int ms = 0; ms <= MOST_MS; ms += STEP_MS) {
      double angle = angleDeg(ms, startNm);
      double torque = torqueNm(angle, startNm, settingNm, stiffness);
      double noise = NOISE_SHARE * settingNm * chance.nextDouble(-1, 1);
      read.add(new Sample(ms, angle, Math.max(torque + noise, 0)));
      if (clickedMs < 0 && torque >= clickNm) {
        clickedMs = ms;
        end = Pull.End.CLICKED;
      }
      boolean stopped =
          clickedMs >= 0
              && (ms >= clickedMs + REACTION_MS || torque >= clickNm * (1 + MOST_OVERSHOOT));
      if (stopped || hasGiven(angle, stiffness, settingNm)) {
        break;
      }
      if (torque >= CUT_AT * settingNm && torque > startNm) {
        if (fault == Fault.BATTERY) {
          end = Pull.End.BATTERY_EMPTY;
          break;
        }
        if (fault == Fault.DROP_OUT) {
          end = Pull.End.DROPPED_OUT;
          break;
        }
      }
    }
    return new Recorded(read.iterator(), end);
  }

  /** What runs down freely is run down fast. */
  private double angleDeg(int ms, double startNm) {
    double seconds = ms / 1000.0;
    if (fault == Fault.CROSS_THREADED) {
      return seconds * CROSSED_SPEED;
    }
    double fast = startNm > 0 ? 0 : RUN_DOWN_DEG / RUN_DOWN_SPEED;
    return seconds < fast
        ? seconds * RUN_DOWN_SPEED
        : fast * RUN_DOWN_SPEED + (seconds - fast) * degreesPerSecond;
  }

  private boolean hasGiven(double angle, double stiffness, double settingNm) {
    return fault == Fault.STRIPPED
        && angle > RUN_DOWN_DEG + KNEE_DEG + GIVES_AT * settingNm / stiffness + 60;
  }

  private double torqueNm(double angle, double startNm, double settingNm, double stiffness) {
    if (fault == Fault.CROSS_THREADED) {
      double bite = 0.08 * Math.sin(angle / 9);
      return settingNm * Math.max(angle / CROSSED_DEG + 0.05 + bite * angle / CROSSED_DEG, 0);
    }
    double stiff = fault == Fault.BOTTOMED ? stiffness * BOTTOM_STIFFNESS : stiffness;
    if (startNm > 0 && fault != Fault.STRIPPED) {
      double breaks = startNm / (stiff * BACK_OFF_STIFFNESS);
      return angle < breaks
          ? angle * stiff * BACK_OFF_STIFFNESS
          : startNm + (angle - breaks) * stiff;
    }
    double runDown = RUN_DOWN_SHARE * settingNm;
    double seated = angle - RUN_DOWN_DEG;
    if (seated <= 0) {
      return runDown;
    }
    double knee = fault == Fault.BOTTOMED ? 1 : KNEE_DEG;
    double clamped =
        seated < knee ? stiff * seated * seated / (2 * knee) : stiff * (seated - knee / 2);
    double gives = GIVES_AT * settingNm;
    if (fault == Fault.STRIPPED && runDown + clamped > gives) {
      double further = seated - knee / 2 - gives / stiff;
      return Math.max(gives * (1 - Math.max(further - 10, 0) / 60), runDown);
    }
    return runDown + clamped;
  }

  private record Recorded(Iterator<Sample> read, End end) implements Pull {
    @Override
    public Optional<Sample> next() {
      return read.hasNext() ? Optional.of(read.next()) : Optional.empty();
    }
  }
}
