package app.unimetric.core.plan;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.pack.FitCall;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a calculation said of a fit.
 *
 * @param call which one
 * @param state the address part that shows it again
 * @param verdict null where it gives a figure without a limit to hold it to
 * @param said its sentences, the verdict first
 */
public record WorkedFit(
    FitCall call, String state, @Nullable FitVerdict verdict, List<String> said) {
  public WorkedFit {
    said = List.copyOf(said);
  }

  /**
   * Whether it fits: what was worked out decides, and a word only where nothing was asked of the
   * figure.
   */
  public boolean fits(boolean word) {
    return verdict == null ? word : verdict == FitVerdict.FITS;
  }
}
