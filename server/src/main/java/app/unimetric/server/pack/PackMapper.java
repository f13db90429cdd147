package app.unimetric.server.pack;

import app.unimetric.core.bench.Signature;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PackMapper {
  /** The newest document of every key. */
  List<String> all();

  /**
   * Keys of texts in which something stands that is nearly what was typed, the nearest first.
   *
   * @param texts by key, JSON
   */
  List<String> near(@Param("typed") String typed, @Param("texts") String texts);

  @Nullable String newest(@Param("key") String key);

  /** The newest version of a key; 0 without one. */
  int version(@Param("key") String key);

  int add(
      @Param("key") String key,
      @Param("version") int version,
      @Param("document") String document,
      @Param("by") Signature by);
}
