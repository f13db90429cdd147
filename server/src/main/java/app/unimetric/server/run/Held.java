package app.unimetric.server.run;

/**
 * A run held for one who appends to it.
 *
 * @param cancelled whether its job was cancelled
 */
record Held(boolean cancelled) {}
