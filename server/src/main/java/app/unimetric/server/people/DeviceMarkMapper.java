package app.unimetric.server.people;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface DeviceMarkMapper {
  /** Whether a name signed in on a device before; null where nobody did. */
  @Select("SELECT bool_or(name = #{name}) FROM device_mark WHERE digest = #{digest}")
  @Nullable Boolean isOwn(@Param("digest") String digest, @Param("name") String name);

  @Insert(
      "INSERT INTO device_mark (digest, name) VALUES (#{digest}, #{name})"
          + " ON CONFLICT (digest, name) DO UPDATE SET seen_at = clock_timestamp()")
  void saw(@Param("digest") String digest, @Param("name") String name);

  @Delete("DELETE FROM device_mark WHERE seen_at < clock_timestamp() - interval '1 year'")
  void forgetOld();
}
