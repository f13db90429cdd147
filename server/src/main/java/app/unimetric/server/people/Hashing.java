package app.unimetric.server.people;

import app.unimetric.server.gate.Bounds;
import app.unimetric.server.problem.Refusal;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Passwords and PINs are looked at by turns: hashing one takes a core for some hundredths of a
 * second, and tries that are counted one after the other cannot hide among each other.
 */
@Component
class Hashing {
  private static final long LONGEST_WAIT_SECONDS = 10;
  private final Semaphore turns = new Semaphore(Bounds.HASHED_AT_ONCE, true);

  /**
   * Does something when it is its turn. It must not be called within a transaction: whoever waits
   * would hold a connection.
   *
   * @throws Refusal where too many wait
   */
  <T> T inTurn(Supplier<T> work) {
    try {
      if (!turns.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
        throw Refusal.busy("Many sign in at this moment; try again in a few seconds.");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw Refusal.busy("The server is about to end; try again in a moment.");
    }
    try {
      return work.get();
    } finally {
      turns.release();
    }
  }
}
