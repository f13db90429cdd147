package app.unimetric.core.machine;

import static app.unimetric.core.table.ColumnWords.needed;
import static app.unimetric.core.table.ColumnWords.optional;

import app.unimetric.core.table.Column;
import app.unimetric.core.table.ColumnWords;
import java.util.List;

/** The columns of a sheet of machines. */
public enum MachineColumn implements Column {
  NAME(needed("name", "machine", "called", "fleet number", "unit")),
  KIND(needed("kind", "type", "vehicle type", "category")),
  MAKE(needed("make", "manufacturer", "maker", "brand")),
  MODEL(needed("model")),
  YEAR(needed("model_year", "year", "my")),
  VARIANT(optional("variant", "version", "trim")),
  FRAME(
      optional(
          "frame_number", "frame", "vin", "chassis", "chassis number", "serial", "serial number")),
  REGISTRATION(optional("registration", "plate", "number plate", "licence plate", "license plate")),
  METER(optional("meter", "meter kind", "counts")),
  FIGURE(optional("meter_figure", "reading", "odometer", "mileage", "hours", "km")),
  OWNER(optional("owner", "customer", "whose")),
  PLACE(optional("place", "location", "stands", "note", "depot"));

  /** All of them, in the order they are written out. */
  public static final List<MachineColumn> ALL = List.of(values());

  private final ColumnWords words;

  MachineColumn(ColumnWords words) {
    this.words = words;
  }

  @Override
  public ColumnWords words() {
    return words;
  }
}
