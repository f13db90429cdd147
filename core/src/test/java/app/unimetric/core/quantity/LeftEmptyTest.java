package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;

class LeftEmptyTest {
  @Test
  void nothingTypedIsNoneAndNonsenseIsSaid() {
    assertThat(LeftEmpty.none(LeftEmpty.or("  ", () -> DecimalText.parse("  ", "mass")))).isNull();
    assertThat(LeftEmpty.none(LeftEmpty.or("0", () -> DecimalText.parse("0", "mass")))).isZero();
    assertThat(LeftEmpty.none(null)).isNull();
    assertThatThrownBy(() -> LeftEmpty.or("x", () -> DecimalText.parse("x", "mass")))
        .isInstanceOf(InvalidInput.class);
  }
}
