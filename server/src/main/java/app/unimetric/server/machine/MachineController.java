package app.unimetric.server.machine;

import app.unimetric.core.machine.MachineLine;
import app.unimetric.core.machine.Plate;
import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.documents.settings.Right;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.settings.Settings;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Year;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The fleet on screen. */
@RestController
@RequestMapping("/api/machines")
class MachineController {
  private final Fleet fleet;
  private final Settings settings;
  private final Clock clock;

  MachineController(Fleet fleet, Settings settings, Clock clock) {
    this.fleet = fleet;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * @param meterSign beside figures of its meter; empty where it has none
   * @param meterCalled what people call its meter
   * @param doubles entries that turned out to be this machine
   * @param mergedInto the machine this entry turned out to be
   */
  record MachinePage(
      Machine machine,
      String meterSign,
      String meterCalled,
      List<MeterReading> readings,
      List<MachineChange> changes,
      List<Machine> doubles,
      @Nullable Machine mergedInto) {}

  /**
   * A meter reading as typed.
   *
   * @param id made by the sender
   * @param version of the machine as last seen
   */
  record NewReading(
      UUID id,
      String figure,
      @Nullable Boolean meterReplaced,
      @Schema(description = "a leap was looked at and is right") @Nullable Boolean leapMeant,
      @Schema(description = "what was wrong with the last reading, when it was a slip")
          @Nullable String slip,
      int version) {}

  @GetMapping
  List<Machine> machines(@RequestParam(defaultValue = "") String q) {
    return fleet.search(q);
  }

  /**
   * A machine as typed.
   *
   * @param id made by the sender
   */
  record NewMachine(
      UUID id,
      String name,
      MachineKind kind,
      String make,
      String model,
      int modelYear,
      String variant,
      String frameNumber,
      String registration,
      MeterKind meter,
      String owner,
      String note) {}

  @PostMapping
  Machine add(@RequestBody NewMachine m, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_MACHINES, person.isLead());
    return fleet.bring(brought(m.id(), m), clock.instant(), person.signature());
  }

  private Fleet.Brought brought(UUID id, NewMachine m) {
    Plate plate =
        Plate.typed(
            m.name(),
            m.make(),
            m.model(),
            m.modelYear(),
            m.variant(),
            m.frameNumber(),
            m.registration(),
            Year.now(clock).getValue());
    return new Fleet.Brought(
        id, new MachineLine(plate, m.kind(), m.meter(), null, m.owner(), m.note()));
  }

  /**
   * @param version of the machine as last seen
   */
  record MachineEdit(int version, NewMachine machine) {}

  @PostMapping("/{id}")
  MachinePage change(
      @PathVariable UUID id,
      @RequestBody MachineEdit edit,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_MACHINES, person.isLead());
    fleet.change(brought(id, edit.machine()), edit.version(), clock.instant(), person.signature());
    return machine(id);
  }

  /**
   * @param version of the machine as last seen
   * @param retired whether it is no longer here
   */
  record MachineRetirement(int version, boolean retired) {}

  @PostMapping("/{id}/retirement")
  MachinePage retire(
      @PathVariable UUID id,
      @RequestBody MachineRetirement r,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_MACHINES, person.isLead());
    fleet.retire(id, r.version(), r.retired(), clock.instant(), person.signature());
    return machine(id);
  }

  @GetMapping("/{id}")
  MachinePage machine(@PathVariable UUID id) {
    Machine machine = fleet.machine(id);
    UUID into = machine.mergedInto();
    return new MachinePage(
        machine,
        machine.meter().sign(),
        machine.meter().called(),
        fleet.readings(id),
        fleet.changes(id),
        fleet.doubles(id),
        into == null ? null : fleet.machine(into));
  }

  /**
   * @param doubled the other machine, which is this one
   * @param version of that one as last seen
   */
  record MachineMerge(UUID doubled, int version) {}

  @PostMapping("/{id}/merging")
  MachinePage merge(
      @PathVariable UUID id,
      @RequestBody MachineMerge m,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_MACHINES, person.isLead());
    return machine(
        fleet.merge(id, m.doubled(), m.version(), clock.instant(), person.signature()).id());
  }

  /**
   * @param version of the machine as last seen
   */
  record MachineParting(int version) {}

  @PostMapping("/{id}/parting")
  MachinePage part(
      @PathVariable UUID id,
      @RequestBody MachineParting p,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.KEEP_MACHINES, person.isLead());
    fleet.partAgain(id, p.version(), clock.instant(), person.signature());
    return machine(id);
  }

  @PostMapping("/{id}/readings")
  MachinePage read(
      @PathVariable UUID id,
      @RequestBody NewReading reading,
      @AuthenticationPrincipal SignedIn person) {
    fleet.read(
        id,
        new Fleet.NewReading(
            reading.id(),
            reading.figure(),
            Boolean.TRUE.equals(reading.meterReplaced()),
            Boolean.TRUE.equals(reading.leapMeant()),
            reading.slip()),
        reading.version(),
        clock.instant(),
        person.signature());
    return machine(id);
  }
}
