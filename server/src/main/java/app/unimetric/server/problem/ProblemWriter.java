package app.unimetric.server.problem;

import app.unimetric.core.problem.Problem;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The one place where problems are written, for controllers and filters alike. */
@Component
public class ProblemWriter {
  /** Told when PostgreSQL cannot be reached. */
  public static final String DATABASE_AWAY =
      "The workshop's database does not answer. Nothing you entered is lost; try again in a moment.";

  private final JsonMapper json;

  public ProblemWriter(JsonMapper json) {
    this.json = json;
  }

  static ProblemBody body(
      HttpStatus status, String detail, List<Problem> errors, Map<String, Object> details) {
    return new ProblemBody(
        "about:blank",
        status.getReasonPhrase(),
        status.value(),
        detail,
        errors,
        whole(details.get("yourVersion")),
        whole(details.get("currentVersion")),
        whole(details.get("expectedCounter")));
  }

  private static @Nullable Integer whole(@Nullable Object value) {
    return value instanceof Integer number ? number : null;
  }

  /** Writes a problem unless the answer is already on its way. */
  public void write(HttpServletResponse response, HttpStatus status, String detail)
      throws IOException {
    if (response.isCommitted()) {
      return;
    }
    response.resetBuffer();
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    byte[] problem = json.writeValueAsBytes(body(status, detail, List.of(), Map.of()));
    response.setContentLength(problem.length);
    try {
      response.getOutputStream().write(problem);
    } catch (IllegalStateException e) {
      // Somebody asked for a writer already, and only one of both is handed out.
      response.getWriter().write(new String(problem, StandardCharsets.UTF_8));
    }
  }
}
