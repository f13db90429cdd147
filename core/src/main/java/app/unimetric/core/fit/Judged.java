package app.unimetric.core.fit;

import app.unimetric.core.why.Derivation;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What every calculation of fit says, whatever it is about. */
public interface Judged {
  /** Whether it fits; null where the calculation gives a figure without a limit to hold it to. */
  @Nullable FitVerdict inShort();

  /**
   * The fields, of what was asked or of the answer, whose size is not right; empty where it fits.
   */
  List<String> fails();

  /** In plain sentences, the verdict first. */
  List<String> reasons();

  /** How the figures came about. */
  List<Derivation> derivation();
}
