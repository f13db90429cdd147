package app.unimetric.core.pack;

import org.jspecify.annotations.Nullable;

/**
 * A question that is answered while everything is still together.
 *
 * @param call the calculation that answers it; null where looking is enough
 */
public record FitQuestion(String question, @Nullable FitCall call) {
  FitQuestion on(Side side) {
    return new FitQuestion(question + " (" + side.words() + ")", call);
  }
}
