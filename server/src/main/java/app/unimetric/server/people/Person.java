package app.unimetric.server.people;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Someone of the workshop. */
public record Person(
    UUID id, String name, Role role, String passwordHash, @Nullable String pinHash) {}
