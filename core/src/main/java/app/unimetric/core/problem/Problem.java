package app.unimetric.core.problem;

/**
 * One thing wrong with something entered.
 *
 * @param field where it stands, as a path such as {@code values[1].min}; empty for the whole
 * @param message what is wrong and what to do, in a mechanic's words
 */
public record Problem(String field, String message) {

  /**
   * The same problem seen from outside: {@code min} under {@code values[1]} is {@code
   * values[1].min}.
   */
  public Problem under(String parent) {
    if (parent.isEmpty()) {
      return this;
    }
    String joint = field.isEmpty() || field.startsWith("[") ? "" : ".";
    return new Problem(parent + joint + field, message);
  }
}
