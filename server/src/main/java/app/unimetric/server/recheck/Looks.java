package app.unimetric.server.recheck;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Looked;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.log.Records;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.sheet.JobOpening;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Re-checks run at the bench: each in a job of its own that settles it when it is signed. */
@Service
class Looks {
  private static final int LONGEST_NOTE = 1000;
  private final RecheckMapper mapper;
  private final Jobs jobs;
  private final JobOpening opening;
  private final Records records;
  private final WhatFollows follows;
  private final JsonMapper json;

  Looks(
      RecheckMapper mapper,
      Jobs jobs,
      JobOpening opening,
      Records records,
      WhatFollows follows,
      JsonMapper json) {
    this.mapper = mapper;
    this.jobs = jobs;
    this.opening = opening;
    this.records = records;
    this.follows = follows;
    this.json = json;
  }

  /**
   * The job in which a re-check is looked at. What else of the same job is due on the same joints
   * is settled by the same look.
   *
   * @param id made by the sender; where the re-check is being looked at already, that job stands
   */
  @Transactional
  public Job open(UUID recheckId, UUID id, Instant at, LocalDate today, Signature by) {
    mapper.lock(recheckId);
    RecheckRow row = mapper.byId(recheckId);
    if (row == null) {
      throw Refusal.notFound("This re-check");
    }
    UUID looked = row.lookJobId();
    if (looked != null) {
      return jobs.job(looked);
    }
    if (row.outcome() != null) {
      throw Refusal.conflict("Settled already by " + row.foundBy() + ".", Map.of());
    }
    List<String> joints = row.joints(json);
    Map<String, Double> leftAtNm =
        records.find(row.jobId()).map(AsBuilt::climbedToNm).orElse(Map.of());
    Job job = opening.lookAgain(id, jobs.job(row.jobId()), joints, leftAtNm, at, by);
    mapper.addLook(job.id(), row.id());
    for (RecheckRow other : mapper.openOf(row.jobId())) {
      boolean due = other.urgency(today) != RecheckDue.Urgency.WAITING;
      List<String> its = other.joints(json);
      boolean within = joints.isEmpty() || !its.isEmpty() && joints.containsAll(its);
      if (due && within && other.lookJobId() == null) {
        mapper.addLook(job.id(), other.id());
      }
    }
    return job;
  }

  /** What a signed look found settles what it was opened for; what follows is opened once. */
  @EventListener
  void settle(SignedOff signed) {
    boolean followed = false;
    UUID redo = null;
    for (RecheckRow row : mapper.lookedAtIn(signed.jobId())) {
      if (Rechecks.Outcome.MOVED.name().equals(row.outcome())) {
        continue;
      }
      Optional<Looked> bad =
          Looked.of(signed.built().sheet(), signed.built().run(), row.joints(json));
      if (bad.isPresent() && !followed) {
        Looked all =
            Looked.of(signed.built().sheet(), signed.built().run(), List.of()).orElseThrow();
        redo =
            follows.open(
                signed.jobId(), row, all.joints(), all.follows(), signed.at(), signed.by());
        followed = true;
      }
      settle(row, signed, bad.orElse(null), redo);
    }
  }

  private void settle(RecheckRow row, SignedOff signed, @Nullable Looked bad, @Nullable UUID redo) {
    String note = "Looked at in job " + signed.number() + ".";
    mapper.settle(
        UUID.nameUUIDFromBytes(("looked " + row.id()).getBytes(StandardCharsets.UTF_8)),
        row.id(),
        (bad == null ? Rechecks.Outcome.HELD : Rechecks.Outcome.MOVED).name(),
        bad == null ? note : shortened((note + " " + bad.words()).strip()),
        bad == null
            ? null
            : new MovedRow(
                bad.joints().stream().map(RunJoint::title).collect(Collectors.joining(", ")),
                bad.worst().cause(),
                bad.worst().angleDeg(),
                bad.worst().gripMm(),
                bad.load(),
                redo),
        signed.by(),
        signed.at());
  }

  private static String shortened(String text) {
    return text.length() <= LONGEST_NOTE ? text : text.substring(0, LONGEST_NOTE - 1) + "…";
  }
}
