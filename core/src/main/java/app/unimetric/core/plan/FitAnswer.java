package app.unimetric.core.plan;

/**
 * What somebody found when asked whether a part fits, before anything was taken apart.
 *
 * @param question as the pack asks it
 * @param note what was measured or seen; may be empty
 * @param by who answered
 */
public record FitAnswer(String question, boolean fits, String note, String by) {}
