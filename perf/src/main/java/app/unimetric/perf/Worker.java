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
   */
  record How(boolean notes, int waited, long pauseMs, boolean byTurns, boolean photographs) {}

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

  private boolean say(int together) throws InterruptedException {
    List<Map<String, Object>> said = new ArrayList<>();
    for (int n = 0; n < together; n++) {
      said.add(tablet.next(how.notes() || together > 1));
    }
    List<String> ids = said.stream().map(e -> String.valueOf(e.get("id"))).toList();
    counted.tried.addAll(ids);
    for (boolean first = true; ; first = false) {
      long from = System.nanoTime();
      Tablet.Answer answer = tablet.say(said);
      if (answer.status() == 200) {
        counted.took.add((System.nanoTime() - from) / 1e6);
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
