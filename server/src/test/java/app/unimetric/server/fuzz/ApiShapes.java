package app.unimetric.server.fuzz;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Makes up calls by the description of the interface: mostly as it asks, now and then with
 * something in the wrong place. Remembers words and ids of answers to use them again.
 */
final class ApiShapes {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int MOST_KEPT = 3000;
  private static final int DEEPEST = 12;
  private static final String[] TEXTS = {
    "",
    " ",
    "x",
    "\u0000",
    "a\u0000b",
    "\uFFFE",
    "\uD800",
    "\u202E",
    "é\u0301",
    "🔧",
    "%00",
    "%",
    "'; DROP TABLE job; --",
    "<script>alert(1)</script>",
    "=1+1",
    "../../etc/passwd",
    "1,5",
    "-1",
    "1e400",
    "NaN",
    "12 Nm",
    "12.5 mm",
    "M8x1.25",
    "2026-13-45",
    "0001-01-01",
    "9999-12-31",
    "2026-11-27T25:00:00Z",
    "null",
    "true",
    "10 kgf.m",
    "18 in.lbf",
    "\n",
    "\t\r\n"
  };
  private static final double[] FIGURES = {
    0, -0.0, 1, -1, 12.5, 1e-300, 1e300, -1e300, 2147483647, -2147483648, 9.007199254740993e15, 5000
  };

  private final JsonNode api;
  private final Random random;
  private final List<String> kept = new ArrayList<>();
  private final Set<String> known = new HashSet<>();

  /** A call to be made. */
  record Call(String method, String path, String contentType, String body) {}

  private record Operation(String method, String path, JsonNode says) {}

  private final List<Operation> operations = new ArrayList<>();

  ApiShapes(JsonNode api, long seed) {
    this.api = api;
    this.random = new Random(seed);
    for (String path : api.path("paths").propertyNames()) {
      JsonNode methods = api.path("paths").path(path);
      for (String method : methods.propertyNames()) {
        operations.add(
            new Operation(method.toUpperCase(java.util.Locale.ROOT), path, methods.path(method)));
      }
    }
  }

  int operations() {
    return operations.size();
  }

  /** Words and ids of an answer, to be used again. */
  void remember(JsonNode answer) {
    if (answer.isString() && answer.asString().length() <= 100 && known.add(answer.asString())) {
      if (kept.size() < MOST_KEPT) {
        kept.add(answer.asString());
      } else {
        kept.set(random.nextInt(MOST_KEPT), answer.asString());
      }
    }
    for (JsonNode part : answer) {
      remember(part);
    }
  }

  Call next() {
    Operation op = operations.get(random.nextInt(operations.size()));
    String path = op.path();
    StringBuilder query = new StringBuilder();
    for (JsonNode parameter : op.says().path("parameters")) {
      String name = parameter.path("name").asString();
      String text = text(parameter.path("schema"));
      if (parameter.path("in").asString().equals("path")) {
        path = path.replace("{" + name + "}", encoded(text.isEmpty() ? "-" : text));
      } else if (parameter.path("required").asBoolean() || random.nextBoolean()) {
        query.append(query.isEmpty() ? '?' : '&').append(name).append('=').append(encoded(text));
      }
    }
    JsonNode content = op.says().path("requestBody").path("content");
    if (content.isMissingNode()) {
      return new Call(op.method(), path + query, null, null);
    }
    JsonNode schema = content.iterator().next().path("schema");
    String type = content.propertyNames().iterator().next();
    String body = made(schema, 0).toString();
    int odd = random.nextInt(60);
    if (odd == 0) {
      body = body.substring(0, random.nextInt(body.length() + 1));
    } else if (odd == 1) {
      type =
          new String[] {
                "*/*",
                "text/plain",
                "application/xml",
                "application/x-www-form-urlencoded",
                "multipart/form-data"
              }
              [random.nextInt(5)];
    } else if (odd == 2) {
      body = "[".repeat(2000);
    }
    return new Call(op.method(), path + query, type, body);
  }

  /** Of so many calls one has its address written in another way than plainly. */
  private static final int DISGUISED = 12;

  private static final String[] BROKEN = {"%", "%zz", "%C3", "%FF", "%C0%AF", "%ED%A0%80", "%00"};

  /**
   * The address of a call as somebody writes it who wants to get past what guards it; null for most
   * calls, which are written plainly.
   */
  String disguised(Call call) {
    if (random.nextInt(DISGUISED) > 0) {
      return null;
    }
    String path = call.path();
    int at =
        1
            + random.nextInt(
                Math.max(1, path.indexOf('?') < 0 ? path.length() - 1 : path.indexOf('?') - 1));
    String hex = "%" + Integer.toHexString(path.charAt(at));
    String broken = BROKEN[random.nextInt(BROKEN.length)];
    return switch (random.nextInt(9)) {
      case 0 -> path.substring(0, at) + hex + path.substring(at + 1);
      case 1 -> path.substring(0, at) + "%25" + hex.substring(1) + path.substring(at + 1);
      case 2 -> path.substring(0, at) + "/" + path.substring(at);
      case 3 -> "/x/.." + path;
      case 4 -> "/." + path;
      case 5 -> path.replaceFirst("/api/", "/api;a=b/");
      case 6 -> path.substring(0, at) + broken + path.substring(at);
      case 7 -> path + (path.contains("?") ? "&" : "?") + "x=" + broken;
      default -> path.replaceFirst("/api/", "/api%2f");
    };
  }

  private static String encoded(String text) {
    return java.net.URLEncoder.encode(text, java.nio.charset.StandardCharsets.UTF_8)
        .replace("+", "%20");
  }

  private String text(JsonNode schema) {
    JsonNode made = made(schema, 0);
    return made.isString() ? made.asString() : made.toString();
  }

  private JsonNode made(JsonNode given, int depth) {
    JsonNode schema = given;
    if (schema.has("$ref")) {
      String name = schema.path("$ref").asString();
      schema =
          api.path("components").path("schemas").path(name.substring(name.lastIndexOf('/') + 1));
    }
    for (String several : List.of("oneOf", "anyOf", "allOf")) {
      if (schema.path(several).size() > 0) {
        return made(
            schema.path(several).get(random.nextInt(schema.path(several).size())), depth + 1);
      }
    }
    if (depth > DEEPEST || random.nextInt(25) == 0) {
      return odd();
    }
    if (schema.path("enum").size() > 0) {
      return schema.path("enum").get(random.nextInt(schema.path("enum").size()));
    }
    return switch (type(schema)) {
      case "object" -> object(schema, depth);
      case "array" -> array(schema, depth);
      case "integer" ->
          NODES.numberNode(random.nextInt(8) == 0 ? (int) figure() : random.nextInt(12));
      case "number" ->
          NODES.numberNode(random.nextInt(4) == 0 ? figure() : random.nextInt(400) / 4.0);
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      case "null" -> NODES.nullNode();
      default -> NODES.stringNode(string(schema.path("format").asString("")));
    };
  }

  private String type(JsonNode schema) {
    JsonNode type = schema.path("type");
    if (type.isArray() && type.size() > 0) {
      return type.get(random.nextInt(type.size())).asString();
    }
    return type.asString(schema.has("properties") ? "object" : "string");
  }

  private JsonNode object(JsonNode schema, int depth) {
    ObjectNode made = NODES.objectNode();
    for (String name : schema.path("properties").propertyNames()) {
      if (random.nextInt(12) > 0) {
        made.set(name, made(schema.path("properties").path(name), depth + 1));
      }
    }
    if (schema.path("additionalProperties").isObject()) {
      for (int i = random.nextInt(3); i > 0; i--) {
        made.set(string(""), made(schema.path("additionalProperties"), depth + 1));
      }
    }
    if (random.nextInt(20) == 0) {
      made.put("nobodyKnowsThis", 1);
    }
    return made;
  }

  private JsonNode array(JsonNode schema, int depth) {
    ArrayNode made = NODES.arrayNode();
    for (int i = random.nextInt(4); i > 0; i--) {
      made.add(random.nextInt(25) == 0 ? NODES.nullNode() : made(schema.path("items"), depth + 1));
    }
    return made;
  }

  private JsonNode odd() {
    return switch (random.nextInt(8)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.numberNode(figure());
      case 2 -> NODES.stringNode("y".repeat(random.nextInt(3) == 0 ? 200_000 : 1200));
      case 3 -> NODES.arrayNode().add(NODES.nullNode());
      case 4 -> NODES.objectNode().set("a", NODES.objectNode());
      case 5 -> NODES.booleanNode(true);
      case 6 -> NODES.numberNode(new java.math.BigDecimal("1e1000000"));
      default -> NODES.stringNode(TEXTS[random.nextInt(TEXTS.length)]);
    };
  }

  private double figure() {
    return FIGURES[random.nextInt(FIGURES.length)];
  }

  private String string(String format) {
    int which = random.nextInt(10);
    if (which < 5 && !kept.isEmpty() && !format.startsWith("date")) {
      for (int i = 0; i < 20; i++) {
        String before = kept.get(random.nextInt(kept.size()));
        if (!format.equals("uuid") || before.length() == 36) {
          return before;
        }
      }
    }
    if (which < 8) {
      return switch (format) {
        case "uuid" -> new UUID(random.nextLong(), random.nextLong()).toString();
        case "date" ->
            "20"
                + (10 + random.nextInt(40))
                + "-0"
                + (1 + random.nextInt(9))
                + "-1"
                + random.nextInt(10);
        case "date-time" -> "2026-11-27T1" + random.nextInt(10) + ":00:00Z";
        default ->
            random.nextInt(3) == 0
                ? String.valueOf(random.nextInt(300))
                : "Word " + random.nextInt(50);
      };
    }
    return TEXTS[random.nextInt(TEXTS.length)];
  }
}
