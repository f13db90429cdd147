package app.unimetric.server.problem;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.documents.StrictJson;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidNullException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** What is wrong with a JSON body, in plain words and with its place. */
final class JsonProblems {
  private JsonProblems() {}

  static List<Problem> of(JacksonException e) {
    String path = path(e);
    for (Throwable t = e; t != null; t = t.getCause()) {
      if (t instanceof InvalidInput invalid) {
        return invalid.problems().stream().map(p -> p.under(path)).toList();
      }
    }
    return List.of(new Problem(path, message(e)));
  }

  private static String path(JacksonException e) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference step : e.getPath()) {
      String name = step.getPropertyName();
      if (name == null) {
        path.append('[').append(step.getIndex()).append(']');
      } else {
        path.append(path.isEmpty() ? "" : ".").append(name);
      }
    }
    return path.length() > 200 ? path.substring(0, 200) : path.toString();
  }

  private static String message(JacksonException e) {
    if (e instanceof UnrecognizedPropertyException) {
      return "is not a field of this request.";
    }
    if (e instanceof InvalidNullException) {
      return "is missing.";
    }
    if (e instanceof InvalidFormatException format) {
      return choices(format.getTargetType());
    }
    if (e instanceof StreamConstraintsException) {
      return "This holds more than is read here at once: %,d values and names, %d deep at most."
          .formatted(StrictJson.MOST_TOKENS, StrictJson.DEEPEST);
    }
    if (e instanceof StreamReadException) {
      return "This is not JSON that can be read.";
    }
    if (e instanceof MismatchedInputException mismatch) {
      boolean missing =
          String.valueOf(mismatch.getOriginalMessage())
              .startsWith("Missing required creator property");
      return missing ? "is missing." : choices(mismatch.getTargetType());
    }
    return e instanceof DatabindException
        ? "is not of the kind expected here."
        : "This is not JSON that can be read.";
  }

  private static String choices(@Nullable Class<?> type) {
    if (type == null) {
      return "is not of the kind expected here.";
    }
    if (type.isEnum()) {
      return "is not a code known here; the list is in the API description.";
    }
    if (type == Integer.class || type == int.class) {
      return "must be a whole number, written as a number.";
    }
    if (Number.class.isAssignableFrom(type) || type.isPrimitive() && type != boolean.class) {
      return "must be a number, written as a number.";
    }
    return type == Boolean.class || type == boolean.class
        ? "must be true or false."
        : "is not of the kind expected here.";
  }
}
