package app.unimetric.perf;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;

/** What all tablets did together. */
final class Counted {
  final AtomicInteger ready = new AtomicInteger();
  final AtomicInteger refused = new AtomicInteger();
  final AtomicInteger again = new AtomicInteger();

  /** Ids of entries that were sent, and of those that were acknowledged. */
  final ConcurrentLinkedQueue<String> tried = new ConcurrentLinkedQueue<>();

  final ConcurrentLinkedQueue<String> acknowledged = new ConcurrentLinkedQueue<>();

  /** The same of photographs. */
  final ConcurrentLinkedQueue<String> photographsTried = new ConcurrentLinkedQueue<>();

  final ConcurrentLinkedQueue<String> photographsAcknowledged = new ConcurrentLinkedQueue<>();

  /** How long answers took, ms. */
  final ConcurrentLinkedQueue<Double> took = new ConcurrentLinkedQueue<>();

  /** How long so many in a hundred answers took at most, ms. */
  double tookMs(double share) {
    List<Double> sorted = new ArrayList<>(took);
    Collections.sort(sorted);
    return sorted.isEmpty()
        ? 0
        : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
  }
}
