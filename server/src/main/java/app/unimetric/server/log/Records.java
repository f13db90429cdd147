package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.documents.run.RecordDocument;
import app.unimetric.server.event.SignedOff;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Signed records: written once, when a job is signed off. */
@Service
public class Records {
  private final RecordMapper mapper;

  Records(RecordMapper mapper) {
    this.mapper = mapper;
  }

  @EventListener
  void keep(SignedOff signed) {
    mapper.add(signed.jobId(), signed.by(), signed.at(), RecordDocument.write(signed.built()));
    mapper.count(RecordCount.of(signed.jobId(), signed.built()));
  }

  /** Signed records that meet a text, the newest first; counted where they were not yet. */
  List<ListedRecord> search(String text) {
    List<ListedRecord> found = mapper.search(text);
    List<UUID> uncounted =
        found.stream().filter(r -> r.readings() == null).map(ListedRecord::jobId).toList();
    uncounted.forEach(id -> find(id).map(b -> RecordCount.of(id, b)).ifPresent(mapper::count));
    return uncounted.isEmpty() ? found : mapper.search(text);
  }

  /** What was done in a job; empty while it is not signed. */
  public Optional<AsBuilt> find(UUID jobId) {
    return Optional.ofNullable(mapper.document(jobId)).map(RecordDocument::read);
  }
}
