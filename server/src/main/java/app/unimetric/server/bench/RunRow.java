package app.unimetric.server.bench;

import java.time.Instant;
import java.util.UUID;

/** A run as stored; the sheet is JSON. */
record RunRow(UUID jobId, String sheet, String startedBy, Instant startedAt) {}
