package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.documents.run.KeptRun;
import app.unimetric.server.event.SignedOff;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Signed records: written once, when a job is signed off. */
@Service
public class Records {
  private static final int WORDED_AT_ONCE = 200;
  private final RecordMapper mapper;
  private final Clock clock;
  private volatile boolean allWorded;

  Records(RecordMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
  }

  @EventListener
  void keep(SignedOff signed) {
    mapper.add(signed.jobId(), signed.by(), signed.at(), KeptRun.RECORD.write(signed.built()));
    mapper.count(RecordCount.of(signed.jobId(), signed.built()));
    mapper.words(signed.jobId(), LogSearch.wordsOf(signed.built().words()));
  }

  /** Signed records that are looked for, the newest first; counted where they were not yet. */
  List<ListedRecord> search(LogSearch search) {
    if (search.words() != null) {
      word();
    }
    List<ListedRecord> found = find(search);
    List<UUID> uncounted =
        found.stream().filter(r -> r.readings() == null).map(ListedRecord::jobId).toList();
    uncounted.forEach(id -> find(id).map(b -> RecordCount.of(id, b)).ifPresent(mapper::count));
    return uncounted.isEmpty() ? found : find(search);
  }

  /** Records in which all words of a text stand, the newest first; none where it has no word. */
  public List<AsBuilt> naming(String text) {
    String words = LogSearch.words(text);
    if (words == null) {
      return List.of();
    }
    word();
    return mapper.naming(words).stream().map(KeptRun.RECORD::read).toList();
  }

  private List<ListedRecord> find(LogSearch search) {
    return mapper.search(
        search.text(),
        search.words(),
        search.fromMoment(clock.getZone()),
        search.untilMoment(clock.getZone()),
        search.outside(),
        search.corrected());
  }

  /** Records of before they were found by their words. */
  private void word() {
    while (!allWorded) {
      List<UUID> some = mapper.wordless(WORDED_AT_ONCE);
      some.forEach(id -> find(id).ifPresent(b -> mapper.words(id, LogSearch.wordsOf(b.words()))));
      allWorded = some.size() < WORDED_AT_ONCE;
    }
  }

  /** What was done in a job; empty while it is not signed. */
  public Optional<AsBuilt> find(UUID jobId) {
    return Optional.ofNullable(mapper.document(jobId)).map(KeptRun.RECORD::read);
  }
}
