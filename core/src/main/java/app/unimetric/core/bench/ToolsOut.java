package app.unimetric.core.bench;

import app.unimetric.core.tool.ToolStanding.Span;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * When tools were out of use, so that what was done with one meanwhile does not count.
 *
 * @param spans by the tool's id
 */
public record ToolsOut(Map<String, List<Span>> spans) {
  public static final ToolsOut NONE = new ToolsOut(Map.of());

  public ToolsOut {
    spans = Map.copyOf(spans);
  }

  /** Why a tool is out of use at a moment; null when it is not. */
  @Nullable String why(@Nullable String toolId, Instant moment) {
    return toolId == null
        ? null
        : spans.getOrDefault(toolId, List.of()).stream()
            .filter(s -> s.holds(moment))
            .map(Span::why)
            .findFirst()
            .orElse(null);
  }

  /** Why a tool is out of use and stays so for now; null when it is not. */
  @Nullable String whyNow(@Nullable String toolId) {
    return toolId == null
        ? null
        : spans.getOrDefault(toolId, List.of()).stream()
            .filter(s -> s.until() == null)
            .map(Span::why)
            .findFirst()
            .orElse(null);
  }
}
