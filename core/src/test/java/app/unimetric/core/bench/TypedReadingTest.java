package app.unimetric.core.bench;

import static app.unimetric.core.quantity.TorqueUnit.FOOT_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedReadingTest {
  /** What was typed with a tool in N·m, and what it means. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "14.5 | 14.5 | N.m",
        "14,5 | 14.5 | N.m",
        "14.5 ftlb | 14.5 | [ft_i].[lbf_av]",
        "120 in lb | 120 | [in_i].[lbf_av]",
        "22 Nm | 22 | N.m"
      })
  void aUnitOfItsOwnCounts(String typed, double value, String unit) {
    assertThat(TypedReading.parse(typed, NEWTON_METRE))
        .isEqualTo(new TypedReading(value, TorqueUnit.ofCode(unit).orElseThrow()));
  }

  @Test
  void aBareFigureIsInTheUnitOfTheTool() {
    assertThat(TypedReading.parse("8", FOOT_POUND)).isEqualTo(new TypedReading(8, FOOT_POUND));
    assertThatThrownBy(() -> TypedReading.parse("8", null)).hasMessageContaining("unit is missing");
  }

  @ParameterizedTest
  @ValueSource(strings = {"10-12 Nm", "max 5 Nm", "snug", "20 Nm + 90°", "many Nm", "1.2.3"})
  void whatIsNoSingleTorqueIsRefused(String typed) {
    assertThatThrownBy(() -> TypedReading.parse(typed, NEWTON_METRE))
        .isInstanceOf(InvalidInput.class);
  }
}
