package app.unimetric.core.device;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the curve of a pull tells of the fastener. From snug, at 30 % of the torque, to the torque
 * the load rises in step with the angle, ΔF = θ·(P/360°)/(δ_S + δ_P) (VDI 2230-1): too little turn
 * exposes a bolt that bottoms, too much one that yields or strips.
 */
public enum CurveShape {
  /** Nothing stands against it. */
  SOUND(""),
  /** Torque over more than half a turn before anything was clamped. */
  CROSS_THREADED(
      "Torque rose over more than half a turn: the threads do not run in each other. Turn it back out, look at both threads, chase or replace, start it by fingers."),
  /** Torque fell while it was turned on. */
  STRIPPED(
      "Torque fell while it was turned on: the thread or the bolt gives. Take it out, look at both threads; what gave is replaced."),
  /** Far too little turn. */
  BOTTOMED(
      "The setting was reached with far too little turn: the bolt meets the ground or the end of its thread and does not clamp. Take it out, look at length, washer and hole."),
  /** Far more turn than its like. */
  YIELDED(
      "It was turned much further than the others for the same torque: it yields, or its thread begins to. Take it out and put in a new one.");

  private static final double SNUG_SHARE = 0.3;
  private static final double NEAR_END_SHARE = 0.95;
  private static final double FALLEN_SHARE = 0.9;
  private static final double FALLING_DEG = 5;
  private static final double FELT_SHARE = 0.15;
  private static final double HALF_TURN_DEG = 180;

  /** The shortest stiff bolt turns further than this from snug to its torque. */
  private static final double LEAST_DEG = 4;

  private static final double TOO_LITTLE = 0.4;
  private static final double TOO_MUCH = 2.5;

  /** Of a fastener that carries this share already, the rest of the way tells too little. */
  private static final double MOST_START_SHARE = 0.85;

  private static final double BREAKAWAY = 1.15;
  private final String words;

  CurveShape(String words) {
    this.words = words;
  }

  /** What it means and what to do; empty of a sound one. */
  public String words() {
    return words;
  }

  /** Whether the fastener itself may be found good once it is out. */
  public boolean mayBeRight() {
    return this == CROSS_THREADED || this == BOTTOMED;
  }

  /**
   * What a curve tells.
   *
   * @param startNm what the fastener carried before, N·m
   * @param others sound curves of the same pass at the same joint; without them only what stands by
   *     itself is told
   */
  public static CurveShape of(Curve curve, double startNm, List<Curve> others) {
    double peak = curve.peakNm();
    boolean fell =
        curve.end().torqueNm() <= FALLEN_SHARE * peak
            && curve.end().angleDeg() - curve.peakDeg() >= FALLING_DEG;
    if (fell) {
      return STRIPPED;
    }
    double runDown = startNm > 0 ? 0 : curve.runDownNm();
    double felt = runDown + FELT_SHARE * (peak - runDown);
    if (curve.peakDeg() - curve.angleAtDeg(felt) > HALF_TURN_DEG) {
      return CROSS_THREADED;
    }
    if (startNm > MOST_START_SHARE * peak) {
      return SOUND;
    }
    double turn = turnDeg(curve, startNm);
    Double usual = usual(startNm, others);
    if (usual == null ? turn < LEAST_DEG : turn < TOO_LITTLE * usual) {
      return BOTTOMED;
    }
    return usual != null && turn > TOO_MUCH * usual ? YIELDED : SOUND;
  }

  private static @Nullable Double usual(double startNm, List<Curve> others) {
    List<Double> turns = others.stream().map(o -> turnDeg(o, startNm)).sorted().toList();
    return turns.isEmpty() ? null : turns.get(turns.size() / 2);
  }

  /**
   * Turn from snug to torque, degrees: told from the stretch in which nothing but load rises, as if
   * it went over the whole.
   */
  private static double turnDeg(Curve curve, double startNm) {
    double peak = curve.peakNm();
    double from = Math.max(SNUG_SHARE * peak, BREAKAWAY * startNm);
    double to = NEAR_END_SHARE * peak;
    if (from >= to) {
      return 0;
    }
    double turned = curve.angleAtDeg(to) - curve.angleAtDeg(from);
    return turned * (1 - SNUG_SHARE) * peak / (to - from);
  }
}
