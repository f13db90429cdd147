package app.unimetric.perf;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Many tablets at once. {@code Bench URLS JOBS-FILE CLIENTS SECONDS ACKNOWLEDGED-FILE [notes]
 * [paced] [waited=N]}: URLs with commas, jobs one in a line; paced waits a second after each;
 * waited sends notes N at a time, as a tablet does that was away. What was sent and what was
 * acknowledged is written down with the ids of its entries, and how long answers took is printed.
 */
public final class Bench {
  private Bench() {}

  public static void main(String[] args) throws IOException, InterruptedException {
    List<String> urls = List.of(args[0].split(","));
    List<String> jobs = Files.readAllLines(Path.of(args[1]));
    int clients = Integer.parseInt(args[2]);
    long seconds = Long.parseLong(args[3]);
    List<String> how = List.of(args).subList(5, args.length);
    boolean notes = how.contains("notes");
    int waited =
        how.stream()
            .filter(h -> h.startsWith("waited="))
            .mapToInt(h -> Integer.parseInt(h.substring("waited=".length())))
            .findFirst()
            .orElse(1);
    long pause = how.contains("paced") ? 1000 : 0;
    AtomicInteger sent = new AtomicInteger();
    AtomicInteger refused = new AtomicInteger();
    AtomicInteger again = new AtomicInteger();
    ConcurrentLinkedQueue<Double> took = new ConcurrentLinkedQueue<>();
    ConcurrentLinkedQueue<String> acknowledged = new ConcurrentLinkedQueue<>();
    ConcurrentLinkedQueue<String> tried = new ConcurrentLinkedQueue<>();
    List<Thread> threads = new ArrayList<>();
    AtomicInteger ready = new AtomicInteger();
    long[] end = {Long.MAX_VALUE};
    for (int i = 0; i < clients; i++) {
      Tablet tablet = new Tablet(urls, jobs.get(i % jobs.size()), "Ilse", "depot-ilse");
      Thread thread =
          new Thread(
              () -> {
                try {
                  while (!tablet.open()) {
                    Thread.sleep(500);
                  }
                  ready.incrementAndGet();
                  while (System.nanoTime() < end[0]) {
                    List<Map<String, Object>> said = new ArrayList<>();
                    for (int n = 0; n < waited; n++) {
                      said.add(tablet.next(notes || waited > 1));
                    }
                    List<String> ids = said.stream().map(e -> String.valueOf(e.get("id"))).toList();
                    tried.addAll(ids);
                    sent.addAndGet(waited);
                    for (boolean first = true; ; first = false) {
                      long from = System.nanoTime();
                      Tablet.Answer answer = tablet.say(said);
                      if (answer.status() == 200) {
                        took.add((System.nanoTime() - from) / 1e6);
                        acknowledged.addAll(ids);
                        Thread.sleep(pause);
                        break;
                      }
                      if (answer.status() == 400 || answer.status() == 404) {
                        refused.incrementAndGet();
                        System.err.println("refused: " + answer.body());
                        return;
                      }
                      again.incrementAndGet();
                      if (answer.status() == 401) {
                        tablet.open();
                      } else if (answer.status() != 409 || !first) {
                        Thread.sleep(250);
                      }
                    }
                  }
                } catch (InterruptedException e) {
                  Thread.currentThread().interrupt();
                }
              },
              "tablet-" + i);
      threads.add(thread);
      thread.start();
    }
    while (ready.get() < clients) {
      Thread.sleep(50);
    }
    took.clear();
    int before = acknowledged.size();
    long from = System.nanoTime();
    end[0] = from + seconds * 1_000_000_000L;
    for (Thread thread : threads) {
      thread.join();
    }
    double span = (System.nanoTime() - from) / 1e9;
    try (PrintStream out = new PrintStream(args[4])) {
      acknowledged.forEach(id -> out.println("acknowledged " + id));
      tried.forEach(id -> out.println("sent " + id));
    }
    List<Double> times = new ArrayList<>(took);
    Collections.sort(times);
    System.out.printf(
        "%d clients, %.0f s: %d sent, %d acknowledged, %d sendings repeated, %d refused; %.0f a second, middle %.1f ms, p95 %.1f ms, worst %.0f ms%n",
        clients,
        span,
        sent.get(),
        acknowledged.size(),
        again.get(),
        refused.get(),
        (acknowledged.size() - before) / span,
        at(times, 0.5),
        at(times, 0.95),
        at(times, 1));
  }

  private static double at(List<Double> sorted, double share) {
    return sorted.isEmpty()
        ? 0
        : sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
  }
}
