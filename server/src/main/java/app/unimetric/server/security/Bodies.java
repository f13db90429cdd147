package app.unimetric.server.security;

import app.unimetric.server.gate.Bounds;
import app.unimetric.server.gate.Wire;
import app.unimetric.server.problem.BodyTooLarge;
import app.unimetric.server.problem.ProblemWriter;
import jakarta.annotation.PreDestroy;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.util.FastByteArrayOutputStream;

/**
 * Bodies that are still on their way wait without a thread: however many senders dawdle, those who
 * work here are answered. A body has ten seconds, and more only while it keeps coming.
 */
@Component
class Bodies {
  private static final Logger LOG = LoggerFactory.getLogger(Bodies.class);
  private static final long FIRST_LOOK_MILLIS = 10_000;
  private static final long NEXT_LOOK_MILLIS = 5_000;

  /** Slower than this a sender is not waited for. */
  private static final long LEAST_BYTES_A_SECOND = 16 * 1024;

  private static final int BUFFER = 16 * 1024;
  static final String TOO_SLOW =
      "The request did not come through in time; look at the connection and try again.";
  private static final String TOO_MANY = "Too much is on its way here; try again in a moment.";

  private static final int SMALL_BYTES = 8 * 1024;

  private final ProblemWriter problems;
  private final AtomicLong waiting = new AtomicLong();
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "slow-bodies");
            thread.setDaemon(true);
            return thread;
          });

  Bodies(ProblemWriter problems) {
    this.problems = problems;
  }

  @PreDestroy
  void end() {
    clock.shutdownNow();
  }

  /** Goes on with a request once its body is here. */
  interface Next {
    void go(AsyncContext request, HttpServletResponse response, long bytes);
  }

  /**
   * A small body that is here already is read at once; everybody else is waited for without a
   * thread.
   *
   * @return null where it is to be waited for
   */
  @Nullable ReadBody readNow(HttpServletRequest request) throws IOException {
    long length = request.getContentLengthLong();
    ServletInputStream in = request.getInputStream();
    if (length <= 0 || length > SMALL_BYTES || in.available() < length) {
      return null;
    }
    ReadBody whole = new ReadBody(request);
    whole.is(new ByteArrayInputStream(in.readNBytes((int) length)));
    Wire.hasAll(request);
    return whole;
  }

  /**
   * Waits for a body without holding a thread.
   *
   * @param most bytes it may have
   */
  void read(HttpServletRequest request, HttpServletResponse response, int most, Next next)
      throws IOException {
    ReadBody whole = new ReadBody(request);
    AsyncContext waited = request.startAsync(whole, response);
    waited.setTimeout(0);
    Reading reading = new Reading(whole, waited, response, most, next);
    waited.addListener(reading);
    reading.look(FIRST_LOOK_MILLIS);
    request.getInputStream().setReadListener(reading);
  }

  private final class Reading implements ReadListener, AsyncListener {
    private final ReadBody whole;
    private final AsyncContext waited;
    private final HttpServletResponse response;
    private final ServletInputStream in;
    private final int most;
    private final Next next;
    private final FastByteArrayOutputStream body = new FastByteArrayOutputStream(BUFFER);
    private final byte[] buffer = new byte[BUFFER];
    private final AtomicBoolean over = new AtomicBoolean();
    private final long began = System.nanoTime();
    private volatile long got;
    private volatile @Nullable ScheduledFuture<?> looking;

    Reading(ReadBody whole, AsyncContext waited, HttpServletResponse response, int most, Next next)
        throws IOException {
      this.whole = whole;
      this.waited = waited;
      this.response = response;
      this.in = whole.getRequest().getInputStream();
      this.most = most;
      this.next = next;
    }

    void look(long afterMillis) {
      looking = clock.schedule(this::lookAgain, afterMillis, TimeUnit.MILLISECONDS);
    }

    private void lookAgain() {
      long seconds = Math.max(1, TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - began));
      if (got / seconds < LEAST_BYTES_A_SECOND) {
        refuse(HttpStatus.REQUEST_TIMEOUT, TOO_SLOW);
      } else {
        look(NEXT_LOOK_MILLIS);
      }
    }

    @Override
    public void onDataAvailable() throws IOException {
      while (!over.get() && in.isReady() && !in.isFinished()) {
        int n = in.read(buffer);
        if (n < 0) {
          return;
        }
        got += n;
        body.write(buffer, 0, n);
        if (got > most) {
          refuse(HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.MESSAGE);
        } else if (waiting.addAndGet(n) > Bounds.BODIES_BYTES) {
          response.setHeader(HttpHeaders.RETRY_AFTER, "5");
          refuse(HttpStatus.SERVICE_UNAVAILABLE, TOO_MANY);
        }
      }
    }

    @Override
    public void onAllDataRead() {
      if (over.compareAndSet(false, true)) {
        stopLooking();
        whole.is(body.getInputStream());
        Wire.hasAll(whole);
        next.go(waited, response, got);
      }
    }

    /** Said once; the rest of the body is not read, so the connection ends with the answer. */
    private void refuse(HttpStatus status, String words) {
      if (!over.compareAndSet(false, true)) {
        return;
      }
      stopLooking();
      try {
        problems.write(response, status, words);
      } catch (IOException e) {
        LOG.debug("Nobody is left to read the answer: {}", e.toString());
      } finally {
        Wire.readNoMore(whole);
        waited.complete();
      }
    }

    private void stopLooking() {
      ScheduledFuture<?> task = looking;
      if (task != null) {
        task.cancel(false);
      }
    }

    @Override
    public void onError(Throwable e) {
      if (over.compareAndSet(false, true)) {
        stopLooking();
        waited.complete();
      }
    }

    @Override
    public void onComplete(AsyncEvent event) {
      stopLooking();
      waiting.addAndGet(-got);
    }

    @Override
    public void onTimeout(AsyncEvent event) {
      refuse(HttpStatus.REQUEST_TIMEOUT, TOO_SLOW);
    }

    @Override
    public void onError(AsyncEvent event) {
      stopLooking();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // Whoever starts anew behind this has a listener of its own.
    }
  }
}
