package app.unimetric.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The end of a run's log, with what was kept of where it stood; that is null where nothing was.
 *
 * @param lastEntry 0 before the first
 */
record RunEnd(
    UUID jobId,
    long lastEntry,
    @Nullable Long upTo,
    @Nullable UUID toolsOut,
    @Nullable String build,
    Progress.@Nullable Station station,
    @Nullable String words,
    @Nullable Integer percent,
    @Nullable Instant ridableFrom) {

  /** What was kept, if it was made of the whole log by this build; null otherwise. */
  @Nullable StandingRow kept(UUID toolsOutNow, String buildNow) {
    Progress.Station at = station;
    String said = words;
    Integer share = percent;
    return upTo != null
            && upTo == lastEntry
            && toolsOutNow.equals(toolsOut)
            && buildNow.equals(build)
            && at != null
            && said != null
            && share != null
        ? new StandingRow(jobId, lastEntry, toolsOutNow, buildNow, at, said, share, ridableFrom)
        : null;
  }
}
