package app.unimetric.core.device;

import app.unimetric.core.fit.Runout;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What one turn under a dial gauge comes to (field guide, rotor runout): the total indicated
 * reading, what of it leans and what is left. A gauge that does not come back to where it began has
 * moved, and what it read says nothing.
 *
 * @param runout null where the turn says nothing
 * @param typed the reading in mm as it is written down; null where the turn says nothing
 * @param words what it means, or what to do
 */
public record DialReading(@Nullable Runout runout, @Nullable String typed, String words) {
  /** By how much the first place may read otherwise the second time, mm. */
  public static final double COMES_BACK_WITHIN_MM = 0.02;

  /** Readings taken of a turn, equally spaced. */
  static final int PLACES = 36;

  /** By how much each reading of a dial in hundredths may be wrong, mm. */
  static final double READ_TO_MM = 0.005;

  private static final double ONCE_ROUND_DEG = 360;
  private static final double ANY_LIMIT_MM = 100;
  private static final String AGAIN = "Nothing was taken over: ";

  /**
   * @param limitMm most that it may run out; null where it is not known
   * @throws InvalidInput where the limit is none
   */
  public static DialReading of(List<DialSample> read, boolean whole, @Nullable Double limitMm) {
    if (!whole || read.isEmpty() || last(read).angleDeg() < ONCE_ROUND_DEG) {
      return new DialReading(
          null,
          null,
          AGAIN + "the gauge was not heard once round. Set it to nothing and turn again.");
    }
    double back = Math.abs(at(read, ONCE_ROUND_DEG) - at(read, 0));
    if (back > COMES_BACK_WITHIN_MM) {
      return new DialReading(
          null,
          null,
          AGAIN
              + "the first place reads "
              + Figure.fixed(back, 2)
              + " mm otherwise the second time. The foot moved or the bearing has play: see to that, then turn again.");
    }
    List<Double> places = new ArrayList<>();
    for (int i = 0; i < PLACES; i++) {
      places.add(at(read, i * ONCE_ROUND_DEG / PLACES));
    }
    Runout runout =
        Runout.of(places, null, limitMm == null ? ANY_LIMIT_MM : limitMm, null, READ_TO_MM);
    return new DialReading(runout, Figure.fixed(runout.totalMm(), 2), words(runout, limitMm));
  }

  private static String words(Runout runout, @Nullable Double limitMm) {
    String parts =
        Figure.fixed(runout.totalMm(), 2)
            + " mm over one turn: "
            + Figure.fixed(runout.wobbleMm(), 2)
            + " leans, highest at "
            + Math.round(runout.wobbleAtDeg())
            + "°, "
            + Figure.fixed(runout.residualMm(), 2)
            + " is left.";
    return limitMm == null || runout.reasons().isEmpty()
        ? parts
        : parts + " " + runout.reasons().get(0);
  }

  private static DialSample last(List<DialSample> read) {
    return read.get(read.size() - 1);
  }

  /** What it read at the sample nearest to an angle. */
  private static double at(List<DialSample> read, double angleDeg) {
    DialSample nearest = read.get(0);
    for (DialSample sample : read) {
      if (Math.abs(sample.angleDeg() - angleDeg) < Math.abs(nearest.angleDeg() - angleDeg)) {
        nearest = sample;
      }
    }
    return nearest.readingMm();
  }
}
