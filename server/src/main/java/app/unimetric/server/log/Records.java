package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.documents.run.RecordDocument;
import app.unimetric.server.event.SignedOff;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Signed records: written once, when a job is signed off. */
@Service
class Records {
  private final RecordMapper mapper;

  Records(RecordMapper mapper) {
    this.mapper = mapper;
  }

  @EventListener
  void keep(SignedOff signed) {
    mapper.add(signed.jobId(), signed.by(), signed.at(), RecordDocument.write(signed.built()));
  }

  AsBuilt read(RecordRow row) {
    return RecordDocument.read(row.asBuilt());
  }
}
