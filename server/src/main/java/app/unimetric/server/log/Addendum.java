package app.unimetric.server.log;

import java.time.Instant;
import java.util.UUID;

/** What somebody added to a record after it was signed; the record stays as it was. */
record Addendum(UUID id, String words, String saidBy, Instant saidAt) {}
