package app.unimetric.perf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A tablet at the bench of one running job: says the usual thing to each step, and notes once it
 * cannot. Sends each entry until it is acknowledged, as the screen does.
 */
final class Tablet {
  private static final Duration PATIENCE = Duration.ofSeconds(10);
  private static final JsonMapper JSON = new JsonMapper();
  private final List<String> urls;
  private final String job;
  private final String name;
  private final String password;
  private final String device = "tablet " + UUID.randomUUID();
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http =
      HttpClient.newBuilder()
          // Asking for a newer one at each request costs tablet and server alike, and brings
          // nothing.
          .version(HttpClient.Version.HTTP_1_1)
          .cookieHandler(cookies)
          .connectTimeout(Duration.ofSeconds(2))
          .build();
  private int counter = 1;
  private int known;
  private int turn;
  private JsonNode state;

  /**
   * @param urls of the servers it may ask, one after the other
   */
  Tablet(List<String> urls, String job, String name, String password) {
    this.urls = urls;
    this.job = job;
    this.name = name;
    this.password = password;
  }

  /** What one sending came to; 0 where nobody answered. */
  record Answer(int status, JsonNode body) {}

  private String url() {
    return urls.get(turn % urls.size());
  }

  private Answer send(String method, String path, Object body) throws InterruptedException {
    return send(
        method,
        path,
        "application/json",
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
  }

  private Answer send(String method, String path, String type, HttpRequest.BodyPublisher body)
      throws InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url() + path)).timeout(PATIENCE);
    for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
      if (cookie.getName().equals("XSRF-TOKEN")) {
        request.header("X-XSRF-TOKEN", cookie.getValue());
      }
    }
    request.header("Content-Type", type).method(method, body);
    try {
      HttpResponse<String> answer =
          http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(
          answer.statusCode(), JSON.readTree(answer.body().isEmpty() ? "null" : answer.body()));
    } catch (IOException | RuntimeException e) {
      turn++;
      return new Answer(0, JSON.nullNode());
    }
  }

  /** Signs in and reads where the run stands; false where that did not go. */
  boolean open() throws InterruptedException {
    send("GET", "/api/session", null);
    if (send("POST", "/api/session", Map.of("name", name, "password", password)).status() != 200) {
      return false;
    }
    Answer run = send("GET", "/api/jobs/" + job + "/run", null);
    if (run.status() != 200) {
      return false;
    }
    state = run.body().path("state");
    known = state.path("entries").size();
    return true;
  }

  /** The next thing to say. */
  Map<String, Object> next(boolean noteOnly) {
    String kind = noteOnly ? "NOTE" : state.path("answers").path(0).path("kind").asString("NOTE");
    if (kind.equals("SECOND_LOOK") || kind.equals("SIGNED_OFF")) {
      kind = "NOTE";
    }
    Map<String, Object> said = new HashMap<>();
    said.put("kind", kind);
    if (List.of("NOTE", "MEASURED", "FOUND").contains(kind)) {
      said.put("reason", "12.5 mm, seen on the way");
    }
    if (kind.equals("SLOT_AHEAD")) {
      said.put("turnDeg", "4");
      said.put("nmPerDegree", "0.5");
    }
    if (kind.equals("FOUND")) {
      said.put("finding", "GOOD");
    }
    Map<String, Object> entry = new HashMap<>();
    entry.put("id", UUID.randomUUID().toString());
    entry.put("stepId", state.path("currentStep").asString("-"));
    if (state.has("nextFastener")) {
      entry.put("fastener", state.path("nextFastener").asInt());
    }
    entry.put("said", said);
    return entry;
  }

  /** Sends a photograph once. */
  Answer photograph(String id, byte[] jpeg) throws InterruptedException {
    return send(
        "PUT",
        "/api/jobs/"
            + job
            + "/photographs/"
            + id
            + "?step="
            + state.path("currentStep").asString("sign-off"),
        "image/jpeg",
        HttpRequest.BodyPublishers.ofByteArray(jpeg));
  }

  /** A picture of noise, JPEG, about as large as a telephone's made small. */
  static byte[] picture(int seed) {
    BufferedImage image = new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB);
    Random noise = new Random(seed);
    for (int y = 0; y < 480; y += 4) {
      for (int x = 0; x < 640; x += 4) {
        int colour = noise.nextInt();
        for (int i = 0; i < 16; i++) {
          image.setRGB(x + i % 4, y + i / 4, colour);
        }
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** Sends entries once, together. */
  Answer say(List<Map<String, Object>> said) throws InterruptedException {
    for (int i = 0; i < said.size(); i++) {
      said.get(i).put("counter", counter + i);
    }
    Answer answer =
        send(
            "POST",
            "/api/jobs/" + job + "/run/events",
            Map.of("device", device, "known", known, "events", said));
    if (answer.status() == 200) {
      counter += said.size();
      state = answer.body().path("state");
      known = answer.body().path("from").asInt() + state.path("entries").size();
    } else if (answer.body().has("expectedCounter")) {
      counter = answer.body().path("expectedCounter").asInt();
    }
    return answer;
  }
}
