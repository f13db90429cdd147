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
import app.unimetric.core.bench.Said;
import app.unimetric.core.device.CurveShape;
import app.unimetric.core.device.CurveVerdict;
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
import org.junit.jupiter.params.provider.ValueSource;

/** Entries and records as they are stored. */
class KeptRunTest {
  private static final String READING =
      """
      {"version":1,"id":"c626d51a-1b51-489d-9a8f-94cd3e93b3d4","stepId":"pass.plate.2","fastener":1,
       "said":{"kind":"READING","typed":"22,0","unit":"N.m"},
       "by":{"id":"58330a89-9e97-4d9c-a154-3db9462013b8","name":"Bram","lead":false},
       "time":{"doneAt":"2026-11-17T08:10:00Z","receivedAt":"2026-11-17T08:12:00Z","deviceAheadSeconds":-3}}
      """;

  private final AsBuilt built = KeptRun.RECORD.read(Stored.text("record.json"));

  private static RunEvent again(RunEvent event) {
    return KeptRun.ENTRY.read(KeptRun.ENTRY.write(event));
  }

  private static AsBuilt again(AsBuilt record) {
    return KeptRun.RECORD.read(KeptRun.RECORD.write(record));
  }

  private Entry click() {
    return built.run().entries().stream()
        .filter(e -> e.event().kind() == EventKind.CLICKED)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void anEntryKnowsWhenItWasDoneAndWhenItCame() {
    RunEvent event = KeptRun.ENTRY.read(READING);
    assertThat(event.time())
        .isEqualTo(
            new EntryTime(
                Instant.parse("2026-11-17T08:10:00Z"), Instant.parse("2026-11-17T08:12:00Z"), -3));
    assertThat(event.torqueNm()).isEqualTo(22);
    assertThat(event.said()).isEqualTo(new Said.Reading("22,0", TorqueUnit.NEWTON_METRE, null));
    assertThat(event.by().name()).isEqualTo("Bram");
    assertThat(again(event)).isEqualTo(event);
  }

  @Test
  void anEntryKeepsTheCurveOfItsPullAndRefusesOneThatIsNone() {
    String curve = "0:0.2 90:0.4 130:22";
    String pulled = READING.replace("\"unit\"", "\"curve\":\"" + curve + "\",\"unit\"");
    assertThat(KeptRun.ENTRY.read(pulled).curve()).isEqualTo(curve);
    assertThat(again(KeptRun.ENTRY.read(pulled))).isEqualTo(KeptRun.ENTRY.read(pulled));
    assertThatThrownBy(() -> KeptRun.ENTRY.read(pulled.replace(curve, "0:0.2")))
        .isInstanceOf(InvalidInput.class);
  }

  @Test
  void anEntryKeepsTheToolTakenUpAndWhatWasFound() {
    String reading = "{\"kind\":\"READING\",\"typed\":\"22,0\",\"unit\":\"N.m\"}";
    RunEvent taken =
        KeptRun.ENTRY.read(
            READING.replace(
                reading, "{\"kind\":\"AMENDED\",\"toolId\":\"t2\",\"reason\":\"failed\"}"));
    assertThat(taken.toolTaken()).isEqualTo("t2");
    assertThat(again(taken)).isEqualTo(taken);
    RunEvent found =
        KeptRun.ENTRY.read(
            READING.replace(reading, "{\"kind\":\"FOUND\",\"finding\":\"PUT_RIGHT\"}"));
    assertThat(found.said()).isEqualTo(new Said.Found(Finding.PUT_RIGHT, null, null));
    assertThat(again(found)).isEqualTo(found);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"kind\":\"DONE\",\"typed\":\"22\"}",
        "{\"kind\":\"READING\"}",
        "{\"kind\":\"WELDED\"}",
        "{\"kind\":\"AMENDED\",\"reason\":\"failed\"}",
        "{\"kind\":\"SLOT_AHEAD\"}",
        "{}"
      })
  void anEntryHoldsWhatBelongsToItsKindAndNothingElse(String said) {
    String one = READING.replaceFirst("\"said\":\\{[^}]*}", "\"said\":" + said);
    assertThatThrownBy(() -> KeptRun.ENTRY.read(one))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("cannot be read");
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
        KeptRun.RECORD
            .write(built)
            .replaceFirst(
                "(\"id\":\"" + click().event().id() + "\".*?\"round\":1)",
                "$1,\"curve\":{\"shape\":\"BOTTOMED\",\"words\":\"as said then\"}");
    AsBuilt now = KeptRun.RECORD.read(told);
    Entry entry = now.run().entry(click().event().id());
    assertThat(entry.curve()).isEqualTo(new CurveVerdict(CurveShape.BOTTOMED, "as said then"));
    assertThat(again(now)).isEqualTo(now);
    assertThat(built.run().entries()).allMatch(e -> e.curve() == null);
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
        Named.of("run sheet", KeptRun.SHEET::read),
        Named.of("entry", KeptRun.ENTRY::read),
        Named.of("record", KeptRun.RECORD::read));
  }
}
