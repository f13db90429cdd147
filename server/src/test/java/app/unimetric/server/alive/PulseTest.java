package app.unimetric.server.alive;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A server lives while its threads that take connections do and its memory is not choked. */
@InWorkshop
class PulseTest {
  private final Workshop workshop;

  PulseTest(Workshop workshop) {
    this.workshop = workshop;
  }

  @ParameterizedTest
  @CsvSource({
    "900, 1000, false",
    "901, 1000, true",
    "2700, 3000, false",
    "2701, 3000, true",
    "999, 999, false"
  })
  void clearingUpMoreThanNineTenthsOfTheTimeIsNoLife(long cleared, long passed, boolean busy) {
    assertThat(Pulse.isBusyClearing(cleared, passed)).isEqualTo(busy);
  }

  @Test
  void withoutAThreadThatTakesConnectionsItDoesNotLive() throws InterruptedException {
    assertThat(Pulse.ofTheWebServer()).hasSizeGreaterThanOrEqualTo(2);
    assertThat(new Pulse(Pulse.ofTheWebServer()).beats()).isTrue();
    Thread gone = new Thread(() -> {});
    gone.start();
    gone.join();
    assertThat(new Pulse(List.of(gone)).beats()).isFalse();
  }

  @Test
  void oneWordIsSaidToWhoeverConnectsWithTheDatabaseAwayToo() throws IOException {
    int port;
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
    try (Workshop second = workshop.another(Map.of("unimetric.alive-port", String.valueOf(port)))) {
      assertThat(second.url()).isNotEmpty();
      assertThat(said(port)).isEqualTo("alive\n");
      workshop.stopPostgres();
      try {
        for (int i = 0; i < 20; i++) {
          assertThat(said(port)).isEqualTo("alive\n");
        }
      } finally {
        workshop.startPostgres();
      }
    }
  }

  @AfterEach
  void forgetDeadConnections() {
    workshop.forgetDeadConnections();
  }

  private static String said(int port) throws IOException {
    try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
      socket.setSoTimeout(5000);
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.US_ASCII);
    }
  }
}
