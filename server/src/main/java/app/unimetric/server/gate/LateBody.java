package app.unimetric.server.gate;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;

/** A body that is read only once it is known that whoever sends it may. */
public final class LateBody {
  private static final String ATTRIBUTE = LateBody.class.getName();

  private static final String COMING = "coming";

  private LateBody() {}

  /** Begins to read; the request comes again from the start when all of it is here. */
  public interface Reader {
    void read() throws IOException;
  }

  /** Puts the reading of a body off until somebody calls {@link #read}. */
  public static void putOff(HttpServletRequest request, Reader reader) {
    request.setAttribute(ATTRIBUTE, reader);
  }

  /** Whether a body is on its way, so that nothing has happened yet. */
  public static boolean isComing(HttpServletRequest request) {
    return COMING.equals(request.getAttribute(ATTRIBUTE));
  }

  /** It is here: what follows is the request itself. */
  public static void isHere(HttpServletRequest request) {
    request.removeAttribute(ATTRIBUTE);
  }

  /**
   * Reads what was put off.
   *
   * @return whether there was something; the request goes no further then
   */
  public static boolean read(HttpServletRequest request) throws IOException {
    if (request.getAttribute(ATTRIBUTE) instanceof Reader reader) {
      request.setAttribute(ATTRIBUTE, COMING);
      reader.read();
      return true;
    }
    return false;
  }
}
