package app.unimetric.server.log;

import java.util.UUID;

/**
 * A record as it is kept to go out.
 *
 * @param logIntact whether the entries it was made of stand as they stood then
 */
record PaperRow(UUID jobId, String json, String fingerprint, boolean logIntact) {}
