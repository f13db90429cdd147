package app.unimetric.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Workshop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** When a connection goes on, when it ends, and what a browser is told about how to come again. */
@InWorkshop
class WireTest {
  private final Workshop workshop;

  WireTest(Workshop workshop) {
    this.workshop = workshop;
  }

  @Test
  void aConnectionGoesOnAsLongAsItsBodiesAreRead() throws IOException {
    String json = "{\"value\":12,\"unit\":\"N.m\"}";
    String call =
        "POST /api/compute/torque/convert HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: "
            + json.length()
            + "\r\n\r\n"
            + json;
    URI url = URI.create(workshop.url());
    try (Socket socket = new Socket(url.getHost(), url.getPort());
        BufferedReader in =
            new BufferedReader(
                new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
      socket.setSoTimeout(20_000);
      for (int i = 0; i < 3; i++) {
        socket.getOutputStream().write(call.getBytes(StandardCharsets.US_ASCII));
        String line = in.readLine();
        assertThat(line).as("call %s", i).startsWith("HTTP/1.1 ");
        int length = 0;
        while (!line.isEmpty()) {
          assertThat(line.toLowerCase(java.util.Locale.ROOT)).isNotEqualTo("connection: close");
          if (line.startsWith("Content-Length: ")) {
            length = Integer.parseInt(line.substring(16));
          }
          if (line.startsWith("Transfer-Encoding")) {
            length = -1;
          }
          line = in.readLine();
        }
        if (length < 0) {
          length = Integer.parseInt(in.readLine(), 16) + 7;
        }
        for (int left = length; left > 0; left--) {
          in.read();
        }
      }
    }
  }

  @Test
  void behindAProxyThatEndsHttpsCookiesGoByHttpsOnly() throws IOException {
    try (Workshop second =
        workshop.another(Map.of("unimetric.public-url", "https://workshop.lan"))) {
      URI url = URI.create(second.url());
      try (Socket socket = new Socket(url.getHost(), url.getPort())) {
        socket
            .getOutputStream()
            .write(
                "GET /api/session HTTP/1.1\r\nHost: workshop.lan\r\nConnection: close\r\n\r\n"
                    .getBytes(StandardCharsets.US_ASCII));
        String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(answer)
            .startsWith("HTTP/1.1 200")
            .contains("Strict-Transport-Security: max-age");
        assertThat(answer.lines().filter(l -> l.startsWith("Set-Cookie")))
            .isNotEmpty()
            .allSatisfy(l -> assertThat(l).contains("Secure"));
      }
    }
    try (Socket socket =
        new Socket(URI.create(workshop.url()).getHost(), URI.create(workshop.url()).getPort())) {
      socket
          .getOutputStream()
          .write(
              "GET /api/session HTTP/1.1\r\nHost: localhost\r\nX-Forwarded-Proto: https\r\nConnection: close\r\n\r\n"
                  .getBytes(StandardCharsets.US_ASCII));
      assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
          .as("a header anybody can write tells nothing")
          .doesNotContain("Secure")
          .doesNotContain("Strict-Transport-Security");
    }
  }
}
