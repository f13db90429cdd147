package app.unimetric.core.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeterKindTest {
  @Test
  void aMileIsOfItsLegalLength() {
    assertThat(MeterKind.MILES.km(1000.0)).isCloseTo(1609.344, within(1e-9));
    assertThat(MeterKind.MILES.ofKm(1609.344)).isCloseTo(1000, within(1e-9));
    assertThat(MeterKind.KM.km(1000.0)).isEqualTo(1000);
    assertThat(MeterKind.KM.ofKm(7)).isEqualTo(7);
  }

  @Test
  void hoursAreNoDistanceAndSilenceIsNone() {
    assertThat(MeterKind.HOURS.km(5.0)).isNull();
    assertThat(MeterKind.HOURS.hours(5.0)).isEqualTo(5);
    assertThat(MeterKind.MILES.hours(5.0)).isNull();
    assertThat(MeterKind.KM.km(null)).isNull();
    assertThat(MeterKind.NONE.km(5.0)).isNull();
  }

  @ParameterizedTest
  @CsvSource({
    "'', KM",
    "Kilometres, KM",
    "mi, MILES",
    "MILES, MILES",
    "engine hours, HOURS",
    "none, NONE"
  })
  void kindsInTheWordsOfSheets(String typed, MeterKind kind) {
    assertThat(MeterKind.parse(typed)).isEqualTo(kind);
  }

  @Test
  void anUnknownOneIsRefusedWithThoseThereAre() {
    assertThatThrownBy(() -> MeterKind.parse("leagues")).hasMessageContaining("km, miles, hours");
  }
}
