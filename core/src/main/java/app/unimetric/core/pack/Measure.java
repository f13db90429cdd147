package app.unimetric.core.pack;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Something to measure or to look at, and what it must come to.
 *
 * @param what in words
 * @param unit of the figure, such as mm; null when words are enough
 * @param min least that may stand, in {@code unit}; null without
 * @param max most that may stand, in {@code unit}; null without
 * @param limit where the limit is stated, or what must be so, in words; null without
 * @param onPart which limit stands on the part itself and is read off it first; null when none does
 * @param side on which it is; null where it is measured once
 * @param within how near it must come back to what was found, in {@code unit}; null when it need
 *     not
 */
public record Measure(
    String what,
    @Nullable String unit,
    @Nullable Double min,
    @Nullable Double max,
    @Nullable String limit,
    @Nullable Double within,
    @Nullable End onPart,
    @Nullable Side side) {
  private static final double MOST = 1_000_000;
  private static final double FLOATING = 1e-9;
  private static final Pattern FIGURE =
      Pattern.compile(
          "^\\s*(-?\\d{1,7}(?:[.,]\\d{1,6})?)(?!\\d|[.,]\\d|\\s*[-–/]\\s*\\d).*", Pattern.DOTALL);

  /** Which end of what may stand a limit is. */
  public enum End {
    LEAST("least"),
    MOST("most");

    private final String words;

    End(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** How what was found stands to the limits. */
  public enum Judged {
    /** Nothing to judge it by. */
    NOTED,
    WITHIN,
    BELOW,
    ABOVE
  }

  public Measure {
    Problems problems = new Problems();
    boolean limits = min != null || max != null;
    problems.require(!limits || unit != null, "unit", "is missing: a limit needs its unit.");
    if (min != null) {
      problems.within(min, -MOST, MOST, "min");
    }
    if (max != null) {
      problems.within(max, -MOST, MOST, "max");
    }
    problems.require(
        within == null || unit != null, "unit", "is missing: coming back within needs its unit.");
    if (within != null) {
      problems.within(within, 0, MOST, "within");
    }
    problems.require(
        onPart == null || unit != null, "unit", "is missing: a limit on the part needs its unit.");
    problems.require(
        onPart != End.LEAST || min == null, "min", "stands on the part or here, not both.");
    problems.require(
        onPart != End.MOST || max == null, "max", "stands on the part or here, not both.");
    problems.require(min == null || max == null || min <= max, "min", "must not be above max.");
    problems.orThrow();
  }

  /** Something whose limits, if any, are known beforehand. */
  public Measure(
      String what,
      @Nullable String unit,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable String limit,
      @Nullable Double within) {
    this(what, unit, min, max, limit, within, null, null);
  }

  /** Something that need not come back the same. */
  public Measure(
      String what,
      @Nullable String unit,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable String limit) {
    this(what, unit, min, max, limit, null, null, null);
  }

  /** Something to write down in words. */
  public static Measure of(String what) {
    return new Measure(what, null, null, null, null);
  }

  Measure on(Side one) {
    return new Measure(Selection.onSide(what, one), unit, min, max, limit, within, onPart, one);
  }

  /** Whether its limit is read off the part before it can be judged. */
  public boolean asksLimit() {
    return onPart != null;
  }

  /** The same with the limit that was read off the part. */
  public Measure limitedTo(double read) {
    return new Measure(
        what,
        unit,
        onPart == End.LEAST ? Double.valueOf(read) : min,
        onPart == End.MOST ? Double.valueOf(read) : max,
        limit,
        within,
        null,
        side);
  }

  public boolean hasLimits() {
    return min != null || max != null;
  }

  /**
   * The figure at the beginning of what was written: 3.2 of “3,2 mm, left side”. A span or a
   * fraction is none.
   */
  public static Optional<Double> figure(String found) {
    Matcher m = FIGURE.matcher(found);
    return m.matches()
        ? Optional.of(Double.parseDouble(m.group(1).replace(',', '.')))
        : Optional.empty();
  }

  /** Whether this can be written down: where a unit is asked for, a figure stands first. */
  public boolean accepts(String found) {
    return unit == null || figure(found).isPresent();
  }

  /** How what was found stands to the limits. */
  public Judged standing(String found) {
    Double figure = hasLimits() ? figure(found).orElse(null) : null;
    if (figure == null) {
      return Judged.NOTED;
    }
    if (min != null && figure < min) {
      return Judged.BELOW;
    }
    return max != null && figure > max ? Judged.ABOVE : Judged.WITHIN;
  }

  /** How what is left stands to what was found: near enough, or off to which side. */
  public Judged cameBack(String found, String left) {
    Double before = figure(found).orElse(null);
    Double after = figure(left).orElse(null);
    if (within == null || before == null || after == null) {
      return Judged.NOTED;
    }
    // Decimals as typed are seldom exact in binary.
    double most = within * (1 + FLOATING) + FLOATING;
    return after < before - most
        ? Judged.BELOW
        : after > before + most ? Judged.ABOVE : Judged.WITHIN;
  }

  /** How near it must come back, in words: {@code within ± 2 mm}; empty when it need not. */
  public String withinWords() {
    return within == null ? "" : "within ± " + Figure.typed(within) + " " + unit;
  }

  /** The limits in words: {@code at least 1.5 mm; marked on the disc}; empty without any. */
  public String limitWords() {
    String figures =
        min != null && max != null
            ? Figure.typed(min) + " to " + Figure.typed(max) + " " + unit
            : min != null
                ? "at least " + Figure.typed(min) + " " + unit
                : max != null ? "at most " + Figure.typed(max) + " " + unit : "";
    if (limit == null) {
      return figures;
    }
    return figures.isEmpty() ? limit : figures + "; " + limit;
  }

  /** For a list: {@code pad thickness, mm (at least 1.5 mm)}. */
  public String words() {
    String name = unit == null ? what : what + ", " + unit;
    return limitWords().isEmpty() ? name : name + " (" + limitWords() + ")";
  }
}
