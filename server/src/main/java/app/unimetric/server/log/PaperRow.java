package app.unimetric.server.log;

import java.util.UUID;

/** A record as it is kept to go out. */
record PaperRow(UUID jobId, String json, String fingerprint) {}
