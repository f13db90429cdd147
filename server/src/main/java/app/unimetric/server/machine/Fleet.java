package app.unimetric.server.machine;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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

  List<Machine> search(String text) {
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
  public void note(UUID machineId, double figure, Instant at, String by) {
    mapper.addReading(UUID.randomUUID(), machineId, figure, at, by);
  }

  public void fit(UUID machineId, @Nullable UUID jobId, String part, LocalDate on) {
    mapper.addFitted(UUID.randomUUID(), machineId, jobId, part, on);
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
      String by) {
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
          String.format(
              Locale.ROOT,
              "The last reading was %.0f; this one is lower. Check it, or tick that the meter was replaced.",
              last));
    }
    if (mapper.raiseVersion(machineId, version) == 0) {
      throw Refusal.stale(version, machine.version());
    }
    mapper.addReading(id, machineId, figure, at, by);
    return machine(machineId);
  }
}
