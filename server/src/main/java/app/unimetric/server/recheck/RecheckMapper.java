package app.unimetric.server.recheck;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.recheck.RecheckDue;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RecheckMapper {
  void add(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("jobId") UUID jobId,
      @Param("due") RecheckDue due,
      @Param("jointIds") String jointIds,
      @Param("joints") String joints,
      @Param("meterThen") @Nullable Double meterThen,
      @Param("madeAt") Instant madeAt);

  List<RecheckRow> open();

  List<RecheckRow> ofMachine(@Param("machineId") UUID machineId);

  /** Re-checks of a job that nobody settled. */
  List<RecheckRow> openOf(@Param("jobId") UUID jobId);

  void addLook(@Param("jobId") UUID jobId, @Param("recheckId") UUID recheckId);

  /** Re-checks that a job settles. */
  List<RecheckRow> lookedAtIn(@Param("jobId") UUID jobId);

  /** Nobody else opens or settles it until this transaction ends. */
  @Nullable UUID lock(@Param("id") UUID id);

  @Nullable RecheckRow byId(@Param("id") UUID id);

  int settle(
      @Param("id") UUID id,
      @Param("recheckId") UUID recheckId,
      @Param("outcome") String outcome,
      @Param("note") String note,
      @Param("moved") @Nullable MovedRow moved,
      @Param("by") Signature by,
      @Param("foundAt") Instant foundAt);
}
