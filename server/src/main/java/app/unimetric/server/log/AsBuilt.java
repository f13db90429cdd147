package app.unimetric.server.log;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * What was done, as it stood when it was signed.
 *
 * @param people everyone who made an entry
 * @param readings torques that count
 * @param deviations of them, those outside their band
 * @param corrections entries that correct earlier ones
 */
public record AsBuilt(
    UUID jobId,
    RunSheet sheet,
    RunState run,
    List<String> people,
    String startedBy,
    Instant startedAt,
    int readings,
    int deviations,
    int corrections) {}
