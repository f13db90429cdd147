package app.unimetric.server.gate;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicBoolean;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.http.HttpHeaders;

/**
 * Whatever is answered before its body was read: the answer goes out, the body is read on without a
 * thread for a second or 64 kB, so that the sender gets to see the answer, and the connection ends.
 */
final class UnreadBody extends ValveBase {
  static final int MOST_BYTES = 64 * 1024;
  static final int LONGEST_MILLIS = 1000;
  private static final int BUFFER = 8 * 1024;

  UnreadBody() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    if (!request.getCoyoteRequest().isFinished()) {
      // Taken back as soon as the body is here.
      response.setHeader(HttpHeaders.CONNECTION, "close");
    }
    getNext().invoke(request, response);
    if (!request.isAsync() && !request.getCoyoteRequest().isFinished()) {
      response.finishResponse();
      linger(request);
    }
  }

  private static void linger(Request request) {
    try {
      if (request.getContext() != null && request.isAsyncSupported()) {
        ServletInputStream in = request.getInputStream();
        AsyncContext waited = request.startAsync();
        waited.setTimeout(LONGEST_MILLIS);
        Rest rest = new Rest(request, waited, in);
        waited.addListener(rest);
        in.setReadListener(rest);
        return;
      }
    } catch (IllegalStateException e) {
      // It was read in another way, or its sender has gone: nothing to wait for.
    } catch (IOException e) {
      // Likewise.
    }
    Wire.readNoMore(request);
  }

  /** What is still coming. */
  private static final class Rest implements ReadListener, AsyncListener {
    private final Request request;
    private final AsyncContext waited;
    private final ServletInputStream in;
    private final byte[] buffer = new byte[BUFFER];
    private final AtomicBoolean over = new AtomicBoolean();
    private int bytes;

    Rest(Request request, AsyncContext waited, ServletInputStream in) {
      this.request = request;
      this.waited = waited;
      this.in = in;
    }

    @Override
    public void onDataAvailable() throws IOException {
      while (!over.get() && in.isReady() && !in.isFinished()) {
        int n = in.read(buffer);
        bytes += Math.max(n, 0);
        if (n < 0 || bytes >= MOST_BYTES) {
          end();
        }
      }
    }

    @Override
    public void onAllDataRead() {
      end();
    }

    @Override
    public void onError(Throwable e) {
      end();
    }

    @Override
    public void onTimeout(AsyncEvent event) {
      end();
    }

    private void end() {
      if (over.compareAndSet(false, true)) {
        Wire.readNoMore(request);
        waited.complete();
      }
    }

    @Override
    public void onComplete(AsyncEvent event) {
      over.set(true);
    }

    @Override
    public void onError(AsyncEvent event) {
      end();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
      // Nothing starts anew behind the answer.
    }
  }
}
