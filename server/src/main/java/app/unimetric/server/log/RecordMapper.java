package app.unimetric.server.log;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RecordMapper {
  void add(
      @Param("jobId") UUID jobId,
      @Param("by") Signature by,
      @Param("signedAt") Instant signedAt,
      @Param("asBuilt") String asBuilt);

  void count(@Param("c") RecordCount count);

  List<ListedRecord> search(@Param("text") String text);

  List<CancelledRow> cancelled(@Param("text") String text);

  @Nullable ListedRecord listed(@Param("jobId") UUID jobId);

  /** The document of a record, JSON. */
  @Nullable String document(@Param("jobId") UUID jobId);
}
