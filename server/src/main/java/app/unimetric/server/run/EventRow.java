package app.unimetric.server.run;

/**
 * An entry as stored.
 *
 * @param serverOrder a number the database gives each entry. Whoever appends to a job locks it, so
 *     within one job a later entry always has the higher number
 * @param payload document with its version, JSON
 */
record EventRow(long serverOrder, String payload) {}
