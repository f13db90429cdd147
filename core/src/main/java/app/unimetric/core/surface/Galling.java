package app.unimetric.core.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Threads that seize while they are turned: stainless in stainless, titanium in titanium. */
public final class Galling {
  private Galling() {}

  /** What to say of a bolt in a thread; empty where nothing galls or one of the two is unknown. */
  public static Optional<String> warning(@Nullable PropertyClass bolt, @Nullable Material female) {
    if (bolt == null) {
      return Optional.empty();
    }
    if (bolt.isStainless() && female == Material.STAINLESS) {
      return Optional.of(
          "Stainless in stainless galls: anti-seize, turn slowly, and stop when it begins to drag.");
    }
    return bolt == PropertyClass.TI_6AL_4V && female == Material.TITANIUM
        ? Optional.of("Titanium in titanium galls: anti-seize, turn slowly.")
        : Optional.empty();
  }
}
