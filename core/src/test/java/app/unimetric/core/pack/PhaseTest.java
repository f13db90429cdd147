package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhaseTest {
  @ParameterizedTest
  @CsvSource({
    "AS_FOUND, false",
    "SECURE, false",
    "LOOSEN, true",
    "REMOVE, true",
    "CLEAN, true",
    "DRY_FIT, true",
    "PREPARE, false",
    "START, false"
  })
  void isOpenFromBreakingLooseToHoldingInPlace(Phase phase, boolean open) {
    assertThat(phase.isWhileOpen()).isEqualTo(open);
  }
}
