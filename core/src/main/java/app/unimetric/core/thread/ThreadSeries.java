package app.unimetric.core.thread;

import app.unimetric.core.quantity.Inch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The threads offered by name: coarse and fine of ISO 262, the 60° threads of bicycles, coarse and
 * fine of the inch standard.
 *
 * @param name as people call it
 * @param thread its geometry
 * @param hand which way it tightens; for those that come in both, as the part says
 * @param note where it is met, or what to watch; empty when there is nothing to say
 */
public record ThreadSeries(String name, ScrewThread thread, Hand hand, String note) {
  private static final double[][] FINE = {
    {8, 1},
    {10, 1},
    {10, 1.25},
    {12, 1},
    {12, 1.25},
    {12, 1.5},
    {14, 1.5},
    {16, 1.5},
    {18, 1.5},
    {20, 1.5},
    {22, 1.5},
    {24, 2}
  };

  private static final List<ThreadSeries> OWN =
      List.of(
          inch("9/16 in × 20", 9.0 / 16, 20, Hand.RIGHT, ""),
          inch("1.375 in × 24", 1.375, 24, Hand.RIGHT, ""),
          new ThreadSeries("36 mm × 24 tpi", ScrewThread.of(36, Inch.MM / 24), Hand.RIGHT, ""));

  /** All of them, in the order they are offered. */
  public static List<ThreadSeries> all() {
    List<ThreadSeries> all = new ArrayList<>();
    CoarsePitch.all().forEach((d, pitch) -> all.add(metric(d, pitch, "coarse")));
    for (double[] t : FINE) {
      all.add(metric(t[0], t[1], "fine"));
    }
    all.add(metric(8, 0.75, "bicycle"));
    all.add(metric(9, 1, "bicycle axle"));
    all.add(metric(15, 1.5, "bicycle axle"));
    all.add(metric(47, 1, "thread-together bottom bracket; hand per part"));
    all.add(metric(48.5, 1, "thread-together bottom bracket; hand per part"));
    all.add(inch("9/16 in × 20, right pedal", 9.0 / 16, 20, Hand.RIGHT, "right pedal"));
    all.add(inch("9/16 in × 20, left pedal", 9.0 / 16, 20, Hand.LEFT, "left pedal: left-hand"));
    all.add(inch("1.375 in × 24, drive side", 1.375, 24, Hand.LEFT, "drive-side cup: left-hand"));
    all.add(inch("1.375 in × 24, other side", 1.375, 24, Hand.RIGHT, "cup of the other side"));
    all.add(
        new ThreadSeries(
            "36 mm × 24 tpi",
            ScrewThread.of(36, Inch.MM / 24),
            Hand.RIGHT,
            "bottom bracket cups, both sides right-hand"));
    all.addAll(UnifiedSize.names());
    return List.copyOf(all);
  }

  /** The name of a thread that is not called by M and figures; empty for one that is. */
  static Optional<String> ownNameOf(ScrewThread thread) {
    if (thread.profile() == Profile.UN) {
      return UnifiedSize.nameOf(thread);
    }
    return OWN.stream().filter(n -> n.thread().equals(thread)).map(ThreadSeries::name).findFirst();
  }

  /** Whether it is only met on cups and pedals, which seat and clamp nothing. */
  public static boolean clampsNothing(ScrewThread thread) {
    return all().stream().anyMatch(t -> t.seats() && t.thread().equals(thread));
  }

  private boolean seats() {
    return note.contains("cup") || note.contains("pedal") || note.contains("bottom bracket");
  }

  private static ThreadSeries metric(double d, double pitch, String note) {
    ScrewThread thread = ScrewThread.of(d, pitch);
    return new ThreadSeries(thread.designation(), thread, Hand.RIGHT, note);
  }

  private static ThreadSeries inch(
      String name, double inches, double perInch, Hand hand, String note) {
    return new ThreadSeries(name, ScrewThread.of(inches * Inch.MM, Inch.MM / perInch), hand, note);
  }
}
