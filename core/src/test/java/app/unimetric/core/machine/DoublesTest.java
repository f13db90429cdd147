package app.unimetric.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.MachineKind;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoublesTest {
  private static MachineLine machine(
      MachineKind kind, String frame, MeterKind meter, @Nullable Double figure) {
    return new MachineLine(
        new Plate("P", "Skerrow", "640", 2023, "", frame, ""), kind, meter, figure, "", "");
  }

  @ParameterizedTest
  @CsvSource({
    "MOTORCYCLE, A-1, KM, 20, ",
    "MOTORCYCLE, a-1, KM, , ",
    "MOTORCYCLE, '', KM, 20, ",
    "MOTORCYCLE, A-1, NONE, , ",
    "MOTORCYCLE, A-1, MILES, , ",
    "MOTORCYCLE, A-1, MILES, 20, mixed up",
    "MOTORCYCLE, A-1, HOURS, 20, mixed up",
    "MOTORCYCLE, A-2, KM, 20, frame numbers differ",
    "ATV, A-1, KM, 20, One is a motorcycle"
  })
  void twoAreOneUnlessSomethingTellsThemApart(
      MachineKind kind,
      String frame,
      MeterKind meter,
      @Nullable Double figure,
      @Nullable String why) {
    MachineLine stays = machine(MachineKind.MOTORCYCLE, "A-1", MeterKind.KM, 100.0);
    String said = Doubles.whyNotOne(stays, machine(kind, frame, meter, figure));
    if (why == null) {
      assertThat(said).isNull();
    } else {
      assertThat(said).contains(why);
    }
  }
}
