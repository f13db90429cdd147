package app.unimetric.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How far a run had come, as stored.
 *
 * @param upTo the last entry it was made of; 0 for none
 * @param toolsOut mark of what was known of tools out of use
 * @param build of the application that made it
 */
record StandingRow(
    UUID jobId,
    long upTo,
    UUID toolsOut,
    String build,
    Progress.Station station,
    String words,
    int percent,
    @Nullable Instant ridableFrom) {}
