package app.unimetric.server.pack;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ModelPackMapper {
  /** The newest of each key for a model and year that this person may use. */
  List<ModelPack> of(
      @Param("make") String make,
      @Param("model") String model,
      @Param("year") int year,
      @Param("person") UUID person);

  @Nullable ModelPack byId(@Param("id") UUID id);

  void add(@Param("pack") ModelPack pack);

  void confirm(@Param("id") UUID id, @Param("by") Signature by, @Param("at") Instant at);
}
