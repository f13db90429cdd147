package app.unimetric.core.recheck;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MovedCauseTest {
  @ParameterizedTest
  @CsvSource({
    "SETTLED, false, LOOK_AGAIN",
    "SETTLED, true, TAKE_APART",
    "CONTAMINATED, false, TAKE_APART",
    "WRONG_FRICTION, false, TAKE_APART",
    "DAMAGED, false, TAKE_APART",
    "NOT_FOUND, false, TAKE_APART",
    "NOT_FOUND, true, TAKE_APART"
  })
  void onlyWhatSettledWithoutCuredCompoundIsNippedUp(
      MovedCause cause, boolean cured, MovedCause.Follows follows) {
    assertThat(cause.follows(cured)).isEqualTo(follows);
    assertThat(cause.words()).isNotBlank();
  }
}
