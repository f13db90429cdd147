package app.unimetric.server.security;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Queue;

/**
 * Calls of one kind take turns: so many at once, some more wait without a thread, the rest is told
 * to come back. Calls of other kinds never stand behind them.
 */
final class Turns {
  private final int atOnce;
  private final int mostWaiting;
  private final Duration longestWait;
  private final Queue<Waiting> waiting = new ArrayDeque<>();
  private int running;

  /**
   * @param longestWait what has waited longer is refused: who sent it has most likely asked again
   *     meanwhile, and work for nobody would hold up all behind it
   */
  Turns(int atOnce, int mostWaiting, Duration longestWait) {
    this.atOnce = atOnce;
    this.mostWaiting = mostWaiting;
    this.longestWait = longestWait;
  }

  private record Waiting(AsyncContext call, long sinceNanos, Runnable refuse) {}

  /** Takes a turn at once, where nobody waits for one; it is given back by {@link #leave}. */
  synchronized boolean enter() {
    if (running >= atOnce || !waiting.isEmpty()) {
      return false;
    }
    running++;
    return true;
  }

  void leave() {
    next();
  }

  /**
   * Goes on with a call now or later, or refuses it: at once where too many wait, later where it
   * waited too long.
   */
  void take(AsyncContext call, Runnable refuse) {
    boolean tooMany;
    synchronized (this) {
      if (running < atOnce) {
        running++;
        tooMany = false;
      } else if (waiting.size() < mostWaiting) {
        waiting.add(new Waiting(call, System.nanoTime(), refuse));
        return;
      } else {
        tooMany = true;
      }
    }
    if (tooMany) {
      refuse.run();
    } else if (!went(call)) {
      next();
    }
  }

  /** Whether a call went on; its sender may have gone meanwhile. */
  private boolean went(AsyncContext call) {
    try {
      call.addListener(new Through());
      call.dispatch();
      return true;
    } catch (IllegalStateException e) {
      return false;
    }
  }

  /** Hands a turn on to the first who still waits for it. */
  private void next() {
    while (true) {
      Waiting first;
      synchronized (this) {
        first = waiting.poll();
        if (first == null) {
          running--;
          return;
        }
      }
      if (System.nanoTime() - first.sinceNanos() > longestWait.toNanos()) {
        first.refuse().run();
      } else if (went(first.call())) {
        return;
      }
    }
  }

  private final class Through implements AsyncListener {
    @Override
    public void onComplete(AsyncEvent event) {
      next();
    }

    @Override
    public void onTimeout(AsyncEvent event) {
      // It completes all the same.
    }

    @Override
    public void onError(AsyncEvent event) {
      // It completes all the same.
    }

    /** An answer that is written as a stream starts anew behind this; its turn lasts as long. */
    @Override
    public void onStartAsync(AsyncEvent event) {
      event.getAsyncContext().addListener(this);
    }
  }
}
