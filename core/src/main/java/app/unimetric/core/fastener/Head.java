package app.unimetric.core.fastener;

import app.unimetric.core.thread.MetricThread;
import java.util.Map;
import java.util.TreeMap;

/** The head (or nut face) a joint is turned by, as far as its bearing face matters. */
public enum Head {
  HEX("ISO 4014"),
  SOCKET_CAP("ISO 4762");

  /** d_w, mm, by nominal diameter (ISO 4014). */
  private static final TreeMap<Double, Double> HEX_FACE =
      new TreeMap<>(
          Map.ofEntries(
              Map.entry(3.0, 4.57),
              Map.entry(4.0, 5.88),
              Map.entry(5.0, 6.88),
              Map.entry(6.0, 8.88),
              Map.entry(8.0, 11.63),
              Map.entry(10.0, 14.63),
              Map.entry(12.0, 16.63),
              Map.entry(14.0, 19.64),
              Map.entry(16.0, 22.49),
              Map.entry(18.0, 25.34),
              Map.entry(20.0, 28.19)));

  /** d_w, mm, by nominal diameter (ISO 4762). */
  private static final TreeMap<Double, Double> SOCKET_FACE =
      new TreeMap<>(
          Map.ofEntries(
              Map.entry(3.0, 5.07),
              Map.entry(4.0, 6.53),
              Map.entry(5.0, 8.03),
              Map.entry(6.0, 9.38),
              Map.entry(8.0, 12.33),
              Map.entry(10.0, 15.33),
              Map.entry(12.0, 17.23),
              Map.entry(14.0, 20.17),
              Map.entry(16.0, 23.17),
              Map.entry(20.0, 28.87)));

  /** d_h, mm, medium clearance hole by nominal diameter (ISO 273). */
  private static final TreeMap<Double, Double> HOLE =
      new TreeMap<>(
          Map.ofEntries(
              Map.entry(3.0, 3.4),
              Map.entry(4.0, 4.5),
              Map.entry(5.0, 5.5),
              Map.entry(6.0, 6.6),
              Map.entry(8.0, 9.0),
              Map.entry(10.0, 11.0),
              Map.entry(12.0, 13.5),
              Map.entry(14.0, 15.5),
              Map.entry(16.0, 17.5),
              Map.entry(18.0, 20.0),
              Map.entry(20.0, 22.0)));

  private static final double TYPICAL_FACE_PER_DIAMETER = 1.45;
  private static final double TYPICAL_HOLE_PER_DIAMETER = 1.1;

  private final String standard;

  Head(String standard) {
    this.standard = standard;
  }

  /**
   * The bearing face of this head on a medium clearance hole. Diameters the standards leave out
   * take a typical share of the nominal diameter, and the face says so in its source.
   */
  public BearingFace face(MetricThread thread) {
    double d = thread.nominalDiameterMm();
    Double outer = (this == HEX ? HEX_FACE : SOCKET_FACE).get(d);
    Double hole = HOLE.get(d);
    if (outer == null || hole == null) {
      return new BearingFace(
          TYPICAL_FACE_PER_DIAMETER * d,
          TYPICAL_HOLE_PER_DIAMETER * d,
          "typical share of the diameter");
    }
    return new BearingFace(outer, hole, standard + ", ISO 273 medium");
  }
}
