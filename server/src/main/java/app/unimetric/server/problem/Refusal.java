package app.unimetric.server.problem;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that is understood but not carried out. The message is for a mechanic. */
public final class Refusal extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final HttpStatus status;
  private final transient Map<String, Object> details;

  private Refusal(HttpStatus status, String message, Map<String, Object> details) {
    super(message);
    this.status = status;
    this.details = details;
  }

  public static Refusal notFound(String what) {
    return new Refusal(HttpStatus.NOT_FOUND, what + " is not on file here.", Map.of());
  }

  public static Refusal forbidden(String message) {
    return new Refusal(HttpStatus.FORBIDDEN, message, Map.of());
  }

  public static Refusal conflict(String message, Map<String, Object> details) {
    return new Refusal(HttpStatus.CONFLICT, message, details);
  }

  /** Someone else was quicker: both versions are told. */
  public static Refusal stale(int yours, int current) {
    return conflict(
        "Someone changed this since you opened it. Your entry is still in the form; reload to see theirs, then decide.",
        Map.of("yourVersion", yours, "currentVersion", current));
  }

  public static Refusal tooMany(String message) {
    return new Refusal(HttpStatus.TOO_MANY_REQUESTS, message, Map.of());
  }

  public static Refusal busy(String message) {
    return new Refusal(HttpStatus.SERVICE_UNAVAILABLE, message, Map.of());
  }

  public static Refusal noRoom(String message) {
    return new Refusal(HttpStatus.INSUFFICIENT_STORAGE, message, Map.of());
  }

  public static Refusal unauthenticated(String message) {
    return new Refusal(HttpStatus.UNAUTHORIZED, message, Map.of());
  }

  /** The word of an invitation was right, but opens nothing: a password is chosen first. */
  public static Refusal chooseFirst(String message) {
    return new Refusal(HttpStatus.PRECONDITION_REQUIRED, message, Map.of());
  }

  public HttpStatus status() {
    return status;
  }

  public Map<String, Object> details() {
    return details == null ? Map.of() : details;
  }
}
