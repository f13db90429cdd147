package app.unimetric.server.find;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * One answer of the workshop to a line of words.
 *
 * @param title what it is, such as a joint's name
 * @param detail what is wanted of it: a value with its source, a product with its reason, a date
 * @param path the page where it is settled
 */
@Schema(name = "FoundByWords")
public record Found(Kind kind, String title, String detail, String path) {
  /** What was found. */
  public enum Kind {
    MACHINE,
    JOB,
    /** A kind of job that can be opened on a machine. */
    OFFERED,
    JOINT,
    PRODUCT,
    RECHECK
  }
}
