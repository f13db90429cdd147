package app.unimetric.server.recheck;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.MovedFastener;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.recheck.MovedCause;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.log.Records;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What must be looked at again, and what was found. */
@Service
public class Rechecks {
  /** What a re-check found. */
  public enum Outcome {
    HELD("nothing had moved"),
    MOVED("something had moved");

    private final String words;

    Outcome(String words) {
      this.words = words;
    }
  }

  private static final int LONGEST_NOTE = 1000;
  private final RecheckMapper mapper;
  private final Fleet fleet;
  private final WhatFollows follows;
  private final Records records;
  private final Settings settings;
  private final JsonMapper json;

  Rechecks(
      RecheckMapper mapper,
      Fleet fleet,
      WhatFollows follows,
      Records records,
      Settings settings,
      JsonMapper json) {
    this.mapper = mapper;
    this.fleet = fleet;
    this.follows = follows;
    this.records = records;
    this.settings = settings;
    this.json = json;
  }

  /** What a signed job asks to be looked at again. */
  @EventListener
  void begin(SignedOff signed) {
    Machine machine = fleet.machine(signed.machineId());
    for (Policy.RecheckGroup group : settings.policy().rechecks(signed.pack())) {
      for (RecheckDue due :
          RecheckDue.from(List.of(group.rule()), signed.day(), machine.km(), machine.hours())) {
        mapper.add(
            UUID.randomUUID(),
            machine.id(),
            signed.jobId(),
            due,
            json.writeValueAsString(group.jointIds()),
            String.join(", ", group.titles()),
            machine.meterFigure(),
            signed.at());
      }
    }
  }

  public List<Recheck> open(LocalDate today) {
    return mapper.open().stream().map(r -> page(r, today, false)).toList();
  }

  public List<Recheck> ofMachine(UUID machineId, LocalDate today) {
    return mapper.ofMachine(machineId).stream().map(r -> page(r, today, true)).toList();
  }

  /**
   * What somebody found at a re-check.
   *
   * @param jointId which joint moved; null where there is only one
   * @param cause why it moved; null when it held
   * @param angleDeg how far it moved, as typed; null or empty when nobody looked
   * @param gripMm thickness of what is clamped, as typed; null or empty when not known
   */
  record Finding(
      Outcome outcome,
      String note,
      @Nullable String jointId,
      @Nullable MovedCause cause,
      @Nullable String angleDeg,
      @Nullable String gripMm) {}

  /** Writes down what a re-check found, once, and opens what follows from it. */
  @Transactional
  public Recheck settle(
      UUID recheckId, UUID id, Finding found, Instant at, LocalDate today, Signature by) {
    boolean moved = found.outcome() == Outcome.MOVED;
    new Problems()
        .require(
            !moved || !found.note().isBlank(),
            "note",
            "is missing: it moved, so say by how much and what was done.")
        .require(
            !moved || found.cause() != null,
            "cause",
            "is missing: it moved, so say why, as far as known.")
        .require(
            found.note().length() <= LONGEST_NOTE,
            "note",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
    RecheckRow before = row(recheckId);
    boolean first = before.outcome() == null;
    MovedRow what = moved && first ? moved(before, found, at, by) : null;
    int taken =
        mapper.settle(id, recheckId, found.outcome().name(), found.note().strip(), what, by, at);
    RecheckRow row = row(recheckId);
    if (taken == 0 && !found.outcome().name().equals(row.outcome())) {
      throw Refusal.conflict(
          "Settled already by "
              + row.foundBy()
              + ": "
              + Outcome.valueOf(String.valueOf(row.outcome())).words
              + ".",
          Map.of());
    }
    return page(row, today, true);
  }

  private RecheckRow row(UUID recheckId) {
    RecheckRow row = mapper.byId(recheckId);
    if (row == null) {
      throw Refusal.notFound("This re-check");
    }
    return row;
  }

  private MovedRow moved(RecheckRow row, Finding found, Instant at, Signature by) {
    MovedCause cause = Objects.requireNonNull(found.cause());
    List<AsBuilt.Target> targets = targets(row);
    AsBuilt.Target target =
        targets.stream()
            .filter(t -> targets.size() == 1 || t.joint().id().equals(found.jointId()))
            .findFirst()
            .orElse(null);
    new Problems()
        .require(
            target != null || targets.isEmpty(), "jointId", "is missing: say which joint moved.")
        .orThrow();
    MovedFastener how = MovedFastener.parse(cause, found.angleDeg(), found.gripMm());
    String load = target == null ? null : how.load(target.joint());
    boolean cured = target != null && target.cured();
    UUID again =
        follows.open(
            row.id(),
            row,
            target == null ? List.of() : List.of(target.joint()),
            cause.follows(cured),
            at,
            by);
    return new MovedRow(
        target == null ? row.joints() : target.joint().title(),
        cause,
        how.angleDeg(),
        how.gripMm(),
        load,
        again);
  }

  private List<AsBuilt.Target> targets(RecheckRow row) {
    List<String> joints = row.joints(json);
    return records.find(row.jobId()).map(built -> built.targets(joints)).orElse(List.of());
  }

  private Recheck page(RecheckRow row, LocalDate today, boolean withTargets) {
    List<String> joints = row.joints(json);
    MovedCause cause = row.cause();
    String joint = row.movedJoint();
    return Recheck.of(
        row,
        joints,
        today,
        withTargets && row.outcome() == null
            ? targets(row).stream()
                .map(
                    t ->
                        new Recheck.Target(
                            t.joint().id(), t.joint().title(), t.target(), t.setting(), t.cured()))
                .toList()
            : List.of(),
        cause == null || joint == null
            ? null
            : new Recheck.Moved(
                joint, cause.words(), row.loadWords(), row.followJobId(), row.followJobNumber()));
  }
}
