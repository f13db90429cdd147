package app.unimetric.server.compute;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@InWorkshop
class ComputeCallsTest {
  private final Workshop workshop;
  private final Visitor anybody;

  ComputeCallsTest(Workshop workshop) {
    this.workshop = workshop;
    anybody = new Visitor(workshop);
  }

  private JsonNode call(String name, String json) {
    Answer answer = anybody.post("/api/compute/" + name, json);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    assertThat(answer.raw().headers().allValues("Set-Cookie")).isEmpty();
    return answer.body();
  }

  @Test
  void convert() {
    JsonNode a = call("convert", "{\"value\": 18, \"unit\": \"[ft_i].[lbf_av]\"}");
    assertThat(a.path("torqueNm").asDouble()).isCloseTo(24.404723, within(1e-6));
    assertThat(a.path("in").path("[in_i].[lbf_av]").asDouble()).isCloseTo(216, within(1e-9));
    assertThat(a.path("reasons").size()).isPositive();
    assertThat(a.has("derivation")).isFalse();
    JsonNode why = call("convert?why=true", "{\"value\": 18, \"unit\": \"kgf.m\"}");
    assertThat(why.path("derivation").get(0).path("source").asString()).isNotBlank();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 ftlb|VALUE|[ft_i].[lbf_av]",
        "1.2 kgm|VALUE|kgf.m",
        "10-12 Nm|RANGE|N.m",
        "max 5nm|MAXIMUM|N.m",
        "9,8 N·m|VALUE|N.m",
        "20 Nm + 90°|TORQUE_ANGLE|N.m"
      })
  void ask(String text, String form, String unit) {
    JsonNode a = call("ask", "{\"text\": \"" + text + "\"}");
    assertThat(a.path("form").asString()).isEqualTo(form);
    assertThat(a.path("unit").asString()).isEqualTo(unit);
  }

  @Test
  void askReadsAValueStatedTwiceAndSaysWhetherItAgrees() {
    JsonNode right = call("ask", "{\"text\": \"20 N·m (15 ft·lbf)\"}");
    assertThat(right.path("value").asDouble()).isEqualTo(20);
    assertThat(right.path("alsoStated").path("unit").asString()).isEqualTo("[ft_i].[lbf_av]");
    assertThat(right.path("alsoStated").path("agrees").asBoolean()).isTrue();
    JsonNode wrong = call("ask", "{\"text\": \"20 N·m (20 ft·lbf)\"}");
    assertThat(wrong.path("alsoStated").path("agrees").asBoolean()).isFalse();
    assertThat(wrong.path("reasons").toString()).contains("disagrees");
    assertThat(call("ask", "{\"text\": \"20 N·m\"}").has("alsoStated")).isFalse();
  }

  @Test
  void aBearingBesideAHeadKeepsTheHeadsCone() {
    String request = "{" + M8 + ", \"condition\": \"OILED\", \"torqueNm\": 20%s}";
    String ring = ", \"bearing\": {\"outerDiameterMm\": 16, \"holeDiameterMm\": 9}";
    double flat = nominalN(request.formatted(ring));
    double cone = nominalN(request.formatted(ring + ", \"head\": \"COUNTERSUNK\""));
    double usual = nominalN(request.formatted(", \"head\": \"COUNTERSUNK\""));
    assertThat(cone).isLessThan(flat * 0.85);
    assertThat(cone).isCloseTo(usual, within(usual * 0.05)).isNotEqualTo(usual);
  }

  private double nominalN(String joint) {
    return call("joint", joint).path("preloadN").path("nominal").asDouble();
  }

  @Test
  void thread() {
    JsonNode a = call("thread", "{\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}");
    assertThat(a.path("stressAreaMm2").asDouble()).isCloseTo(36.6, within(0.05));
    assertThat(a.path("pitchDiameterMm").asDouble()).isCloseTo(7.188, within(0.001));
  }

  @Test
  void resolveFindsTheCapTheConflictAndTheSlip() {
    JsonNode cap =
        call(
            "resolve",
            """
            {"values": [
              {"form": "MAXIMUM", "max": 5, "unit": "N.m", "source": "PART_MARKING"},
              {"form": "MAXIMUM", "max": 6, "unit": "N.m", "source": "MANUAL"}]}""");
    assertThat(cap.path("bandMaxNm").asDouble()).isEqualTo(5);
    assertThat(cap.path("bandMinNm").asDouble()).isCloseTo(4, within(1e-12));
    assertThat(cap.path("aimNm").asDouble()).isCloseTo(5 / 1.06, within(1e-9));
    JsonNode slip =
        call(
            "resolve",
            """
            {"values": [
              {"form": "VALUE", "value": 88, "unit": "N.m", "source": "KIT_SHEET"},
              {"form": "VALUE", "value": 10, "unit": "N.m", "source": "MANUAL"}],
             "thread": {"nominalDiameterMm": 6, "pitchMm": 1}, "propertyClass": "8.8"}""");
    assertThat(slip.path("unitSlips").get(0).path("index").asInt()).isZero();
    assertThat(slip.path("unitSlips").get(0).path("likelyUnits").toString())
        .contains("[in_i].[lbf_av]");
    assertThat(slip.path("ready").asBoolean()).isFalse();
  }

  @Test
  void settingSaysWhatTheToolShows() {
    JsonNode a =
        call(
            "setting",
            """
            {"bandMinNm": 9, "bandMaxNm": 11, "aimNm": 10,
             "tool": {"minNm": 5, "maxNm": 25, "graduation": 0.5, "unit": "N.m"},
             "adapter": {"leverMm": 250, "extensionMm": 50, "angleDeg": 0}}""");
    assertThat(a.path("scale").path("value").asDouble()).isCloseTo(8.5, within(1e-9));
    assertThat(a.path("appliedNm").path("nominal").asDouble()).isCloseTo(10.2, within(1e-9));
    assertThat(a.path("status").asString()).isEqualTo("INSIDE");
    JsonNode none =
        call(
            "setting",
            "{\"bandMinNm\": 90, \"bandMaxNm\": 110, \"tool\": {\"minNm\": 5, \"maxNm\": 25, \"unit\": \"N.m\"}}");
    assertThat(none.path("status").asString()).isEqualTo("OUT_OF_RANGE");
  }

  @Test
  void orderOfTwelveOnACircle() {
    JsonNode a = call("order", "{\"count\": 12, \"layout\": \"CIRCLE\"}");
    assertThat(a.path("passes").get(1).path("order").toString())
        .isEqualTo("[1,7,4,10,2,8,5,11,3,9,6,12]");
  }

  private static final String M8 =
      "\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\"";
  private static final String GRIP = "\"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}";

  @Test
  void jointAnswersLoadLimitsAndWhatBreaksFirst() {
    JsonNode a =
        call(
            "joint?why=true",
            "{"
                + M8
                + ", \"friction\": {\"thread\": 0.12, \"head\": {\"min\": 0.1, \"nominal\": 0.12, \"max\": 0.14}},"
                + " \"torqueNm\": 22, \"engagement\": {\"lengthMm\": 6, \"material\": \"ALUMINIUM_CAST\"}, "
                + GRIP
                + ", \"service\": {\"transverseN\": 900, \"slipFriction\": 0.15}}");
    assertThat(a.path("assemblyTorqueNm").asDouble()).isCloseTo(24.6, within(0.2));
    assertThat(a.path("utilisation").asDouble())
        .isCloseTo(0.9 * 22 / a.path("assemblyTorqueNm").asDouble(), within(1e-9));
    assertThat(a.path("preloadN").path("min").asDouble())
        .isLessThan(a.path("preloadN").path("nominal").asDouble());
    assertThat(a.path("failsFirst").asString()).isEqualTo("INTERNAL_THREAD");
    assertThat(a.path("ceilingBy").asString()).isEqualTo("INTERNAL_THREAD");
    assertThat(a.path("floorBy").asString()).isEqualTo("SLIP");
    assertThat(a.path("expectedAngleDeg").asDouble()).isPositive();
    assertThat(a.path("derivation").size()).isGreaterThan(10);
  }

  @Test
  void plasticThreadsCarryNoPromise() {
    JsonNode a =
        call(
            "joint", "{" + M8 + ", \"engagement\": {\"lengthMm\": 12, \"material\": \"PLASTIC\"}}");
    assertThat(a.has("failsFirst")).isFalse();
    assertThat(a.path("reasons").toString()).contains("plastic");
  }

  @Test
  void scatterTurnAndTorqueAngle() {
    JsonNode s = call("scatter", "{" + M8 + ", \"torqueNm\": 22, \"draws\": 20000, \"seed\": 5}");
    assertThat(s.path("percentilesN").path("p5").asDouble())
        .isLessThan(s.path("percentilesN").path("p95").asDouble());
    JsonNode t =
        call(
            "turn",
            "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, "
                + GRIP
                + ", \"angleDeg\": 3}");
    assertThat(t.path("loadChangeN").asDouble()).isPositive();
    JsonNode a =
        call("torque-angle", "{" + M8 + ", " + GRIP + ", \"snugNm\": 10, \"angleDeg\": 400}");
    assertThat(a.path("yields").asBoolean()).isTrue();
    assertThat(a.has("torqueNm")).isFalse();
  }

  @Test
  void frictionChangeKeepsTheLoad() {
    JsonNode a =
        call(
            "friction-change",
            "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"torqueNm\": 25, \"fromCondition\": \"DRY\", \"to\": {\"thread\": 0.12, \"head\": 0.12}}");
    assertThat(a.path("torqueNm").asDouble()).isCloseTo(16.7, within(0.3));
    assertThat(a.path("overloadPercent").asDouble()).isGreaterThan(40);
  }

  @Test
  void toolsAreRankedAndTheRefusedSayWhy() {
    JsonNode a =
        call(
            "tools",
            """
            {"bandMinNm": 20, "bandMaxNm": 24, "critical": true, "today": "2026-06-01", "tools": [
              {"id": "old", "minNm": 5, "maxNm": 25, "graduation": 0.5, "unit": "N.m", "calibratedOn": "2024-01-01"},
              {"id": "big", "minNm": 40, "maxNm": 200, "unit": "N.m", "calibratedOn": "2026-05-01"},
              {"id": "good", "minNm": 20, "maxNm": 110, "graduation": 1, "unit": "N.m", "calibratedOn": "2026-05-01"}]}""");
    assertThat(a.path("choices").get(0).path("id").asString()).isEqualTo("good");
    assertThat(a.path("choices").get(0).path("usable").asBoolean()).isTrue();
    assertThat(a.path("choices").toString()).contains("Out of calibration since");
    assertThat(a.path("choices").toString()).contains("OUT_OF_RANGE");
  }

  @Test
  void interactionCastleNutAndBreakLoose() {
    JsonNode i =
        call(
            "interaction",
            "{\"count\": 4, \"layout\": \"CIRCLE\", \"neighbour\": 0.1, \"targetN\": 10000, \"order\": [1,3,2,4], \"passes\": 3}");
    assertThat(i.path("afterEachPass").size()).isEqualTo(3);
    assertThat(i.path("afterEachPass").get(0).get(3).asDouble()).isEqualTo(10_000);
    assertThat(i.path("bestOrder").size()).isEqualTo(4);
    JsonNode c =
        call(
            "castle-nut",
            "{\"slots\": 6, \"holes\": 1, \"angleNowDeg\": 20, \"torqueNowNm\": 80, \"nmPerDegree\": 0.6}");
    assertThat(c.path("turnDeg").asDouble()).isCloseTo(40, within(1e-9));
    JsonNode b =
        call(
            "break-loose", "{\"tightenedNm\": 22, \"compound\": \"MEDIUM\", \"drive\": \"HEX_6\"}");
    assertThat(b.path("heatFirst").asBoolean()).isTrue();
  }

  @Test
  void clampClimbCompoundLengthAndRecheck() {
    JsonNode p =
        call(
            "clamp",
            "{\"tubeDiameterMm\": 31.8, \"widthMm\": 40, \"style\": \"PINCH\", \"bolts\": 2, \"boltLoadN\": 4000, \"friction\": 0.2}");
    assertThat(p.path("pressureMPa").asDouble()).isCloseTo(2 * 8000 / (31.8 * 40), within(1e-9));
    assertThat(call("climb", "{\"limitNm\": 6}").path("stepsNm").get(0).asDouble()).isEqualTo(3.5);
    JsonNode c =
        call(
            "compound",
            "{\"materials\": {\"bolt\": \"STEEL\", \"female\": \"CARBON\"}, \"surface\": \"CLAMP\"}");
    assertThat(c.path("advice").asString()).isEqualTo("CARBON_PASTE");
    JsonNode l =
        call(
            "bolt-length",
            "{\"gripMm\": 20, \"washersMm\": 1.6, \"nutHeightMm\": 8, \"pitchMm\": 1.25, \"lengthMm\": 35, \"insertNut\": true}");
    assertThat(l.path("protrusionMm").asDouble()).isCloseTo(5.4, within(1e-9));
    JsonNode r =
        call(
            "recheck",
            "{\"rules\": [{\"named\": \"SETTLING\"}, {\"why\": \"Ours.\", \"days\": 3}], \"fittedOn\": \"2026-06-01\", \"odometerKm\": 1000}");
    assertThat(r.path("due").get(0).path("atKm").asDouble()).isEqualTo(1100);
    assertThat(r.path("due").get(1).path("onDate").asString()).isEqualTo("2026-06-04");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "joint|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}}|propertyClass",
        "joint|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"friction\": {\"thread\": \"0.1\", \"head\": 0.1}}|friction.thread",
        "joint|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"friction\": {\"thread\": 0.1}}|friction.head",
        "joint|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"torqueBandNm\": {\"min\": 12, \"max\": 10}}|torqueBandNm.min",
        "joint|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"torqueMn\": [{\"torqueNm\": 2}], \"torqueNm\": 22}|torqueMn",
        "joint|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25, \"pitch\": 1}, \"propertyClass\": \"8.8\"}|thread.pitch",
        "joint|[]|",
        "scatter|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"torqueNm\": 22, \"seed\": 1}|draws",
        "torque-angle|{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"snugNm\": 10, \"angleDeg\": 30}|grip",
        "castle-nut|{\"slots\": 7, \"holes\": 1, \"angleNowDeg\": 0, \"torqueNowNm\": 80, \"nmPerDegree\": 0.6}|slots",
        "interaction|{\"count\": 4, \"layout\": \"CIRCLE\", \"targetN\": 100, \"order\": [1,2,3,3], \"passes\": 1}|order",
        "recheck|{\"rules\": [{}], \"fittedOn\": \"2026-06-01\"}|rules[0]",
        "convert|{\"value\": \"18\", \"unit\": \"N.m\"}|value",
        "convert|{\"value\": NaN, \"unit\": \"N.m\"}|",
        "convert|{\"value\": 1e999, \"unit\": \"N.m\"}|",
        "convert|{\"value\": -1, \"unit\": \"N.m\"}|value",
        "convert|{\"value\": 1, \"unit\": \"Nm\"}|unit",
        "convert|{\"value\": 1}|unit",
        "convert|{\"value\": 1, \"unit\": \"N.m\", \"extra\": 1}|extra",
        "ask|{\"text\": \"12\"}|text",
        "thread|{\"nominalDiameterMm\": 8, \"pitchMm\": 7}|pitchMm",
        "resolve|{\"values\": [{\"form\": \"RANGE\", \"min\": 12, \"max\": 10, \"unit\": \"N.m\", \"source\": \"MANUAL\"}]}|values[0].min",
        "setting|{\"bandMinNm\": 12, \"bandMaxNm\": 10, \"tool\": {\"minNm\": 5, \"maxNm\": 25, \"unit\": \"N.m\"}}|bandMinNm",
        "order|{\"count\": 65, \"layout\": \"CIRCLE\"}|count",
        "order|{\"count\": 4, \"layout\": \"STAR\"}|layout",
      })
  void badRequestsNameTheirField(String call, String json, String field) {
    Answer answer = anybody.post("/api/compute/" + call, json);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
        .startsWith("application/problem+json");
    if (field != null) {
      assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
    }
  }

  @Test
  void tooLargeWrongTypeAndUnknownCallsAreSaidPlainly() {
    String big = "{\"text\": \"" + "x".repeat(70_000) + "\"}";
    assertThat(anybody.post("/api/compute/ask", big).status()).isEqualTo(413);
    HttpRequest.Builder text =
        HttpRequest.newBuilder(URI.create(anybody.url() + "/api/compute/ask"))
            .header("Content-Type", "text/plain")
            .POST(HttpRequest.BodyPublishers.ofString("12 Nm"));
    assertThat(anybody.send(text).status()).isEqualTo(415);
    assertThat(anybody.post("/api/compute/guess", "{}").status()).isEqualTo(404);
    assertThat(anybody.get("/api/compute/ask").status()).isEqualTo(405);
  }

  @Test
  void tooManyRequestsAreToldWhenToComeBack() throws IOException {
    try (Workshop narrow =
        workshop.another(
            Map.of("unimetric.demo", "true", "unimetric.compute.requests-per-minute", "3"))) {
      Visitor visitor = new Visitor(narrow);
      Answer last = null;
      for (int i = 0; i < 4; i++) {
        last = visitor.post("/api/compute/ask", "{\"text\": \"12 Nm\"}");
      }
      assertThat(last.status()).isEqualTo(429);
      assertThat(last.raw().headers().firstValue("Retry-After")).isPresent();
    }
  }
}
