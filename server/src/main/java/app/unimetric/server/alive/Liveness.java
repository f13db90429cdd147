package app.unimetric.server.alive;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Says one word to whoever connects on this machine. It has a port and a thread of its own, reads
 * nothing and asks no database, so that neither a crowd of requests nor a slow database makes a
 * living server look dead.
 */
@Component
class Liveness implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Liveness.class);
  private static final byte[] ALIVE = "alive\n".getBytes(StandardCharsets.US_ASCII);
  private static final byte[] ILL = "ill\n".getBytes(StandardCharsets.US_ASCII);
  private static final int WAITING = 16;
  private final int port;
  private @Nullable ServerSocket door;

  /**
   * @param port 0 where nobody keeps this server
   */
  Liveness(@Value("${unimetric.alive-port:0}") int port) {
    this.port = port;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() throws IOException {
    if (port > 0) {
      ServerSocket opened = new ServerSocket(port, WAITING, InetAddress.getLoopbackAddress());
      door = opened;
      Pulse pulse = new Pulse(Pulse.ofTheWebServer());
      Thread thread = new Thread(() -> tell(opened, pulse), "alive");
      thread.setDaemon(true);
      thread.setPriority(Thread.MAX_PRIORITY);
      thread.start();
    }
  }

  private static void tell(ServerSocket door, Pulse pulse) {
    while (!door.isClosed()) {
      try (Socket whoAsks = door.accept()) {
        whoAsks.getOutputStream().write(pulse.beats() ? ALIVE : ILL);
      } catch (IOException e) {
        LOG.debug("Nobody is left to be told: {}", e.toString());
      }
    }
  }

  @Override
  public void destroy() throws IOException {
    if (door != null) {
      door.close();
    }
  }
}
