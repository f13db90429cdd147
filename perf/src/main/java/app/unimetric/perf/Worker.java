package app.unimetric.perf;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;

/**
 * Somebody at work with a tablet until the time is over; what was sent is sent until it is taken.
 */
final class Worker implements Runnable {
  private static final int MOST_AWAY = 40;
  private static final int PHOTOGRAPH_EVERY = 12;

  /** Most that a device sends together. */
  private static final int MOST_TOGETHER = 200;

  private final Tablet tablet;
  private final How how;
  private final boolean goesAway;
  private final Counted counted;
  private final long[] end;
  private final SplittableRandom chance;

  /**
   * @param notes whether only notes are said
   * @param waited how many are sent together
   * @param pauseMs after each
   * @param byTurns whether every fourth is out of reach by turns, and sends then all it said there
   * @param photographs whether a photograph is sent now and then
   * @param saying how many notes a second are said, each sent as soon as the one sending before is
   *     through, with all that waits by then, as the screen does; 0 for one after the other
   */
  record How(
      boolean notes, int waited, long pauseMs, boolean byTurns, boolean photographs, int saying) {}

  /**
   * @param end in nanoseconds; set once all are ready
   */
  Worker(Tablet tablet, int number, How how, Counted counted, long[] end) {
    this.tablet = tablet;
    this.how = how;
    this.goesAway = how.byTurns() && number % 4 == 0;
    this.counted = counted;
    this.end = end;
    chance = new SplittableRandom(number);
  }

  @Override
  public void run() {
    try {
      while (!tablet.open()) {
        Thread.sleep(500);
      }
      counted.ready.incrementAndGet();
      // People do not say something in the same instant.
      Thread.sleep(how.pauseMs() == 0 ? 0 : chance.nextLong(how.pauseMs()));
      if (how.saying() > 0) {
        sayAndSend();
        return;
      }
      for (int sending = 1; System.nanoTime() < end[0]; sending++) {
        int together = how.waited();
        if (goesAway && chance.nextInt(4) == 0) {
          together = chance.nextInt(2, MOST_AWAY);
          Thread.sleep(chance.nextInt(2000, 12_000));
        }
        if (!say(together)) {
          return;
        }
        if (how.photographs() && sending % PHOTOGRAPH_EVERY == 0 && !photograph()) {
          return;
        }
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** What is said meanwhile waits, and goes out together. */
  private void sayAndSend() throws InterruptedException {
    double every = 1e9 / how.saying();
    long begun = System.nanoTime();
    long said = 0;
    while (System.nanoTime() < end[0]) {
      int waits = (int) Math.min(MOST_TOGETHER, (System.nanoTime() - begun) / every - said);
      if (waits < 1) {
        Thread.sleep(2);
        continue;
      }
      long oldest = begun + Math.round((said + 1) * every);
      if (!say(waits, oldest)) {
        return;
      }
      said += waits;
    }
  }

  private boolean say(int together) throws InterruptedException {
    return say(together, 0);
  }

  /**
   * @param since when the oldest was said, in nanoseconds; 0 where that is now
   */
  private boolean say(int together, long since) throws InterruptedException {
    List<Map<String, Object>> said = new ArrayList<>();
    for (int n = 0; n < together; n++) {
      said.add(tablet.next(how.notes() || how.saying() > 0 || together > 1));
    }
    List<String> ids = said.stream().map(e -> String.valueOf(e.get("id"))).toList();
    counted.tried.addAll(ids);
    for (boolean first = true; ; first = false) {
      long from = System.nanoTime();
      Tablet.Answer answer = tablet.say(said);
      if (answer.status() == 200) {
        counted.took.add((System.nanoTime() - (since == 0 ? from : since)) / 1e6);
        counted.acknowledged.addAll(ids);
        Thread.sleep(how.pauseMs());
        return true;
      }
      if (!isSentAgain(answer, first)) {
        return false;
      }
    }
  }

  private boolean photograph() throws InterruptedException {
    String id = UUID.randomUUID().toString();
    counted.photographsTried.add(id);
    byte[] picture = Tablet.picture(chance.nextInt());
    for (boolean first = true; ; first = false) {
      Tablet.Answer answer = tablet.photograph(id, picture);
      if (answer.status() == 200) {
        counted.photographsAcknowledged.add(id);
        return true;
      }
      if (!isSentAgain(answer, first)) {
        return false;
      }
    }
  }

  private boolean isSentAgain(Tablet.Answer answer, boolean first) throws InterruptedException {
    if (answer.status() == 400 || answer.status() == 404) {
      counted.refused.incrementAndGet();
      System.err.println("refused: " + answer.body());
      return false;
    }
    counted.again.incrementAndGet();
    if (answer.status() == 401 || answer.status() == 403) {
      tablet.open();
    } else if (answer.status() != 409 || !first) {
      Thread.sleep(250);
    }
    return true;
  }
}
