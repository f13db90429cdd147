package app.unimetric.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Those who dawdle keep nobody who works here from being answered. */
@InWorkshop
class SlowBodiesTest {
  /** More than the web server has threads. */
  private static final int DAWDLERS = 400;

  private final Workshop workshop;

  SlowBodiesTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private Socket dawdler(String head) throws IOException {
    URI url = URI.create(workshop.url());
    Socket socket = new Socket(url.getHost(), url.getPort());
    socket.setSoTimeout(30_000);
    OutputStream out = socket.getOutputStream();
    out.write(head.getBytes(StandardCharsets.US_ASCII));
    out.flush();
    return socket;
  }

  private static String withBody(String path) {
    return "POST "
        + path
        + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{";
  }

  @Test
  void whoeverSendsOneByteAndWaitsHoldsNoThreadAndIsToldToGo() throws IOException {
    List<Socket> sockets = new ArrayList<>();
    try {
      for (int i = 0; i < DAWDLERS; i++) {
        sockets.add(
            dawdler(
                switch (i % 3) {
                  case 0 -> withBody("/api/compute/torque/convert");
                  case 1 -> withBody("/api/session");
                  default -> "POST /api/session HTTP/1.1\r\nHost: localhost\r\nX-Slow: ";
                }));
      }
      Visitor bram = Visitor.signedIn(workshop, "Bram");
      assertThat(bram.get("/api/today").status()).isEqualTo(200);
      assertThat(
              bram.post("/api/session", Map.of("name", "Bram", "password", "depot-bram")).status())
          .isEqualTo(200);
      assertThat(bram.get("/actuator/health").status()).isEqualTo(200);
      try (BufferedReader answer =
          new BufferedReader(
              new InputStreamReader(sockets.get(0).getInputStream(), StandardCharsets.UTF_8))) {
        assertThat(answer.readLine()).startsWith("HTTP/1.1 408");
        assertThat(answer.lines().toList())
            .anySatisfy(l -> assertThat(l).contains("did not come through in time"));
      }
    } finally {
      for (Socket socket : sockets) {
        socket.close();
      }
    }
  }

  @Test
  void aBodyInPiecesIsOneBody() throws IOException {
    String json = "{\"value\":12,\"unit\":\"N.m\"}";
    try (Socket socket =
        dawdler(
            "POST /api/compute/torque/convert HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n"
                + "Content-Type: application/json\r\nContent-Length: "
                + json.length()
                + "\r\n\r\n")) {
      for (byte b : json.getBytes(StandardCharsets.US_ASCII)) {
        socket.getOutputStream().write(b);
        socket.getOutputStream().flush();
      }
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(answer).startsWith("HTTP/1.1 ").doesNotStartWith("HTTP/1.1 5").contains("{");
    }
  }

  @Test
  void underAnotherNameNobodyIsAnswered() throws IOException {
    for (String path : List.of("/", "/api/session")) {
      try (Socket socket =
          dawdler("GET " + path + " HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n")) {
        String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(answer).startsWith("HTTP/1.1 400").contains("not called so");
      }
    }
  }

  @Test
  void whatTheWebServerItselfRefusesIsAProblemLikeAllOthers() throws IOException {
    for (String line : List.of("GET /api/a%zz HTTP/1.1", "GET /api/[x] HTTP/1.1")) {
      try (Socket socket = dawdler(line + "\r\nHost: localhost\r\nConnection: close\r\n\r\n")) {
        String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(answer).startsWith("HTTP/1.1 400");
        assertThat(answer).contains("application/problem+json").contains("\"status\":400");
        assertThat(answer).doesNotContain("<html");
      }
    }
  }

  @Test
  void whatCannotBeReadAtAllIsNoFaultOfTheServer() {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    assertThat(bram.get("/api/machines?q=%00%ff").status()).isEqualTo(400);
    assertThat(
            bram.send(
                    HttpRequest.newBuilder(URI.create(workshop.url() + "/api/session"))
                        .header("Content-Type", "*/*")
                        .header("X-XSRF-TOKEN", bram.token())
                        .POST(HttpRequest.BodyPublishers.ofString("{}")))
                .status())
        .isEqualTo(415);
  }
}
