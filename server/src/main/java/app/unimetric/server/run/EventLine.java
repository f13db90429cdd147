package app.unimetric.server.run;

import java.util.UUID;

/**
 * An entry as it goes into the log.
 *
 * @param counter its number in the row of its device
 */
record EventLine(UUID id, int counter, String payload) {}
