package app.unimetric.core.pack;

import org.jspecify.annotations.Nullable;

/**
 * A question that is answered while everything is still together.
 *
 * @param call the calculation that answers it; null where looking is enough
 */
public record FitQuestion(String question, @Nullable FitCall call) {
  /**
   * Whether the word of whoever looked is enough that it fits; what is worked out passes by its
   * figures, or because a lead decides otherwise.
   */
  public boolean takesAnybodysWord() {
    return call == null;
  }

  FitQuestion on(Side side) {
    return new FitQuestion(question + " (" + side.words() + ")", call);
  }
}
