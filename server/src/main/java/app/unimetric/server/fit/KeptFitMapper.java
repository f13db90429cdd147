package app.unimetric.server.fit;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface KeptFitMapper {
  List<KeptFitRow> ofMachine(@Param("machineId") UUID machineId);

  List<KeptFitRow> ofJob(@Param("jobId") UUID jobId);

  void keep(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("jobId") @Nullable UUID jobId,
      @Param("question") @Nullable String question,
      @Param("taken") Taken taken,
      @Param("document") String document,
      @Param("note") String note,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
