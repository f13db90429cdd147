package app.unimetric.server.calendar;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface FeedMapper {
  List<Feed> all();

  @Nullable Feed byId(@Param("id") UUID id);

  void add(
      @Param("id") UUID id,
      @Param("digest") String digest,
      @Param("name") String name,
      @Param("by") Signature by,
      @Param("at") Instant at);

  void revoke(@Param("id") UUID id, @Param("by") Signature by, @Param("at") Instant at);

  /** Notes that a feed was read; 0 where there is none of this digest, or no longer. */
  int read(@Param("digest") String digest, @Param("at") Instant at);
}
