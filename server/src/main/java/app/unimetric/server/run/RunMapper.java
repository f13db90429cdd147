package app.unimetric.server.run;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RunMapper {
  int start(
      @Param("jobId") UUID jobId,
      @Param("sheet") String sheet,
      @Param("by") Signature by,
      @Param("startedAt") Instant startedAt);

  @Nullable RunRow byJob(@Param("jobId") UUID jobId);

  @Nullable Held hold(@Param("jobId") UUID jobId);

  List<EventRow> events(@Param("jobId") UUID jobId, @Param("after") long after);

  /**
   * Jobs of which something may have been still to cure at a moment; no product takes longer than
   * fourteen days.
   */
  List<UUID> mayCureAt(@Param("at") Instant at);

  List<RunEnd> ends(@Param("jobIds") String[] jobIds);

  void keepStandings(@Param("rows") List<StandingRow> rows);

  /** Jobs that were begun and are not signed, the newest first. */
  List<UUID> unsigned();

  List<UUID> jobsOf(@Param("entryIds") String[] entryIds);

  int lastCounter(@Param("jobId") UUID jobId, @Param("device") String device);

  /** Appends all in this order, but for ids that are there; answers the places of what it added. */
  List<Long> append(
      @Param("jobId") UUID jobId,
      @Param("device") String device,
      @Param("lines") List<EventLine> lines);
}
