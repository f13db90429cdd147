package app.unimetric.core.pack;

import app.unimetric.core.stated.StatedValue;

/**
 * A value and the document it stands in.
 *
 * @param id how it is told from the other values of its joint; it stays the same for as long as the
 *     job exists
 * @param document title and place, as a person would look it up
 */
public record DocumentedValue(String id, StatedValue value, String document) {

  /** The id of a value that a pack states itself, by its place in the pack's list, from 0. */
  public static String idInPack(int place) {
    return "pack." + (place + 1);
  }

  /** As it is printed with where it stands: {@code 20 N·m (15 ft·lbf), manual p. 12}. */
  public String words() {
    return value.asPrinted() + ", " + document;
  }
}
