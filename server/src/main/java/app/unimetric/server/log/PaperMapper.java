package app.unimetric.server.log;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PaperMapper {
  /** Nothing where there is one. */
  void keep(
      @Param("jobId") UUID jobId,
      @Param("json") String json,
      @Param("fingerprint") String fingerprint);

  @Nullable PaperRow paper(@Param("jobId") UUID jobId);

  /** Jobs whose record has a fingerprint that begins so. */
  List<UUID> withFingerprint(@Param("start") String start);

  List<Addendum> addenda(@Param("jobId") UUID jobId);

  int add(
      @Param("id") UUID id,
      @Param("jobId") UUID jobId,
      @Param("words") String words,
      @Param("by") Signature by,
      @Param("at") Instant at);

  @Nullable Addendum addendum(@Param("id") UUID id, @Param("jobId") UUID jobId);
}
