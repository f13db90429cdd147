package app.unimetric.server.compute;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Ten thousand requests ({@code -Dhostile.requests=N} for more), each an example of the API
 * description bent in one to four places: none may be answered by 500, none may hold NaN or
 * infinity.
 */
@InWorkshop
class HostileRequestsTest {
  private static final int REQUESTS = Integer.getInteger("hostile.requests", 10_000);
  private static final int THREADS = 4;
  private static final long SEED = Drawn.Draw.seed();
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private final Workshop workshop;

  HostileRequestsTest(Workshop workshop) {
    this.workshop = workshop;
  }

  @Test
  void noneIsAnsweredBy500OrByWhatIsNoNumber() throws Exception {
    Map<String, ObjectNode> examples = examples();
    assertThat(examples).hasSizeGreaterThanOrEqualTo(20);
    ConcurrentLinkedQueue<String> bad = new ConcurrentLinkedQueue<>();
    Map<Integer, Integer> statuses = new java.util.concurrent.ConcurrentHashMap<>();
    ExecutorService threads = Executors.newFixedThreadPool(THREADS);
    List<Future<?>> work = new ArrayList<>();
    for (int t = 0; t < THREADS; t++) {
      long seed = SEED + t;
      work.add(
          threads.submit(
              () -> bend(new Random(seed), new Visitor(workshop), examples, bad, statuses)));
    }
    for (Future<?> one : work) {
      one.get();
    }
    threads.shutdown();
    System.out.println("Hostile requests, seed " + SEED + ": answers by status " + statuses);
    assertThat(bad).isEmpty();
    assertThat(statuses.get(200)).as("some still make sense").isGreaterThan(REQUESTS / 50);
    assertThat(statuses.get(400)).isGreaterThan(REQUESTS / 10);
  }

  private static void bend(
      Random random,
      Visitor visitor,
      Map<String, ObjectNode> examples,
      ConcurrentLinkedQueue<String> bad,
      Map<Integer, Integer> statuses) {
    List<String> calls = List.copyOf(examples.keySet());
    for (int i = 0; i < REQUESTS / THREADS && bad.size() < 20; i++) {
      String call = calls.get(random.nextInt(calls.size()));
      ObjectNode body = examples.get(call).deepCopy();
      for (int bends = 1 + random.nextInt(4); bends > 0; bends--) {
        bendOne(random, body);
      }
      String json = body.toString();
      if (random.nextInt(20) == 0) {
        json = json.replaceFirst("[0-9]+", random.nextBoolean() ? "NaN" : "1e999");
      }
      Visitor.Answer answer = visitor.post(call + (random.nextBoolean() ? "?why=true" : ""), json);
      statuses.merge(answer.status(), 1, Integer::sum);
      String text = answer.raw().body();
      boolean noNumber = answer.status() == 200 && holdsNoNumber(answer.body(), json);
      if (answer.status() >= 500 || noNumber) {
        bad.add(answer.status() + " " + call + " " + json + " -> " + text);
      }
    }
  }

  /** NaN or infinity, which JSON can only carry as text; a text sent along comes back as it was. */
  private static boolean holdsNoNumber(JsonNode node, String request) {
    if (node.isString()) {
      String text = node.asString();
      return (text.equals("NaN") || text.endsWith("Infinity")) && !request.contains(text);
    }
    for (JsonNode child : node) {
      if (holdsNoNumber(child, request)) {
        return true;
      }
    }
    return false;
  }

  private static void bendOne(Random random, ObjectNode root) {
    List<ObjectNode> objects = new ArrayList<>();
    List<ArrayNode> arrays = new ArrayList<>();
    collect(root, objects, arrays);
    if (!arrays.isEmpty() && random.nextInt(4) == 0) {
      ArrayNode array = arrays.get(random.nextInt(arrays.size()));
      if (!array.isEmpty() && random.nextBoolean()) {
        array.set(random.nextInt(array.size()), hostile(random));
      } else {
        array.add(hostile(random));
      }
      return;
    }
    ObjectNode object = objects.get(random.nextInt(objects.size()));
    List<String> names = new ArrayList<>(object.propertyNames());
    if (names.isEmpty() || random.nextInt(15) == 0) {
      object.set("x" + random.nextInt(5), hostile(random));
      return;
    }
    String name = names.get(random.nextInt(names.size()));
    JsonNode old = object.get(name);
    switch (random.nextInt(6)) {
      case 0 -> object.remove(name);
      case 1, 2 -> object.set(name, hostile(random));
      default -> {
        if (old.isNumber()) {
          double factor = Math.pow(10, random.nextInt(7) - 3) * (random.nextInt(8) == 0 ? -1 : 1);
          double bent = old.asDouble() * factor * random.nextDouble();
          if (old.isInt() && random.nextBoolean()) {
            object.put(name, (int) bent);
          } else {
            object.put(name, bent);
          }
        } else {
          object.set(name, hostile(random));
        }
      }
    }
  }

  private static void collect(JsonNode node, List<ObjectNode> objects, List<ArrayNode> arrays) {
    if (node instanceof ObjectNode object) {
      objects.add(object);
    }
    if (node instanceof ArrayNode array) {
      arrays.add(array);
    }
    node.forEach(child -> collect(child, objects, arrays));
  }

  private static JsonNode hostile(Random random) {
    return switch (random.nextInt(20)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.numberNode(0);
      case 2 -> NODES.numberNode(-1);
      case 3 -> NODES.numberNode(1e308);
      case 4 -> NODES.numberNode(-1e308);
      case 5 -> NODES.numberNode(5e-324);
      case 6 -> NODES.numberNode(Long.MAX_VALUE);
      case 7 -> NODES.numberNode(Integer.MIN_VALUE);
      case 8 -> NODES.numberNode(random.nextDouble() * 1000);
      case 9 -> NODES.stringNode("");
      case 10 -> NODES.stringNode("x".repeat(1 + random.nextInt(5000)));
      case 11 -> NODES.stringNode("\u0000\u202e'; DROP TABLE job; --");
      case 12 -> NODES.stringNode("12 Nm");
      case 13 -> NODES.booleanNode(random.nextBoolean());
      case 14 -> NODES.arrayNode();
      case 15 -> NODES.objectNode();
      case 16 -> NODES.arrayNode().add(NODES.arrayNode().add(1)).add(NODES.nullNode());
      case 17 -> NODES.stringNode("2026-13-45");
      case 18 -> NODES.stringNode("HEX");
      default -> NODES.numberNode(random.nextInt(100));
    };
  }

  /** The request examples of the API description, by path. */
  private Map<String, ObjectNode> examples() {
    JsonNode api = new Visitor(workshop).get("/v3/api-docs").body();
    Map<String, ObjectNode> examples = new LinkedHashMap<>();
    for (String path : api.path("paths").propertyNames()) {
      if (!path.startsWith("/api/compute/") || !api.path("paths").path(path).has("post")) {
        continue;
      }
      String ref =
          api.path("paths")
              .path(path)
              .path("post")
              .path("requestBody")
              .path("content")
              .path("application/json")
              .path("schema")
              .path("$ref")
              .asString();
      JsonNode example =
          api.path("components")
              .path("schemas")
              .path(ref.substring(ref.lastIndexOf('/') + 1))
              .path("example");
      JsonNode parsed = example.isString() ? JSON.readTree(example.asString()) : example;
      assertThat(parsed.isObject()).as("an example of " + path).isTrue();
      examples.put(path, (ObjectNode) parsed);
    }
    return examples;
  }
}
