package app.unimetric.server.photograph;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.photograph.Photograph;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.database.DiskRoom;
import app.unimetric.server.event.Photographed;
import app.unimetric.server.gate.Bounds;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.run.RunLog;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Photographs of jobs: appended like entries, accepted once however often they are sent. */
@Service
public class Photographs {
  private final PhotographMapper mapper;
  private final RunLog runs;
  private final Jobs jobs;
  private final DiskRoom disk;
  private final TransactionTemplate transaction;
  private final ApplicationEventPublisher events;
  private final Semaphore decoding = new Semaphore(Bounds.PICTURES_AT_ONCE);

  Photographs(
      PhotographMapper mapper,
      RunLog runs,
      Jobs jobs,
      DiskRoom disk,
      TransactionTemplate transaction,
      ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.runs = runs;
    this.jobs = jobs;
    this.disk = disk;
    this.transaction = transaction;
    this.events = events;
  }

  /**
   * What a device sends of a photograph.
   *
   * @param id made by the device
   * @param takenAt by the device's clock; null when it does not say
   * @param sentAt by the same clock; null when it does not say
   */
  public record Sent(
      UUID id,
      String stepId,
      String words,
      @Nullable Instant takenAt,
      @Nullable Instant sentAt,
      byte[] bytes) {}

  /** Photographs of a job, in the order they came. */
  public List<Photograph> of(UUID jobId) {
    return mapper.ofJob(jobId).stream().map(PhotographRow::photograph).toList();
  }

  /** The picture itself, JPEG. */
  public byte[] jpeg(UUID id) {
    return bytes(mapper.jpeg(id));
  }

  /** The picture as it stands in a row of others, JPEG. */
  public byte[] smallJpeg(UUID id) {
    return bytes(mapper.smallJpeg(id));
  }

  private static byte[] bytes(PhotographMapper.@Nullable Image image) {
    if (image == null) {
      throw Refusal.notFound("This photograph");
    }
    return image.bytes();
  }

  /**
   * Takes a photograph; one that is there already changes nothing.
   *
   * @throws Refusal where the job is not begun or was cancelled, holds as many as it may, or the id
   *     stands for another photograph
   */
  public void take(UUID jobId, Sent sent, Instant receivedAt, Signature by) {
    String sentDigest = sha256(sent.bytes());
    if (isThere(jobId, sent, sentDigest)) {
      return;
    }
    RunLog.Run run = runs.run(jobId);
    Job job = jobs.job(jobId);
    if (job.cancelled()) {
      // What was taken before a signature may come after it; a cancelled job has no record.
      jobs.mustBeOpen(job);
    }
    disk.mustHoldMore();
    if (mapper.countOf(jobId) >= Photograph.MOST_OF_A_JOB) {
      throw Refusal.conflict("A job keeps 200 photographs; this one has them.", Map.of());
    }
    new Problems()
        .require(
            run.sheet().step(sent.stepId()).isPresent(),
            "step",
            "is no step of this job; take the photograph again at the step in hand.")
        .orThrow();
    Reencoded made = reencoded(sent.bytes());
    Photograph photograph =
        new Photograph(
            sent.id(),
            sent.stepId(),
            sent.words(),
            by,
            EntryTime.of(sent.takenAt(), sent.sentAt(), receivedAt, run.startedAt()),
            sha256(made.jpeg()),
            made.widthPx(),
            made.heightPx());
    boolean added =
        Boolean.TRUE.equals(
            transaction.execute(
                status -> {
                  int rows =
                      mapper.add(row(jobId, photograph, sentDigest), made.jpeg(), made.smallJpeg());
                  if (rows > 0) {
                    events.publishEvent(new Photographed(jobId));
                  }
                  return rows > 0;
                }));
    if (!added && !isThere(jobId, sent, sentDigest)) {
      throw Refusal.notFound("This photograph");
    }
  }

  private boolean isThere(UUID jobId, Sent sent, String sentDigest) {
    PhotographRow there = mapper.byId(sent.id());
    if (there != null
        && !(there.jobId().equals(jobId)
            && there.stepId().equals(sent.stepId())
            && there.sentSha256().equals(sentDigest))) {
      throw Refusal.conflict(
          "A photograph with this id shows something else already; give a new one its own id.",
          Map.of());
    }
    return there != null;
  }

  private Reencoded reencoded(byte[] bytes) {
    decoding.acquireUninterruptibly();
    try {
      return Reencoded.of(bytes);
    } finally {
      decoding.release();
    }
  }

  private static PhotographRow row(UUID jobId, Photograph p, String sentDigest) {
    return new PhotographRow(
        p.id(),
        jobId,
        p.stepId(),
        p.words(),
        p.by().name(),
        p.by().id(),
        p.by().lead(),
        p.time().doneAt(),
        p.time().receivedAt(),
        p.time().deviceAheadSeconds(),
        sentDigest,
        p.sha256(),
        p.widthPx(),
        p.heightPx());
  }

  private static String sha256(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
