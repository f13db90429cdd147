package app.unimetric.perf;

import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Connections that dawdle: {@code Slow URL EACH SECONDS JOB}. Of each kind in turn so many are open
 * for so long, while somebody who is signed in says entries at the bench; prints the 95th
 * percentile of each beside that of a quiet server. For a server of one's own on loopback.
 */
public final class Slow {
  private static final long PAUSE_MS = 50;

  private Slow() {}

  public static void main(String[] args) throws IOException, InterruptedException {
    URI url = URI.create(args[0]);
    int each = Integer.parseInt(args[1]);
    long seconds = Long.parseLong(args[2]);
    Tablet bench = new Tablet(List.of(args[0]), args[3], "Ilse", "depot-ilse");
    if (!bench.open()) {
      throw new IllegalStateException("nobody could sign in");
    }
    measured(bench, seconds);
    Measured quiet = measured(bench, seconds);
    System.out.printf(
        "%-20s p95 %6.1f ms, worst %6.0f ms, failed %d of %d%n",
        "quiet", quiet.p95(), quiet.worst(), quiet.failed(), quiet.said());
    double worst = 0;
    List<Dawdlers.Kind> kinds =
        args.length > 4 ? List.of(Dawdlers.Kind.valueOf(args[4])) : List.of(Dawdlers.Kind.values());
    for (Dawdlers.Kind kind : kinds) {
      try (Dawdlers dawdlers = new Dawdlers(url, kind, each)) {
        Measured busy = measured(bench, seconds);
        double ratio = busy.p95() / quiet.p95();
        worst = Math.max(worst, busy.failed() > 0 ? Double.POSITIVE_INFINITY : ratio);
        System.out.printf(
            "%-20s p95 %6.1f ms, worst %6.0f ms, failed %d of %d, %.1f times quiet, %d opened%n",
            kind, busy.p95(), busy.worst(), busy.failed(), busy.said(), ratio, dawdlers.opened());
      }
    }
    System.out.printf("worst kind: %.1f times quiet%n", worst);
  }

  private record Measured(double p95, double worst, int failed, int said) {}

  private static Measured measured(Tablet bench, long seconds) throws InterruptedException {
    long end = System.nanoTime() + seconds * 1_000_000_000L;
    List<Double> times = new ArrayList<>();
    int failed = 0;
    while (System.nanoTime() < end) {
      long from = System.nanoTime();
      failed += bench.say(List.of(bench.next(true))).status() == 200 ? 0 : 1;
      times.add((System.nanoTime() - from) / 1e6);
      Thread.sleep(PAUSE_MS);
    }
    Collections.sort(times);
    return new Measured(
        times.get(times.size() * 95 / 100), times.get(times.size() - 1), failed, times.size());
  }
}
