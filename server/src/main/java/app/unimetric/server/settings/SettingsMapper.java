package app.unimetric.server.settings;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface SettingsMapper {
  @Nullable SettingsRow latest();

  @Nullable SettingsRow byId(@Param("id") UUID id);

  /** Newest first. */
  List<SettingsChange> changes();

  void add(
      @Param("version") int version,
      @Param("id") UUID id,
      @Param("document") String document,
      @Param("changed") String[] changed,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
