package app.unimetric.server.crib;

import java.util.UUID;

/** How often a tool was used. */
record ToolUses(UUID toolId, int uses) {}
