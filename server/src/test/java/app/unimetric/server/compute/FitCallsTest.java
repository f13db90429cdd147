package app.unimetric.server.compute;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The calls of fit over the wire: their names, their fields, their words. */
@InWorkshop
class FitCallsTest {
  private final Visitor stranger;

  FitCallsTest(Workshop workshop) {
    stranger = new Visitor(workshop);
  }

  private Answer ask(String call, String body) {
    return stranger.post("/api/compute/" + call, body.replace('\'', '"'));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "steerer-stack | {'steererMm': 55, 'stemHeightMm': 40, 'spacersBelowMm': [10], 'spacersAboveMm': [5], 'takeUpMm': 0.2, 'stockMm': [3, 2]} | gapMm | -0.2",
        "spindle | {'shellMm': 73, 'cupFlangesMm': [10, 10], 'spacersMm': [2.5], 'spindleUsableMm': 96.5, 'adjusterTravelMm': 2, 'adjusterPitchMm': 0.8} | collarTurns | 1.25",
        "press-fit | {'boreReadingsMm': [40.92, 40.95], 'cupMm': 41} | outOfRoundMm | 0.03",
        "flushness | {'readingsMm': [0, 0.1, 0.2, 0.1]} | tiltMm | 0.2",
        "runout | {'readingsMm': [0, 0, 0, 0.3, 0, 0, 0, 0], 'limitMm': 0.1} | wobbleMm | 0.15",
        "pads | {'newMm': 3, 'nowMm': 2, 'limitMm': 1, 'distanceKm': 1000} | leftKm | 1000",
        "hub-stack | {'left': {'spacersMm': [25, 15], 'inboard': [true, false]}, 'right': {'spacersMm': [25, 15], 'inboard': [true, false]}, 'before': {'left': {'spacersMm': [10, 30], 'inboard': [true, false]}, 'right': {'spacersMm': [10, 30], 'inboard': [true, false]}}} | trackChangeMm | 30",
        "zero-offset | {'readings': [{'at': '2026-11-01', 'value': 512}, {'at': '2026-11-08T09:30', 'value': 515}, {'at': '2026-11-09T09:30:00+01:00', 'value': 514}]} | drift | 2",
        "zero-offset | {'readings': [{'at': '2026-11-01', 'value': 512}, {'at': '2026-11-08', 'value': 519}], 'limit': 6} | trendPerDay | 1",
        "ride-height | {'end': 'REAR', 'eyeOffsetMm': 10, 'motionRatio': 2.5, 'wheelbaseMm': 1500, 'rakeDeg': 26, 'forkOffsetMm': 40, 'frontTyreRadiusMm': 320, 'stand': {'reachMm': 250, 'leanDeg': 12, 'fromRearAxleMm': 300, 'liftMm': 30}} | centreLiftMm | 55",
        "mass | {'removedG': 300, 'fittedG': 250, 'radiusOfGyrationRatio': 1} | equivalentChangeG | -100",
        "mass | {'flywheel': {'massG': 500, 'gyrationMm': 60, 'wheelRadiusMm': 300, 'ratios': [20, 10]}} | equivalentChangeG | 8000",
        "power-check | {'massG': 10000, 'crankMm': 170, 'readings': [{'side': 'LEFT', 'readingNm': 17}]} | expectedNm | 16.671305",
        "through-axle | {'old': {'diameterMm': 12, 'pitchMm': 1.5, 'lengthMm': 172, 'head': 'FLAT'}, 'new': {'diameterMm': 12, 'pitchMm': 1.5, 'lengthMm': 180, 'head': 'FLAT', 'engagementMm': 12}, 'spacersMm': [5, 3]} | differenceMm | 8",
        "ride-height | {'end': 'REAR', 'eyeOffsetMm': 10, 'motionRatio': 2.5, 'wheelbaseMm': 1500, 'rakeDeg': 26, 'forkOffsetMm': 40, 'frontTyreRadiusMm': 320} | dropMm | 25",
        "ride-height | {'end': 'FRONT', 'forkSlideMm': 0, 'wheelbaseMm': 1500, 'rakeDeg': 26, 'forkOffsetMm': 40, 'frontTyreRadiusMm': 320} | trailChangeMm | 0",
      })
  void eachAnswersByItsFields(String call, String body, String field, double figure) {
    Answer answer = ask(call + "?why=true", body);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    assertThat(answer.body().path(field).asDouble()).isCloseTo(figure, within(1e-9));
    assertThat(answer.body().path("reasons")).isNotEmpty();
    assertThat(answer.body().path("derivation")).isNotEmpty();
  }

  @Test
  void everyFitSaysInShortAndWhichSizeFails() {
    Answer spindle =
        ask(
            "spindle",
            "{'shellMm': 68, 'cupFlangesMm': [10, 10], 'spacersMm': [], 'spindleUsableMm': 94,"
                + " 'adjusterTravelMm': 2, 'stockMm': [2.5, 2.5, 5]}");
    assertThat(spindle.body().path("inShort").asString()).isEqualTo("DOES_NOT");
    assertThat(spindle.body().path("fails").toString()).isEqualTo("[\"exposureMm\"]");
    assertThat(spindle.body().path("best").path("left").toString()).isEqualTo("[2.5]");
    assertThat(
            ask("mass", "{'removedG': 300, 'fittedG': 250}").body().path("inShort").isMissingNode())
        .as("a figure alone")
        .isTrue();
  }

  @Test
  void theFrameIsSetDownExactlyWhereItWasMeasured() {
    Answer seen =
        ask(
            "ride-height",
            "{'end': 'REAR', 'eyeOffsetMm': 10, 'motionRatio': 2.5, 'wheelbaseMm': 1500, 'rakeDeg': 26,"
                + " 'forkOffsetMm': 40, 'frontTyreRadiusMm': 320, 'chassis': {'rearTyreRadiusMm': 320,"
                + " 'swingarmLengthMm': 550, 'pivotHeightMm': 380, 'lowest': {'xMm': 700, 'yMm': 150},"
                + " 'leastClearanceMm': 148}}");
    assertThat(seen.status()).as(seen.detail()).isEqualTo(200);
    assertThat(seen.body().path("view").path("after").path("rakeDeg").asDouble())
        .isCloseTo(26.95346, within(1e-5));
    assertThat(seen.body().path("fails").toString()).isEqualTo("[\"clearanceMm\"]");
  }

  @Test
  void usualSizesAreOfferedWithTheInch() {
    Answer sizes = stranger.get("/api/compute/fit-sizes");
    assertThat(sizes.body().path("mmPerInch").asDouble()).isEqualTo(25.4);
    assertThat(sizes.body().path("fits")).hasSize(14);
    assertThat(sizes.body().path("sizes").toString()).contains("1-1/8 in").contains("28.6");
  }

  @Test
  void aCarbonSteererBearsThirtyBelowUnlessItsMakerSaysMore() {
    String stack =
        "{'steererMm': 71.8, 'stemHeightMm': 40, 'spacersBelowMm': [35], 'spacersAboveMm': [],"
            + " 'takeUpMm': 0.2";
    assertThat(ask("steerer-stack", stack + "}").body().path("fits").asBoolean()).isTrue();
    assertThat(ask("steerer-stack", stack + ", 'carbon': true}").body().path("fits").asBoolean())
        .isFalse();
    assertThat(
            ask("steerer-stack", stack + ", 'carbon': true, 'maxBelowMm': 40}")
                .body()
                .path("fits")
                .asBoolean())
        .isTrue();
  }

  @Test
  void positionsComeBackOneByOne() {
    Answer answer =
        ask(
            "positions?why=true",
            "{'items': [{'name': 'lever reach', 'foundMm': 72, 'leftMm': 73, 'toleranceMm': 0.5,"
                + " 'pitchMm': 0.8}, {'name': 'bar roll', 'foundMm': 4, 'leftMm': 4,"
                + " 'toleranceMm': 1}]}");
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    assertThat(answer.body().path("items").get(0).path("turns").asDouble()).isEqualTo(1.25);
    assertThat(answer.body().path("items").get(0).path("within").asBoolean()).isFalse();
    assertThat(answer.body().path("items").get(1).has("turns")).isFalse();
    assertThat(answer.body().path("reasons").get(0).asString())
        .isEqualTo("lever reach: 1 mm more than it was. 1.25 turns of its adjuster take it back.");
    assertThat(answer.body().path("reasons").get(1).asString())
        .isEqualTo("bar roll: as it was, within 1 mm.");
    assertThat(answer.body().path("derivation")).hasSize(2);
  }

  @Test
  void theStackSaysWhatWouldMendIt() {
    Answer answer =
        ask(
            "steerer-stack",
            "{'steererMm': 55, 'stemHeightMm': 40, 'spacersBelowMm': [10], 'spacersAboveMm': [5],"
                + " 'takeUpMm': 0.2, 'stockMm': [3, 2], 'target': {'min': 2, 'aim': 3, 'max': 4}}");
    assertThat(answer.body().path("fits").asBoolean()).isFalse();
    assertThat(answer.body().path("verdict").asString()).isEqualTo("DOES_NOT");
    assertThat(answer.body().path("best").path("above").toString()).isEqualTo("[5.0,3.0]");
    assertThat(answer.body().has("derivation")).isFalse();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "steerer-stack | {'steererMm': 30, 'stemHeightMm': 40, 'spacersBelowMm': [], 'spacersAboveMm': [], 'takeUpMm': 0} | stemHeightMm | more than the steerer",
        "steerer-stack | {'steererMm': 55, 'stemHeightMm': 40, 'spacersBelowMm': [null], 'spacersAboveMm': [], 'takeUpMm': 0} | spacersBelowMm[0] | ",
        "steerer-stack | {'steererMm': 55, 'stemHeightMm': 40, 'spacersBelowMm': [], 'spacersAboveMm': [], 'takeUpMm': 0, 'target': {'min': 4, 'aim': 3, 'max': 2}} | target.aim | from min to max",
        "spindle | {'shellMm': 73, 'cupFlangesMm': [10, 10], 'spacersMm': [], 'spindleUsableMm': 3.8, 'adjusterTravelMm': 2} | spindleUsableMm | inches",
        "runout | {'readingsMm': [0, 0, 0, 0, 0, 0, 0], 'limitMm': 0.1} | readingsMm | needs 8",
        "runout | {'readingsMm': [0, 0, 0, 0, 0, 0, 0, 0], 'limitMm': 0.1, 'thicknessReadingsMm': [4]} | minimumThicknessMm | give both",
        "runout | {'readingsMm': [0, 0, 0, 0, 0, 0, 0, 0], 'anglesDeg': [0, 50, 90, 80, 100, 200, 250, 300], 'limitMm': 0.1} | anglesDeg[3] | does not rise",
        "press-fit | {'boreReadingsMm': [40.9, 40.9], 'cupMm': 41, 'bandMm': {'min': 0.2, 'max': 0.1}} | bandMm.min | above max",
        "ride-height | {'end': 'REAR', 'forkSlideMm': 10, 'wheelbaseMm': 1500, 'rakeDeg': 26, 'forkOffsetMm': 40, 'frontTyreRadiusMm': 320} | eyeOffsetMm | rear",
        "flushness | {'readingsMm': [0, -0.1, 0, 0]} | readingsMm[1] | from 0",
        "positions | {'items': [{'name': ' ', 'foundMm': 1, 'leftMm': 1, 'toleranceMm': 1}]} | items[0].name | is missing",
        "mass | {'removedG': 300} | fittedG | either",
        "pads | {'newMm': 3, 'nowMm': 4, 'limitMm': 1, 'distanceKm': 10} | nowMm | swapped",
        "through-axle | {'old': {'diameterMm': 172, 'pitchMm': 1.5, 'lengthMm': 12, 'head': 'FLAT'}, 'new': {'diameterMm': 12, 'pitchMm': 1.5, 'lengthMm': 180, 'head': 'FLAT'}, 'spacersMm': []} | old.diameterMm | at most 50",
      })
  void nonsenseGetsASentenceAboutWhatToCheck(String call, String body, String field, String words) {
    Answer answer = ask(call, body);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
    assertThat(answer.body().path("errors").get(0).path("message").asString())
        .contains(words == null ? "" : words);
  }
}
