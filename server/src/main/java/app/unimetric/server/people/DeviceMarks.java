package app.unimetric.server.people;

import app.unimetric.server.gate.Secret;
import app.unimetric.server.gate.SecureCookies;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Marks of devices on which somebody signed in before. A mark opens nothing; it tells that a try to
 * sign in comes from a device of the workshop, so that strangers at the same address do not count
 * against it.
 */
@Component
class DeviceMarks {
  private static final String COOKIE = "UNIMETRIC_DEVICE";
  private static final Duration KEPT = Duration.ofDays(365);
  private static final int SECRET_LENGTH = 43;
  private static final String DEVICE = "device ";

  private final DeviceMarkMapper mapper;
  private final SecureCookies secure;

  DeviceMarks(DeviceMarkMapper mapper, SecureCookies secure) {
    this.mapper = mapper;
    this.secure = secure;
  }

  /**
   * Where somebody tries to come in from.
   *
   * @param id of a known device, else the address
   * @param isNamesOwn whether the very name that is tried came in on that device before
   */
  record Place(String id, boolean isNamesOwn) {}

  /**
   * Where the request in hand comes from.
   *
   * @param name that is tried, in its one form
   */
  Place place(String name) {
    HttpServletRequest request = request();
    String secret = request == null ? null : secret(request);
    if (secret != null) {
      String digest = Secret.digest(secret);
      Boolean own = mapper.isOwn(digest, name);
      if (own != null) {
        return new Place(DEVICE + digest, own);
      }
    }
    return new Place(Tries.address(), false);
  }

  /** Somebody signed in on this device. */
  void mark(HttpServletRequest request, HttpServletResponse response, String name) {
    String kept = secret(request);
    boolean known = kept != null && mapper.isOwn(Secret.digest(kept), "") != null;
    String secret = known && kept != null ? kept : Secret.make();
    mapper.saw(Secret.digest(secret), Tries.normal(name));
    mapper.forgetOld();
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(COOKIE, secret)
            .path("/api/")
            .httpOnly(true)
            .secure(secure.isNeeded())
            .sameSite("Strict")
            .maxAge(KEPT)
            .build()
            .toString());
  }

  private static @Nullable HttpServletRequest request() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes here
        ? here.getRequest()
        : null;
  }

  private static @Nullable String secret(HttpServletRequest request) {
    Cookie[] all = request.getCookies();
    if (all != null) {
      for (Cookie one : all) {
        if (one.getName().equals(COOKIE) && one.getValue().length() == SECRET_LENGTH) {
          return one.getValue();
        }
      }
    }
    return null;
  }
}
