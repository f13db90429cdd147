package app.unimetric.server.job;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs: each with its own copy of a pack, on one machine. */
@Service
public class Jobs {
  private final JobMapper mapper;
  private final Packs packs;

  Jobs(JobMapper mapper, Packs packs) {
    this.mapper = mapper;
    this.packs = packs;
  }

  /**
   * @throws Refusal when there is no such job
   */
  public Job job(UUID id) {
    Job job = mapper.byId(id);
    if (job == null) {
      throw Refusal.notFound("This job");
    }
    return job;
  }

  /** The pack a job was opened with. */
  public JobPack pack(Job job) {
    return packs.read(job.pack());
  }

  /** What the document of a job says, as it was opened or as it was shaped since. */
  public JobPack read(String document) {
    return packs.read(document);
  }

  /** Whether the work at the bench has begun. */
  public boolean isStarted(Job job) {
    return mapper.isStarted(job.id());
  }

  /** Whether it was signed off. */
  public boolean isSigned(Job job) {
    return mapper.isSigned(job.id());
  }

  /**
   * Nothing more is written to a job that is signed or cancelled.
   *
   * @throws Refusal when it is
   */
  public void mustBeOpen(Job job) {
    if (job.cancelled()) {
      throw Refusal.conflict(
          "Job " + job.number() + " was cancelled; open a new one to go on.", Map.of());
    }
    if (mapper.isSigned(job.id())) {
      throw Refusal.conflict("Job " + job.number() + " is signed off.", Map.of());
    }
  }

  /** Jobs neither signed off nor cancelled, the newest first; at most a thousand. */
  public List<ListedJob> open() {
    return mapper.open();
  }

  /** Jobs whose run began after a moment, the newest first. */
  public List<ListedJob> startedSince(Instant moment) {
    return mapper.startedSince(moment);
  }

  /** The newest jobs, open or done. */
  public List<Job> newest() {
    return mapper.newest();
  }

  /** The job people call by this number. */
  public Optional<Job> numbered(int number) {
    return Optional.ofNullable(mapper.byNumber(number));
  }

  public List<Job> ofMachine(UUID machineId) {
    return mapper.ofMachine(machineId);
  }

  /**
   * Opens a job with a copy of a document of its own.
   *
   * @param id made by the sender; a resend finds the job already there
   * @param modelPackId the shop's own pack that was asked for; null for the catalogue's
   * @return false when it was there already
   */
  @Transactional
  public boolean open(
      UUID id,
      UUID machineId,
      String title,
      String document,
      @Nullable UUID modelPackId,
      Instant at,
      Signature by) {
    return mapper.add(id, machineId, title, document, modelPackId, by, at) > 0;
  }

  /**
   * Opens a job that does another one again.
   *
   * @param id made from what asks for it, so that asking twice opens one
   * @param document of the job as it was shaped
   */
  @Transactional
  public Job again(UUID id, Job before, String document, Instant at, Signature by) {
    open(id, before.machineId(), "Redo: " + before.title(), document, null, at, by);
    return job(id);
  }

  /** Says that something changes, whatever was seen last; nobody else does so until it is done. */
  public void raiseVersion(Job job) {
    mapper.raise(job.id());
  }

  /**
   * Says that something changes, based on a version as last seen.
   *
   * @throws Refusal with both versions when somebody else was quicker
   */
  public void raiseVersion(Job job, int version) {
    if (mapper.raiseVersion(job.id(), version) == 0) {
      throw Refusal.stale(version, job(job.id()).version());
    }
  }
}
