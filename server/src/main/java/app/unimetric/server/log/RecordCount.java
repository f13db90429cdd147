package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import java.util.UUID;

/**
 * What lists say of a record.
 *
 * @param readings torques that count
 * @param deviations of them, those outside their band
 * @param corrections entries that correct earlier ones
 */
record RecordCount(UUID jobId, int readings, int deviations, int corrections) {
  static RecordCount of(UUID jobId, AsBuilt built) {
    return new RecordCount(
        jobId,
        built.run().readings().size(),
        (int) built.run().readings().stream().filter(Entry::isDeviation).count(),
        built.run().corrected().size());
  }
}
