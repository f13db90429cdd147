package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrayTest {
  private final RunSheet sheet = SidesInTurn.sheet();

  /** All steps done up to this one and with it. */
  private RunState upTo(String last) {
    List<RunEvent> log = new ArrayList<>();
    for (RunStep step : sheet.steps()) {
      log.add(
          LogLine.event(
              UUID.randomUUID(),
              step.id(),
              step.kind() == StepKind.MEASURE ? EventKind.MEASURED : EventKind.DONE,
              null,
              null,
              null,
              step.kind() == StepKind.MEASURE ? "3 mm" : null,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              new Signature(UUID.randomUUID(), "Bram", false),
              null,
              EntryTime.at(java.time.Instant.parse("2026-05-04T08:00:00Z"))));
      if (step.id().equals(last)) {
        break;
      }
    }
    RunState state = Replay.of(sheet, log);
    assertThat(state.doneSteps()).contains(last);
    return state;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "found.1|",
        "undo.guard|Loose or off: Guard, 3 × M6",
        "undo.caliper.LEFT|Left tray: Caliper, left, 2 × M10×1.25 10.9; Loose or off: Guard, 3 × M6",
        "step.push.LEFT|Left tray: Caliper, left, 2 × M10×1.25 10.9; Loose or off: Guard, 3 × M6",
        "surface.caliper.LEFT|Loose or off: Guard, 3 × M6",
        "undo.caliper.RIGHT|Right tray: Caliper, right, 2 × M10×1.25 10.9; Loose or off: Guard, 3 × M6",
        "hand.caliper.RIGHT|Loose or off: Guard, 3 × M6",
        "hand.guard|"
      })
  void holdsWhatIsOffAndNotBack(String last, String expected) {
    StringBuilder said = new StringBuilder();
    for (Tray tray : Tray.of(sheet, upTo(last))) {
      said.append(said.isEmpty() ? "" : "; ")
          .append(tray.words())
          .append(": ")
          .append(String.join(", ", tray.holds()));
    }
    assertThat(said.toString()).isEqualTo(expected == null ? "" : expected);
  }

  @Test
  void whatComesLooseIsDrawnBeside() {
    assertThat(sheet.drawnBeside())
        .isEqualTo(
            java.util.Map.of(
                "undo.guard", "guard",
                "undo.caliper.LEFT", "caliper.LEFT",
                "undo.caliper.RIGHT", "caliper.RIGHT"));
  }

  @Test
  void saysWhereTheFastenersGo() {
    assertThat(Tray.wordsFor(Side.LEFT)).isEqualTo("Left parts to the left tray.");
    assertThat(Tray.wordsFor(Side.RIGHT)).isEqualTo("Right parts to the right tray.");
    assertThat(Tray.wordsFor(null)).isNull();
  }

  @Test
  void aSideIsReadFromTheEndOfAnIdOnly() {
    assertThat(Side.named("caliper.LEFT")).contains(Side.LEFT);
    assertThat(Side.named(Side.RIGHT.of("a.b"))).contains(Side.RIGHT);
    assertThat(Side.named("LEFT.caliper")).isEmpty();
    assertThat(Side.named("caliperLEFT")).isEmpty();
  }
}
