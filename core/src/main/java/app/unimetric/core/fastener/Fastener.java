package app.unimetric.core.fastener;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.ScrewThread;
import org.jspecify.annotations.Nullable;

/**
 * A fastener as it is known by name.
 *
 * @param thread its geometry
 * @param hand which way it tightens
 * @param propertyClass null when it is not marked
 * @param head what it is turned by; a hexagon where nothing is said
 * @param drive key or socket, as people ask for it: "5 mm hex key"; null when not stated
 */
public record Fastener(
    ScrewThread thread,
    Hand hand,
    @Nullable PropertyClass propertyClass,
    Head head,
    @Nullable String drive) {
  /**
   * @throws InvalidInput when there is no such bolt: the class is not made with this thread
   */
  public Fastener {
    if (propertyClass != null) {
      propertyClass
          .whyNotOn(thread)
          .ifPresent(
              why -> {
                throw InvalidInput.at("propertyClass", why);
              });
    }
  }

  /** As it stands on a sheet: {@code M8 8.8}, {@code M10×1.25}. */
  public String words() {
    return propertyClass == null
        ? thread.designation()
        : thread.designation() + " " + propertyClass.mark();
  }

  /** The face its head turns on. */
  public BearingFace face() {
    return head.face(thread);
  }

  public boolean isLeftHand() {
    return hand == Hand.LEFT;
  }
}
