package app.unimetric.server.machine;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.machine.Doubles;
import app.unimetric.core.machine.MachineLine;
import app.unimetric.core.machine.Plate;
import app.unimetric.core.meter.MeterLeap;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.words.TypedWords;
import java.time.Instant;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The machines and what their meters said. */
@Service
public class Fleet {
  /** Words of a name that is looked for in a longer line. */
  private static final int LONGEST_CALL = 6;

  private static final double LARGEST = 2_000_000;
  private static final int LONGEST_REASON = 1000;
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

  /**
   * A machine something is to be done on.
   *
   * @throws Refusal when it is retired
   */
  public Machine inUse(UUID id) {
    Machine found = machine(id);
    if (found.mergedInto() != null) {
      return inUse(found.mergedInto());
    }
    if (found.retiredAt() != null) {
      throw Refusal.conflict(
          found.name() + " is retired; bring it back on its page first.", Map.of());
    }
    return found;
  }

  public boolean isAny() {
    return mapper.isAny();
  }

  /** Machines by part of their name, model or frame number; all for an empty text. */
  public List<Machine> search(String text) {
    return mapper.search(TypedWords.patterns(text), text.strip());
  }

  /** One of the fleet; empty when there is none of this id. */
  public Optional<Machine> find(UUID id) {
    return Optional.ofNullable(mapper.byId(id));
  }

  /** Machines in use whose name stands in a line of words as it is, capitals aside. */
  public List<Machine> calledIn(String line) {
    List<String> words = List.of(line.strip().toLowerCase(Locale.ROOT).split("\\s+"));
    Set<String> names = new LinkedHashSet<>();
    for (int from = 0; from < words.size(); from++) {
      for (int to = from + 1; to <= Math.min(words.size(), from + LONGEST_CALL); to++) {
        names.add(String.join(" ", words.subList(from, to)));
      }
    }
    return mapper.called(names.toArray(String[]::new));
  }

  List<MeterReading> readings(UUID machineId) {
    return mapper.readings(machineId);
  }

  public void add(Machine machine) {
    mapper.add(machine);
  }

  /**
   * A machine that comes into the fleet.
   *
   * @param id made by the sender; the same is taken once
   * @param line as it was typed or stands in a sheet
   */
  public record Brought(UUID id, MachineLine line) {
    Machine machine() {
      Plate plate = line.plate();
      return new Machine(
          id,
          plate.name(),
          line.kind(),
          plate.make(),
          plate.model(),
          plate.modelYear(),
          plate.variant(),
          plate.frameNumber(),
          plate.registration(),
          line.meter(),
          line.owner(),
          line.place(),
          1,
          null,
          null,
          null);
    }
  }

  /**
   * Takes a machine into the fleet.
   *
   * @throws Refusal where another has its name or its frame number already
   */
  @Transactional
  public Machine bring(Brought brought, Instant at, Signature by) {
    Machine known = mapper.byId(brought.id());
    if (known != null) {
      return known;
    }
    refuseDouble(brought);
    mapper.add(brought.machine());
    mapper.broughtBy(brought.id(), at, by);
    Double figure = brought.line().meterFigure();
    if (figure != null) {
      note(brought.id(), figure, at, by);
    }
    return machine(brought.id());
  }

  /**
   * Changes what is known of a machine.
   *
   * @param version as last seen
   * @throws Refusal when somebody was quicker, or another has its name or frame number
   */
  @Transactional
  public Machine change(Brought changed, int version, Instant at, Signature by) {
    Machine before = machine(changed.id());
    refuseDouble(changed);
    List<String> what = changed.machine().changesFrom(before);
    if (!what.isEmpty()) {
      if (mapper.change(changed.machine(), version) == 0) {
        throw Refusal.stale(version, before.version());
      }
      mapper.wroteDown(UUID.randomUUID(), changed.id(), String.join("; ", what), by, at);
    }
    return machine(changed.id());
  }

  /** A machine that left, or came back; what was done on it stays. */
  @Transactional
  public Machine retire(UUID id, int version, boolean retired, Instant at, Signature by) {
    Machine before = machine(id);
    if ((before.retiredAt() != null) != retired) {
      if (mapper.retire(id, version, retired ? at : null) == 0) {
        throw Refusal.stale(version, before.version());
      }
      mapper.wroteDown(UUID.randomUUID(), id, retired ? "retired" : "back in the fleet", by, at);
    }
    return machine(id);
  }

  /**
   * Two machines that are one: what was done on the double is from now on this one's, and nothing
   * new is done on the double.
   *
   * @param id the one that stays
   * @param doubled the one that is the same machine
   * @param version of the double as last seen
   * @throws Refusal where they cannot be one
   */
  @Transactional
  public Machine merge(UUID id, UUID doubled, int version, Instant at, Signature by) {
    Machine stays = inUse(id);
    Machine gone = machine(doubled);
    if (stays.id().equals(gone.mergedInto())) {
      return stays;
    }
    if (stays.id().equals(gone.id())) {
      throw Refusal.conflict("It is this very machine; choose the other one.", Map.of());
    }
    if (gone.mergedInto() != null) {
      throw Refusal.conflict(
          "“" + gone.name() + "” is taken for another machine already; part the two first.",
          Map.of());
    }
    String apart = Doubles.whyNotOne(stays.line(), gone.line());
    if (apart != null) {
      throw Refusal.conflict(apart, Map.of());
    }
    if (mapper.merge(doubled, version, stays.id()) == 0) {
      throw Refusal.stale(version, gone.version());
    }
    mapper.mergeThoseOf(doubled, stays.id());
    mapper.wroteDown(
        UUID.randomUUID(), doubled, "it is the same machine as “" + stays.name() + "”", by, at);
    mapper.wroteDown(
        UUID.randomUUID(), stays.id(), "“" + gone.name() + "” is the same machine", by, at);
    return machine(stays.id());
  }

  /** Two machines that were taken for one are two again. */
  @Transactional
  public Machine partAgain(UUID id, int version, Instant at, Signature by) {
    Machine one = machine(id);
    UUID into = one.mergedInto();
    if (into != null) {
      if (mapper.merge(id, version, null) == 0) {
        throw Refusal.stale(version, one.version());
      }
      mapper.wroteDown(UUID.randomUUID(), id, "a machine of its own again", by, at);
      mapper.wroteDown(
          UUID.randomUUID(), into, "“" + one.name() + "” is another machine after all", by, at);
    }
    return machine(id);
  }

  /** Those that were taken for this one. */
  List<Machine> doubles(UUID id) {
    return mapper.doubles(id);
  }

  List<MachineChange> changes(UUID id) {
    return mapper.changes(id);
  }

  private void refuseDouble(Brought brought) {
    Plate plate = brought.line().plate();
    mapper.alike(plate.name(), plate.frameNumber()).stream()
        .filter(other -> !other.id().equals(brought.id()))
        .forEach(
            other -> {
              throw Refusal.conflict(
                  other.name().equalsIgnoreCase(plate.name())
                      ? "There is a machine called “" + other.name() + "”; call this one otherwise."
                      : "“" + other.name() + "” has this frame number: is it the same machine?",
                  Map.of("machineId", other.id()));
            });
  }

  /** Writes down a reading already known to be good. */
  public void note(UUID machineId, double figure, Instant at, Signature by) {
    mapper.addReading(UUID.randomUUID(), machineId, figure, null, null, at, by);
  }

  /**
   * A reading as typed, and what a person says of it.
   *
   * @param id made by the sender, so that a resend is recognised
   * @param meterReplaced whether it is another meter than before
   * @param leapMeant whether a leap was looked at and is right
   * @param slip what was wrong with the last reading; null or empty when it was right
   */
  record NewReading(
      UUID id, String typed, boolean meterReplaced, boolean leapMeant, @Nullable String slip) {
    boolean correctsTheLast() {
      return slip != null && !slip.isBlank();
    }
  }

  /** Takes a reading; one that leaps is asked about, one that is lower needs a reason. */
  @Transactional
  public Machine read(UUID machineId, NewReading reading, int version, Instant at, Signature by) {
    Machine machine = machine(machineId);
    List<MeterReading> before = mapper.readings(machineId);
    if (before.stream().anyMatch(r -> r.id().equals(reading.id()))) {
      return machine;
    }
    double figure = DecimalText.parse(reading.typed(), "figure");
    new Problems()
        .within(figure, 0, LARGEST, "figure")
        .require(
            reading.slip() == null || reading.slip().length() <= LONGEST_REASON,
            "slip",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
    List<MeterReading> standing =
        before.stream()
            .filter(r -> before.stream().noneMatch(later -> r.id().equals(later.corrects())))
            .toList();
    MeterReading last = standing.isEmpty() ? null : standing.get(0);
    MeterReading slipped = last != null && reading.correctsTheLast() ? last : null;
    MeterReading upTo = slipped == null ? last : standing.size() < 2 ? null : standing.get(1);
    if (upTo != null && !reading.meterReplaced()) {
      check(machine, reading, upTo, figure, at);
    }
    if (mapper.raiseVersion(machineId, version) == 0) {
      throw Refusal.stale(version, machine.version());
    }
    if (reading.meterReplaced() && last != null) {
      mapper.replaceMeter(reading.id(), machineId, last.figure(), figure, at, by);
    }
    mapper.addReading(
        reading.id(),
        machineId,
        figure,
        slipped == null ? null : slipped.id(),
        slipped == null ? null : String.valueOf(reading.slip()).strip(),
        at,
        by);
    return machine(machineId);
  }

  private static void check(
      Machine machine, NewReading reading, MeterReading last, double figure, Instant at) {
    if (figure < last.figure()) {
      throw InvalidInput.at(
          "figure",
          "The last reading was "
              + Figure.rounded(last.figure(), 0)
              + "; this one is lower. Check it, or say that the last one was a slip or the meter was replaced.");
    }
    Optional<String> leap =
        MeterLeap.question(machine.meter(), last.figure(), last.readAt(), figure, at);
    if (leap.isPresent() && !reading.leapMeant()) {
      throw InvalidInput.at("figure", leap.get());
    }
  }
}
