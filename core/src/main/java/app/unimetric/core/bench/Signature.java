package app.unimetric.core.bench;

import java.util.UUID;

/** Who said something, as known then. */
public record Signature(UUID id, String name, boolean lead) {}
