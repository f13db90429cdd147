package app.unimetric.server.sheet;

import java.util.UUID;

/** The last thing said on the sheet of a job, by its place in the log. */
record SheetEnd(UUID jobId, long lastEntry) {}
