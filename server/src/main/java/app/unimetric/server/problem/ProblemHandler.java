package app.unimetric.server.problem;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;

/** Turns whatever went wrong into one kind of answer. */
@RestControllerAdvice
class ProblemHandler {
  private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);

  @ExceptionHandler(InvalidInput.class)
  ResponseEntity<ProblemBody> invalid(InvalidInput e) {
    return bad(e.problems());
  }

  @ExceptionHandler(Refusal.class)
  ResponseEntity<ProblemBody> refused(Refusal e) {
    return answer(e.status(), String.valueOf(e.getMessage()), List.of(), e.details());
  }

  @ExceptionHandler(HttpMessageNotReadableException.class)
  ResponseEntity<ProblemBody> unreadable(HttpMessageNotReadableException e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof BodyTooLarge) {
        return answer(HttpStatus.CONTENT_TOO_LARGE, BodyTooLarge.MESSAGE, List.of(), Map.of());
      }
    }
    return e.getCause() instanceof JacksonException json
        ? bad(JsonProblems.of(json))
        : bad(List.of(new Problem("", "The request is empty or not JSON.")));
  }

  /** Two devices, or one twice, sent the same entry at the same moment; the first one stands. */
  @ExceptionHandler(DuplicateKeyException.class)
  ResponseEntity<ProblemBody> twice(DuplicateKeyException e) {
    return answer(
        HttpStatus.CONFLICT,
        "This was sent twice at the same moment; it counts once. Look again.",
        List.of(),
        Map.of());
  }

  @ExceptionHandler(InvalidParameterException.class)
  ResponseEntity<ProblemBody> undecodable(InvalidParameterException e) {
    return bad(
        List.of(new Problem("", "The address holds characters that are no text; type it anew.")));
  }

  @ExceptionHandler(MethodArgumentTypeMismatchException.class)
  ResponseEntity<ProblemBody> mistyped(MethodArgumentTypeMismatchException e) {
    return bad(List.of(new Problem(e.getName(), "is not written as it should be.")));
  }

  @ExceptionHandler(Exception.class)
  ResponseEntity<ProblemBody> other(Exception e) throws Exception {
    if (e instanceof org.springframework.security.access.AccessDeniedException
        || e instanceof org.springframework.security.core.AuthenticationException
            && !DatabaseAway.causes(e)) {
      throw e;
    }
    if (DatabaseAway.causes(e)) {
      return answer(
          HttpStatus.SERVICE_UNAVAILABLE, ProblemWriter.DATABASE_AWAY, List.of(), Map.of());
    }
    if (isNoText(e)) {
      return bad(
          List.of(new Problem("", "An entry holds a character that is no text; type it anew.")));
    }
    if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
      // Nobody is left to read an answer, and nothing here is wrong.
      return ResponseEntity.noContent().build();
    }
    if (e instanceof ErrorResponse known) {
      HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
      return answer(status, plain(status), List.of(), Map.of());
    }
    LOG.error("Not foreseen", e);
    return answer(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something went wrong here, not with your entry. It is in the server's log.",
        List.of(),
        Map.of());
  }

  /** PostgreSQL keeps no NUL in a text: 22021 as such, 22P05 within JSON. */
  private static boolean isNoText(Throwable e) {
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof SQLException sql
          && ("22021".equals(sql.getSQLState()) || "22P05".equals(sql.getSQLState()))) {
        return true;
      }
    }
    return false;
  }

  static String plain(HttpStatus status) {
    return switch (status) {
      case NOT_FOUND -> "There is nothing at this address.";
      case METHOD_NOT_ALLOWED -> "This address does not take that kind of request.";
      case UNSUPPORTED_MEDIA_TYPE -> "Send JSON with the content type application/json.";
      case NOT_ACCEPTABLE -> "The answer is JSON; ask for application/json.";
      case CONTENT_TOO_LARGE -> BodyTooLarge.MESSAGE;
      case REQUEST_TIMEOUT ->
          "The request did not come through in time; look at the connection and try again.";
      case INTERNAL_SERVER_ERROR ->
          "Something went wrong here, not with your entry. It is in the server's log.";
      default -> "The request is not complete or not in the form expected.";
    };
  }

  private static ResponseEntity<ProblemBody> bad(List<Problem> problems) {
    String detail =
        problems.size() == 1
            ? sentence(problems.get(0))
            : "Please look at " + problems.size() + " entries: " + sentence(problems.get(0)) + " …";
    return answer(HttpStatus.BAD_REQUEST, detail, problems, Map.of());
  }

  private static String sentence(Problem p) {
    boolean whole =
        p.field().isEmpty()
            || Character.isUpperCase(p.message().charAt(0))
            || p.message().startsWith("“");
    return whole ? p.message() : p.field() + " " + p.message();
  }

  private static ResponseEntity<ProblemBody> answer(
      HttpStatus status, String detail, List<Problem> errors, Map<String, Object> details) {
    ResponseEntity.BodyBuilder builder =
        ResponseEntity.status(status).contentType(MediaType.APPLICATION_PROBLEM_JSON);
    if (status == HttpStatus.SERVICE_UNAVAILABLE || status == HttpStatus.TOO_MANY_REQUESTS) {
      builder.header(HttpHeaders.RETRY_AFTER, "5");
    }
    return builder.body(ProblemWriter.body(status, detail, errors, details));
  }
}
