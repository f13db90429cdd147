package app.unimetric.server.recheck;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

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
  private final Fleet fleet;
  private final JsonMapper json;

  Rechecks(RecheckMapper mapper, Fleet fleet, JsonMapper json) {
    this.mapper = mapper;
    this.fleet = fleet;
    this.json = json;
  }

  /** What a signed job asks to be looked at again. */
  @EventListener
  void begin(SignedOff signed) {
    Machine machine = fleet.machine(signed.machineId());
    for (Policy.RecheckGroup group : Policy.USUAL.rechecks(signed.pack())) {
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
    return mapper.open().stream().map(r -> page(r, today)).toList();
  }

  public List<Recheck> ofMachine(UUID machineId, LocalDate today) {
    return mapper.ofMachine(machineId).stream().map(r -> page(r, today)).toList();
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
      Signature by) {
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
    return page(row, today);
  }

  private Recheck page(RecheckRow row, LocalDate today) {
    List<String> joints = json.readValue(row.jointIds(), new TypeReference<List<String>>() {});
    return Recheck.of(row, joints, today);
  }
}
