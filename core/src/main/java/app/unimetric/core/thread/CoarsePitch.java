package app.unimetric.core.thread;

import java.util.Collections;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/** The coarse pitches of ISO 262, mm, by nominal diameter, mm. */
final class CoarsePitch {
  private static final double[][] ISO_262 = {
    {2, 0.4},
    {2.5, 0.45},
    {3, 0.5},
    {4, 0.7},
    {5, 0.8},
    {6, 1},
    {8, 1.25},
    {10, 1.5},
    {12, 1.75},
    {14, 2},
    {16, 2},
    {18, 2.5},
    {20, 2.5},
    {22, 2.5},
    {24, 3}
  };
  private static final SortedMap<Double, Double> BY_DIAMETER = new TreeMap<>();

  static {
    for (double[] row : ISO_262) {
      BY_DIAMETER.put(row[0], row[1]);
    }
  }

  private CoarsePitch() {}

  /** The pitch, mm; empty for a diameter that has none on file. */
  static Optional<Double> of(double nominalDiameterMm) {
    return Optional.ofNullable(BY_DIAMETER.get(nominalDiameterMm));
  }

  /** All of them, thinnest first. */
  static SortedMap<Double, Double> all() {
    return Collections.unmodifiableSortedMap(BY_DIAMETER);
  }
}
