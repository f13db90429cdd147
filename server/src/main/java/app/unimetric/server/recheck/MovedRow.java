package app.unimetric.server.recheck;

import app.unimetric.core.recheck.MovedCause;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What moved, as it is written down beside the result.
 *
 * @param joint its title
 * @param jobId the job opened to do it again; null when it is only looked at again
 */
record MovedRow(
    String joint,
    MovedCause cause,
    @Nullable Double angleDeg,
    @Nullable Double gripMm,
    @Nullable String loadWords,
    @Nullable UUID jobId) {}
