package app.unimetric.server.machine;

import app.unimetric.core.pack.MachineKind;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A machine of the fleet.
 *
 * @param meter what its meter counts
 * @param meterFigure the latest reading, km or h
 * @param version raised with every change
 * @param retiredAt since when it is no longer here; null while it is
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
    @Nullable Instant retiredAt,
    @Nullable Double meterFigure) {

  /** What a machine's meter counts. */
  public enum Meter {
    KM,
    HOURS,
    /** It has none: re-checks go by the day. */
    NONE
  }

  /** What is other than before, from what to what. */
  List<String> changesFrom(Machine before) {
    List<String> changes = new ArrayList<>();
    changed(changes, "name", before.name, name);
    changed(changes, "kind", before.kind.name(), kind.name());
    changed(changes, "make", before.make, make);
    changed(changes, "model", before.model, model);
    changed(changes, "model year", String.valueOf(before.modelYear), String.valueOf(modelYear));
    changed(changes, "variant", before.variant, variant);
    changed(changes, "frame number", before.frameNumber, frameNumber);
    changed(changes, "meter", before.meter.name(), meter.name());
    changed(changes, "where it belongs", before.note, note);
    return changes;
  }

  private static void changed(List<String> changes, String what, String from, String to) {
    if (!from.equals(to)) {
      changes.add(
          what
              + ": "
              + (from.isEmpty() ? "nothing" : from)
              + " → "
              + (to.isEmpty() ? "nothing" : to));
    }
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
