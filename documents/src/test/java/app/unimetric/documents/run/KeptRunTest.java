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
import app.unimetric.core.device.CurveShape;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.documents.Stored;
import java.time.Instant;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Entries and records as they are stored. */
class KeptRunTest {
  private static final String READING =
      """
      {"version":1,"id":"c626d51a-1b51-489d-9a8f-94cd3e93b3d4","stepId":"pass.plate.2","kind":"READING","fastener":1,
       "value":22.0,"unit":"N.m","by":{"id":"58330a89-9e97-4d9c-a154-3db9462013b8","name":"Bram","lead":false},
       "doneAt":"2026-11-17T08:10:00Z","receivedAt":"2026-11-17T08:12:00Z","deviceAheadSeconds":-3}
      """;

  private final AsBuilt built = RecordDocument.read(Stored.text("record.json"));

  private static RunEvent again(RunEvent event) {
    return EventDocument.read(EventDocument.write(event));
  }

  private static AsBuilt again(AsBuilt record) {
    return RecordDocument.read(RecordDocument.write(record));
  }

  private Entry click() {
    return built.run().entries().stream()
        .filter(e -> e.event().kind() == EventKind.CLICKED)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void anEntryKnowsWhenItWasDoneAndWhenItCame() {
    RunEvent event = EventDocument.read(READING);
    assertThat(event.time())
        .isEqualTo(
            new EntryTime(
                Instant.parse("2026-11-17T08:10:00Z"), Instant.parse("2026-11-17T08:12:00Z"), -3));
    assertThat(event.value()).isEqualTo(22);
    assertThat(event.unit()).isEqualTo(TorqueUnit.NEWTON_METRE);
    assertThat(event.by().name()).isEqualTo("Bram");
    assertThat(again(event)).isEqualTo(event);
  }

  @Test
  void anEntryKeepsTheCurveOfItsPullAndRefusesOneThatIsNone() {
    String curve = "0:0.2 90:0.4 130:22";
    String pulled = READING.replace("\"unit\"", "\"curve\":\"" + curve + "\",\"unit\"");
    assertThat(EventDocument.read(pulled).curve()).isEqualTo(curve);
    assertThat(again(EventDocument.read(pulled))).isEqualTo(EventDocument.read(pulled));
    assertThatThrownBy(() -> EventDocument.read(pulled.replace(curve, "0:0.2")))
        .isInstanceOf(InvalidInput.class);
  }

  @Test
  void anEntryKeepsTheToolTakenUpAndWhatWasFound() {
    String unread = READING.replace("\"value\":22.0,\"unit\":\"N.m\",", "");
    RunEvent taken =
        EventDocument.read(
            unread.replace(
                "\"kind\":\"READING\"",
                "\"kind\":\"AMENDED\",\"toolId\":\"t2\",\"reason\":\"failed\""));
    assertThat(taken.toolId()).isEqualTo("t2");
    assertThat(again(taken)).isEqualTo(taken);
    RunEvent found =
        EventDocument.read(
            unread.replace("\"kind\":\"READING\"", "\"kind\":\"FOUND\",\"finding\":\"PUT_RIGHT\""));
    assertThat(found.finding()).isEqualTo(Finding.PUT_RIGHT);
    assertThat(again(found)).isEqualTo(found);
  }

  @Test
  void aRecordKeepsItsEvidence() {
    assertThat(built.run().entries()).hasSize(46);
    assertThat(built.run().readings()).isNotEmpty();
    assertThat(built.joints())
        .hasSize(2)
        .allSatisfy(j -> assertThat(j.joint().stated()).isNotBlank());
    OtherTool beam = built.sheet().joints().get(0).otherTools().get(0);
    assertThat(beam.name()).isEqualTo("Beam");
    assertThat(again(built)).isEqualTo(built);
  }

  @Test
  void aRecordShowsAClickAsTheToolTakenUpWasSet() {
    assertThat(built.run().entries())
        .filteredOn(e -> e.event().kind() == EventKind.CLICKED)
        .extracting(e -> e.shown())
        .contains("7.0 N·m");
    assertThat(built.joints().get(0).tools()).contains("Beam");
  }

  @Test
  void aRecordKnowsWhatACurveToldAgainstAFastener() {
    String told =
        RecordDocument.write(built)
            .replaceFirst(
                "(\"id\":\"" + click().event().id() + "\".*?\"round\":1)",
                "$1,\"curve\":\"BOTTOMED\"");
    AsBuilt now = RecordDocument.read(told);
    Entry entry = now.run().entry(click().event().id());
    assertThat(entry.curve().shape()).isEqualTo(CurveShape.BOTTOMED);
    assertThat(entry.curve().words()).isEqualTo(CurveShape.BOTTOMED.words());
    assertThat(again(now)).isEqualTo(now);
    assertThat(built.run().entries()).allMatch(e -> e.curve() == null);
  }

  /** As it is read years later: how it moved is told from what was said. */
  @Test
  void aRecordTellsHowAFastenerMovedThatWasTried() {
    String id = click().event().id().toString();
    String written = RecordDocument.write(built);
    int at = written.indexOf("\"kind\":\"CLICKED\"", written.indexOf(id));
    String moved =
        written.substring(0, at)
            + "\"kind\":\"MOVED\",\"moved\":{\"cause\":\"DAMAGED\",\"angleDeg\":12.0}"
            + written.substring(at + "\"kind\":\"CLICKED\"".length());
    AsBuilt now = RecordDocument.read(moved);
    assertThat(now.run().entry(click().event().id()).shown())
        .startsWith("12° of ")
        .contains("thread or part is damaged");
    assertThat(now.run().moved()).hasSize(1);
    assertThat(again(now)).isEqualTo(now);
  }

  @ParameterizedTest
  @MethodSource("readers")
  void aNewerVersionIsRefusedWithWords(Function<String, Object> reader) {
    assertThatThrownBy(() -> reader.apply("{\"version\": 2}"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("version 2")
        .hasMessageContaining("newer program");
  }

  static Stream<Named<Function<String, Object>>> readers() {
    return Stream.of(
        Named.of("run sheet", RunSheetDocument::read),
        Named.of("entry", EventDocument::read),
        Named.of("record", RecordDocument::read));
  }
}
