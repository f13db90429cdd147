package app.unimetric.core.thread;

import app.unimetric.core.quantity.Inch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The unified inch threads on file (ASME B1.1), coarse and fine.
 *
 * @param size as people call it: {@code 1/4} or {@code #10}
 * @param inches major diameter, in
 * @param coarsePerInch threads to an inch, UNC
 * @param finePerInch threads to an inch, UNF
 */
record UnifiedSize(String size, double inches, int coarsePerInch, int finePerInch) {

  static final List<UnifiedSize> ALL =
      List.of(
          new UnifiedSize("#6", 0.138, 32, 40),
          new UnifiedSize("#8", 0.164, 32, 36),
          new UnifiedSize("#10", 0.190, 24, 32),
          new UnifiedSize("1/4", 1.0 / 4, 20, 28),
          new UnifiedSize("5/16", 5.0 / 16, 18, 24),
          new UnifiedSize("3/8", 3.0 / 8, 16, 24),
          new UnifiedSize("7/16", 7.0 / 16, 14, 20),
          new UnifiedSize("1/2", 1.0 / 2, 13, 20),
          new UnifiedSize("9/16", 9.0 / 16, 12, 18),
          new UnifiedSize("5/8", 5.0 / 8, 11, 18),
          new UnifiedSize("3/4", 3.0 / 4, 10, 16));

  static Optional<UnifiedSize> of(String size) {
    return ALL.stream().filter(u -> u.size.equals(size)).findFirst();
  }

  boolean has(int perInch) {
    return perInch == coarsePerInch || perInch == finePerInch;
  }

  ScrewThread thread(int perInch) {
    return new ScrewThread(inches * Inch.MM, Inch.MM / perInch, Profile.UN);
  }

  /** {@code 1/4-20 UNC}. */
  String name(int perInch) {
    return size + "-" + perInch + (perInch == coarsePerInch ? " UNC" : " UNF");
  }

  /** What people call this thread; empty when it is none of these. */
  static Optional<String> nameOf(ScrewThread thread) {
    return names().stream()
        .filter(n -> n.thread().equals(thread))
        .map(ThreadSeries::name)
        .findFirst();
  }

  static List<ThreadSeries> names() {
    List<ThreadSeries> all = new ArrayList<>();
    for (UnifiedSize u : ALL) {
      for (int perInch : new int[] {u.coarsePerInch, u.finePerInch}) {
        all.add(
            new ThreadSeries(
                u.name(perInch),
                u.thread(perInch),
                Hand.RIGHT,
                "inch, " + (perInch == u.coarsePerInch ? "coarse" : "fine")));
      }
    }
    return all;
  }
}
