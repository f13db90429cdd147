package app.unimetric.server.machine;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PartMapper {
  /** What a job fitted; null where it was none. */
  @Nullable FittedPart fittedBy(@Param("jobId") UUID jobId);

  void addWayBack(@Param("jobId") UUID jobId, @Param("ofJobId") UUID ofJobId);

  void addWayBackPart(@Param("jobId") UUID jobId, @Param("partId") UUID partId);

  /** The job another is the way back of; null where it is no way back. */
  @Nullable UUID wayBackOf(@Param("jobId") UUID jobId);

  /** Parts that a way back puts on again. */
  List<UUID> wayBackParts(@Param("jobId") UUID jobId);

  /** What is on a machine now. */
  List<FittedPart> fitted(@Param("machineId") UUID machineId);

  List<KeptPart> kept(@Param("machineId") UUID machineId);

  /** Whether a swap of this id was taken before. */
  boolean isWrittenDown(@Param("id") UUID id);

  @Nullable UUID machineOf(@Param("partId") UUID partId);

  void addFitted(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("jobId") @Nullable UUID jobId,
      @Param("name") String name,
      @Param("massG") @Nullable Double massG,
      @Param("fittedOn") LocalDate fittedOn,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /** Nothing where it was written down before. */
  int takeOff(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("fittedId") @Nullable UUID fittedId,
      @Param("name") String name,
      @Param("massG") @Nullable Double massG,
      @Param("insteadId") @Nullable UUID insteadId,
      @Param("by") Signature by,
      @Param("at") Instant at);

  void place(
      @Param("id") UUID id,
      @Param("partId") UUID partId,
      @Param("place") String place,
      @Param("gone") boolean gone,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
