package app.unimetric.core.stated;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One torque value as stated, and what is known of where it comes from.
 *
 * @param statement its form and figures, in the unit they were read in
 * @param source where it comes from
 * @param part the part or fastener it is about, in words; null when not said
 * @param newPart whether it speaks for the part being fitted
 * @param condition what the maker says is on the threads
 * @param approximate whether it was hedged ("about")
 * @param alsoStated the same value stated a second time in another unit; null when it was not
 */
public record StatedValue(
    Statement statement,
    Source source,
    @Nullable String part,
    boolean newPart,
    FrictionCondition condition,
    boolean approximate,
    @Nullable AlsoStated alsoStated) {

  /** A statement of which nothing else is known; as such it is only memory. */
  public static StatedValue of(Statement statement) {
    return new StatedValue(
        statement, Source.RECOLLECTION, null, false, FrictionCondition.UNKNOWN, false, null);
  }

  /** A single value from a source. */
  public static StatedValue of(double value, TorqueUnit unit, Source source) {
    return of(new Statement.Value(value, unit)).from(source);
  }

  public static StatedValue range(double min, double max, TorqueUnit unit, Source source) {
    return of(new Statement.Range(min, max, unit)).from(source);
  }

  public static StatedValue maximum(double max, TorqueUnit unit, Source source) {
    return of(new Statement.Maximum(max, unit)).from(source);
  }

  public static StatedValue minimum(double min, TorqueUnit unit, Source source) {
    return of(new Statement.Minimum(min, unit)).from(source);
  }

  /** The same figures from another source. */
  public StatedValue from(Source other) {
    return from(other, condition);
  }

  /** The same value with where it was found and what the threads were like. */
  public StatedValue from(Source foundIn, FrictionCondition threads) {
    return new StatedValue(statement, foundIn, part, newPart, threads, approximate, alsoStated);
  }

  /** The same value, said of the part being fitted. */
  public StatedValue ofNewPart() {
    return new StatedValue(statement, source, part, true, condition, approximate, alsoStated);
  }

  /** The same value, hedged. */
  StatedValue hedged() {
    return new StatedValue(statement, source, part, newPart, condition, true, alsoStated);
  }

  /** The same value with its second statement, as a sheet prints it in brackets. */
  public StatedValue alsoStated(AlsoStated second) {
    return new StatedValue(statement, source, part, newPart, condition, approximate, second);
  }

  /** The same figures taken for another unit; what was stated beside them no longer counts. */
  public StatedValue readIn(TorqueUnit other) {
    return figured()
        .map(
            f ->
                new StatedValue(
                    f.readIn(other), source, part, newPart, condition, approximate, null))
        .orElse(this);
  }

  public Form form() {
    return statement.form();
  }

  /** The statement where it has figures; empty for snug and the like. */
  public Optional<Statement.InTorque> figured() {
    return statement instanceof Statement.InTorque f ? Optional.of(f) : Optional.empty();
  }

  /** The unit as stated; null for forms without a figure. */
  public @Nullable TorqueUnit unit() {
    return statement instanceof Statement.InTorque f ? f.unit() : null;
  }

  /** The stated figures in N·m, from lowest to highest; null for forms without a figure. */
  public @Nullable TorqueBand statedNm() {
    return statement instanceof Statement.InTorque f ? f.band() : null;
  }

  /**
   * The torque that is on at the end, N·m; null where a turn or a hand makes the clamp load, which
   * no torque tells.
   */
  public @Nullable TorqueBand broughtOnNm() {
    return form() == Form.TORQUE_ANGLE ? null : statedNm();
  }

  /** What is done besides bringing on one torque, in words; empty for a plain torque. */
  public Optional<String> beyondTorque() {
    if (statement instanceof Statement.TorqueAngle t) {
      return Optional.of(
          "The torque only seats it; the turn of "
              + Figure.typed(t.angleDeg())
              + "° makes the clamp load, and what that is takes the clamped parts to tell.");
    }
    if (statement instanceof Statement.Staged s) {
      return Optional.of("In stages: " + s.words() + "; what is told is the last of them.");
    }
    return switch (form()) {
      case SNUG ->
          Optional.of("Snug is no figure: by fingers or a short lever until it sits, no tool.");
      case UNTIL_GAP_CLOSES -> Optional.of("No figure: turn until the gap closes, and no further.");
      default -> Optional.empty();
    };
  }

  /**
   * Whether nothing contradicts the value on its own sheet: no second statement, or one that
   * agrees.
   */
  public boolean agreesWithItself() {
    AlsoStated second = alsoStated;
    return second == null || !(statement instanceof Statement.InTorque f) || second.agreesWith(f);
  }

  /** As it would be written on a sheet: {@code max 5 N·m}, {@code about 20 ft·lbf}. */
  public String asStated() {
    return figured().isPresent() && approximate ? "about " + statement.words() : statement.words();
  }

  /** With its second statement, as the sheet prints it: {@code 20 N·m (15 ft·lbf)}. */
  public String asPrinted() {
    AlsoStated second = alsoStated;
    return second == null ? asStated() : asStated() + " (" + second.asStated() + ")";
  }

  /** In plain sentences, how it was understood and whether it contradicts itself. */
  public List<String> readAs() {
    String read = "Read as a " + form().words() + ": " + asStated() + ".";
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
}
