package app.unimetric.server.crib;

import app.unimetric.core.bench.Signature;
import app.unimetric.server.event.ToolsUsed;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface CribMapper {
  List<ToolRow> all();

  @Nullable ToolRow byId(@Param("id") UUID id);

  @Nullable ToolRow named(@Param("name") String name);

  void add(@Param("t") ToolRow tool, @Param("by") Signature by, @Param("at") Instant at);

  /** Nothing where somebody changed the tool meanwhile. */
  int change(@Param("t") ToolRow tool);

  /** The logs of all tools, oldest first. */
  List<ToolEntryRow> entries();

  List<ToolEntryRow> entriesOf(@Param("ids") String[] ids);

  /** An entry taken before is not taken again. */
  int write(@Param("e") ToolEntryRow entry);

  /** Passes over tools no longer in the crib. */
  void use(@Param("uses") List<ToolsUsed.Use> uses);

  /** Uses of tools, each counted since a moment of its own. */
  List<ToolUses> uses(@Param("ids") String[] ids, @Param("since") String[] since);

  /** The entries at the bench that a tool was used for after a moment. */
  List<UUID> usesAfter(@Param("toolId") UUID toolId, @Param("moment") String moment);

  List<HandTool> handTools();

  void say(@Param("t") HandTool tool);
}
