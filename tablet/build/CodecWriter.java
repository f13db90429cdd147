import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Said;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.bench.ToolsOut;
import app.unimetric.core.bench.Tray;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * Writes the tablet's reader and writer of the bench's records, from the records themselves: a
 * browser has no reflection, so what the server's JSON library finds out at run time is found out
 * here while building. Both sides thus speak one form, and a new field or a new kind of entry needs
 * no line here.
 */
public final class CodecWriter {
  private static final String PACKAGE = "app.unimetric.tablet";
  private final StringBuilder code = new StringBuilder();
  private final Set<Class<?>> known = new LinkedHashSet<>();
  private final Deque<Class<?>> open = new ArrayDeque<>();

  private CodecWriter() {}

  /**
   * @param args the folder of generated sources
   */
  public static void main(String[] args) throws IOException {
    Path folder = Path.of(args[0], PACKAGE.replace('.', '/'));
    Files.createDirectories(folder);
    Files.writeString(folder.resolve("Reads.java"), new CodecWriter().reads());
    Files.writeString(folder.resolve("Writes.java"), new CodecWriter().writes());
  }

  private String reads() {
    need(RunSheet.class, RunEvent.class, Said.class, ToolsOut.class);
    begin("Reads", "Reads what the bench speaks.");
    for (Class<?> type = open.poll(); type != null; type = open.poll()) {
      if (type == Said.class) {
        readSaid();
      } else {
        readRecord(type);
      }
    }
    return end();
  }

  private void readSaid() {
    code.append("  static ").append(name(Said.class)).append(" said(Fields f) {\n");
    code.append("    return switch (f.one(\"kind\", EventKind.values())) {\n");
    for (EventKind kind : EventKind.values()) {
      need(kind.said());
      code.append("      case %s -> %s(f);\n".formatted(kind, method(kind.said())));
    }
    code.append("    };\n  }\n\n");
  }

  private void readRecord(Class<?> type) {
    String made = type == TorqueBand.class ? name(type) + ".of(" : "new " + name(type) + "(";
    code.append("  static ").append(name(type)).append(' ').append(method(type));
    code.append("(Fields f) {\n    return ").append(made);
    code.append(
        components(type).stream()
            .map(c -> "\n        " + read(c.type(), "f", c.name()))
            .collect(Collectors.joining(",")));
    code.append(");\n  }\n\n");
  }

  private String read(Type type, String from, String name) {
    String given = "(" + quoted(name);
    if (type instanceof ParameterizedType many && many.getRawType() == List.class) {
      return from + ".list" + given + ", " + element(many.getActualTypeArguments()[0]) + ")";
    }
    if (type instanceof ParameterizedType many && many.getRawType() == Map.class) {
      return from + ".map" + given + ", " + element(many.getActualTypeArguments()[1]) + ")";
    }
    Class<?> plain = (Class<?>) type;
    if (plain == String.class) return from + ".textOrNull" + given + ")";
    if (plain == double.class) return from + ".number" + given + ")";
    if (plain == Double.class) return from + ".numberOrNull" + given + ")";
    if (plain == int.class) return from + ".whole" + given + ")";
    if (plain == long.class) return "(long) " + from + ".number" + given + ")";
    if (plain == Integer.class) return from + ".wholeOrNull" + given + ")";
    if (plain == boolean.class) return from + ".flag" + given + ")";
    if (plain == UUID.class) return from + ".uuidOrNull" + given + ")";
    if (plain == Instant.class) return from + ".instantOrNull" + given + ")";
    if (plain == TorqueUnit.class) return from + ".unitOrNull" + given + ")";
    if (plain.isEnum()) {
      return from + ".oneOrNull" + given + ", " + name(plain) + ".values())";
    }
    need(plain);
    return from + ".objectOrNull" + given + ", Reads::" + method(plain) + ")";
  }

  /** How one of many is read. */
  private String element(Type type) {
    if (type == String.class) return "com.eclipsesource.json.JsonValue::asString";
    if (type == Integer.class) return "com.eclipsesource.json.JsonValue::asInt";
    if (type instanceof ParameterizedType many) {
      return "many -> Fields.list(many, " + element(many.getActualTypeArguments()[0]) + ")";
    }
    need((Class<?>) type);
    return "v -> " + method((Class<?>) type) + "(Fields.of(v))";
  }

  private String writes() {
    need(RunState.class, Summary.class, Tray.class);
    begin("Writes", "Writes what the bench speaks.");
    for (Class<?> type = open.poll(); type != null; type = open.poll()) {
      if (type == Said.class) {
        writeSaid();
      } else {
        writeRecord(type);
      }
    }
    return end();
  }

  private void writeSaid() {
    code.append("  static JsonObject said(").append(name(Said.class)).append(" r) {\n");
    code.append("    JsonObject o = switch (r.kind()) {\n");
    for (EventKind kind : EventKind.values()) {
      need(kind.said());
      code.append(
          "      case %s -> %s((%s) r);\n"
              .formatted(kind, method(kind.said()), name(kind.said())));
    }
    code.append("    };\n    return o.add(\"kind\", r.kind().name());\n  }\n\n");
  }

  private void writeRecord(Class<?> type) {
    code.append("  static JsonObject ").append(method(type)).append('(').append(name(type));
    code.append(" r) {\n    JsonObject o = new JsonObject();\n");
    for (Component c : components(type)) {
      code.append("    Put.in(o, %s, %s);\n".formatted(quoted(c.name()), written(c.type(), "r." + c.name() + "()")));
    }
    for (Method m : flags(type)) {
      code.append("    Put.in(o, %s, r.%s());\n".formatted(quoted(flagName(m)), m.getName()));
    }
    if (type == ScaleReading.class) {
      code.append("    Put.in(o, \"onScale\", r.onScale());\n");
      code.append("    Put.in(o, \"text\", r.text());\n");
    }
    code.append("    return o;\n  }\n\n");
  }

  private String written(Type type, String value) {
    if (type instanceof ParameterizedType many && many.getRawType() == List.class) {
      return "Put.list(" + value + ", v -> " + valued(many.getActualTypeArguments()[0], "v") + ")";
    }
    if (type instanceof ParameterizedType many && many.getRawType() == Map.class) {
      return "Put.map(" + value + ", v -> " + valued(many.getActualTypeArguments()[1], "v") + ")";
    }
    Class<?> plain = (Class<?>) type;
    if (isPlain(plain)) return value;
    need(plain);
    return "Put.orNull(" + value + ", Writes::" + method(plain) + ")";
  }

  private String valued(Type type, String value) {
    if (type == String.class || type == Integer.class || type == Double.class) {
      return "com.eclipsesource.json.Json.value(" + value + ")";
    }
    need((Class<?>) type);
    return method((Class<?>) type) + "(" + value + ")";
  }

  private static boolean isPlain(Class<?> type) {
    return type.isPrimitive()
        || type.isEnum()
        || Set.of(String.class, Double.class, Integer.class, UUID.class, Instant.class)
            .contains(type);
  }

  private record Component(String name, Type type) {}

  private static List<Component> components(Class<?> type) {
    if (type == TorqueBand.class) {
      return List.of(new Component("minNm", double.class), new Component("maxNm", double.class));
    }
    List<Component> all = new ArrayList<>();
    for (RecordComponent c : type.getRecordComponents()) {
      all.add(new Component(c.getName(), c.getGenericType()));
    }
    return all;
  }

  /** What is told beside the components: whether something is so. */
  private static List<Method> flags(Class<?> type) {
    return type.isRecord() && !Said.class.isAssignableFrom(type)
        ? Arrays.stream(type.getDeclaredMethods())
            .filter(m -> java.lang.reflect.Modifier.isPublic(m.getModifiers()))
            .filter(m -> m.getName().matches("is[A-Z].*") && m.getParameterCount() == 0)
            .filter(m -> m.getReturnType() == boolean.class)
            .sorted(Comparator.comparing(Method::getName))
            .toList()
        : List.of();
  }

  private static String flagName(Method m) {
    return Character.toLowerCase(m.getName().charAt(2)) + m.getName().substring(3);
  }

  private void need(Class<?>... types) {
    for (Class<?> type : types) {
      if (known.add(type)) {
        open.add(type);
      }
    }
  }

  private static String name(Class<?> type) {
    return type.getCanonicalName();
  }

  private static String method(Class<?> type) {
    String simple =
        type.isMemberClass()
            ? type.getDeclaringClass().getSimpleName() + type.getSimpleName()
            : type.getSimpleName();
    return Character.toLowerCase(simple.charAt(0)) + simple.substring(1);
  }

  private static String quoted(String text) {
    return '"' + text + '"';
  }

  private void begin(String name, String words) {
    code.append("package ").append(PACKAGE).append(";\n\n");
    code.append("import app.unimetric.core.bench.EventKind;\n");
    code.append("import com.eclipsesource.json.JsonObject;\n\n");
    code.append("/** ").append(words).append(" Written by build/CodecWriter. */\n");
    code.append("@org.jspecify.annotations.NullUnmarked\n");
    code.append("final class ").append(name).append(" {\n  private ").append(name).append("() {}\n\n");
  }

  private String end() {
    return code + "}\n";
  }
}
