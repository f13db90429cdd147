package app.unimetric.server.security;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import java.util.ArrayDeque;
import java.util.Queue;

/**
 * Calls of one kind take turns: so many at once, some more wait without a thread, the rest is told
 * to come back. Calls of other kinds never stand behind them.
 */
final class Turns {
  private final int atOnce;
  private final int mostWaiting;
  private final Queue<AsyncContext> waiting = new ArrayDeque<>();
  private int running;

  Turns(int atOnce, int mostWaiting) {
    this.atOnce = atOnce;
    this.mostWaiting = mostWaiting;
  }

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
   * Goes on with a call now or later.
   *
   * @return false where too many wait already
   */
  boolean take(AsyncContext call) {
    synchronized (this) {
      if (running >= atOnce) {
        return waiting.size() < mostWaiting && waiting.add(call);
      }
      running++;
    }
    go(call);
    return true;
  }

  private void go(AsyncContext call) {
    call.addListener(new Through());
    call.dispatch();
  }

  private void next() {
    AsyncContext call;
    synchronized (this) {
      call = waiting.poll();
      if (call == null) {
        running--;
        return;
      }
    }
    try {
      go(call);
    } catch (IllegalStateException e) {
      // Its sender has gone meanwhile.
      next();
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
