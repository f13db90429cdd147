package app.unimetric.core.pack;

import app.unimetric.core.stated.StatedValue;
import org.jspecify.annotations.Nullable;

/**
 * A value and the document it stands in.
 *
 * @param id how it is told from the other values of its joint; it stays the same for as long as the
 *     job exists
 * @param document title and place, as a person would look it up
 * @param statedFor the thread it was stated for; null where that is the thread of its joint
 */
public record DocumentedValue(
    String id, StatedValue value, String document, @Nullable String statedFor) {
  /** A value stated for its joint as it is. */
  public DocumentedValue(String id, StatedValue value, String document) {
    this(id, value, document, null);
  }

  /** The id of a value that a pack states itself, by its place in the pack's list, from 0. */
  public static String idInPack(int place) {
    return "pack." + (place + 1);
  }

  /** The same beside a joint that has another thread than the one it was stated for. */
  DocumentedValue statedFor(String thread) {
    return new DocumentedValue(id, value, document, thread);
  }

  /** As it is printed with where it stands: {@code 20 N·m (15 ft·lbf), manual p. 12}. */
  public String words() {
    return value.asPrinted() + ", " + document;
  }
}
