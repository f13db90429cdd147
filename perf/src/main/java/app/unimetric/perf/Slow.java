package app.unimetric.perf;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Dawdlers: {@code Slow URL BODIES HEADERS SECONDS JOB}. So many connections send a body byte by
 * byte, so many a header; meanwhile health, sign-in and the bench are asked for and timed. For a
 * server of one's own on loopback.
 */
public final class Slow {
  private static final long PAUSE_MS = 3000;

  private Slow() {}

  public static void main(String[] args) throws IOException, InterruptedException {
    URI url = URI.create(args[0]);
    List<Socket> slow = Collections.synchronizedList(new ArrayList<>());
    Thread dawdling =
        new Thread(() -> dawdle(url, Integer.parseInt(args[1]), Integer.parseInt(args[2]), slow));
    dawdling.setDaemon(true);
    Tablet before = new Tablet(List.of(args[0]), args[4], "Ilse", "depot-ilse");
    if (!before.open()) {
      throw new IllegalStateException("nobody could sign in");
    }
    dawdling.start();
    long end = System.nanoTime() + Long.parseLong(args[3]) * 1_000_000_000L;
    List<Double> bench = new ArrayList<>();
    List<Double> signIn = new ArrayList<>();
    int failed = 0;
    while (System.nanoTime() < end) {
      long from = System.nanoTime();
      failed += before.say(List.of(before.next(true))).status() == 200 ? 0 : 1;
      bench.add((System.nanoTime() - from) / 1e6);
      Tablet another = new Tablet(List.of(args[0]), args[4], "Ilse", "depot-ilse");
      from = System.nanoTime();
      failed += another.open() ? 0 : 1;
      signIn.add((System.nanoTime() - from) / 1e6);
      Thread.sleep(500);
    }
    System.out.printf(
        "%d dawdlers open at the end; bench: middle %.0f ms, worst %.0f ms; sign-in with the bench opened: middle %.0f ms, worst %.0f ms; failed %d%n",
        slow.size(),
        middle(bench),
        Collections.max(bench),
        middle(signIn),
        Collections.max(signIn),
        failed);
  }

  private static double middle(List<Double> times) {
    List<Double> sorted = new ArrayList<>(times);
    Collections.sort(sorted);
    return sorted.get(sorted.size() / 2);
  }

  private static void dawdle(URI url, int bodies, int headers, List<Socket> slow) {
    String host = "Host: " + url.getAuthority() + "\r\n";
    String body =
        "POST /api/session HTTP/1.1\r\n"
            + host
            + "Content-Type: application/json\r\nContent-Length: 60000\r\n\r\n{";
    while (true) {
      for (int i = slow.size(); i < bodies + headers; i++) {
        try {
          Socket socket = new Socket(url.getHost(), url.getPort());
          String begin =
              i % 2 == 0 && i / 2 < bodies ? body : "GET /api/today HTTP/1.1\r\n" + host + "X-A: ";
          socket.getOutputStream().write(begin.getBytes(StandardCharsets.US_ASCII));
          slow.add(socket);
        } catch (IOException e) {
          break;
        }
      }
      slow.removeIf(
          socket -> {
            try {
              socket.getOutputStream().write('a');
              return false;
            } catch (IOException e) {
              return true;
            }
          });
      try {
        Thread.sleep(PAUSE_MS);
      } catch (InterruptedException e) {
        return;
      }
    }
  }
}
