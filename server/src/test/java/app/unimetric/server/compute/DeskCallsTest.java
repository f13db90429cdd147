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
  void theVerdictIsHandedOverWithTheAnswer() {
    String at = "{\"joint\": " + M8 + "}, \"torqueText\": \"%s Nm\"}";
    JsonNode holds = call("desk", String.format(at, 16));
    assertThat(holds.path("verdict").path("standing").asString()).isEqualTo("HOLDS");
    assertThat(holds.path("joint").path("pastYield").asBoolean()).isFalse();
    JsonNode doubtful = call("desk", String.format(at, 24));
    assertThat(doubtful.path("verdict").path("words").asString()).endsWith("would yield");
    JsonNode past = call("desk", String.format(at, 60));
    assertThat(past.path("verdict").path("standing").asString()).isEqualTo("FAILS");
    assertThat(past.path("joint").path("pastYield").asBoolean()).isTrue();
    assertThat(call("desk", "{\"joint\": " + M8 + "}}").has("verdict")).isFalse();
  }

  @Test
  void spacingAndGripGiveTheCoefficientsOfAGroup() {
    String group =
        "{\"joint\": "
            + M8
            + ", \"grip\": {\"lengthMm\": 40, \"outerDiameterMm\": 60}}, "
            + "\"group\": {\"count\": 6, \"layout\": \"CIRCLE\", \"passes\": 2, \"spacingMm\": %s, \"wantedSpreadPercent\": 0.1}}";
    JsonNode near = call("desk", String.format(group, 16)).path("interaction");
    JsonNode far = call("desk", String.format(group, 200)).path("interaction");
    assertThat(near.path("neighbour").asDouble()).isPositive();
    assertThat(near.path("passesToWantedSpread").asInt())
        .isGreaterThan(near.path("passesToSpread5Percent").asInt());
    assertThat(near.path("reasons").toString()).contains("From spacing and stiffness");
    assertThat(far.path("neighbour").asDouble()).isZero();
    assertThat(far.path("passesToWantedSpread").asInt()).isEqualTo(1);
    assertThat(near.path("positions").size()).isEqualTo(6);
  }

  @Test
  void aTubeIsToldPressureHoldStepsAndGaps() {
    JsonNode tube =
        call(
                "desk",
                "{\"joint\": "
                    + M8.replace("8.8", "A2-70")
                    + "}, \"torqueText\": \"5 Nm\", \"tube\": {\"diameterMm\": 31.8, \"widthMm\": 40, "
                    + "\"style\": \"FACEPLATE\", \"bolts\": 4, \"friction\": 0.2, \"limitMPa\": 4, "
                    + "\"limitNm\": 5, \"gapsMm\": [2.0, 2.4, 2.1, 2.0]}}")
            .path("tube");
    double hoopN = 2 * tube.path("boltLoadN").asDouble();
    assertThat(tube.path("clamp").path("pressureMPa").asDouble())
        .isCloseTo(2 * hoopN / (31.8 * 40), within(1e-9));
    assertThat(tube.path("clamp").path("withinLimit").asBoolean()).isFalse();
    assertThat(tube.path("climb").path("stepsNm").get(0).asDouble()).isEqualTo(3.0);
    assertThat(tube.path("gaps").path("even").asBoolean()).isFalse();
  }

  @Test
  void fastenersMaySitAnywhere() {
    JsonNode order =
        call(
            "order",
            "{\"count\": 5, \"positions\": [{\"x\": 0, \"y\": -40}, {\"x\": 40, \"y\": 0}, "
                + "{\"x\": 0, \"y\": 40}, {\"x\": -40, \"y\": 0}, {\"x\": 0, \"y\": 0}]}");
    assertThat(order.path("passes").get(3).path("order").toString()).isEqualTo("[5,1,3,2,4]");
    assertThat(order.path("positions").get(1).path("x").asDouble()).isEqualTo(1);
    Answer twice =
        anybody.post(
            "/api/compute/order",
            "{\"count\": 2, \"positions\": [{\"x\": 1, \"y\": 1}, {\"x\": 1, \"y\": 1}]}");
    assertThat(twice.status()).isEqualTo(400);
    assertThat(twice.body().path("errors").get(0).path("field").asString())
        .isEqualTo("positions[1]");
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
        "{\"joint\": %s}, \"group\": {\"count\": 4, \"layout\": \"ROW\", \"passes\": 1, \"spacingMm\": 30}}|group.spacingMm",
        "{\"joint\": %s}, \"tube\": {\"diameterMm\": 30, \"widthMm\": 0, \"style\": \"PINCH\", \"bolts\": 2, \"friction\": 0.2}}|tube.widthMm",
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

  /** Cups and pedals seat: no clamp load is judged, but what breaks the thread is stopped. */
  @Test
  void whatClampsNothingIsNotJudgedByItsClampLoad() {
    String cup =
        "{\"joint\": {\"thread\": {\"designation\": \"1.375 in × 24\"}, \"propertyClass\": \"8.8\"}, \"torqueText\": \"%s\"}";
    JsonNode a = call("desk", cup.formatted("40 Nm"));
    assertThat(a.path("clamps").asBoolean()).isFalse();
    assertThat(a.has("verdict")).isFalse();
    assertThat(a.path("unitSlips").size()).isZero();
    assertThat(a.path("stops").size()).isZero();
    assertThat(call("desk", cup.formatted("9000 Nm")).path("stops").toString())
        .contains("more than this thread can carry at all");
    JsonNode pivot =
        call("desk", "{\"joint\": " + M8 + "}, \"torqueText\": \"1 Nm\", \"role\": \"PIVOT\"}");
    assertThat(pivot.path("clamps").asBoolean()).isFalse();
    assertThat(pivot.path("unitSlips").size()).isZero();
    JsonNode clamp = call("desk", "{\"joint\": " + M8 + "}, \"torqueText\": \"1 Nm\"}");
    assertThat(clamp.path("clamps").asBoolean()).isTrue();
    assertThat(clamp.path("unitSlips").size()).isEqualTo(1);
  }

  @Test
  void aTurnAPlasticThreadAndAStainlessPairAreSaidAtTheDesk() {
    JsonNode turned = call("desk", "{\"joint\": " + M8 + "}, \"torqueText\": \"20 Nm + 90°\"}");
    assertThat(turned.path("joint").has("preloadN")).isFalse();
    assertThat(turned.path("cautions").toString()).contains("the turn of 90° makes the clamp load");
    JsonNode plastic =
        call(
            "desk",
            "{\"joint\": "
                + M8
                + ", \"engagement\": {\"lengthMm\": 8, \"material\": \"PLASTIC\"}}, \"torqueText\": \"2 Nm\"}");
    assertThat(plastic.path("promised").asBoolean()).isFalse();
    assertThat(plastic.has("verdict")).isFalse();
    assertThat(plastic.path("cautions").toString()).contains("plastic");
    JsonNode pair =
        call(
            "desk",
            "{\"joint\": {\"thread\": {\"designation\": \"M6\"}, \"propertyClass\": \"A2-70\", \"engagement\": {\"lengthMm\": 8, \"material\": \"STAINLESS\"}}}");
    assertThat(pair.path("cautions").toString()).contains("Stainless in stainless galls");
    assertThat(pair.path("promised").asBoolean()).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"designation\": \"1/4-20 UNC\"}|20.5|1/4-20 UNC",
        "{\"nominalDiameterMm\": 6.35, \"pitchMm\": 1.27, \"series\": \"UN\"}|20.5|1/4-20 UNC",
        "{\"nominalDiameterMm\": 6.35, \"pitchMm\": 1.27}|20.9|M6.35×1.27",
        "{\"designation\": \"M8\"}|36.6|M8"
      })
  void aThreadByItsNameOrItsFigures(String json, double areaMm2, String name) {
    JsonNode a = call("thread", json);
    assertThat(a.path("stressAreaMm2").asDouble()).isCloseTo(areaMm2, within(0.06));
    assertThat(a.path("designation").asString()).isEqualTo(name);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{}|nominalDiameterMm",
        "{\"nominalDiameterMm\": 8}|pitchMm",
        "{\"designation\": \"M7\"}|designation",
        "{\"designation\": \"M8\", \"pitchMm\": 1}|designation"
      })
  void aThreadThatIsNoneIsRefusedAtItsField(String json, String field) {
    Answer answer = anybody.post("/api/compute/thread", json);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
  }

  @Test
  void theAskLineTellsTheUnitAskedForAndWhyThereIsNoFigure() {
    JsonNode told = call("question", "{\"text\": \"120 in lbs to Nm\"}");
    assertThat(told.path("toldIn").asString()).isEqualTo("N.m");
    assertThat(told.path("torque").path("in").path("N.m").path("value").asDouble())
        .isCloseTo(13.558, within(0.001));
    JsonNode plastic = call("question", "{\"text\": \"M5 into plastic\"}");
    assertThat(plastic.has("joint")).isFalse();
    assertThat(plastic.path("reasons").toString()).contains("no figure is worked out");
    JsonNode inch = call("question", "{\"text\": \"1/4-20 grade 5 9 ftlb\"}");
    assertThat(inch.path("joint").path("thread").asString()).isEqualTo("1/4-20 UNC");
    assertThat(inch.path("joint").path("request").path("propertyClass").asString())
        .isEqualTo("SAE-5");
    assertThat(anybody.post("/api/compute/question", "{\"text\": \"M8 8.8 honey\"}").detail())
        .endsWith("Try “M8 8.8”.");
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
            "gaps",
            "compound",
            "bolt-length",
            "recheck");
  }

  @Test
  void theYardstickIsNotThereUnlessAskedFor() {
    assertThat(anybody.post("/api/compute/echo", "{}").status()).isEqualTo(404);
  }
}
