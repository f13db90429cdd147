package app.unimetric.server.database;

import java.time.Instant;

/**
 * A backup that was made and could be read back.
 *
 * @param file its name
 * @param bytes its size
 */
record BackupMade(String file, long bytes, Instant madeAt) {}
