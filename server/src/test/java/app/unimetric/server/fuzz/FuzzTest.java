package app.unimetric.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
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
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/**
 * Calls made up from the description of the whole interface, by people of every role and by nobody,
 * at a workshop of their own. Nothing anybody sends is the server's fault. {@code -Dfuzz.requests}
 * and {@code -Dfuzz.seed} make it longer and another; {@code perf/fuzz} does.
 */
class FuzzTest {
  private static final int REQUESTS = Integer.getInteger("fuzz.requests", 4000);
  private static final long SEED = Long.getLong("fuzz.seed", 20261127L);
  private static final double SLOW_MS = 2000;

  @Test
  void nothingAnybodySendsIsTheServersFault() throws IOException {
    ApiShapes shapes =
        new ApiShapes(new JsonMapper().readTree(Files.readString(Path.of("openapi.json"))), SEED);
    Workshop workshop = Workshop.ofItsOwn();
    try {
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
      Map<Integer, Integer> statuses = new TreeMap<>();
      List<String> faults = new ArrayList<>();
      int slow = 0;
      double worst = 0;
      long before = 0;
      for (int i = 0; i < REQUESTS; i++) {
        if (i == REQUESTS / 10) {
          before = liveBytes();
        }
        Visitor who = people.get(i % people.size());
        ApiShapes.Call call = shapes.next();
        if (endsItsOwnSession(call) && who != people.get(3)) {
          continue;
        }
        HttpRequest.Builder request =
            HttpRequest.newBuilder(URI.create(workshop.url() + call.path()));
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
        Visitor.Answer answer = who.send(request);
        double took = (System.nanoTime() - from) / 1e6;
        worst = Math.max(worst, took);
        slow += took > SLOW_MS ? 1 : 0;
        if (took > SLOW_MS) {
          System.out.printf("slow: %.0f ms %s%n", took, shortened(call));
        }
        statuses.merge(answer.status(), 1, Integer::sum);
        String type = answer.raw().headers().firstValue("Content-Type").orElse("");
        if (answer.status() >= 500
            || answer.status() >= 400 && !type.startsWith("application/problem+json")) {
          faults.add(answer.status() + " " + type + " " + shortened(call) + " " + answer.detail());
        }
        shapes.remember(answer.body());
      }
      long after = liveBytes();
      System.out.printf(
          "%d operations, %d calls: %s; worst %.0f ms, %d over 2 s; live heap %.1f MB, then %.1f MB%n",
          shapes.operations(), REQUESTS, statuses, worst, slow, before / 1e6, after / 1e6);
      assertThat(faults).isEmpty();
      assertThat(statuses.keySet())
          .as("some are taken, some refused")
          .contains(200, 400, 401, 403, 404);
    } finally {
      workshop.end();
    }
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
        assertThat(status(at, line)).as(line).isBetween(200, 499);
      }
    } finally {
      workshop.end();
    }
  }

  private static int status(URI at, String line) throws IOException {
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      socket.setSoTimeout(20_000);
      socket
          .getOutputStream()
          .write(
              (line + "\r\nHost: " + at.getAuthority() + "\r\nConnection: close\r\n\r\n{}")
                  .getBytes(StandardCharsets.ISO_8859_1));
      String first =
          new BufferedReader(
                  new InputStreamReader(socket.getInputStream(), StandardCharsets.ISO_8859_1))
              .readLine();
      return Integer.parseInt(first.split(" ")[1]);
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
