package app.unimetric.server.photograph;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PhotographMapper {
  /** How many were added: none where the id is in use. */
  int add(
      @Param("row") PhotographRow row,
      @Param("jpeg") byte[] jpeg,
      @Param("smallJpeg") byte[] smallJpeg);

  @Nullable PhotographRow byId(@Param("id") UUID id);

  /** In the order they came. */
  List<PhotographRow> ofJob(@Param("jobId") UUID jobId);

  int countOf(@Param("jobId") UUID jobId);

  @Nullable Image jpeg(@Param("id") UUID id);

  @Nullable Image smallJpeg(@Param("id") UUID id);

  /** Bytes of one. */
  record Image(byte[] bytes) {}
}
