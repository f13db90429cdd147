package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.photograph.Photograph;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.run.OpenRecord;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.photograph.Photographs;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Signed records as they go out. Each is made once and kept, with the machine as it was called
 * then; what is said about it later is added beside it.
 */
@Service
public class RecordPapers {
  private static final int LONGEST = 2000;
  private static final int LEAST_DIGITS = 8;
  private final PaperMapper mapper;
  private final RecordMapper records;
  private final Records signed;
  private final Fleet fleet;
  private final Photographs photographs;

  RecordPapers(
      PaperMapper mapper,
      RecordMapper records,
      Records signed,
      Fleet fleet,
      Photographs photographs) {
    this.mapper = mapper;
    this.records = records;
    this.signed = signed;
    this.fleet = fleet;
    this.photographs = photographs;
  }

  /** Made with the signature, with the machine as it is called on that day. */
  @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
  void make(SignedOff off) {
    open(off.jobId());
  }

  /** The record of a job and what was built, as they are to be set on paper. */
  record Open(
      ListedRecord line,
      AsBuilt built,
      PaperRow row,
      List<Addendum> addenda,
      List<Photograph> photographs) {}

  /**
   * @throws Refusal where the job is not signed
   */
  Open open(UUID jobId) {
    ListedRecord line = records.listed(jobId);
    AsBuilt built = signed.find(jobId).orElse(null);
    if (line == null || built == null) {
      throw Refusal.notFound("A signed record of this job");
    }
    return new Open(line, built, row(line, built), mapper.addenda(jobId), photographs.of(jobId));
  }

  /**
   * The record of a job in the open, JSON.
   *
   * @throws Refusal where the job is not signed
   */
  public String json(UUID jobId) {
    return open(jobId).row().json();
  }

  RecordPaper paper(UUID jobId) {
    Open open = open(jobId);
    return RecordPaper.of(open.row(), open.addenda());
  }

  private PaperRow row(ListedRecord line, AsBuilt built) {
    PaperRow kept = mapper.paper(line.jobId());
    if (kept != null) {
      return kept;
    }
    Machine machine = fleet.machine(line.machineId());
    OpenRecord made =
        OpenRecord.of(
            built,
            photographs.of(line.jobId()),
            new OpenRecord.About(
                line.jobId(),
                line.number(),
                line.title(),
                machine.id(),
                machine.name(),
                machine.make(),
                machine.model(),
                machine.modelYear(),
                line.signedBy(),
                line.signedAt()));
    mapper.keep(line.jobId(), made.json(), made.fingerprint());
    PaperRow now = mapper.paper(line.jobId());
    return now == null ? new PaperRow(line.jobId(), made.json(), made.fingerprint(), true) : now;
  }

  /**
   * The records a fingerprint may stand for.
   *
   * @param digits its first eight or more, as they stand on the paper
   */
  List<ListedRecord> withFingerprint(String digits) {
    String start = digits.replaceAll("\\s", "").toLowerCase(Locale.ROOT);
    new Problems()
        .require(
            start.matches("[0-9a-f]{" + LEAST_DIGITS + ",64}"),
            "digits",
            "must be the first 8 or more digits of the fingerprint on the paper: 0 to 9 and a to f.")
        .orThrow();
    return mapper.withFingerprint(start).stream()
        .map(records::listed)
        .filter(Objects::nonNull)
        .toList();
  }

  /** Adds to a signed record; sent again it is there once. */
  @Transactional
  RecordPaper add(UUID id, UUID jobId, String words, Signature by, Instant at) {
    String said = words.strip();
    new Problems()
        .require(
            !said.isEmpty() && said.length() <= LONGEST,
            "words",
            "must have 1 to 2 000 characters.")
        .orThrow();
    open(jobId);
    if (mapper.add(id, jobId, said, by, at) == 0) {
      Addendum there = mapper.addendum(id, jobId);
      if (there == null || !there.words().equals(said)) {
        throw Refusal.conflict(
            "An addendum with this id says something else already; give a new one its own id.",
            Map.of());
      }
    }
    return paper(jobId);
  }
}
