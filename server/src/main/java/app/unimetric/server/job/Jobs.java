package app.unimetric.server.job;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs: each with its own copy of a pack, on one machine. */
@Service
public class Jobs {
  private final JobMapper mapper;
  private final Packs packs;
  private final Fleet fleet;

  Jobs(JobMapper mapper, Packs packs, Fleet fleet) {
    this.mapper = mapper;
    this.packs = packs;
    this.fleet = fleet;
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

  /** The pack a job works by. */
  public JobPack pack(Job job) {
    return packs.read(job.pack());
  }

  /** Whether the work at the bench has begun. */
  public boolean isStarted(Job job) {
    return mapper.isStarted(job.id());
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

  /** Jobs not signed off, the newest first. */
  public List<Job> open() {
    return mapper.open();
  }

  /** Jobs whose run began after a moment, the newest first. */
  public List<Job> startedSince(Instant moment) {
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
   * Opens a job with its own copy of the pack.
   *
   * @param id made by the sender; a resend finds the job already there
   */
  @Transactional
  public Job open(UUID id, UUID machineId, String packKey, Instant at, Signature by) {
    Machine machine = fleet.machine(machineId);
    Packs.Offered offered = packs.offered(packKey);
    new Problems()
        .require(
            offered.pack().suits(machine.kind(), machine.model()),
            "packKey",
            "is not written for this machine.")
        .orThrow();
    mapper.add(id, machineId, offered.pack().title(), offered.document(), by, at);
    return job(id);
  }

  /**
   * Opens a job that does another one again, with the same pack.
   *
   * @param id made from what asks for it, so that asking twice opens one
   */
  @Transactional
  public Job again(UUID id, Job before, Instant at, Signature by) {
    mapper.add(id, before.machineId(), "Redo: " + before.title(), before.pack(), by, at);
    return job(id);
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
