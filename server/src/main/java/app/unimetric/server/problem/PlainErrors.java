package app.unimetric.server.problem;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/**
 * What the web server itself refuses, before any of ours is asked, is a problem like all others.
 */
public class PlainErrors extends ErrorReportValve {
  @Override
  protected void report(Request request, Response response, @Nullable Throwable throwable) {
    int code = response.getStatus();
    if (code < HttpStatus.BAD_REQUEST.value()
        || response.getContentWritten() > 0
        || !response.setErrorReported()) {
      return;
    }
    HttpStatus status = HttpStatus.resolve(code);
    String title = status == null ? "Refused" : status.getReasonPhrase();
    try {
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setCharacterEncoding(StandardCharsets.UTF_8.name());
      response
          .getReporter()
          .write(
              "{\"type\":\"about:blank\",\"title\":\""
                  + title
                  + "\",\"status\":"
                  + code
                  + ",\"detail\":\"The request is not complete or not in the form expected.\",\"errors\":[]}");
      response.finishResponse();
    } catch (IOException | IllegalStateException e) {
      container.getLogger().debug("Nobody is left to read the answer", e);
    }
  }
}
