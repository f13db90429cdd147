package app.unimetric.server.log;

import app.unimetric.documents.run.OpenRecord;
import java.util.List;
import java.util.UUID;

/**
 * A record as it goes out, with what was added since.
 *
 * @param fingerprint SHA-256 of the record's bytes, as kept when it was made
 * @param intact whether the bytes still have it, and the entries they were made of are unchanged
 */
record RecordPaper(UUID jobId, String fingerprint, boolean intact, List<Addendum> addenda) {
  RecordPaper {
    addenda = List.copyOf(addenda);
  }

  static RecordPaper of(PaperRow row, List<Addendum> addenda) {
    return new RecordPaper(
        row.jobId(),
        row.fingerprint(),
        row.logIntact() && new OpenRecord(row.json()).fingerprint().equals(row.fingerprint()),
        addenda);
  }
}
