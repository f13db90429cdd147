package app.unimetric.server.gate;

import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.apache.coyote.Constants;
import org.apache.coyote.Processor;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.SocketWrapperBase;
import org.jspecify.annotations.Nullable;

/**
 * The web server's own protocol, which also bounds the whole time the head of a request may take:
 * its time limits alone count from one byte to the next.
 */
public final class TimedHeaders extends Http11NioProtocol {
  static final Duration LONGEST = Duration.ofSeconds(15);
  private static final long LOOK_MILLIS = 1000;
  private @Nullable ScheduledExecutorService looks;

  @Override
  public void start() throws Exception {
    super.start();
    looks =
        Executors.newSingleThreadScheduledExecutor(
            task -> {
              Thread thread = new Thread(task, "timed-headers");
              thread.setDaemon(true);
              return thread;
            });
    looks.scheduleWithFixedDelay(this::look, LOOK_MILLIS, LOOK_MILLIS, TimeUnit.MILLISECONDS);
  }

  @Override
  public void stop() throws Exception {
    if (looks != null) {
      looks.shutdownNow();
    }
    super.stop();
  }

  private void look() {
    long now = System.nanoTime();
    for (SocketWrapperBase<NioChannel> connection : getEndpoint().getConnections()) {
      if (connection.getCurrentProcessor() instanceof Processor processor
          && isTooLate(processor, now)) {
        connection.close();
      }
    }
  }

  private static boolean isTooLate(Processor processor, long now) {
    // What stands with a connection while no thread works on it is a head half read, or waits.
    org.apache.coyote.Request request = processor.getRequest();
    if (request == null || processor.isAsync() || processor.isUpgrade()) {
      return false;
    }
    int stage = request.getRequestProcessor().getStage();
    long began = request.getStartTimeNanos();
    return (stage == Constants.STAGE_PARSE || stage == Constants.STAGE_ENDED)
        && began >= 0
        && now - began > LONGEST.toNanos();
  }
}
