package app.unimetric.server.crib;

import app.unimetric.core.tool.CribTool;
import java.util.List;
import org.springframework.stereotype.Service;

/** The torque tools of the workshop. */
@Service
public class Crib {
  private final CribMapper mapper;

  Crib(CribMapper mapper) {
    this.mapper = mapper;
  }

  public List<CribTool> tools() {
    return mapper.all().stream().map(ToolRow::tool).toList();
  }

  public void add(ToolRow tool) {
    mapper.add(tool);
  }
}
