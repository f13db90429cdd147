package app.unimetric.server.crib;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface CribMapper {
  List<ToolRow> all();

  void add(ToolRow tool);
}
