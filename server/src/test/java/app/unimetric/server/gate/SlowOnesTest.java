package app.unimetric.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whoever sends or reads slowly, on whatever path, keeps nobody from being answered. */
@InWorkshop
class SlowOnesTest {
  /** More than the web server has threads. */
  private static final int DAWDLERS = 260;

  private static final String HOST = " HTTP/1.1\r\nHost: localhost\r\n";
  private static final String JSON = "Content-Type: application/json\r\n";
  private final Workshop workshop;

  SlowOnesTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private Socket begun(String head) throws IOException {
    URI url = URI.create(workshop.url());
    Socket socket = new Socket();
    socket.setReceiveBufferSize(2048);
    socket.connect(new InetSocketAddress(url.getHost(), url.getPort()));
    socket.setSoTimeout(30_000);
    OutputStream out = socket.getOutputStream();
    out.write(head.getBytes(StandardCharsets.US_ASCII));
    out.flush();
    return socket;
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "POST /" + HOST + JSON + "Content-Length: 50000\r\n\r\n{",
        "POST /api/compute/torque/convert" + HOST + JSON + "Content-Length: 90000\r\n\r\n{",
        "POST /api/compute/torque/convert HTTP/1.1\r\nHost: evil.example\r\n"
            + JSON
            + "Content-Length: 5000\r\n\r\n{",
        "POST /api/sheets?id=1&kind=VALUES&name=a"
            + HOST
            + "Content-Type: application/octet-stream\r\nContent-Length: 900000\r\n\r\nx",
        "PUT /api/session"
            + HOST
            + "Content-Type: application/x-www-form-urlencoded\r\nContent-Length: 5000\r\n\r\na",
        "POST /api/today" + HOST + JSON + "Transfer-Encoding: chunked\r\n\r\n5\r\n{",
        "POST /%2561pi/today" + HOST + JSON + "Content-Length: 5000\r\n\r\n{",
        "POST /api%2ftoday" + HOST + JSON + "Content-Length: 5000\r\n\r\n{",
        "GET /v3/api-docs" + HOST + "Content-Length: 5000\r\n\r\n{"
      })
  void soManyThatDawdleHoldNobodyUp(String head) throws IOException {
    List<Socket> sockets = new ArrayList<>();
    try {
      for (int i = 0; i < DAWDLERS; i++) {
        sockets.add(begun(head));
      }
      Visitor bram = Visitor.signedIn(workshop, "Bram");
      assertThat(bram.get("/api/today").status()).isEqualTo(200);
      assertThat(bram.get("/").status()).isEqualTo(200);
    } finally {
      for (Socket socket : sockets) {
        socket.close();
      }
    }
  }

  /** The answer is seen although its request is never finished, and the connection ends. */
  @Test
  void whatIsRefusedBeforeItsBodyCameIsAnsweredAndTheConnectionEnds() throws IOException {
    try (Socket socket =
        begun("POST /" + HOST + JSON + "Content-Length: 50000\r\n\r\n{\"half\":")) {
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(answer).startsWith("HTTP/1.1 405").contains("Connection: close");
      assertThat(answer).contains("does not take that kind of request");
    }
  }

  /** Somebody who sends on and on is cut off after little more than 64 kB. */
  @Test
  void aBodyThatIsThrownAwayIsNotReadToItsEnd() throws IOException {
    try (Socket socket =
        begun("POST /api/today" + HOST + JSON + "Content-Length: 2000000000\r\n\r\n")) {
      long sent = 0;
      try {
        OutputStream out = socket.getOutputStream();
        byte[] piece = new byte[64 * 1024];
        while (sent < 200_000_000L) {
          out.write(piece);
          sent += piece.length;
        }
      } catch (SocketException cutOff) {
        assertThat(cutOff).isNotNull();
      }
      assertThat(sent).isLessThan(20_000_000L);
    }
  }

  @Test
  void aHeadThatNeverEndsIsCutOff() throws IOException {
    try (Socket socket = begun("GET /api/session" + HOST + "X-Slow: ")) {
      socket.setSoTimeout(700);
      long began = System.nanoTime();
      InputStream in = socket.getInputStream();
      boolean ended = false;
      while (!ended && System.nanoTime() - began < Duration.ofSeconds(40).toNanos()) {
        try {
          socket.getOutputStream().write('a');
          ended = in.read() < 0;
        } catch (java.net.SocketTimeoutException stillOpen) {
          assertThat(stillOpen).isNotNull();
        } catch (SocketException reset) {
          ended = true;
        }
      }
      assertThat(ended).isTrue();
      assertThat(Duration.ofNanos(System.nanoTime() - began))
          .isGreaterThan(TimedHeaders.LONGEST.minusSeconds(1));
    }
  }

  @Test
  void whoDoesNotReadHoldsNobodyUpWhoIsSignedIn() throws IOException {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    assertThat(bram.get("/api/today").status()).isEqualTo(200);
    List<Socket> sockets = new ArrayList<>();
    try {
      String asks = ("GET /v3/api-docs" + HOST + "\r\n").repeat(60);
      for (int i = 0; i < DAWDLERS; i++) {
        sockets.add(begun(asks));
      }
      assertThat(bram.get("/api/today").status()).isEqualTo(200);
      assertThat(bram.get("/api/machines").status()).isEqualTo(200);
    } finally {
      for (Socket socket : sockets) {
        socket.close();
      }
    }
  }

  @Test
  void aReaderMustKeepUpOnceItHadTenSeconds() {
    long tenSeconds = LeastRate.FREE_NANOS;
    assertThat(LeastRate.isTooSlow(0, tenSeconds)).isFalse();
    assertThat(LeastRate.isTooSlow(40_959, tenSeconds + 1)).isTrue();
    assertThat(LeastRate.isTooSlow(40_960, tenSeconds + 1)).isFalse();
    assertThat(LeastRate.isTooSlow(81_919, 2 * tenSeconds)).isTrue();
  }
}
