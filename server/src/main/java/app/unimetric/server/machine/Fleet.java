package app.unimetric.server.machine;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The machines and what their meters said. */
@Service
public class Fleet {
  private static final double LARGEST = 2_000_000;
  private static final int LONGEST_SEARCH = 200;
  private final MachineMapper mapper;

  Fleet(MachineMapper mapper) {
    this.mapper = mapper;
  }

  public Machine machine(UUID id) {
    Machine found = mapper.byId(id);
    if (found == null) {
      throw Refusal.notFound("This machine");
    }
    return found;
  }

  /** Machines by part of their name, model or frame number; all for an empty text. */
  public List<Machine> search(String text) {
    new Problems()
        .require(text.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .orThrow();
    return mapper.search(text.strip());
  }

  List<MeterReading> readings(UUID machineId) {
    return mapper.readings(machineId);
  }

  List<FittedPart> fitted(UUID machineId) {
    return mapper.fitted(machineId);
  }

  public void add(Machine machine) {
    mapper.add(machine);
  }

  /** Writes down a reading already known to be good. */
  public void note(UUID machineId, double figure, Instant at, Signature by) {
    mapper.addReading(UUID.randomUUID(), machineId, figure, at, by);
  }

  /** What a signed job fitted. */
  @EventListener
  void fitted(SignedOff signed) {
    mapper.addFitted(
        UUID.randomUUID(), signed.machineId(), signed.jobId(), signed.part(), signed.day());
  }

  /**
   * Takes a reading as typed.
   *
   * @param id made by the sender, so that a resend is recognised
   */
  @Transactional
  public Machine read(
      UUID machineId,
      UUID id,
      String typed,
      boolean meterReplaced,
      int version,
      Instant at,
      Signature by) {
    Machine machine = machine(machineId);
    if (mapper.readings(machineId).stream().anyMatch(r -> r.id().equals(id))) {
      return machine;
    }
    double figure = DecimalText.parse(typed, "figure");
    new Problems().within(figure, 0, LARGEST, "figure").orThrow();
    Double last = machine.meterFigure();
    if (last != null && figure < last && !meterReplaced) {
      throw InvalidInput.at(
          "figure",
          "The last reading was "
              + Figure.rounded(last, 0)
              + "; this one is lower. Check it, or tick that the meter was replaced.");
    }
    if (mapper.raiseVersion(machineId, version) == 0) {
      throw Refusal.stale(version, machine.version());
    }
    if (meterReplaced && last != null) {
      mapper.replaceMeter(id, machineId, last, figure, at, by);
    }
    mapper.addReading(id, machineId, figure, at, by);
    return machine(machineId);
  }
}
