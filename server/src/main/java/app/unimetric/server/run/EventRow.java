package app.unimetric.server.run;

/**
 * An entry as stored.
 *
 * @param serverOrder rises with each entry; within one run none comes later with a lower one, since
 *     who appends holds the job
 * @param payload document with its version, JSON
 */
record EventRow(long serverOrder, String payload) {}
