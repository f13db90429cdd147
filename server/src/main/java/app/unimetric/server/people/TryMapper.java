package app.unimetric.server.people;

import java.time.Instant;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface TryMapper {
  Instant now();

  TryCount count(
      @Param("kind") Tries.Kind kind, @Param("name") String name, @Param("address") String address);

  long begin(
      @Param("kind") Tries.Kind kind, @Param("name") String name, @Param("address") String address);

  void right(@Param("id") long id);

  /** Wrong ones of yesterday and right ones of a quarter ago say nothing any more. */
  void forgetOld();
}
