package app.unimetric.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Calls made up from the description of the whole interface, by people of every role and by nobody,
 * at a workshop of their own. Nothing anybody sends is the server's fault. {@code -Dfuzz.requests}
 * and {@code -Dfuzz.seed} make it longer and another; {@code perf/fuzz} does.
 */
class FuzzTest {
  private static final int REQUESTS = Integer.getInteger("fuzz.requests", 4000);
  private static final long SEED = Long.getLong("fuzz.seed", 20261127L);
  private static final int THREADS = Integer.getInteger("fuzz.threads", 1);
  private static final double SLOW_MS = 2000;

  /** The whole workshop in one file takes seconds: asked for so much more seldom. */
  private static final int DEAR = 20;

  /** How far a long run has come is told each so many. */
  private static final int TOLD = 20_000;

  /** The connection ended before its answer was seen. */
  private static final int CUT_OFF = 0;

  private record Sweep(Map<Integer, Integer> statuses, List<String> faults, double[] slowest) {}

  @Test
  void nothingAnybodySendsIsTheServersFault() throws Exception {
    JsonNode description = new JsonMapper().readTree(Files.readString(Path.of("openapi.json")));
    Workshop workshop = Workshop.ofItsOwn();
    ExecutorService hands = Executors.newFixedThreadPool(THREADS);
    try {
      long before = liveBytes();
      List<Callable<Sweep>> sweeps = new ArrayList<>();
      for (int i = 0; i < THREADS; i++) {
        ApiShapes shapes = new ApiShapes(description, SEED + i);
        sweeps.add(() -> sweep(workshop, shapes, REQUESTS / THREADS));
      }
      Map<Integer, Integer> statuses = new TreeMap<>();
      List<String> faults = new ArrayList<>();
      double[] slowest = {0, 0};
      for (Future<Sweep> one : hands.invokeAll(sweeps)) {
        one.get().statuses().forEach((status, n) -> statuses.merge(status, n, Integer::sum));
        faults.addAll(one.get().faults());
        slowest[0] = Math.max(slowest[0], one.get().slowest()[0]);
        slowest[1] += one.get().slowest()[1];
      }
      System.out.printf(
          "%d operations, %d calls: %s; worst %.0f ms, %.0f over 2 s; live heap %.1f MB, then %.1f MB%n",
          new ApiShapes(description, SEED).operations(),
          REQUESTS,
          statuses,
          slowest[0],
          slowest[1],
          before / 1e6,
          liveBytes() / 1e6);
      assertThat(faults).isEmpty();
      assertThat(statuses.getOrDefault(CUT_OFF, 0))
          .as("connections that ended before their answer was seen")
          .isLessThanOrEqualTo(REQUESTS / 1000);
      assertThat(statuses.keySet())
          .as("some are taken, some refused")
          .contains(200, 400, 401, 403, 404);
    } finally {
      hands.shutdown();
      workshop.end();
    }
  }

  private static Sweep sweep(Workshop workshop, ApiShapes shapes, int requests) {
    List<Visitor> people = new ArrayList<>();
    for (String name : List.of("Asta", "Bram", "Visitor")) {
      people.add(Visitor.signedIn(workshop, name));
    }
    people.add(new Visitor(workshop));
    people.get(3).get("/api/session");
    for (String path :
        List.of("/api/today", "/api/machines", "/api/log", "/api/crib", "/api/shelf")) {
      shapes.remember(people.get(0).get(path).body());
    }
    Sweep sweep = new Sweep(new TreeMap<>(), new ArrayList<>(), new double[] {0, 0});
    int made = 0;
    for (int i = 0; made < requests; i++) {
      Visitor who = people.get(i % people.size());
      ApiShapes.Call call = shapes.next();
      if (endsItsOwnSession(call) && who != people.get(3)
          || call.path().contains("everything.zip") && i % DEAR > 0) {
        continue;
      }
      made++;
      if (made % TOLD == 0) {
        System.out.printf("fuzzed: %d, %s%n", made, sweep.statuses());
      }
      String disguised = shapes.disguised(call);
      if (disguised == null) {
        plain(workshop, call, who, shapes, sweep);
      } else {
        int status;
        try {
          status = disguised(workshop, call, disguised, who);
        } catch (IOException endedBeforeItsAnswer) {
          status = CUT_OFF;
        }
        sweep.statuses().merge(status, 1, Integer::sum);
        if (isFault(status)) {
          sweep.faults().add(status + " disguised " + call.method() + " " + disguised);
        }
      }
    }
    return sweep;
  }

  /** Busy is no fault where many ask at once; alone nobody is ever told so. */
  private static boolean isFault(int status) {
    return status >= 500 && !(status == 503 && THREADS > 1);
  }

  private static void plain(
      Workshop workshop, ApiShapes.Call call, Visitor who, ApiShapes shapes, Sweep sweep) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(workshop.url() + call.path()));
    request.header("X-XSRF-TOKEN", who.token());
    if (call.contentType() != null) {
      request.header("Content-Type", call.contentType());
    }
    request.method(
        call.method(),
        call.body() == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(call.body()));
    long from = System.nanoTime();
    Visitor.Answer answer;
    try {
      answer = who.send(request);
    } catch (UncheckedIOException idleTooLong) {
      // A connection that was idle for half a minute may end just as it is used again.
      sweep.statuses().merge(CUT_OFF, 1, Integer::sum);
      return;
    }
    double took = (System.nanoTime() - from) / 1e6;
    sweep.slowest()[0] = Math.max(sweep.slowest()[0], took);
    if (took > SLOW_MS) {
      sweep.slowest()[1]++;
      System.out.printf("slow: %.0f ms %s%n", took, shortened(call));
    }
    sweep.statuses().merge(answer.status(), 1, Integer::sum);
    String type = answer.raw().headers().firstValue("Content-Type").orElse("");
    if (isFault(answer.status())
        || answer.status() >= 400 && !type.startsWith("application/problem+json")) {
      sweep
          .faults()
          .add(answer.status() + " " + type + " " + shortened(call) + " " + answer.detail());
    }
    shapes.remember(answer.body());
  }

  private static int disguised(Workshop workshop, ApiShapes.Call call, String path, Visitor who)
      throws IOException {
    byte[] body = call.body() == null ? new byte[0] : call.body().getBytes(StandardCharsets.UTF_8);
    return status(
        URI.create(workshop.url()),
        call.method()
            + " "
            + path
            + " HTTP/1.1\r\nX-XSRF-TOKEN: "
            + who.token()
            + "\r\nContent-Type: "
            + (call.contentType() == null ? "application/json" : call.contentType())
            + "\r\nContent-Length: "
            + body.length,
        body);
  }

  /** What no library would send. */
  @Test
  void whatIsNotEvenACallIsAnsweredAsOne() throws IOException {
    Workshop workshop = Workshop.ofItsOwn();
    try {
      URI at = URI.create(workshop.url());
      for (String line :
          List.of(
              "GET /api/find?q=%ff%zz HTTP/1.1",
              "GET /api/machines?q=%c3%28 HTTP/1.1",
              "GET /api/machines?q=%00 HTTP/1.1",
              "GET /api/machines/%2e%2e%2f HTTP/1.1",
              "GET /api/jobs/;a=b/sheet HTTP/1.1",
              "GET //api//today HTTP/1.1",
              "BREW /api/today HTTP/1.1",
              "GET /api/today?" + "a=b&".repeat(500) + " HTTP/1.1",
              "POST /api/session HTTP/1.1\r\nContent-Type: */*\r\nContent-Length: 2",
              "POST /api/compute/convert HTTP/1.1\r\nContent-Type: a/b/c\r\nContent-Length: 2")) {
        assertThat(status(at, line, "{}".getBytes(StandardCharsets.UTF_8)))
            .as(line)
            .isBetween(200, 499);
      }
    } finally {
      workshop.end();
    }
  }

  private static int status(URI at, String line, byte[] body) throws IOException {
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      socket.setSoTimeout(20_000);
      socket
          .getOutputStream()
          .write(
              (line + "\r\nHost: " + at.getAuthority() + "\r\nConnection: close\r\n\r\n")
                  .getBytes(StandardCharsets.ISO_8859_1));
      try {
        socket.getOutputStream().write(body);
      } catch (java.net.SocketException answeredAlready) {
        // What is refused before its body was read may be answered first.
        assertThat(answeredAlready).isNotNull();
      }
      String first =
          new BufferedReader(
                  new InputStreamReader(socket.getInputStream(), StandardCharsets.ISO_8859_1))
              .readLine();
      return first == null ? CUT_OFF : Integer.parseInt(first.split(" ")[1]);
    }
  }

  private static boolean endsItsOwnSession(ApiShapes.Call call) {
    return call.path().startsWith("/api/session") && !call.method().equals("GET")
        || call.path().startsWith("/api/crew") && !call.method().equals("GET");
  }

  private static String shortened(ApiShapes.Call call) {
    String text = call.method() + " " + call.path() + " " + call.contentType() + " " + call.body();
    return text.substring(0, Math.min(700, text.length()));
  }

  private static long liveBytes() {
    for (int i = 0; i < 3; i++) {
      System.gc();
    }
    return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
  }
}
