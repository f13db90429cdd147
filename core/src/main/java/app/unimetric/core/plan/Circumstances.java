package app.unimetric.core.plan;

import app.unimetric.core.tool.CribTool;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a plan depends on besides its pack.
 *
 * @param decisions which values hold where sources disagree
 * @param crib the torque tools there are
 * @param handTools keys, sockets and special tools there are; null when nobody has listed them
 * @param shelf products and parts there are; null when it is not known
 * @param fits answers to the questions of fit; null when they are not asked here
 * @param handOrder joints as a person arranged them; empty for the planner's own order
 * @param byFeel joints that are done by feel, with the reason; passed over on a critical one
 * @param toolChoices tools chosen by hand, by joint; the planner's own where one no longer does
 * @param today for calibration and expiry
 */
public record Circumstances(
    List<Decision> decisions,
    List<CribTool> crib,
    @Nullable HandTools handTools,
    @Nullable Shelf shelf,
    @Nullable List<FitAnswer> fits,
    List<String> handOrder,
    Map<String, String> byFeel,
    Map<String, String> toolChoices,
    Policy policy,
    LocalDate today) {
  public Circumstances {
    decisions = List.copyOf(decisions);
    crib = List.copyOf(crib);
    fits = fits == null ? null : List.copyOf(fits);
    handOrder = List.copyOf(handOrder);
    byFeel = Map.copyOf(byFeel);
    toolChoices = Map.copyOf(toolChoices);
  }

  /** Only the crib is known. */
  public static Circumstances of(List<CribTool> crib, LocalDate today) {
    return new Circumstances(
        List.of(), crib, null, null, null, List.of(), Map.of(), Map.of(), Policy.USUAL, today);
  }
}
