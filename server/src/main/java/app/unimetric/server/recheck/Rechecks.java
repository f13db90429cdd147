package app.unimetric.server.recheck;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What must be looked at again, and what was found. */
@Service
public class Rechecks {
  /** What a re-check found. */
  public enum Outcome {
    HELD,
    MOVED
  }

  private static final int LONGEST_NOTE = 1000;
  private final RecheckMapper mapper;

  Rechecks(RecheckMapper mapper) {
    this.mapper = mapper;
  }

  public void add(Machine machine, UUID jobId, RecheckDue due, String joints, Instant at) {
    mapper.add(UUID.randomUUID(), machine.id(), jobId, due, joints, machine.meterFigure(), at);
  }

  public List<Recheck> open(LocalDate today) {
    return mapper.open().stream().map(r -> Recheck.of(r, today)).toList();
  }

  public List<Recheck> ofMachine(UUID machineId, LocalDate today) {
    return mapper.ofMachine(machineId).stream().map(r -> Recheck.of(r, today)).toList();
  }

  /** Writes down what a re-check found; once. */
  @Transactional
  public Recheck settle(
      UUID recheckId,
      UUID id,
      Outcome outcome,
      String note,
      Instant at,
      LocalDate today,
      String by) {
    new Problems()
        .require(
            outcome == Outcome.HELD || !note.isBlank(),
            "note",
            "is missing: it moved, so say by how much and what was done.")
        .require(
            note.length() <= LONGEST_NOTE,
            "note",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
    if (mapper.byId(recheckId) == null) {
      throw Refusal.notFound("This re-check");
    }
    int taken = mapper.settle(id, recheckId, outcome.name(), note.strip(), by, at);
    RecheckRow row = mapper.byId(recheckId);
    if (row == null) {
      throw Refusal.notFound("This re-check");
    }
    if (taken == 0 && !outcome.name().equals(row.outcome())) {
      throw Refusal.conflict(
          "Someone settled this re-check already: " + row.outcome() + ", by " + row.foundBy() + ".",
          Map.of());
    }
    return Recheck.of(row, today);
  }
}
