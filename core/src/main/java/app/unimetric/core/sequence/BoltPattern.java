package app.unimetric.core.sequence;

import app.unimetric.core.problem.InvalidInput;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How the like fasteners of one joint sit and in which passes they are tightened.
 *
 * @param count fasteners, 1 to 64
 * @param layout how they sit
 * @param gapStyle of a faceplate; null is even
 * @param passesPercent rising shares of the final torque, the last one 100; null for the usual
 */
public record BoltPattern(
    int count, Layout layout, @Nullable GapStyle gapStyle, @Nullable List<Double> passesPercent) {

  /**
   * @throws InvalidInput when count or shares are out of range, or a gap style stands beside
   *     another layout than a faceplate
   */
  public BoltPattern {
    passesPercent = passesPercent == null ? null : List.copyOf(passesPercent);
    TighteningOrder.passes(count, layout, gapStyle, passesPercent);
  }

  /** One fastener, or several as the layout has them, in the usual passes. */
  public static BoltPattern of(int count, Layout layout) {
    return new BoltPattern(count, layout, null, null);
  }

  public List<Pass> passes() {
    return TighteningOrder.passes(count, layout, gapStyle, passesPercent);
  }

  /** Once over all as they are, in the order of their last pass. */
  public Pass tried() {
    List<Pass> usual = passes();
    return new Pass(Pass.FULL_PERCENT, usual.get(usual.size() - 1).order(), PassKind.TRY);
  }

  /** Why the passes are as they are, in words. */
  public List<String> reasons() {
    return TighteningOrder.reasons(count, layout, gapStyle);
  }

  public List<FastenerPosition> positions() {
    return FastenerPosition.all(count, layout);
  }
}
