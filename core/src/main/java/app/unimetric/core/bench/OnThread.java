package app.unimetric.core.bench;

import org.jspecify.annotations.Nullable;

/**
 * What goes on the thread of a joint.
 *
 * @param compound its kind, in words
 * @param laidOut the bottle or tub laid out for it; null where nothing of its kind is on the shelf
 *     or nothing is put on
 * @param cure null when nothing on it sets
 * @param cured whether a product had set on what is only tried
 */
public record OnThread(
    String compound, @Nullable ProductTaken laidOut, @Nullable Cure cure, boolean cured) {
  /**
   * A product that sets, with the times of its own sheet.
   *
   * @param product what it is called
   * @param fixtureMinutes null when the sheet was not entered
   * @param fullCureMinutes null when the sheet was not entered
   */
  public record Cure(
      String product, @Nullable Double fixtureMinutes, @Nullable Double fullCureMinutes) {
    /** The times hold for the product whose sheet states them; of another none are known. */
    Cure of(@Nullable ProductTaken taken) {
      return taken == null || taken.name().equalsIgnoreCase(product)
          ? this
          : new Cure(taken.name(), null, null);
    }
  }
}
