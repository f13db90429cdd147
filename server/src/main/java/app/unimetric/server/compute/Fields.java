package app.unimetric.server.compute;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Puts the core's problems to the fields of a request. */
public final class Fields {
  private Fields() {}

  /** Runs {@code make}; a problem without a place is put at {@code field}. */
  public static <T> T at(String field, Supplier<T> make) {
    try {
      return make.get();
    } catch (InvalidInput e) {
      throw new InvalidInput(
          e.problems().stream()
              .map(p -> p.field().isEmpty() ? new Problem(field, p.message()) : p)
              .toList());
    }
  }

  /** Runs {@code make}; all its problems are about {@code field}, a text read as a whole. */
  public static <T> T as(String field, Supplier<T> make) {
    try {
      return make.get();
    } catch (InvalidInput e) {
      throw new InvalidInput(
          e.problems().stream().map(p -> new Problem(field, p.message())).toList());
    }
  }

  /** Runs {@code make}; its problems are put below {@code parent}. */
  public static <T> T under(String parent, Supplier<T> make) {
    try {
      return make.get();
    } catch (InvalidInput e) {
      throw new InvalidInput(e.problems().stream().map(p -> p.under(parent)).toList());
    }
  }

  /** The same where there may be nothing. */
  public static <T> @Nullable T underNullable(String parent, Supplier<@Nullable T> make) {
    try {
      return make.get();
    } catch (InvalidInput e) {
      throw new InvalidInput(e.problems().stream().map(p -> p.under(parent)).toList());
    }
  }

  /** What was said, or what counts where nothing was. */
  public static double or(@Nullable Double said, double unsaid) {
    return said == null ? unsaid : said;
  }

  public static InvalidInput missingAt(String field) {
    return InvalidInput.at(field, "is missing.");
  }

  public static <T> T missing(String field) {
    throw missingAt(field);
  }

  public static void noNulls(@Nullable List<?> figures, String field) {
    int hole = figures == null ? -1 : figures.indexOf(null);
    if (hole >= 0) {
      throw missingAt(field + "[" + hole + "]");
    }
  }
}
