package app.unimetric.server.clock;

import java.time.Instant;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface ClockMapper {
  @Select("SELECT at FROM clock_seen WHERE at > '-infinity'")
  @Nullable Instant lastSeen();

  /** Never earlier than it was; with several servers the latest stands. */
  @Update("UPDATE clock_seen SET at = #{at} WHERE at < #{at}")
  void saw(@Param("at") Instant at);

  /** As a person said, also where that is earlier. */
  @Update("UPDATE clock_seen SET at = #{at}")
  void set(@Param("at") Instant at);
}
