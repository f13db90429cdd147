package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SheetMapper {
  /** All entries of a job in server order. */
  List<SheetRow> ofJob(@Param("jobId") UUID jobId);

  /** The end of each log that has begun. */
  List<SheetEnd> lastOf(@Param("jobIds") String[] jobIds);

  boolean exists(@Param("id") UUID id);

  /** Whether an entry stands on the sheet of a job. */
  boolean isOnSheet(@Param("jobId") UUID jobId, @Param("id") UUID id);

  /** An entry of one sheet on another's, in the name of who made it and with its time. */
  void sayAgain(
      @Param("id") UUID id,
      @Param("jobId") UUID jobId,
      @Param("rowId") UUID rowId,
      @Param("document") String document);

  void append(
      @Param("id") UUID id,
      @Param("jobId") UUID jobId,
      @Param("kind") String kind,
      @Param("document") String document,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
