package app.unimetric.core.machine;

import app.unimetric.core.table.Column;
import java.util.List;

/** The columns of a sheet of machines. */
public enum MachineColumn implements Column {
  NAME(true, "name", "machine", "called", "fleet number", "unit"),
  KIND(true, "kind", "type", "vehicle type", "category"),
  MAKE(true, "make", "manufacturer", "maker", "brand"),
  MODEL(true, "model"),
  YEAR(true, "model_year", "year", "my"),
  VARIANT(false, "variant", "version", "trim"),
  FRAME(
      false,
      "frame_number",
      "frame",
      "vin",
      "chassis",
      "chassis number",
      "serial",
      "serial number"),
  REGISTRATION(false, "registration", "plate", "number plate", "licence plate", "license plate"),
  METER(false, "meter", "meter kind", "counts"),
  FIGURE(false, "meter_figure", "reading", "odometer", "mileage", "hours", "km"),
  OWNER(false, "owner", "customer", "whose"),
  PLACE(false, "place", "location", "stands", "note", "depot");

  /** All of them, in the order they are written out. */
  public static final List<MachineColumn> ALL = List.of(values());

  private final boolean needed;
  private final String header;
  private final List<String> alsoCalled;

  MachineColumn(boolean needed, String header, String... alsoCalled) {
    this.needed = needed;
    this.header = header;
    this.alsoCalled = List.of(alsoCalled);
  }

  @Override
  public String header() {
    return header;
  }

  @Override
  public List<String> alsoCalled() {
    return alsoCalled;
  }

  @Override
  public boolean isNeeded() {
    return needed;
  }
}
