package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import app.unimetric.tablet.RunOnTablet;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A tablet out of reach comes to what the server comes to, whatever is said. Two of its runs are
 * kept for the browser's own test; write them anew with {@code -Dvectors.write=true}.
 */
@InWorkshop
class TabletAlikeTest {
  private static final Path VECTOR = Path.of("../tablet/src/test/resources/run.json");
  private static final Path CLIMBED = VECTOR.resolveSibling("climbed.json");
  private static final Path AT_SLOT = VECTOR.resolveSibling("slot.json");
  private static final JsonMapper JSON = new JsonMapper();
  private static final int MOST = 300;
  private static final String JOB = "in hand";
  private final Visitor bram;
  private final String lead;

  TabletAlikeTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
    String found = "";
    for (JsonNode person : bram.get("/api/people").body()) {
      found = person.path("name").asString().equals("Asta") ? person.path("id").asString() : found;
    }
    lead = found;
  }

  /** What the tablet is given and what it says. */
  private static final class Away {
    final JsonNode page;
    final List<JsonNode> waiting = new ArrayList<>();

    Away(JsonNode run) {
      ObjectNode given = JSON.createObjectNode();
      given.set("sheet", run.path("sheet"));
      given.set("toolsOut", run.path("toolsOut"));
      given.set("entries", run.path("state").path("entries"));
      page = given;
      RunOnTablet.take(JOB, page.toString());
    }

    JsonNode standing() {
      return JSON.readTree(RunOnTablet.standing(JOB, JSON.writeValueAsString(waiting)));
    }
  }

  @ParameterizedTest
  @Drawn(take = 2, of = 4)
  @ValueSource(longs = {1, 2, 3, 4})
  void comesToTheSameWhateverIsSaid(long seed) throws IOException {
    JobRun job = JobRun.skidPlate(bram);
    Away away = comesToTheSame(seed, job);
    keep(away, seed == 2, VECTOR);
  }

  private static void keep(Away away, boolean chosen, Path path) throws IOException {
    if (Boolean.getBoolean("vectors.write") && chosen) {
      ObjectNode vector = JSON.createObjectNode();
      vector.set("page", away.page);
      vector.set("waiting", JSON.valueToTree(away.waiting));
      vector.set("standing", away.standing());
      Files.createDirectories(path.getParent());
      Files.writeString(path, vector.toString());
    }
  }

  @ParameterizedTest
  @Drawn(take = 2, of = 4)
  @ValueSource(longs = {1, 2, 3, 4})
  void comesToTheSameClimbingToHold(long seed) throws IOException {
    JobRun post = JobRun.carbonPost(bram);
    Away away = comesToTheSame(seed, post);
    keep(away, seed == 1, CLIMBED);
  }

  @ParameterizedTest
  @Drawn(take = 2, of = 4)
  @ValueSource(longs = {1, 2, 3, 4})
  void comesToTheSameOnToTheNextSlot(long seed) throws IOException {
    Away away = comesToTheSame(seed, JobRun.frontHub(bram));
    keep(away, seed == 1, AT_SLOT);
  }

  @ParameterizedTest
  @Drawn(take = 1, of = 3)
  @ValueSource(longs = {1, 2, 3})
  void comesToTheSameLookingAgain(long seed) {
    JobRun look = JobRun.lookAgain(bram);
    comesToTheSame(seed, look);
  }

  private Away comesToTheSame(long seed, JobRun job) {
    Random random = new Random(seed);
    Away away = new Away(job.run());
    JsonNode state = job.run().path("state");
    for (int i = 0; i < MOST && !state.path("signedOff").asBoolean(); i++) {
      Map<String, Object> said = anything(random, job, state, settingNm(away, state));
      Answer answer = job.send(said);
      if (answer.status() != 200) {
        job.counter--;
        continue;
      }
      state = answer.body().path("state");
      away.waiting.add(waiting(said, state));
      JsonNode standing = away.standing();
      assertThat(plain(standing.path("state")))
          .as("seed %s, entry %s: %s", seed, i, said)
          .isEqualTo(plain(job.run().path("state")));
      assertThat(plain(standing.path("trays"))).isEqualTo(plain(job.run().path("trays")));
    }
    assertThat(state.path("signedOff").asBoolean()).as("seed %s came to its end", seed).isTrue();
    assertThat(plain(away.standing().path("summary"))).isEqualTo(plain(job.run().path("summary")));
    return away;
  }

  /** Sound, given way, crossed, and far too stiff beside the first. */
  private static final List<String> CURVES =
      List.of("0:0 90:0.2 130:22", "0:0 130:22 150:9", "0:0 420:22", "0:0 90:0.2 98:22");

  /** Settled, dirty with figures as typed, not found. */
  private static final List<Map<String, String>> MOVED =
      List.of(
          Map.of("cause", "SETTLED", "angleDeg", "12"),
          Map.of("cause", "CONTAMINATED", "angleDeg", "8,5", "gripMm", "20"),
          Map.of("cause", "NOT_FOUND"));

  /** In line, a little on, beyond what it may carry, nobody knows, never so far. */
  private static final List<Map<String, String>> SLOTS =
      List.of(
          Map.of("turnDeg", "0"),
          Map.of("turnDeg", "4,5", "nmPerDegree", "0.5"),
          Map.of("turnDeg", "50", "nmPerDegree", "9"),
          Map.of("turnDeg", "12"),
          Map.of("turnDeg", "75"));

  @Test
  void whatCameMeanwhileIsPlayedOn() {
    JobRun job = JobRun.skidPlate(bram);
    Away away = new Away(job.run());
    JsonNode state = job.run().path("state");
    for (int i = 0; i < 3; i++) {
      state =
          job.send(job.said(state.path("answers").get(0).path("kind").asString(), state))
              .body()
              .path("state");
      RunOnTablet.told(JOB, state.path("entries").toString());
    }
    RunOnTablet.told(JOB, state.path("entries").toString());
    assertThat(plain(away.standing().path("state"))).isEqualTo(plain(job.run().path("state")));
  }

  /** Mostly what is permitted, at times a wrong figure, a correction or something out of place. */
  private Map<String, Object> anything(Random random, JobRun job, JsonNode state, String setting) {
    JsonNode permits = state.path("answers");
    String kind = permits.get(random.nextInt(permits.size())).path("kind").asString();
    JsonNode entries = state.path("entries");
    int dice = random.nextInt(20);
    if (dice == 0) {
      kind = "MOVED";
    } else if (dice == 1) {
      kind = "NOTE";
    } else if (dice == 2 && !entries.isEmpty()) {
      kind = "CORRECTION";
    } else if (kind.equals("AMENDED")
        || kind.equals("MOVED") && !(isTried(state) && random.nextInt(3) == 0)
        || kind.equals("BEGUN_AGAIN")
            && !permits.get(0).path("kind").asString().equals(kind)
            && random.nextInt(6) > 0) {
      kind = permits.get(0).path("kind").asString();
    }
    if (kind.equals("HOLDS") && random.nextBoolean()) {
      kind = "SLIPS";
    }
    Map<String, Object> said = job.said(kind, state);
    switch (kind) {
      case "READING" -> {
        said.put("typed", reading(random, setting));
        if (random.nextInt(3) == 0) {
          said.put("curve", CURVES.get(random.nextInt(CURVES.size())));
        }
        said.put("unit", "N.m");
      }
      case "SLOT_AHEAD" -> said.put("slot", SLOTS.get(random.nextInt(SLOTS.size())));
      case "MOVED" -> {
        if (isTried(state) && random.nextInt(4) > 0) {
          said.put("moved", MOVED.get(random.nextInt(MOVED.size())));
        }
      }
      case "CORRECTION" -> {
        JsonNode wrong = entries.get(random.nextInt(entries.size())).path("event");
        said.put("corrects", wrong.path("id").asString());
        said.put("stepId", wrong.path("stepId").asString());
        said.put("reason", "mistyped");
      }
      case "FOUND" ->
          said.put("finding", List.of("GOOD", "GOOD", "PUT_RIGHT", "BAD").get(random.nextInt(4)));
      case "OTHER_PRODUCT" -> {
        said.put("product", random.nextBoolean() ? "Harbour Lock M" : "Another");
        said.put("lot", "T-1");
      }
      case "NOTE", "LEFT", "DEVIATION_ACCEPTED", "BEGUN_AGAIN" ->
          said.put("reason", "as we found it");
      default -> {}
    }
    if (kind.equals("SECOND_LOOK") || kind.equals("LEFT") || kind.equals("DEVIATION_ACCEPTED")) {
      said.put("witness", Map.of("name", "Asta", "pin", "2468"));
    }
    return said;
  }

  /** What the tool in hand is set to, N·m. */
  private static String settingNm(Away away, JsonNode state) {
    for (JsonNode step : away.page.path("sheet").path("steps")) {
      if (step.path("id").equals(state.path("currentStep"))) {
        return step.path("settingNm").asString("22");
      }
    }
    return "22";
  }

  private static String reading(Random random, String setting) {
    return List.of(setting, setting.replace('.', ','), "9.5 ftlb", "400").get(random.nextInt(4));
  }

  private static boolean isTried(JsonNode state) {
    return state.path("currentStep").asString("").startsWith("try.");
  }

  /** The same as the tablet holds it: who said it and when, and who looked. */
  private JsonNode waiting(Map<String, Object> said, JsonNode state) {
    JsonNode entry = state.path("entries").get(state.path("entries").size() - 1).path("event");
    Map<String, Object> one = new HashMap<>();
    one.put("entry", JobRun.sent(said).get(0));
    one.put("by", entry.path("by"));
    one.put("at", entry.path("time").path("doneAt").asString());
    if (said.containsKey("witness")) {
      one.put("witness", Map.of("id", lead, "name", "Asta", "lead", true));
    }
    return JSON.valueToTree(one);
  }

  /** As a tree in which a figure is a figure, however it was written. */
  private static Object plain(JsonNode node) {
    if (node.isObject()) {
      Map<String, Object> fields = new TreeMap<>();
      node.propertyNames().forEach(n -> fields.put(n, plain(node.path(n))));
      return fields;
    }
    if (node.isArray()) {
      List<Object> all = new ArrayList<>();
      node.forEach(n -> all.add(plain(n)));
      return all;
    }
    return node.isNumber() ? new BigDecimal(node.asString()).stripTrailingZeros() : node.asString();
  }
}
