package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import java.util.Optional;

/** A closed band of torque, N·m; its lower end is never above the upper. Immutable. */
public final class TorqueBand {
  /** What arithmetic may lose: a billionth of a part. */
  private static final double ROUNDING = 1e-9;

  private final double minNm;
  private final double maxNm;

  private TorqueBand(double minNm, double maxNm) {
    this.minNm = minNm;
    this.maxNm = maxNm;
  }

  /**
   * A band by its ends.
   *
   * @param minNm lower end, N·m, 0 to 10 000
   * @param maxNm upper end, N·m, 0 to 10 000
   * @throws InvalidInput when an end is out of range or the lower is above the upper
   */
  public static TorqueBand of(double minNm, double maxNm) {
    Problems problems =
        new Problems()
            .within(minNm, 0, Torque.MAX_NM, "minNm")
            .within(maxNm, 0, Torque.MAX_NM, "maxNm");
    if (problems.isEmpty()) {
      problems.require(minNm <= maxNm, "minNm", "must not be above the maximum.");
    }
    problems.orThrow();
    return new TorqueBand(minNm, maxNm);
  }

  /** Lower end, N·m. */
  public double minNm() {
    return minNm;
  }

  /** Upper end, N·m. */
  public double maxNm() {
    return maxNm;
  }

  public double middleNm() {
    return (minNm + maxNm) / 2;
  }

  public double widthNm() {
    return maxNm - minNm;
  }

  /** Whether both ends are one figure. */
  public boolean isSingle() {
    return minNm == maxNm;
  }

  /** Whether {@code torqueNm} lies in the band; a billionth of a part is forgiven to arithmetic. */
  public boolean contains(double torqueNm) {
    return !isBelow(torqueNm) && !isAbove(torqueNm);
  }

  /** Whether the whole band lies above {@code torqueNm}, by more than arithmetic. */
  public boolean isAboveAll(double torqueNm) {
    return minNm > torqueNm * (1 + ROUNDING);
  }

  /** Whether the band reaches above {@code torqueNm}, by more than arithmetic. */
  public boolean reachesAbove(double torqueNm) {
    return maxNm > torqueNm * (1 + ROUNDING);
  }

  private boolean isBelow(double torqueNm) {
    return torqueNm < minNm * (1 - ROUNDING);
  }

  private boolean isAbove(double torqueNm) {
    return torqueNm > maxNm * (1 + ROUNDING);
  }

  /** Whether all of {@code other} lies in this band. */
  public boolean encloses(TorqueBand other) {
    return contains(other.minNm) && contains(other.maxNm);
  }

  public boolean overlaps(TorqueBand other) {
    return minNm <= other.maxNm * (1 + ROUNDING) && other.minNm <= maxNm * (1 + ROUNDING);
  }

  /** What two bands have in common; empty when they do not meet. */
  public Optional<TorqueBand> intersection(TorqueBand other) {
    double low = Math.max(minNm, other.minNm);
    double high = Math.min(maxNm, other.maxNm);
    return overlaps(other)
        ? Optional.of(new TorqueBand(Math.min(low, high), high))
        : Optional.empty();
  }

  /** The torque of the band nearest to {@code torqueNm}, N·m. */
  public double clamp(double torqueNm) {
    return Math.min(Math.max(torqueNm, minNm), maxNm);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof TorqueBand band
        && Double.compare(minNm, band.minNm) == 0
        && Double.compare(maxNm, band.maxNm) == 0;
  }

  @Override
  public int hashCode() {
    return 31 * Double.hashCode(minNm) + Double.hashCode(maxNm);
  }

  /** As a computed band is shown: {@code 9.5–10.5 N·m}. */
  @Override
  public String toString() {
    return Figure.rounded(minNm, 2) + "–" + Figure.rounded(maxNm, 2) + " N·m";
  }
}
