package app.unimetric.core.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.MetricThread;
import org.jspecify.annotations.Nullable;

/**
 * All that the choice of a product depends on.
 *
 * @param thread null when the surface is not a thread
 * @param bolt material of the bolt or inner part
 * @param female material of the thread or outer part
 * @param clamped material between, or clamped round
 * @param temperatureC highest temperature in use, °C; null when ordinary
 * @param nutAccess whether the nut can be reached to put the product in
 * @param assembled whether the joint is already together
 * @param makerSays what the maker's sheet asks for; null when silent
 */
public record Situation(
    @Nullable MetricThread thread,
    Material bolt,
    Material female,
    @Nullable Material clamped,
    Lock lock,
    Surface surface,
    boolean mustComeApart,
    boolean vibrates,
    boolean nearPlastic,
    boolean nearCarbon,
    @Nullable Double temperatureC,
    Hole hole,
    boolean nutAccess,
    boolean assembled,
    @Nullable Compound makerSays) {
  public Situation {
    Problems problems = new Problems();
    if (temperatureC != null) {
      problems.within(temperatureC, -100, 1500, "temperatureC");
    }
    problems.orThrow();
  }

  boolean touchesCarbon() {
    return nearCarbon
        || female == Material.CARBON
        || clamped == Material.CARBON
        || bolt == Material.CARBON;
  }

  boolean touchesPlastic() {
    return nearPlastic || female == Material.PLASTIC || clamped == Material.PLASTIC;
  }

  boolean unlikeMetals() {
    return bolt.isMetal() && female.isMetal() && bolt.isLightMetal() != female.isLightMetal();
  }
}
