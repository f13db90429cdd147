package app.unimetric.server.job;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobMapper {
  int add(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("title") String title,
      @Param("pack") String pack,
      @Param("modelPackId") @Nullable UUID modelPackId,
      @Param("by") Signature by,
      @Param("createdAt") Instant createdAt);

  @Nullable Job byId(@Param("id") UUID id);

  List<Job> ofMachine(@Param("machineId") UUID machineId);

  @Nullable Job byNumber(@Param("number") int number);

  List<Job> newest();

  List<ListedJob> open();

  List<ListedJob> startedSince(@Param("moment") Instant moment);

  boolean isStarted(@Param("id") UUID id);

  boolean isSigned(@Param("id") UUID id);

  void raise(@Param("id") UUID id);

  /** 0 when the version is not the one on file. */
  int raiseVersion(@Param("id") UUID id, @Param("version") int version);
}
