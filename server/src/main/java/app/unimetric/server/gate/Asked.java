package app.unimetric.server.gate;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a request asks for, as the gate judged it: the one reading of its address that all filters
 * share.
 *
 * @param method in capitals
 * @param path decoded, without query; empty where the gate never saw the request
 */
public record Asked(String method, String path) {
  private static final String ATTRIBUTE = Asked.class.getName();
  private static final String API = "/api/";
  private static final String COMPUTE = "/api/compute/";

  /**
   * Reads method and address.
   *
   * @param rawQuery null where there is none
   * @throws DisguisedAddress where the address is not written plainly
   */
  static Asked judged(String method, String rawPath, @Nullable String rawQuery) {
    if (rawQuery != null) {
      PlainAddress.query(rawQuery);
    }
    return new Asked(method, PlainAddress.path(rawPath));
  }

  /** What the gate found of a request. */
  public static Asked of(HttpServletRequest request) {
    return request.getAttribute(ATTRIBUTE) instanceof Asked asked
        ? asked
        : new Asked(request.getMethod(), "");
  }

  void keepWith(HttpServletRequest request) {
    request.setAttribute(ATTRIBUTE, this);
  }

  /** Whether it is a call; everything else is a page or what belongs to pages. */
  public boolean isCall() {
    return path.startsWith(API);
  }

  /** Whether it is a calculation that anybody may ask for without signing in. */
  public boolean isOpenCall() {
    return path.startsWith(COMPUTE);
  }

  /** Whether it only reads. */
  public boolean isReading() {
    return method.equals("GET") || method.equals("HEAD") || method.equals("OPTIONS");
  }
}
