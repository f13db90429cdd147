package app.unimetric.core;

import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Repeatable random cases: each prints its seed, so that a failing one can be run again alone. */
public final class Seeded {
  private static final long FIRST = 20_261_124L;

  private Seeded() {}

  /** One case, told by its seed. */
  public static final class Case extends Random {
    private static final long serialVersionUID = 1L;
    private final long seed;

    Case(long seed) {
      super(seed);
      this.seed = seed;
    }

    public double between(double low, double high) {
      return low + nextDouble() * (high - low);
    }

    @Override
    public String toString() {
      return "seed " + seed;
    }
  }

  public static Stream<Case> cases() {
    return IntStream.range(0, 100).mapToObj(i -> new Case(FIRST + i));
  }
}
