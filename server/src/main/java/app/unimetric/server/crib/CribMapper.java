package app.unimetric.server.crib;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface CribMapper {
  List<ToolRow> all();

  void add(ToolRow tool);

  List<HandTool> handTools();

  void say(@Param("t") HandTool tool);
}
