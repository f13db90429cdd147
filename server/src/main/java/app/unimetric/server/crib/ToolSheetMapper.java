package app.unimetric.server.crib;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ToolSheetMapper {
  List<ToolSheetRow> bringing(@Param("id") UUID id);

  String name(@Param("id") UUID id);

  /** Writes beside a line what it changes. */
  int keepWhatWas(@Param("id") UUID id, @Param("line") long line, @Param("before") String before);
}
