package app.unimetric.server.compute;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The calls behind the joint desk and the ask line, and the description of them all. */
@InWorkshop
class DeskCallsTest {
  private static final String M8 =
      "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\"";
  private final Visitor anybody;

  DeskCallsTest(Workshop workshop) {
    anybody = new Visitor(workshop);
  }

  private JsonNode call(String name, String json) {
    Answer answer = anybody.post("/api/compute/" + name, json);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    return answer.body();
  }

  @Test
  void theDeskAnswersAllAtOnce() {
    JsonNode a =
        call(
            "desk",
            "{\"joint\": "
                + M8
                + ", \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}}, "
                + "\"torqueText\": \"22 Nm\", \"group\": {\"count\": 4, \"layout\": \"CIRCLE\", \"passes\": 2}}");
    assertThat(a.path("torque").path("stated").asString()).isEqualTo("22 N·m");
    assertThat(a.path("joint").path("preloadN").path("nominal").asDouble())
        .isCloseTo(16_650, within(200.0));
    assertThat(a.path("others").size()).isEqualTo(6);
    for (JsonNode other : a.path("others")) {
      double kept = 100 * (22 / other.path("torqueNm").asDouble() - 1);
      assertThat(other.path("overloadPercent").asDouble()).isCloseTo(kept, within(1e-9));
    }
    assertThat(a.path("chance").path("p5N").asDouble())
        .isBetween(
            a.path("joint").path("preloadN").path("min").asDouble(),
            a.path("joint").path("preloadN").path("nominal").asDouble());
    assertThat(a.path("interaction").path("afterEachPass").size()).isEqualTo(2);
    assertThat(a.path("loadPerDegreeN").asDouble()).isPositive();
    assertThat(a.path("breakLooseNm").path("low").asDouble()).isLessThan(22);
    assertThat(a.path("unitSlips").size()).isZero();
  }

  @Test
  void aTorqueAndAngleNeedsTheGripToBeTold() {
    JsonNode without = call("desk", "{\"joint\": " + M8 + "}, \"torqueText\": \"10 Nm + 30°\"}");
    assertThat(without.has("afterAngle")).isFalse();
    JsonNode with =
        call(
            "desk",
            "{\"joint\": "
                + M8
                + ", \"grip\": {\"lengthMm\": 40, \"outerDiameterMm\": 24}}, \"torqueText\": \"10 Nm + 30°\"}");
    assertThat(with.path("afterAngle").path("preloadN").asDouble())
        .isGreaterThan(with.path("joint").path("preloadN").path("nominal").asDouble());
  }

  @Test
  void aWrongUnitIsPointedOutAtTheDesk() {
    JsonNode a = call("desk", "{\"joint\": " + M8 + "}, \"torqueText\": \"180 Nm\"}");
    assertThat(a.path("unitSlips").get(0).path("likelyUnits").toString())
        .contains("[in_i].[lbf_av]");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"joint\": %s}, \"torqueText\": \"22\"}|torqueText",
        "{\"joint\": %s, \"torqueNm\": 3}, \"torqueText\": \"22 Nm\"}|joint.torqueNm",
        "{\"joint\": %s}, \"group\": {\"count\": 1, \"layout\": \"ROW\", \"passes\": 1}}|group.count",
        "{\"joint\": %s, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 5}}}|joint.grip.outerDiameterMm",
        "{\"joint\": %s, \"engagement\": {\"lengthMm\": 20, \"material\": \"CARBON\"}}}|joint.engagement.material"
      })
  void problemsNameTheirFieldOnTheDesk(String json, String field) {
    Answer answer = anybody.post("/api/compute/desk", String.format(json, M8));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "18 ftlb|TORQUE",
        "M8 8.8 into cast aluminium 12 mm|JOINT",
        "M10x1.25 10.9 55 Nm|JOINT",
        "10-12 Nm with 35 mm crowfoot on the 5-25 tool|SETTING",
        "18 ftlb on the 10-80 ftlb wrench|SETTING"
      })
  void questionsAreAnsweredByTheirKind(String text, String kind) {
    JsonNode a = call("question", "{\"text\": \"" + text + "\"}");
    assertThat(a.path("kind").asString()).isEqualTo(kind);
    assertThat(a.has("joint")).isEqualTo(kind.equals("JOINT"));
    assertThat(a.has("setting")).isEqualTo(kind.equals("SETTING"));
  }

  @Test
  void aCrowfootIsReckonedInAndItsLeverIsSaidToBeAssumed() {
    JsonNode a = call("question", "{\"text\": \"10-12 Nm with 50 mm crowfoot on the 5-25 tool\"}");
    assertThat(a.path("setting").path("answer").path("scale").path("value").asDouble())
        .isCloseTo(11 * 250.0 / 300, within(1e-9));
    assertThat(a.path("reasons").toString()).contains("250 mm is assumed");
    JsonNode known =
        call(
            "question",
            "{\"text\": \"10-12 Nm with 50 mm crowfoot lever 200 mm on the 5-25 tool\"}");
    assertThat(known.path("setting").path("answer").path("scale").path("value").asDouble())
        .isCloseTo(11 * 200.0 / 250, within(1e-9));
    assertThat(known.path("reasons").toString()).doesNotContain("assumed");
  }

  @Test
  void whatTheDesksOfferComesFromTheCore() {
    JsonNode choices = anybody.get("/api/compute/choices").body();
    assertThat(choices.path("threads").size()).isGreaterThan(30);
    assertThat(choices.path("classes").toString()).contains("\"8.8\"").contains("\"A2-70\"");
    assertThat(choices.path("heads").size()).isEqualTo(5);
    assertThat(choices.path("conditions").toString()).contains("threadlocker, wet");
    assertThat(choices.path("materials").toString()).doesNotContain("CARBON");
  }

  @Test
  void everyCallIsDescribedWithAnExampleThatWorks() {
    JsonNode api = anybody.get("/v3/api-docs").body();
    List<String> calls = new ArrayList<>();
    for (String path : api.path("paths").propertyNames()) {
      JsonNode post = api.path("paths").path(path).path("post");
      if (!path.startsWith("/api/compute/") || post.isMissingNode()) {
        continue;
      }
      String ref =
          post.path("requestBody")
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
      String body = example.isString() ? example.asString() : example.toString();
      Answer answer = anybody.post(path + "?why=true", body);
      assertThat(answer.status()).as(path + " " + answer.body()).isEqualTo(200);
      assertThat(answer.body().path("reasons").isArray()).as(path).isTrue();
      assertThat(answer.body().path("derivation").isArray()).as(path).isTrue();
      assertThat(post.path("summary").asString()).as(path).isNotBlank();
      calls.add(path.substring("/api/compute/".length()));
    }
    assertThat(calls)
        .contains(
            "convert",
            "ask",
            "thread",
            "joint",
            "scatter",
            "torque-angle",
            "turn",
            "friction-change",
            "resolve",
            "setting",
            "tools",
            "order",
            "interaction",
            "castle-nut",
            "break-loose",
            "clamp",
            "climb",
            "compound",
            "bolt-length",
            "recheck");
  }

  @Test
  void theYardstickIsNotThereUnlessAskedFor() {
    assertThat(anybody.post("/api/compute/echo", "{}").status()).isEqualTo(404);
  }
}
