package app.unimetric.core.device;

import java.util.List;
import java.util.Optional;

/**
 * What stands against a fastener by the curve of its pull.
 *
 * @param words what it means and what to do
 */
public record CurveVerdict(CurveShape shape, String words) {
  /**
   * The verdict; empty where nothing stands against it.
   *
   * @param startNm what the fastener carried before, N·m
   * @param others sound curves of the same pass at the same joint
   */
  public static Optional<CurveVerdict> of(Curve curve, double startNm, List<Curve> others) {
    return of(CurveShape.of(curve, startNm, others));
  }

  /** The verdict of a shape; empty of a sound one. */
  public static Optional<CurveVerdict> of(CurveShape shape) {
    return shape == CurveShape.SOUND
        ? Optional.empty()
        : Optional.of(new CurveVerdict(shape, shape.words()));
  }
}
