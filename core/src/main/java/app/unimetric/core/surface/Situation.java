package app.unimetric.core.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.ScrewThread;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * All that the choice of a product depends on.
 *
 * @param thread null when the surface is not a thread
 * @param bolt material of the bolt or inner part
 * @param female material of the thread or outer part
 * @param clamped material between, or clamped round
 * @param lock what keeps the thread from turning already
 * @param surface where the product would go
 * @param hole whether the thread can be reached from behind
 * @param circumstances all that hold
 * @param temperatureC highest temperature in use, °C; null when ordinary
 * @param makerSays what the maker's sheet asks for; null when silent
 */
public record Situation(
    @Nullable ScrewThread thread,
    Material bolt,
    Material female,
    @Nullable Material clamped,
    Lock lock,
    Surface surface,
    Hole hole,
    Set<Circumstance> circumstances,
    @Nullable Double temperatureC,
    @Nullable Compound makerSays) {
  /** What a joint is taken for where nobody says otherwise. */
  public static final Set<Circumstance> USUAL =
      Set.of(Circumstance.COMES_APART, Circumstance.NUT_ACCESS);

  public Situation {
    circumstances = Set.copyOf(circumstances);
    Problems problems = new Problems();
    if (temperatureC != null) {
      problems.within(temperatureC, -100, 1500, "temperatureC");
    }
    problems.orThrow();
  }

  boolean is(Circumstance what) {
    return circumstances.contains(what);
  }

  boolean mustComeApart() {
    return is(Circumstance.COMES_APART);
  }

  boolean vibrates() {
    return is(Circumstance.VIBRATES);
  }

  boolean touchesCarbon() {
    return is(Circumstance.NEAR_CARBON)
        || female == Material.CARBON
        || clamped == Material.CARBON
        || bolt == Material.CARBON;
  }

  boolean touchesPlastic() {
    return is(Circumstance.NEAR_PLASTIC)
        || female == Material.PLASTIC
        || clamped == Material.PLASTIC;
  }

  boolean unlikeMetals() {
    return bolt.isMetal() && female.isMetal() && bolt.isLightMetal() != female.isLightMetal();
  }
}
