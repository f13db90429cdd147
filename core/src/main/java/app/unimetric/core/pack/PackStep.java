package app.unimetric.core.pack;

import java.util.List;

/**
 * One thing to do besides tightening.
 *
 * @param traps what people get wrong here
 */
public record PackStep(String id, Phase phase, String title, String text, List<String> traps) {
  public PackStep {
    traps = List.copyOf(traps);
  }
}
