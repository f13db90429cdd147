package app.unimetric.server.job;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface SheetMapper {
  List<Fit> fits(@Param("jobId") UUID jobId);

  int addFit(@Param("jobId") UUID jobId, @Param("f") Fit fit);

  @Nullable String arrangement(@Param("jobId") UUID jobId);

  boolean arrangedBefore(@Param("id") UUID id);

  void arrange(
      @Param("id") UUID id,
      @Param("jobId") UUID jobId,
      @Param("jointIds") String jointIds,
      @Param("by") String by,
      @Param("at") Instant at);

  @Nullable BigDecimal quote(@Param("jobId") UUID jobId);

  boolean quotedBefore(@Param("id") UUID id);

  void addQuote(
      @Param("id") UUID id,
      @Param("jobId") UUID jobId,
      @Param("amount") BigDecimal amount,
      @Param("by") String by,
      @Param("at") Instant at);

  @Nullable String part(@Param("jobId") UUID jobId);

  boolean namedBefore(@Param("id") UUID id);

  void namePart(
      @Param("id") UUID id,
      @Param("jobId") UUID jobId,
      @Param("name") String name,
      @Param("by") String by,
      @Param("at") Instant at);

  @Nullable Print lastPrint(@Param("jobId") UUID jobId);

  @Nullable Print print(@Param("jobId") UUID jobId, @Param("id") UUID id);

  int addPrint(@Param("jobId") UUID jobId, @Param("p") Print print);
}
