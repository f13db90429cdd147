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

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
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
