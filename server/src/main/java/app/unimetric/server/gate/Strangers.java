package app.unimetric.server.gate;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/**
 * Half of the threads are for those who are signed in: whatever strangers do, and however they
 * dawdle over the last byte of an answer, they hold no more than the other half.
 */
final class Strangers extends ValveBase {
  /** Of the two hundred threads of the web server. */
  static final int AT_ONCE = 100;

  /** So many are told that it is too much; beyond that the connection just ends. */
  private static final int TOLD_AT_ONCE = 16;

  private static final byte[] TOO_MANY =
      """
      {"type":"about:blank","title":"Service Unavailable","status":503,"detail":"Too many ask here at once; try again in a moment.","errors":[]}"""
          .getBytes(StandardCharsets.UTF_8);

  private final KnownSessions sessions;
  private final Semaphore strangers = new Semaphore(AT_ONCE);
  private final Semaphore told = new Semaphore(TOLD_AT_ONCE);

  Strangers(KnownSessions sessions) {
    super(true);
    this.sessions = sessions;
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    Wire.keepWith(request);
    if (request.getDispatcherType() == DispatcherType.ASYNC || sessions.isSomebodys(request)) {
      // What was put off has its own turns.
      getNext().invoke(request, response);
    } else if (strangers.tryAcquire()) {
      try {
        getNext().invoke(request, response);
        finish(request, response);
      } finally {
        strangers.release();
      }
    } else {
      turnAway(request, response);
    }
  }

  /** The last bytes too are written while the thread still counts as theirs. */
  private static void finish(Request request, Response response) throws IOException {
    if (!request.isAsync()) {
      response.finishResponse();
    }
  }

  private void turnAway(Request request, Response response) throws IOException {
    if (!told.tryAcquire()) {
      Wire.hangUp(request);
      return;
    }
    try {
      response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
      response.setHeader(HttpHeaders.RETRY_AFTER, "2");
      response.setHeader(HttpHeaders.CONNECTION, "close");
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setContentLength(TOO_MANY.length);
      response.getOutputStream().write(TOO_MANY);
      response.finishResponse();
      Wire.readNoMore(request);
    } finally {
      told.release();
    }
  }
}
