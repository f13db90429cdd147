package app.unimetric.server.crib;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface CribMapper {
  List<ToolRow> all();

  void add(ToolRow tool);

  /** Passes over tools no longer in the crib. */
  void use(@Param("entryId") UUID entryId, @Param("toolId") UUID toolId, @Param("at") Instant at);

  List<HandTool> handTools();

  void say(@Param("t") HandTool tool);
}
