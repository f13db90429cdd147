package app.unimetric.documents.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Finding;
import app.unimetric.core.bench.OtherTool;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.device.CurveShape;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.documents.Stored;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Run sheets, entries and records of every version there ever was. */
class StoredRunTest {
  private static final String EVENT_V1 =
      """
      {"id":"c626d51a-1b51-489d-9a8f-94cd3e93b3d4","stepId":"pass.plate.2","kind":"READING","fastener":1,"value":22,
       "unit":"N.m","by":{"id":"58330a89-9e97-4d9c-a154-3db9462013b8","name":"Bram","lead":false},"at":"2026-11-17T08:10:00Z"}
      """;
  private static final String EVENT_V2 =
      """
      {"version":2,"id":"c626d51a-1b51-489d-9a8f-94cd3e93b3d4","stepId":"pass.plate.2","kind":"READING","fastener":1,
       "value":22.0,"unit":"N.m","by":{"id":"58330a89-9e97-4d9c-a154-3db9462013b8","name":"Bram","lead":false},
       "doneAt":"2026-11-17T08:10:00Z","receivedAt":"2026-11-17T08:12:00Z","deviceAheadSeconds":-3}
      """;

  private static List<RunStep> turned(RunSheet sheet) {
    return sheet.steps().stream().filter(s -> s.reading() != null).toList();
  }

  @Test
  void aRunSheetOfVersion1KeepsEveryJointStepAndSetting() {
    RunSheet sheet = RunSheetDocument.read(Stored.text("run-sheet.v1.json"));
    assertThat(sheet.joints()).isNotEmpty().allSatisfy(j -> assertThat(j.stated()).isNotBlank());
    assertThat(sheet.steps())
        .extracting(RunStep::id)
        .doesNotHaveDuplicates()
        .hasSizeGreaterThan(10);
    assertThat(turned(sheet)).isNotEmpty();
    for (RunStep step : turned(sheet)) {
      assertThat(Objects.requireNonNull(step.reading()).graduation()).isNull();
      assertThat(step.reading().newtonMetres())
          .isEqualTo(step.settingNm(), org.assertj.core.api.Assertions.within(1e-6));
    }
    assertThat(RunSheetDocument.read(RunSheetDocument.write(sheet))).isEqualTo(sheet);
  }

  @Test
  void aRunSheetOfVersion2KnowsTheGraduationToo() {
    RunSheet sheet = RunSheetDocument.read(Stored.text("run-sheet.v2.json"));
    assertThat(turned(sheet))
        .isNotEmpty()
        .allSatisfy(s -> assertThat(s.reading().graduation()).isEqualTo(0.5));
  }

  @Test
  void aRunSheetOfVersion3KnowsWhatIsAnsweredGoodOrBad() {
    RunSheet sheet = RunSheetDocument.read(Stored.text("run-sheet.v3.json"));
    assertThat(sheet.steps())
        .filteredOn(RunStep::judged)
        .extracting(RunStep::id)
        .containsExactly("step.look", "inspect.1", "check.play", "check.twist");
    assertThat(sheet.step("pass.faceplate.100").orElseThrow().mayStandToNm()).isEqualTo(5.72);
    assertThat(RunSheetDocument.read(RunSheetDocument.write(sheet))).isEqualTo(sheet);
    RunSheet before = RunSheetDocument.read(Stored.text("run-sheet.v2.json"));
    assertThat(before.steps()).noneMatch(RunStep::judged);
  }

  @Test
  void aRunSheetOfVersion4KnowsOtherToolsAndLimitsOnTheParts() {
    RunSheet sheet = RunSheetDocument.read(Stored.text("run-sheet.v4.json"));
    OtherTool beam = sheet.joints().get(0).otherTools().get(0);
    assertThat(beam.name()).isEqualTo("Beam");
    assertThat(beam.steps().values()).singleElement().extracting(s -> s.settingNm()).isEqualTo(5.0);
    assertThat(sheet.step("inspect.1").orElseThrow().measure().onPart())
        .isEqualTo(Measure.End.LEAST);
    assertThat(RunSheetDocument.read(RunSheetDocument.write(sheet))).isEqualTo(sheet);
    assertThat(RunSheetDocument.read(Stored.text("run-sheet.v3.json")).joints())
        .allSatisfy(j -> assertThat(j.otherTools()).isEmpty());
  }

  @Test
  void aRunSheetOfVersion5KnowsWhetherOnePersonLooksAgain() {
    RunSheet sheet = RunSheetDocument.read(Stored.text("run-sheet.v5.json"));
    assertThat(sheet.lookAgainMinutes()).isEqualTo(30);
    assertThat(RunSheetDocument.read(RunSheetDocument.write(sheet))).isEqualTo(sheet);
    assertThat(RunSheetDocument.read(Stored.text("run-sheet.v4.json")).lookAgainMinutes()).isNull();
    AsBuilt built = RecordDocument.read(Stored.text("record.v5.json"));
    assertThat(built.sheet().lookAgainMinutes()).isEqualTo(30);
    assertThat(RecordDocument.read(RecordDocument.write(built))).isEqualTo(built);
  }

  @Test
  void anEntryOfVersion5KnowsTheCurveOfItsPullAndNoneBeforeDid() {
    String curve = "0:0.2 90:0.4 130:22";
    String v5 =
        EVENT_V2
            .replace("\"version\":2", "\"version\":5")
            .replace("\"unit\"", "\"curve\":\"" + curve + "\",\"unit\"");
    assertThat(EventDocument.read(v5).curve()).isEqualTo(curve);
    assertThat(EventDocument.read(EventDocument.write(EventDocument.read(v5))))
        .isEqualTo(EventDocument.read(v5));
    assertThat(EventDocument.read(EVENT_V2).curve()).isNull();
    assertThatThrownBy(() -> EventDocument.read(v5.replace(curve, "0:0.2")))
        .isInstanceOf(InvalidInput.class);
  }

  @Test
  void aRecordOfVersion6KnowsWhatACurveToldAgainstAFastener() {
    AsBuilt before = RecordDocument.read(Stored.text("record.v5.json"));
    Entry reading =
        before.run().entries().stream()
            .filter(e -> e.event().kind() == EventKind.CLICKED)
            .findFirst()
            .orElseThrow();
    String told =
        RecordDocument.write(before)
            .replaceFirst(
                "(\"id\":\"" + reading.event().id() + "\".*?\"round\":1)",
                "$1,\"curve\":\"BOTTOMED\"");
    AsBuilt built = RecordDocument.read(told);
    Entry now = built.run().entry(reading.event().id());
    assertThat(now.curve().shape()).isEqualTo(CurveShape.BOTTOMED);
    assertThat(now.curve().words()).isEqualTo(CurveShape.BOTTOMED.words());
    assertThat(RecordDocument.read(RecordDocument.write(built))).isEqualTo(built);
    assertThat(before.run().entries()).allMatch(e -> e.curve() == null);
  }

  @Test
  void sinceVersion6WhatWasOnlyTriedMayHaveCured() {
    String v5 = Stored.text("run-sheet.v5.json");
    RunSheet before = RunSheetDocument.read(v5);
    assertThat(before.joints()).noneMatch(RunJoint::cured);
    String now = RunSheetDocument.write(before).replace("\"cured\":false", "\"cured\":true");
    assertThat(RunSheetDocument.read(now).joints()).allMatch(RunJoint::cured);
    assertThat(RunSheetDocument.write(RunSheetDocument.read(now))).isEqualTo(now);
  }

  /** As the record of it is read years later: how it moved is told from what was said. */
  @Test
  void aRecordOfVersion7TellsHowAFastenerMovedThatWasTried() {
    AsBuilt before = RecordDocument.read(Stored.text("record.v5.json"));
    assertThat(before.sheet().joints()).noneMatch(RunJoint::cured);
    Entry click =
        before.run().entries().stream()
            .filter(e -> e.event().kind() == EventKind.CLICKED)
            .findFirst()
            .orElseThrow();
    String id = click.event().id().toString();
    String written = RecordDocument.write(before);
    int at = written.indexOf("\"kind\":\"CLICKED\"", written.indexOf(id));
    String moved =
        written.substring(0, at)
            + "\"kind\":\"MOVED\",\"moved\":{\"cause\":\"DAMAGED\",\"angleDeg\":12.0}"
            + written.substring(at + "\"kind\":\"CLICKED\"".length());
    AsBuilt built = RecordDocument.read(moved);
    assertThat(built.run().entry(click.event().id()).shown())
        .startsWith("12° of ")
        .contains("thread or part is damaged");
    assertThat(built.run().moved()).hasSize(1);
    assertThat(RecordDocument.read(RecordDocument.write(built))).isEqualTo(built);
  }

  @Test
  void anEntryOfVersion4KnowsLimitAndTool() {
    RunEvent event =
        EventDocument.read(
            EVENT_V2
                .replace("\"version\":2", "\"version\":4")
                .replace(
                    "\"kind\":\"READING\"",
                    "\"kind\":\"AMENDED\",\"toolId\":\"t2\",\"reason\":\"failed\"")
                .replace("\"value\":22.0,\"unit\":\"N.m\",", ""));
    assertThat(event.toolId()).isEqualTo("t2");
    assertThat(EventDocument.read(EventDocument.write(event))).isEqualTo(event);
  }

  @Test
  void aRecordOfVersion4ShowsAClickAsTheToolTakenUpWasSet() {
    AsBuilt built = RecordDocument.read(Stored.text("record.v4.json"));
    assertThat(built.run().entries()).hasSize(46);
    assertThat(built.run().entries())
        .filteredOn(e -> e.event().kind() == EventKind.CLICKED)
        .extracting(e -> e.shown())
        .contains("7.0 N·m");
    assertThat(built.joints().get(0).tools()).contains("Beam");
    assertThat(RecordDocument.read(RecordDocument.write(built))).isEqualTo(built);
  }

  @Test
  void anEntryOfVersion3KnowsWhatWasFound() {
    RunEvent event =
        EventDocument.read(
            EVENT_V2
                .replace("\"version\":2", "\"version\":3")
                .replace("\"kind\":\"READING\"", "\"kind\":\"FOUND\",\"finding\":\"PUT_RIGHT\"")
                .replace("\"value\":22.0,\"unit\":\"N.m\",", ""));
    assertThat(event.finding()).isEqualTo(Finding.PUT_RIGHT);
    assertThat(EventDocument.read(EventDocument.write(event))).isEqualTo(event);
  }

  @Test
  void anEntryOfVersion1HadOneMoment() {
    RunEvent event = EventDocument.read(EVENT_V1);
    Instant at = Instant.parse("2026-11-17T08:10:00Z");
    assertThat(event.time()).isEqualTo(new EntryTime(at, at, 0));
    assertThat(event.kind()).isEqualTo(EventKind.READING);
    assertThat(event.value()).isEqualTo(22);
    assertThat(event.unit()).isEqualTo(TorqueUnit.NEWTON_METRE);
    assertThat(event.by().name()).isEqualTo("Bram");
    assertThat(EventDocument.read(EventDocument.write(event))).isEqualTo(event);
  }

  @Test
  void anEntryOfVersion2KnowsWhenItWasDoneAndWhenItCame() {
    RunEvent event = EventDocument.read(EVENT_V2);
    assertThat(event.time())
        .isEqualTo(
            new EntryTime(
                Instant.parse("2026-11-17T08:10:00Z"), Instant.parse("2026-11-17T08:12:00Z"), -3));
    assertThat(EventDocument.read(EventDocument.write(event))).isEqualTo(event);
  }

  @ParameterizedTest
  @MethodSource("records")
  void aRecordKeepsItsEvidence(String stored) {
    AsBuilt built = RecordDocument.read(stored);
    assertThat(built.sheet().title()).isEqualTo("Fit front skid plate");
    assertThat(built.startedBy()).isEqualTo("Ilse");
    assertThat(built.run().entries()).hasSize(45);
    assertThat(built.run().readings()).isNotEmpty();
    assertThat(built.joints()).hasSize(2);
    assertThat(built.people()).contains("Ilse");
    assertThat(RecordDocument.read(RecordDocument.write(built))).isEqualTo(built);
  }

  static Stream<Named<String>> records() {
    return Stream.of("record.v1.json", "record.v2.json", "record.v3.json")
        .map(name -> Named.of(name, Stored.text(name)));
  }

  @Test
  void bothVersionsOfARecordSayTheSame() {
    AsBuilt first = RecordDocument.read(Stored.text("record.v1.json"));
    AsBuilt second = RecordDocument.read(Stored.text("record.v2.json"));
    assertThat(second).isEqualTo(first);
  }

  @ParameterizedTest
  @MethodSource("readers")
  void aNewerVersionIsRefusedWithWords(Function<String, Object> reader) {
    assertThatThrownBy(() -> reader.apply("{\"version\": 10}"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("version 10")
        .hasMessageContaining("newer program");
  }

  static Stream<Named<Function<String, Object>>> readers() {
    return Stream.of(
        Named.of("run sheet", RunSheetDocument::read),
        Named.of("entry", EventDocument::read),
        Named.of("record", RecordDocument::read));
  }
}
