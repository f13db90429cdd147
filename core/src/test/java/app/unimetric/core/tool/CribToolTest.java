package app.unimetric.core.tool;

import static app.unimetric.core.quantity.TorqueUnit.FOOT_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CribToolTest {
  private static TorqueTool span(double min, double max) {
    return new TorqueTool(min, max, null, null, NEWTON_METRE, List.of());
  }

  private static CribTool tool(String id, LocalDate calibrated, int cycles) {
    return new CribTool(id, id, ToolType.CLICK, span(5, 25), calibrated, cycles, null);
  }

  /** Twelve months or five thousand uses, whichever comes first (ISO 6789-1). */
  @ParameterizedTest
  @CsvSource({
    "2025-05-05, 0,    2026-05-04, true",
    "2025-05-04, 0,    2026-05-04, false",
    "2024-02-29, 0,    2025-02-27, true",
    "2024-02-29, 0,    2025-02-28, false",
    "2026-05-01, 4999, 2026-05-04, true",
    "2026-05-01, 5000, 2026-05-04, false",
    ",           0,    2026-05-04, false"
  })
  void calibrationEndsByDateOrByUse(
      LocalDate calibrated, int cycles, LocalDate today, boolean inCalibration) {
    assertThat(tool("t", calibrated, cycles).inCalibration(today)).isEqualTo(inCalibration);
  }

  @ParameterizedTest
  @CsvSource({
    "5,    25,    true",
    "5.25, 25.25, true",
    "5.3,  25,    false",
    "5,    25.3,  false",
    "4.7,  25,    false",
    "5,    24.7,  false"
  })
  void isNamedByItsSpanToWithinAHundredth(double min, double max, boolean named) {
    assertThat(tool("t", null, 0).spans(min, max)).isEqualTo(named);
  }

  @Test
  void needsANameAndNoNegativeUses() {
    assertThatThrownBy(() -> tool(" ", null, 0)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> tool("x".repeat(101), null, 0)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> tool("t", null, -1)).hasMessageContaining("cycles");
    assertThat(tool("x".repeat(100), null, 0).calibrationEnds()).isNull();
  }

  @ParameterizedTest
  @CsvSource({
    "12,  200",
    "12.1,  250",
    "30, 250",
    "30.1, 400",
    "120, 400",
    "120.1, 550",
  })
  void theTypicalLeverGoesByTheMaximum(double maxNm, double leverMm) {
    assertThat(TypicalLever.ofMaximum(maxNm)).isEqualTo(leverMm);
  }

  /** (L + E·cos θ)/L: straight out lengthens, square changes nothing, back shortens. */
  @ParameterizedTest
  @CsvSource({
    "250, 35,  0,   1.14",
    "250, 35,  90,  1",
    "250, 35,  -90, 1",
    "250, 35,  60,  1.07",
    "250, 35,  180, 0.86",
    "250, 0,   45,  1",
    "100, 50,  45,  1.353553"
  })
  void anAdapterChangesTheLever(double lever, double extension, double angle, double factor) {
    assertThat(new Adapter(lever, extension, angle).factor()).isCloseTo(factor, within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 35, 0, leverMm",
    "3001, 35, 0, leverMm",
    "250, -1, 0, extensionMm",
    "250, 1001, 0, extensionMm",
    "250, 35, 181, angleDeg",
    "250, 35, -181, angleDeg",
    "100, 90, 180, extensionMm",
    "100, 120, 180, extensionMm"
  })
  void anAdapterThatCannotBeIsNamed(double lever, double extension, double angle, String field) {
    assertThatThrownBy(() -> new Adapter(lever, extension, angle)).hasMessageContaining(field);
  }

  @Test
  void anAdapterMayTurnBackAlmostAllTheWay() {
    assertThat(new Adapter(100, 89.9, 180).factor()).isCloseTo(0.101, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 25, , , minNm",
    "5, 0, , , maxNm",
    "5, 4.9, , , minNm",
    "5, 25, 51, , deviationPercent",
    "5, 25, -1, , deviationPercent",
    "5, 25, , 0, graduation",
    "5, 25, , 1001, graduation",
    "5, 25, , 0.000249, graduation"
  })
  void aToolThatCannotBeIsNamed(
      double min, double max, Double deviation, Double graduation, String field) {
    assertThatThrownBy(
            () -> new TorqueTool(min, max, deviation, graduation, NEWTON_METRE, List.of()))
        .hasMessageContaining(field);
  }

  @Test
  void theFinestGraduationIsCountedOnTheToolsOwnScale() {
    assertThat(new TorqueTool(5, 25, 50.0, 0.00025, NEWTON_METRE, List.of()).deviation())
        .isEqualTo(0.5);
    assertThat(new TorqueTool(5, 5, 0.0, null, FOOT_POUND, List.of()).deviation()).isZero();
    assertThat(new TorqueTool(5, 27, null, 0.0002, FOOT_POUND, List.of()).graduation())
        .isEqualTo(0.0002);
  }

  @Test
  void presetsAreCountedAndBelongToTheScale() {
    assertThat(
            new TorqueTool(4, 6, null, null, NEWTON_METRE, Collections.nCopies(100, 5.0)).presets())
        .hasSize(100);
    assertThatThrownBy(
            () -> new TorqueTool(4, 6, null, null, NEWTON_METRE, Collections.nCopies(101, 5.0)))
        .hasMessageContaining("presets");
    assertThatThrownBy(() -> new TorqueTool(4, 6, null, null, NEWTON_METRE, List.of(5.0, 0.0)))
        .hasMessageContaining("presets[1]");
  }

  @Test
  void aReadingKeepsTheDigitsOfItsScale() {
    assertThat(new TorqueTool(5, 25, null, 0.5, NEWTON_METRE, List.of()).reading(18).onScale())
        .isEqualTo("18.0");
    assertThat(
            new TorqueTool(4, 6, null, 0.5, NEWTON_METRE, List.of(4.0, 5.25))
                .reading(5.25)
                .onScale())
        .isEqualTo("5.25");
  }

  /** 6 % to 10 N·m, 4 % above (ISO 6789-1). */
  @ParameterizedTest
  @CsvSource({"10, 0.06", "10.1, 0.04"})
  void theDeviationGoesByTheMaximum(double max, double a) {
    assertThat(span(2, max).deviation()).isEqualTo(a);
  }

  @Test
  void everyTypeOfToolHasWords() {
    assertThat(ToolType.values()).allSatisfy(t -> assertThat(t.words()).isNotBlank());
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "4999, 0", "5000, 5000"})
  void plansLookAtUsesOnlyOnceTheyAreTooMany(int cycles, int lookedAt) {
    CribTool used = tool("t", LocalDate.of(2026, 5, 1), cycles);
    assertThat(used.lookedAtByPlans()).isEqualTo(tool("t", LocalDate.of(2026, 5, 1), lookedAt));
  }
}
