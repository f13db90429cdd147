package app.unimetric.server.pack;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PackMapper {
  /**
   * Of every key the newest version that somebody may open.
   *
   * @param person who may open what they brought; null for nobody in particular
   * @param lead who may open what waits for a lead
   */
  List<OwnPack> all(@Param("person") @Nullable UUID person, @Param("lead") boolean lead);

  /** The same of one key. */
  @Nullable OwnPack of(
      @Param("key") String key,
      @Param("person") @Nullable UUID person,
      @Param("lead") boolean lead);

  boolean isConfirmed(@Param("key") String key, @Param("version") int version);

  /** 0 when there is no such version, or it was confirmed. */
  int confirm(
      @Param("key") String key,
      @Param("version") int version,
      @Param("by") Signature by,
      @Param("at") Instant at);

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
      @Param("by") Signature by,
      @Param("at") Instant at);
}
