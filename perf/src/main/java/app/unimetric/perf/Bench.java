package app.unimetric.perf;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Many tablets at once. {@code Bench URLS JOBS-FILE CLIENTS SECONDS ACKNOWLEDGED-FILE [notes]
 * [paced] [waited=N] [byTurns] [photographs] [saying=N]}: URLs with commas, jobs one in a line;
 * paced waits a second after each; waited sends notes N at a time, as a tablet does that was away;
 * by turns every fourth is away for some seconds and sends then all it said; photographs are sent
 * now and then; saying N notes a second each, all that waits goes out together, as from the screen.
 * What was sent and what was acknowledged is written down with the ids of its entries, and how long
 * answers took is printed.
 */
public final class Bench {
  private Bench() {}

  public static void main(String[] args) throws IOException, InterruptedException {
    List<String> urls = List.of(args[0].split(","));
    List<String> jobs = Files.readAllLines(Path.of(args[1]));
    int clients = Integer.parseInt(args[2]);
    long seconds = Long.parseLong(args[3]);
    List<String> words = List.of(args).subList(5, args.length);
    Worker.How how =
        new Worker.How(
            words.contains("notes"),
            number(words, "waited=", 1),
            words.contains("paced") ? 1000 : 0,
            words.contains("byTurns"),
            words.contains("photographs"),
            number(words, "saying=", 0));
    Counted counted = new Counted();
    List<Thread> threads = new ArrayList<>();
    long[] end = {Long.MAX_VALUE};
    for (int i = 0; i < clients; i++) {
      Tablet tablet = new Tablet(urls, jobs.get(i % jobs.size()), "Ilse", "depot-ilse");
      Thread thread = new Thread(new Worker(tablet, i, how, counted, end), "tablet-" + i);
      threads.add(thread);
      thread.start();
    }
    while (counted.ready.get() < clients) {
      Thread.sleep(50);
    }
    counted.took.clear();
    int before = counted.acknowledged.size();
    long from = System.nanoTime();
    end[0] = from + seconds * 1_000_000_000L;
    for (Thread thread : threads) {
      thread.join();
    }
    double span = (System.nanoTime() - from) / 1e9;
    try (PrintStream out = new PrintStream(args[4])) {
      counted.acknowledged.forEach(id -> out.println("acknowledged " + id));
      counted.tried.forEach(id -> out.println("sent " + id));
      counted.photographsAcknowledged.forEach(id -> out.println("pictured " + id));
      counted.photographsTried.forEach(id -> out.println("photographed " + id));
    }
    System.out.printf(
        "%d clients, %.0f s: %d sent, %d acknowledged, photographs %d sent, %d acknowledged, %d sendings repeated, %d refused; %.0f a second, middle %.1f ms, p95 %.1f ms, worst %.0f ms%n",
        clients,
        span,
        counted.tried.size(),
        counted.acknowledged.size(),
        counted.photographsTried.size(),
        counted.photographsAcknowledged.size(),
        counted.again.get(),
        counted.refused.get(),
        (counted.acknowledged.size() - before) / span,
        counted.tookMs(0.5),
        counted.tookMs(0.95),
        counted.tookMs(1));
  }

  private static int number(List<String> words, String name, int otherwise) {
    return words.stream()
        .filter(w -> w.startsWith(name))
        .mapToInt(w -> Integer.parseInt(w.substring(name.length())))
        .findFirst()
        .orElse(otherwise);
  }
}
