package app.unimetric.core.spec;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One torque value as stated: figures in the unit they were read in, and where they come from.
 *
 * @param form its shape
 * @param value the figure of VALUE and TORQUE_ANGLE, in {@code unit}
 * @param min lower figure of RANGE and the figure of MINIMUM, in {@code unit}
 * @param max upper figure of RANGE and the figure of MAXIMUM, in {@code unit}
 * @param angleDeg the turn after the torque of TORQUE_ANGLE, degrees
 * @param stages figures of STAGED in order, in {@code unit}
 * @param unit the unit as stated; needed by every form with a figure
 * @param source where it comes from
 * @param part the part or fastener it is about, in words
 * @param newPart whether it speaks for the part being fitted
 * @param condition what the maker says is on the threads
 * @param approximate whether it was hedged ("about")
 * @param alsoStated the same value stated a second time in another unit
 */
public record SpecValue(
    SpecForm form,
    @Nullable Double value,
    @Nullable Double min,
    @Nullable Double max,
    @Nullable Double angleDeg,
    List<Double> stages,
    @Nullable TorqueUnit unit,
    SpecSource source,
    @Nullable String part,
    boolean newPart,
    FrictionCondition condition,
    boolean approximate,
    @Nullable AlsoStated alsoStated) {

  private static final double LARGEST_ANGLE_DEG = 1080;

  public SpecValue {
    stages = List.copyOf(stages);
    Problems problems = new Problems();
    if (form.hasFigure()) {
      problems.require(
          unit != null, "unit", "is missing; a torque without its unit cannot be used.");
    }
    double factor = unit == null ? 1 : unit.newtonMetres();
    double largest = Torque.MAX_NM / factor;
    switch (form) {
      case VALUE -> needed(problems, value, largest, "value");
      case TORQUE_ANGLE -> {
        needed(problems, value, largest, "value");
        needed(problems, angleDeg, LARGEST_ANGLE_DEG, "angleDeg");
      }
      case RANGE -> {
        needed(problems, min, largest, "min");
        needed(problems, max, largest, "max");
        if (min != null && max != null && Double.isFinite(min) && Double.isFinite(max)) {
          problems.require(min <= max, "min", "is above the maximum; swap the two figures.");
        }
      }
      case MAXIMUM -> needed(problems, max, largest, "max");
      case MINIMUM -> needed(problems, min, largest, "min");
      case STAGED -> {
        problems.require(
            stages.size() >= 2 && stages.size() <= 10,
            "stages",
            "needs 2 to 10 figures, one for each stage.");
        for (int i = 0; i < stages.size(); i++) {
          needed(problems, stages.get(i), largest, "stages[" + i + "]");
          problems.require(
              i == 0 || stages.get(i) > stages.get(i - 1),
              "stages[" + i + "]",
              "must be above the stage before it.");
        }
      }
      default -> {
        // Snug and gap have no figure to check.
      }
    }
    problems.require(
        value == null || form == SpecForm.VALUE || form == SpecForm.TORQUE_ANGLE,
        "value",
        "does not belong to this form.");
    problems.require(
        min == null || form == SpecForm.RANGE || form == SpecForm.MINIMUM,
        "min",
        "does not belong to this form.");
    problems.require(
        max == null || form == SpecForm.RANGE || form == SpecForm.MAXIMUM,
        "max",
        "does not belong to this form.");
    problems.require(
        angleDeg == null || form == SpecForm.TORQUE_ANGLE,
        "angleDeg",
        "does not belong to this form.");
    problems.require(
        stages.isEmpty() || form == SpecForm.STAGED, "stages", "does not belong to this form.");
    problems.orThrow();
  }

  /** A value with nothing but figures and unit, as read from a line of text. */
  static SpecValue stated(
      SpecForm form,
      @Nullable Double value,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable Double angleDeg,
      List<Double> stages,
      @Nullable TorqueUnit unit,
      boolean approximate) {
    return new SpecValue(
        form,
        value,
        min,
        max,
        angleDeg,
        stages,
        unit,
        SpecSource.RECOLLECTION,
        null,
        false,
        FrictionCondition.UNKNOWN,
        approximate,
        null);
  }

  /** A single value from a source. */
  public static SpecValue of(double value, TorqueUnit unit, SpecSource source) {
    return stated(SpecForm.VALUE, value, null, null, null, List.of(), unit, false).from(source);
  }

  public static SpecValue range(double min, double max, TorqueUnit unit, SpecSource source) {
    return stated(SpecForm.RANGE, null, min, max, null, List.of(), unit, false).from(source);
  }

  public static SpecValue maximum(double max, TorqueUnit unit, SpecSource source) {
    return stated(SpecForm.MAXIMUM, null, null, max, null, List.of(), unit, false).from(source);
  }

  public static SpecValue minimum(double min, TorqueUnit unit, SpecSource source) {
    return stated(SpecForm.MINIMUM, null, min, null, null, List.of(), unit, false).from(source);
  }

  /** The same figures from another source. */
  public SpecValue from(SpecSource other) {
    return with(other, newPart, condition, alsoStated);
  }

  /** The same value, said of the part being fitted. */
  public SpecValue ofNewPart() {
    return with(source, true, condition, alsoStated);
  }

  /**
   * Lower and upper figure in the stated unit; a single figure stands for both. Empty without one.
   */
  double[] figures() {
    return switch (form) {
      case VALUE, TORQUE_ANGLE -> pair(value, value);
      case RANGE -> pair(min, max);
      case MAXIMUM -> pair(max, max);
      case MINIMUM -> pair(min, min);
      case STAGED -> pair(stages.get(stages.size() - 1), stages.get(stages.size() - 1));
      default -> new double[0];
    };
  }

  /** The stated figures in N·m, from lowest to highest; null for forms without a figure. */
  public @Nullable TorqueBand statedNm() {
    double[] ends = figures();
    TorqueUnit in = unit;
    return ends.length == 0 || in == null
        ? null
        : TorqueBand.of(ends[0] * in.newtonMetres(), ends[1] * in.newtonMetres());
  }

  /** The same value with where it was found and what the threads were like. */
  public SpecValue from(SpecSource foundIn, FrictionCondition stated) {
    return with(foundIn, newPart, stated, alsoStated);
  }

  /** The same value with its second statement, as a sheet prints it in brackets. */
  public SpecValue alsoStated(AlsoStated second) {
    return with(source, newPart, condition, second);
  }

  /**
   * Whether nothing contradicts the value on its own sheet: no second statement, or one that
   * agrees.
   */
  public boolean agreesWithItself() {
    AlsoStated second = alsoStated;
    TorqueUnit in = unit;
    return second == null || in == null || second.agreesWith(figures(), in);
  }

  /** With its second statement, as the sheet prints it: {@code 20 N·m (15 ft·lbf)}. */
  public String asPrinted() {
    AlsoStated second = alsoStated;
    return second == null ? asStated() : asStated() + " (" + second.asStated() + ")";
  }

  /** In plain sentences, how it was understood and whether it contradicts itself. */
  public List<String> readAs() {
    String read = "Read as a " + form.words() + ": " + asStated() + ".";
    AlsoStated second = alsoStated;
    if (second == null) {
      return List.of(read);
    }
    return List.of(
        read,
        agreesWithItself()
            ? "The second statement, " + second.asStated() + ", agrees within its rounding."
            : "The second statement, "
                + second.asStated()
                + ", disagrees: one of the two is wrong; look for the maker's own unit.");
  }

  private SpecValue with(
      SpecSource foundIn,
      boolean ofNewPart,
      FrictionCondition threads,
      @Nullable AlsoStated second) {
    return new SpecValue(
        form,
        value,
        min,
        max,
        angleDeg,
        stages,
        unit,
        foundIn,
        part,
        ofNewPart,
        threads,
        approximate,
        second);
  }

  /** The single figure, N·m; null for forms without one. */
  public @Nullable Double torqueNm() {
    Double figure = value;
    TorqueUnit in = unit;
    return figure == null || in == null ? null : Double.valueOf(figure * in.newtonMetres());
  }

  /** As it would be written on a sheet: {@code max 5 N·m}, {@code 20–24 ft·lbf}. */
  public String asStated() {
    String sign = unit == null ? "" : " " + unit.sign();
    String about = approximate ? "about " : "";
    double[] ends = figures();
    return about
        + switch (form) {
          case VALUE -> plain(ends[0]) + sign;
          case RANGE -> plain(ends[0]) + "–" + plain(ends[1]) + sign;
          case MAXIMUM -> "max " + plain(ends[1]) + sign;
          case MINIMUM -> "min " + plain(ends[0]) + sign;
          case TORQUE_ANGLE ->
              plain(ends[0]) + sign + " + " + plain(angleDeg == null ? 0 : angleDeg) + "°";
          case STAGED -> String.join(", ", stages.stream().map(SpecValue::plain).toList()) + sign;
          case SNUG, UNTIL_GAP_CLOSES -> form.words();
        };
  }

  private static double[] pair(@Nullable Double low, @Nullable Double high) {
    return low == null || high == null ? new double[0] : new double[] {low, high};
  }

  private static void needed(
      Problems problems, @Nullable Double figure, double largest, String field) {
    if (figure == null) {
      problems.require(false, field, "is missing.");
    } else {
      problems.positive(figure, largest, field);
    }
  }

  static String plain(double figure) {
    if (figure == Math.rint(figure) && Math.abs(figure) < 1e9) {
      return Long.toString((long) figure);
    }
    String text = String.format(Locale.ROOT, "%.3f", figure);
    return text.replaceAll("0+$", "").replaceAll("\\.$", "");
  }
}
