package app.unimetric.perf;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** So many connections of one kind that dawdle; one that was cut off is opened anew. */
final class Dawdlers implements AutoCloseable {
  private static final long BETWEEN_BYTES_MS = 4000;
  private static final long BETWEEN_LOOKS_MS = 500;
  private static final int SMALL_WINDOW = 2048;
  private static final String JSON = "Content-Type: application/json\r\n";

  /** What each does at first; then one byte each four seconds, and nothing is read. */
  enum Kind {
    HEAD("GET /api/today HTTP/1.1\r\nHost: %s\r\nX-Slow: "),
    BODY_OF_A_CALL(call("/api/session", JSON, 60_000)),
    BODY_TO_A_PAGE(call("/", JSON, 60_000)),
    BODY_TOO_LONG(call("/api/compute/convert", JSON, 90_000)),
    FOREIGN_HOST(
        "POST /api/compute/convert HTTP/1.1\r\nHost: evil.example\r\n"
            + JSON
            + "Content-Length: 60000\r\n\r\n{"),
    SHEET_SIGNED_OUT(
        call(
            "/api/sheets?id=0&kind=VALUES&name=a",
            "Content-Type: application/octet-stream\r\n",
            900_000)),
    FORM(call("/api/session", "Content-Type: application/x-www-form-urlencoded\r\n", 60_000)),
    ENCODED_PATH(call("/%%61pi/compute/plan", JSON, 400_000_000)),
    IN_CHUNKS(
        "POST /api/compute/convert HTTP/1.1\r\nHost: %s\r\n"
            + JSON
            + "Transfer-Encoding: chunked\r\n\r\n5\r\n{"),
    READS_NOTHING("GET /v3/api-docs HTTP/1.1\r\nHost: %s\r\n\r\n".repeat(60)),
    CHOICES_READ_NEVER("GET /api/compute/choices HTTP/1.1\r\nHost: %s\r\n\r\n".repeat(60));

    private final String begin;

    Kind(String begin) {
      this.begin = begin;
    }

    private static String call(String path, String headers, int length) {
      return "POST "
          + path
          + " HTTP/1.1\r\nHost: %s\r\n"
          + headers
          + "Content-Length: "
          + length
          + "\r\n\r\n{";
    }
  }

  private final URI url;
  private final Kind kind;
  private final int many;
  private final List<Socket> open = new ArrayList<>();
  private final Thread thread = new Thread(this::dawdle, "dawdlers");
  private volatile boolean ended;
  private int opened;

  Dawdlers(URI url, Kind kind, int many) {
    this.url = url;
    this.kind = kind;
    this.many = many;
    thread.setDaemon(true);
    thread.start();
  }

  /** How many were opened in all: each that was cut off comes again. */
  int opened() {
    return opened;
  }

  private void dawdle() {
    long next = System.nanoTime();
    try {
      while (!ended) {
        while (open.size() < many && !ended) {
          Socket socket = begun();
          if (socket == null) {
            break;
          }
          open.add(socket);
          opened++;
        }
        if (System.nanoTime() >= next) {
          next = System.nanoTime() + BETWEEN_BYTES_MS * 1_000_000;
          open.removeIf(socket -> !says(socket));
        }
        Thread.sleep(BETWEEN_LOOKS_MS);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private Socket begun() {
    try {
      Socket socket = new Socket();
      socket.setReceiveBufferSize(SMALL_WINDOW);
      socket.connect(new InetSocketAddress(url.getHost(), url.getPort()), 1000);
      socket
          .getOutputStream()
          .write(kind.begin.formatted(hosts()).getBytes(StandardCharsets.US_ASCII));
      return socket;
    } catch (IOException e) {
      return null;
    }
  }

  private Object[] hosts() {
    Object[] hosts = new Object[60];
    java.util.Arrays.fill(hosts, url.getAuthority());
    return hosts;
  }

  private static boolean says(Socket socket) {
    try {
      socket.getOutputStream().write('a');
      return true;
    } catch (IOException e) {
      return false;
    }
  }

  @Override
  public void close() throws InterruptedException, IOException {
    ended = true;
    thread.interrupt();
    thread.join();
    for (Socket socket : open) {
      socket.close();
    }
  }
}
