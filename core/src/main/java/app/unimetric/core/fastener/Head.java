package app.unimetric.core.fastener;

import app.unimetric.core.quantity.Inch;
import app.unimetric.core.thread.Profile;
import app.unimetric.core.thread.ScrewThread;
import java.util.TreeMap;

/** The head (or nut face) a joint is turned by, as far as its bearing face matters. */
public enum Head {
  /** d_w of hexagon heads. */
  HEX(
      "ISO 4014",
      180,
      1.45,
      new double[][] {
        {3, 4.57},
        {4, 5.88},
        {5, 6.88},
        {6, 8.88},
        {8, 11.63},
        {10, 14.63},
        {12, 16.63},
        {14, 19.64},
        {16, 22.49},
        {18, 25.34},
        {20, 28.19}
      }),
  /** d_w of socket caps. */
  SOCKET_CAP(
      "ISO 4762",
      180,
      1.5,
      new double[][] {
        {3, 5.07},
        {4, 6.53},
        {5, 8.03},
        {6, 9.38},
        {8, 12.33},
        {10, 15.33},
        {12, 17.23},
        {14, 20.17},
        {16, 23.17},
        {20, 28.87}
      }),
  /** Smallest real head diameter of 90° countersunk sockets: the seat is the cone below it. */
  COUNTERSUNK(
      "ISO 10642",
      90,
      1.9,
      new double[][] {
        {3, 5.54},
        {4, 7.53},
        {5, 9.43},
        {6, 11.34},
        {8, 15.24},
        {10, 19.22},
        {12, 23.12},
        {16, 29.01}
      }),
  /** d_w of hexagon flange heads. */
  FLANGE(
      "EN 1665",
      180,
      1.95,
      new double[][] {
        {5, 9.8}, {6, 12.2}, {8, 15.8}, {10, 19.6}, {12, 23.8}, {14, 27.6}, {16, 31.9}, {20, 39.9}
      }),
  /** Head diameter of button sockets less the usual edge radius. */
  BUTTON(
      "ISO 7380-1",
      180,
      1.65,
      new double[][] {
        {3, 5.2}, {4, 7.0}, {5, 8.8}, {6, 9.8}, {8, 13.1}, {10, 16.4}, {12, 19.8}, {16, 26.5}
      });

  /** d_h, mm, medium clearance hole by nominal diameter (ISO 273). */
  private static final TreeMap<Double, Double> HOLE =
      table(
          new double[][] {
            {3, 3.4},
            {4, 4.5},
            {5, 5.5},
            {6, 6.6},
            {8, 9},
            {10, 11},
            {12, 13.5},
            {14, 15.5},
            {16, 17.5},
            {18, 20},
            {20, 22}
          });

  private static final double TYPICAL_HOLE_PER_DIAMETER = 1.1;
  private static final double ROUNDING = 1e6;
  private static final double FACE_PER_FLATS = 0.95;

  /** Width across flats by nominal diameter, in (ASME B18.2.1). */
  private static final TreeMap<Double, Double> INCH_FLATS =
      table(
          new double[][] {
            {0.25, 7.0 / 16},
            {0.3125, 0.5},
            {0.375, 9.0 / 16},
            {0.4375, 5.0 / 8},
            {0.5, 0.75},
            {0.5625, 13.0 / 16},
            {0.625, 15.0 / 16},
            {0.75, 1.125}
          });

  private final String standard;
  private final double coneDeg;
  private final double typicalFacePerDiameter;
  private final TreeMap<Double, Double> faces;

  Head(String standard, double coneDeg, double typicalFacePerDiameter, double[][] faces) {
    this.standard = standard;
    this.coneDeg = coneDeg;
    this.typicalFacePerDiameter = typicalFacePerDiameter;
    this.faces = table(faces);
  }

  private static TreeMap<Double, Double> table(double[][] rows) {
    TreeMap<Double, Double> table = new TreeMap<>();
    for (double[] row : rows) {
      table.put(row[0], row[1]);
    }
    return table;
  }

  public String words() {
    return switch (this) {
      case HEX -> "hexagon";
      case SOCKET_CAP -> "socket cap";
      case COUNTERSUNK -> "countersunk";
      case FLANGE -> "flange";
      case BUTTON -> "button";
    };
  }

  /**
   * The bearing face of this head on a medium clearance hole. Diameters the standards leave out
   * take a typical share of the nominal diameter, and the face says so in its source.
   */
  public BearingFace face(ScrewThread thread) {
    double d = thread.nominalDiameterMm();
    if (thread.profile() == Profile.UN && this == HEX) {
      return inchHex(d);
    }
    Double outer = faces.get(d);
    Double hole = HOLE.get(d);
    if (outer == null || hole == null || thread.profile() == Profile.UN) {
      return new BearingFace(
          typicalFacePerDiameter * d,
          TYPICAL_HOLE_PER_DIAMETER * d,
          coneDeg,
          "typical share of the diameter");
    }
    return new BearingFace(outer, hole, coneDeg, standard + ", ISO 273 medium");
  }

  /** 0.95 of the width across flats of ASME B18.2.1; a hole a tenth wider than the bolt. */
  private static BearingFace inchHex(double d) {
    Double flats = INCH_FLATS.get(Math.round(d / Inch.MM * ROUNDING) / ROUNDING);
    return new BearingFace(
        flats == null ? HEX.typicalFacePerDiameter * d : FACE_PER_FLATS * flats * Inch.MM,
        TYPICAL_HOLE_PER_DIAMETER * d,
        HEX.coneDeg,
        flats == null
            ? "typical share of the diameter"
            : "0.95 of the width across flats, assumed");
  }

  /**
   * The bearing face of this head with diameters of its own; its cone stays.
   *
   * @param outerDiameterMm d_w, mm
   * @param holeDiameterMm d_h, mm, smaller than d_w
   */
  public BearingFace face(double outerDiameterMm, double holeDiameterMm) {
    return new BearingFace(outerDiameterMm, holeDiameterMm, coneDeg, "as stated");
  }
}
