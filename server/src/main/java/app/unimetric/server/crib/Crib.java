package app.unimetric.server.crib;

import app.unimetric.core.plan.HandTools;
import app.unimetric.core.tool.CribTool;
import app.unimetric.server.event.ToolUsed;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** The tools of the workshop. */
@Service
public class Crib {
  private final CribMapper mapper;

  Crib(CribMapper mapper) {
    this.mapper = mapper;
  }

  public List<CribTool> tools() {
    return mapper.all().stream().map(ToolRow::tool).toList();
  }

  /** Counts a pull as one use of the tool; the same entry once. */
  @EventListener
  void count(ToolUsed use) {
    mapper.use(use.entryId(), use.toolId(), use.at());
  }

  public void add(ToolRow tool) {
    mapper.add(tool);
  }

  /** Keys, sockets and special tools; null while nobody has listed any. */
  public @Nullable HandTools handTools() {
    List<HandTool> said = mapper.handTools();
    return said.isEmpty()
        ? null
        : HandTools.of(said.stream().filter(HandTool::here).map(HandTool::name).toList());
  }

  /** Writes down that a tool is there, or no longer; a resend changes nothing. */
  public void say(HandTool tool) {
    mapper.say(tool);
  }
}
