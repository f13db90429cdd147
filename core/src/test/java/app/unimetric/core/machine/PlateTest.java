package app.unimetric.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PlateTest {
  private static Plate plate(String name, String make, String model, int year) {
    return Plate.typed(name, make, model, year, " long ", " SK 1 ", " NS 204 ", 2026);
  }

  @Test
  void spaceAroundWhatWasTypedIsLeftOut() {
    assertThat(plate(" Patrol 9 ", " Skerrow", "640 ", 2023))
        .isEqualTo(new Plate("Patrol 9", "Skerrow", "640", 2023, "long", "SK 1", "NS 204"));
  }

  @ParameterizedTest
  @CsvSource({"'', Skerrow, 640, name", "P, ' ', 640, make", "P, Skerrow, '', model"})
  void whatIsMissingIsAskedFor(String name, String make, String model, String field) {
    assertThatThrownBy(() -> plate(name, make, model, 2023))
        .hasMessageContaining(field)
        .hasMessageContaining("is missing: type");
  }

  @ParameterizedTest
  @ValueSource(ints = {1900, 2023, 2027})
  void ofTheseYearsThereAreMachines(int year) {
    assertThat(plate("P", "S", "6", year).modelYear()).isEqualTo(year);
  }

  @ParameterizedTest
  @ValueSource(ints = {23, 1899, 2028, 20230})
  void ofTheseThereAreNone(int year) {
    assertThatThrownBy(() -> plate("P", "S", "6", year)).hasMessageContaining("1900 to 2027");
  }

  @ParameterizedTest
  @ValueSource(ints = {60, 61})
  void sixtyCharactersAreEnough(int length) {
    String text = "x".repeat(length);
    if (length == 60) {
      assertThat(plate(text, text, text, 2023).name()).hasSize(60);
    } else {
      assertThatThrownBy(() -> plate(text, text, text, 2023))
          .hasMessageContaining("name")
          .hasMessageContaining("make")
          .hasMessageContaining("model");
      assertThatThrownBy(() -> Plate.typed("P", "S", "6", 2023, text, text, text, 2026))
          .hasMessageContaining("variant")
          .hasMessageContaining("frameNumber");
    }
  }
}
