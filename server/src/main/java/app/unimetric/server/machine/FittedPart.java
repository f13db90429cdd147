package app.unimetric.server.machine;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something fitted to a machine, with the job that did it. */
public record FittedPart(UUID id, @Nullable UUID jobId, String name, LocalDate fittedOn) {}
