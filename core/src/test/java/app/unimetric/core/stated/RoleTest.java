package app.unimetric.core.stated;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.thread.ScrewThread;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoleTest {
  @ParameterizedTest
  @CsvSource({
    "1.375 in × 24, LOCK",
    "36 mm × 24 tpi, LOCK",
    "9/16 in × 20, LOCK",
    "M47x1, LOCK",
    "M8, CLAMP",
    "M15x1.5, CLAMP",
    "9/16-18 UNF, CLAMP",
    "1/4-20 UNC, CLAMP"
  })
  void whatAThreadIsUsuallyThereFor(String thread, Role role) {
    assertThat(Role.usualFor(ScrewThread.parse(thread))).isEqualTo(role);
    assertThat(role.words()).isNotBlank();
  }
}
