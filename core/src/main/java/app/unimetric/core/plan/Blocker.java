package app.unimetric.core.plan;

import org.jspecify.annotations.Nullable;

/**
 * Something that stands in the way of starting.
 *
 * @param kind what it is
 * @param jointId the joint it is about; null for the whole job
 * @param message in words
 * @param about what the mend begins from: the product, part, tool or question; null when the joint
 *     says it
 */
public record Blocker(Kind kind, @Nullable String jointId, String message, @Nullable String about) {
  /** What stands in the way, and with it who can settle it. */
  public enum Kind {
    /** Someone looks it up and fills it in. */
    MISSING_VALUE,
    /** A lead decides. */
    VALUES_DISAGREE,
    /** No tool of the crib fits. */
    NO_TOOL,
    /** A key, socket or special tool is not in the crib. */
    NOT_IN_CRIB,
    /** A product or a part used once is not there. */
    NOT_ON_SHELF,
    /** Whether it fits was not asked, or it does not. */
    FIT_NOT_CHECKED,
    /** The pack's order rules contradict each other. */
    ORDER_CYCLE,
    /** Jobs of one visit say different things of one joint. */
    JOBS_DISAGREE,
    /** Neither a joint nor a step is there to be done. */
    NOTHING_TO_DO
  }

  static Blocker ofJoint(Kind kind, String jointId, String message) {
    return new Blocker(kind, jointId, message, null);
  }

  static Blocker about(Kind kind, String about, String message) {
    return new Blocker(kind, null, message, about);
  }
}
