package app.unimetric.server.audit;

import org.jspecify.annotations.Nullable;

/** Which calls the log of the doors hears of. */
final class AuditedCalls {
  private static final int UNAUTHORIZED = 401;
  private static final int FORBIDDEN = 403;

  private AuditedCalls() {}

  /** What a call was, by its address and its answer; null for one that is nobody's business. */
  static @Nullable AuditKind kind(String method, String path, int status) {
    boolean good = status >= 200 && status < 300;
    if (path.equals("/api/session") || path.equals("/api/session/first")) {
      return session(method, good, status);
    }
    if (good && path.startsWith("/api/session/tablet")) {
      return method.equals("POST") ? AuditKind.SIGN_IN : AuditKind.SIGN_OUT;
    }
    if (status == FORBIDDEN) {
      return AuditKind.REFUSED;
    }
    if (!good) {
      return null;
    }
    if (method.equals("GET")) {
      boolean file =
          path.endsWith(".csv")
              || path.endsWith(".zip")
              || path.endsWith("/record.json")
              || path.endsWith("/record.pdf");
      return file ? AuditKind.TAKEN_OUT : null;
    }
    if (path.startsWith("/api/crew")
        || path.startsWith("/api/session/")
        || path.startsWith("/api/calendar/feeds")) {
      return AuditKind.RIGHTS;
    }
    if (path.equals("/api/settings") || path.equals("/api/workshop")) {
      return AuditKind.SETTINGS;
    }
    if (path.startsWith("/api/packs")) {
      return AuditKind.PACK;
    }
    return path.startsWith("/api/sheets") && !path.contains("/lines/")
        ? AuditKind.BROUGHT_IN
        : null;
  }

  private static @Nullable AuditKind session(String method, boolean good, int status) {
    return switch (method) {
      case "POST" ->
          good
              ? AuditKind.SIGN_IN
              : status == UNAUTHORIZED || status == 429 ? AuditKind.SIGN_IN_REFUSED : null;
      case "DELETE" -> good ? AuditKind.SIGN_OUT : null;
      default -> null;
    };
  }
}
