package app.unimetric.server.machine;

import app.unimetric.core.pack.MachineKind;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A machine of the fleet.
 *
 * @param meter what its meter counts
 * @param meterFigure the latest reading, km or h
 * @param version raised with every change
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
    Meter meter,
    String note,
    int version,
    @Nullable Double meterFigure) {

  /** What a machine's meter counts. */
  public enum Meter {
    KM,
    HOURS
  }

  /** Make and model in one, as packs name the machines they are written for. */
  public String designation() {
    return (make + " " + model).strip();
  }

  public @Nullable Double km() {
    return meter == Meter.KM ? meterFigure : null;
  }

  public @Nullable Double hours() {
    return meter == Meter.HOURS ? meterFigure : null;
  }
}
