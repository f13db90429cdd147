package app.unimetric.server.machine;

import app.unimetric.core.machine.MachineLine;
import app.unimetric.core.machine.Plate;
import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.table.Changes;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A machine of the fleet.
 *
 * @param meter what its meter counts
 * @param note where it stands
 * @param version raised with every change
 * @param retiredAt since when it is no longer here; null while it is
 * @param mergedInto the machine it turned out to be; null when it is one of its own
 * @param meterFigure the latest reading, as its meter counts
 */
public record Machine(
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
    String note,
    int version,
    @Nullable Instant retiredAt,
    @Nullable UUID mergedInto,
    @Nullable Double meterFigure) {

  /** What is other than before, from what to what. */
  List<String> changesFrom(Machine before) {
    return new Changes()
        .of("name", before.name, name)
        .of("kind", before.kind.name(), kind.name())
        .of("make", before.make, make)
        .of("model", before.model, model)
        .of("model year", String.valueOf(before.modelYear), String.valueOf(modelYear))
        .of("variant", before.variant, variant)
        .of("frame number", before.frameNumber, frameNumber)
        .of("number plate", before.registration, registration)
        .of("meter counts", before.meter.counts(), meter.counts())
        .of("owner", before.owner, owner)
        .of("where it stands", before.note, note)
        .words();
  }

  /** As it would stand in a sheet. */
  MachineLine line() {
    return new MachineLine(
        new Plate(name, make, model, modelYear, variant, frameNumber, registration),
        kind,
        meter,
        meter == MeterKind.NONE ? null : meterFigure,
        owner,
        note);
  }

  /** Make and model in one, as packs name the machines they are written for. */
  public String designation() {
    return (make + " " + model).strip();
  }

  public @Nullable Double km() {
    return meter.km(meterFigure);
  }

  public @Nullable Double hours() {
    return meter.hours(meterFigure);
  }
}
