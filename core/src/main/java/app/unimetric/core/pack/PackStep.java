package app.unimetric.core.pack;

import java.util.List;

/**
 * One thing to do besides tightening.
 *
 * @param traps what people get wrong here
 * @param minutes how long it takes a practised hand; 0 when not stated
 */
public record PackStep(
    String id, Phase phase, String title, String text, List<String> traps, double minutes) {
  public PackStep {
    traps = List.copyOf(traps);
  }
}
