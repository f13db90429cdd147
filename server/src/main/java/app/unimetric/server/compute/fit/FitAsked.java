package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.Judged;
import app.unimetric.core.pack.FitCall;

/**
 * A calculation of fit by its call, so that what was asked can be worked out again where it is
 * kept.
 *
 * @param <R> what is asked
 */
public interface FitAsked<R> {
  FitCall call();

  /**
   * @throws app.unimetric.core.problem.InvalidInput where the request makes no sense
   */
  Judged judge(R request);
}
