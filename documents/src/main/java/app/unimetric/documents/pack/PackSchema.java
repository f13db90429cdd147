package app.unimetric.documents.pack;

import app.unimetric.core.problem.Problem;
import app.unimetric.core.quantity.Figure;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** The published schema, and its complaints in plain words at their places. */
final class PackSchema {
  private final Schema schema;

  private PackSchema(String file) {
    try (InputStream in = Objects.requireNonNull(PackSchema.class.getResourceAsStream(file))) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      schema =
          SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The schemas are read with the first pack from outside: a start without one need not wait. */
  private static final class Published {
    static final PackSchema SCHEMA = new PackSchema("/formats/job-pack.schema.json");
  }

  static PackSchema published() {
    return Published.SCHEMA;
  }

  /** Every place at which a document breaks the schema; empty when it keeps to it. */
  List<Problem> problems(String text) {
    return schema.validate(text, InputFormat.JSON).stream()
        .map(PackSchema::problem)
        .distinct()
        .toList();
  }

  private static Problem problem(Error error) {
    String at = place(error);
    Object[] arguments = error.getArguments() == null ? new Object[0] : error.getArguments();
    String first = arguments.length == 0 ? "" : String.valueOf(arguments[0]);
    return switch (error.getKeyword()) {
      case "required" -> new Problem(join(at, error.getProperty()), "is missing.");
      case "additionalProperties", "unevaluatedProperties" ->
          new Problem(join(at, error.getProperty()), "is not a field of this document.");
      case "const" -> new Problem(at, "must be " + bare(first) + ".");
      case "enum" -> new Problem(at, "must be one of " + bare(first) + ".");
      case "type" -> new Problem(at, "must be " + type(arguments) + ".");
      case "minLength", "maxLength" -> new Problem(at, "must be a text of 1 to 2000 characters.");
      case "minimum" -> new Problem(at, "must be at least " + figure(first) + ".");
      case "maximum" -> new Problem(at, "must be at most " + figure(first) + ".");
      case "exclusiveMinimum" -> new Problem(at, "must be greater than " + figure(first) + ".");
      case "minItems" -> new Problem(at, "needs at least " + first + " of them.");
      case "maxItems" -> new Problem(at, "must be a list of at most " + first + " items.");
      default -> new Problem(at, "is not as the schemas in docs/formats ask.");
    };
  }

  private static String type(Object[] arguments) {
    String wanted = String.valueOf(arguments[arguments.length - 1]).toLowerCase(Locale.ROOT);
    return switch (wanted) {
      case "string" -> "a text";
      case "number" -> "a finite number";
      case "integer" -> "a whole number";
      case "boolean" -> "true or false";
      case "array" -> "a list";
      case "object" -> "an object";
      default -> "a text or an object";
    };
  }

  private static String figure(String text) {
    return Figure.typed(Double.parseDouble(text));
  }

  private static String bare(String list) {
    return list.replaceAll("[\\[\\]\"]", "").replace(",", ", ").replace(",  ", ", ");
  }

  /**
   * A JSON pointer as the path of a field: {@code /joints/0/thread} is {@code joints[0].thread}.
   */
  private static String place(Error error) {
    StringBuilder path = new StringBuilder();
    for (String part :
        error.getInstanceLocation().toString().replaceFirst("^[$/]", "").split("/")) {
      if (part.matches("\\d+")) {
        path.append('[').append(part).append(']');
      } else if (!part.isEmpty()) {
        path.append(path.isEmpty() ? "" : ".").append(part);
      }
    }
    return path.toString();
  }

  private static String join(String at, String property) {
    return at.isEmpty() ? property : at + "." + property;
  }
}
