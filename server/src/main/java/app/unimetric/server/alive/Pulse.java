package app.unimetric.server.alive;

import java.lang.management.GarbageCollectorMXBean;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * What shows that a server lives: the threads that take connections are there, and its memory is
 * not so full that clearing it up takes all the time.
 */
final class Pulse {
  /** Of the time between two looks. */
  private static final double MOST_CLEARING_UP = 0.9;

  private final List<Thread> needed;
  private long clearedMillis;
  private long atNanos;

  /**
   * @param needed threads without which nobody is answered
   */
  Pulse(List<Thread> needed) {
    this.needed = List.copyOf(needed);
    clearedMillis = clearingUpMillis();
    atNanos = System.nanoTime();
  }

  /** The threads of the web server that take connections and wait for what comes on them. */
  static List<Thread> ofTheWebServer() {
    return Thread.getAllStackTraces().keySet().stream()
        .filter(t -> t.getName().matches(".*nio-.*-(Acceptor|Poller)"))
        .toList();
  }

  /** Whether it lives, judged since the last look. */
  boolean beats() {
    long cleared = clearingUpMillis();
    long now = System.nanoTime();
    boolean busyClearing =
        isBusyClearing(cleared - clearedMillis, TimeUnit.NANOSECONDS.toMillis(now - atNanos));
    clearedMillis = cleared;
    atNanos = now;
    return !busyClearing && needed.stream().allMatch(Thread::isAlive);
  }

  /** Over less than a second nothing can be told. */
  static boolean isBusyClearing(long clearedMillis, long passedMillis) {
    return passedMillis >= 1000 && clearedMillis > MOST_CLEARING_UP * passedMillis;
  }

  private static long clearingUpMillis() {
    return ManagementFactory.getGarbageCollectorMXBeans().stream()
        .mapToLong(GarbageCollectorMXBean::getCollectionTime)
        .sum();
  }
}
