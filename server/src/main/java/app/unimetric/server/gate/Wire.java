package app.unimetric.server.gate;

import jakarta.servlet.http.HttpServletRequest;
import org.apache.catalina.connector.Request;
import org.apache.coyote.ActionCode;
import org.springframework.http.HttpHeaders;

/** The connection a request came by, to be given up where waiting for it would cost others. */
public final class Wire {
  private static final String ATTRIBUTE = Wire.class.getName();
  private final Request request;

  private Wire(Request request) {
    this.request = request;
  }

  static void keepWith(Request request) {
    request.setAttribute(ATTRIBUTE, new Wire(request));
  }

  /** The body of a request is here, so that its connection may go on. */
  public static void hasAll(HttpServletRequest request) {
    if (request.getAttribute(ATTRIBUTE) instanceof Wire wire) {
      wire.request
          .getResponse()
          .getCoyoteResponse()
          .getMimeHeaders()
          .removeHeader(HttpHeaders.CONNECTION);
    }
  }

  /**
   * Reads no more of a body that is still coming: the connection ends with the answer. The web
   * server would else wait for what it is going to throw away, with a thread.
   */
  public static void readNoMore(HttpServletRequest request) {
    act(request, ActionCode.DISABLE_SWALLOW_INPUT);
  }

  /** Ends the connection at once, without an answer. */
  static void hangUp(HttpServletRequest request) {
    act(request, ActionCode.CLOSE_NOW);
  }

  private static void act(HttpServletRequest request, ActionCode what) {
    if (request.getAttribute(ATTRIBUTE) instanceof Wire wire) {
      wire.request.getCoyoteRequest().action(what, null);
    }
  }
}
