package app.unimetric.perf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Small things that would be large once they are read: {@code Bombs URL EACH JOB STEP}. Sends so
 * many of each of ten kinds, signed in as a lead, and after each asks for the next thing; prints
 * the slowest answer to that. For a server of one's own on loopback.
 */
public final class Bombs {
  private static final int PACKED = 900_000_000;
  private static final Duration PATIENCE = Duration.ofSeconds(60);
  private final String url;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http =
      HttpClient.newBuilder()
          .version(HttpClient.Version.HTTP_1_1)
          .cookieHandler(cookies)
          .connectTimeout(Duration.ofSeconds(2))
          .build();

  private Bombs(String url) {
    this.url = url;
  }

  /** One bomb: how it is sent. */
  private record Bomb(String method, String path, String type, String encoding, byte[] body) {}

  public static void main(String[] args) throws IOException, InterruptedException {
    Bombs bombs = new Bombs(args[0]);
    bombs.signIn();
    Map<String, Bomb> kinds = kinds(args[2], args[3]);
    double slowest = 0;
    int thrown = 0;
    for (Map.Entry<String, Bomb> kind : kinds.entrySet()) {
      double worst = 0;
      int status = 0;
      for (int i = 0; i < Integer.parseInt(args[1]); i++) {
        status = bombs.send(kind.getValue());
        thrown++;
        long from = System.nanoTime();
        int next = bombs.next();
        worst = Math.max(worst, (System.nanoTime() - from) / 1e6);
        if (next != 200) {
          throw new IllegalStateException(
              kind.getKey() + ": the next request was answered " + next);
        }
      }
      slowest = Math.max(slowest, worst);
      System.out.printf(
          "%-28s %9d bytes, answered %d, next request after %4.0f ms%n",
          kind.getKey(), kind.getValue().body().length, status, worst);
    }
    System.out.printf("%d bombs; the slowest next answer took %.0f ms%n", thrown, slowest);
  }

  private static Map<String, Bomb> kinds(String job, String step) throws IOException {
    Map<String, Bomb> kinds = new LinkedHashMap<>();
    for (String chunk : new String[] {"zTXt", "iTXt", "iCCP"}) {
      kinds.put(
          "picture, " + chunk,
          new Bomb(
              "PUT",
              "/api/jobs/" + job + "/photographs/%s?step=" + step,
              "image/png",
              "",
              png(chunk)));
    }
    kinds.put("JSON, deep", json("/api/compute/plan", "{\"pack\":{\"a\":" + "[".repeat(900_000)));
    kinds.put(
        "JSON, many", json("/api/compute/plan", "{\"pack\":{\"a\":[" + "[],".repeat(600_000)));
    kinds.put("JSON, many in a pack", json("/api/packs", "{\"a\":[" + "{},".repeat(600_000)));
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
      fill(zip, 60_000_000, (byte) 0);
    }
    kinds.put(
        "body, gzip",
        new Bomb("POST", "/api/compute/convert", "application/json", "gzip", packed.toByteArray()));
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(whole)) {
      zip.putNextEntry(new ZipEntry("machines.csv"));
      fill(zip, PACKED, (byte) '\n');
    }
    kinds.put(
        "zip",
        new Bomb(
            "POST",
            "/api/workshop/everything",
            "application/octet-stream",
            "",
            whole.toByteArray()));
    byte[] line = new byte[24_000_000];
    Arrays.fill(line, (byte) 'x');
    kinds.put(
        "sheet of one endless line",
        new Bomb(
            "POST",
            "/api/sheets?kind=VALUES&name=a.csv&id=%s",
            "application/octet-stream",
            "",
            line));
    kinds.put(
        "form in parts within parts",
        new Bomb(
            "POST",
            "/api/packs",
            "multipart/form-data; boundary=a",
            "",
            "--a\r\nContent-Type: multipart/mixed; boundary=a\r\n\r\n"
                .repeat(20_000)
                .getBytes(StandardCharsets.US_ASCII)));
    return kinds;
  }

  private static Bomb json(String path, String text) {
    return new Bomb("POST", path, "application/json", "", text.getBytes(StandardCharsets.UTF_8));
  }

  private static byte[] png(String type) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    out.writeBytes(
        chunk("IHDR", ByteBuffer.allocate(13).putInt(8).putInt(8).put((byte) 8).array()));
    ByteArrayOutputStream text = new ByteArrayOutputStream();
    text.writeBytes(
        (type.equals("iTXt") ? "k\0\1\0\0\0" : "k\0\0").getBytes(StandardCharsets.US_ASCII));
    try (DeflaterOutputStream zip = new DeflaterOutputStream(text)) {
      fill(zip, PACKED, (byte) 0);
    }
    out.writeBytes(chunk(type, text.toByteArray()));
    ByteArrayOutputStream rows = new ByteArrayOutputStream();
    try (DeflaterOutputStream zip = new DeflaterOutputStream(rows)) {
      zip.write(new byte[72]);
    }
    out.writeBytes(chunk("IDAT", rows.toByteArray()));
    out.writeBytes(chunk("IEND", new byte[0]));
    return out.toByteArray();
  }

  private static byte[] chunk(String type, byte[] data) {
    byte[] name = type.getBytes(StandardCharsets.US_ASCII);
    CRC32 sum = new CRC32();
    sum.update(name);
    sum.update(data);
    return ByteBuffer.allocate(12 + data.length)
        .putInt(data.length)
        .put(name)
        .put(data)
        .putInt((int) sum.getValue())
        .array();
  }

  private static void fill(java.io.OutputStream out, int bytes, byte with) throws IOException {
    byte[] piece = new byte[1 << 20];
    Arrays.fill(piece, with);
    for (int done = 0; done < bytes; done += piece.length) {
      out.write(piece);
    }
  }

  private String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("none");
  }

  private void signIn() throws IOException, InterruptedException {
    next();
    int status =
        send(
            new Bomb(
                "POST",
                "/api/session",
                "application/json",
                "",
                "{\"name\":\"Asta\",\"password\":\"depot-asta\"}"
                    .getBytes(StandardCharsets.UTF_8)));
    if (status != 200) {
      throw new IllegalStateException("nobody could sign in: " + status);
    }
  }

  private int send(Bomb bomb) throws InterruptedException {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(url + bomb.path().formatted(UUID.randomUUID())))
            .timeout(PATIENCE)
            .header("Content-Type", bomb.type())
            .header("X-XSRF-TOKEN", token())
            .method(bomb.method(), HttpRequest.BodyPublishers.ofByteArray(bomb.body()));
    if (!bomb.encoding().isEmpty()) {
      request.header("Content-Encoding", bomb.encoding());
    }
    try {
      return http.send(request.build(), HttpResponse.BodyHandlers.ofString()).statusCode();
    } catch (IOException cutOff) {
      // What is refused before it is read may end the connection while it is still sent.
      return 0;
    }
  }

  private int next() throws IOException, InterruptedException {
    return http.send(
            HttpRequest.newBuilder(URI.create(url + "/api/session")).timeout(PATIENCE).build(),
            HttpResponse.BodyHandlers.ofString())
        .statusCode();
  }
}
