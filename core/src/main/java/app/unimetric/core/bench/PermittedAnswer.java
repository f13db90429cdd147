package app.unimetric.core.bench;

/**
 * One thing that can be said at the step in hand.
 *
 * @param words what saying it means, as it stands on a button
 */
public record PermittedAnswer(EventKind kind, String words) {}
