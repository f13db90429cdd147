package app.unimetric.server.gate;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;

/**
 * An answer whose reader has to keep up: counted is only the time spent waiting for the reader, so
 * that a slow server cuts nobody. Streams of events have no end and are exempt; their heartbeat
 * tells whether somebody still listens.
 */
final class LeastRate extends HttpServletResponseWrapper {
  static final long LEAST_BYTES_A_SECOND = 4 * 1024;
  static final long FREE_NANOS = TimeUnit.SECONDS.toNanos(10);
  private static final int PIECE = 16 * 1024;
  private final HttpServletRequest request;
  private @Nullable ServletOutputStream out;

  LeastRate(HttpServletRequest request, HttpServletResponse response) {
    super(response);
    this.request = request;
  }

  @Override
  public ServletOutputStream getOutputStream() throws IOException {
    if (out == null) {
      out = new Paced(super.getOutputStream());
    }
    return out;
  }

  @Override
  public void reset() {
    out = null;
    super.reset();
  }

  /** Whether a reader took too long for what it took. */
  static boolean isTooSlow(long bytes, long waitedNanos) {
    return waitedNanos > FREE_NANOS
        && bytes < LEAST_BYTES_A_SECOND * TimeUnit.NANOSECONDS.toSeconds(waitedNanos);
  }

  private boolean isStream() {
    String type = getContentType();
    return type != null && type.startsWith(MediaType.TEXT_EVENT_STREAM_VALUE);
  }

  private final class Paced extends ServletOutputStream {
    private final ServletOutputStream to;
    private long bytes;
    private long waitedNanos;

    Paced(ServletOutputStream to) {
      this.to = to;
    }

    @Override
    public void write(int b) throws IOException {
      to.write(b);
      bytes++;
    }

    @Override
    public void write(byte[] b, int from, int length) throws IOException {
      for (int done = 0; done < length; done += PIECE) {
        int piece = Math.min(PIECE, length - done);
        long before = System.nanoTime();
        to.write(b, from + done, piece);
        waitedNanos += System.nanoTime() - before;
        bytes += piece;
        if (isTooSlow(bytes, waitedNanos) && !isStream()) {
          Wire.hangUp(request);
          throw new IOException("The reader of this answer did not keep up");
        }
      }
    }

    @Override
    public void flush() throws IOException {
      to.flush();
    }

    @Override
    public void close() throws IOException {
      to.close();
    }

    @Override
    public boolean isReady() {
      return to.isReady();
    }

    @Override
    public void setWriteListener(WriteListener listener) {
      to.setWriteListener(listener);
    }
  }
}
