package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Positions, masses and known masses on a crank. */
class PositionTest {
  @ParameterizedTest
  @CsvSource({
    "12, 12.5, 0.5, 0.5, true, 0.625",
    "12, 12.51, 0.5, 0.51, false, 0.6375",
    "12, 11.5, 0.5, -0.5, true, -0.625",
  })
  void whatStandsAgainWhereItStoodIsWithinItsTolerance(
      double found,
      double left,
      double tolerance,
      double difference,
      boolean within,
      double turns) {
    Position p = new Position("lever reach", found, left, tolerance, 0.8);
    assertThat(p.differenceMm()).isCloseTo(difference, within(1e-9));
    assertThat(p.isWithin()).isEqualTo(within);
    assertThat(p.turns()).isCloseTo(turns, within(1e-9));
    assertThat(new Position("bar roll", found, left, tolerance, null).turns()).isNull();
  }

  @Test
  void aPlaceWithoutANameIsNone() {
    assertThatThrownBy(() -> new Position(" ", 1, 1, 1, null)).hasMessageContaining("is missing");
  }

  @ParameterizedTest
  @CsvSource({"300, 250, 0, -50, -50", "300, 250, 1, -50, -100", "250, 300, 0.5, 50, 62.5"})
  void whatTurnsIsAcceleratedTwice(
      double removed, double fitted, double ratio, double change, double equivalent) {
    MassChange m = MassChange.of(removed, fitted, ratio);
    assertThat(m.changeG()).isCloseTo(change, within(1e-9));
    assertThat(m.equivalentChangeG()).isCloseTo(equivalent, within(1e-9));
  }

  @Test
  void aFlywheelWeighsMostInTheLowestGear() {
    assertThat(MassChange.ofFlywheel(500, 60, 300, List.of(20.0, 10.0)))
        .satisfiesExactly(
            g -> assertThat(g).isCloseTo(8000, within(1e-6)),
            g -> assertThat(g).isCloseTo(2000, within(1e-6)));
    assertThatThrownBy(() -> MassChange.ofFlywheel(500, 60, 300, List.of()))
        .hasMessageContaining("1 to 32");
  }

  @Test
  void aKnownMassGivesAKnownTorque() {
    PowerCheck level = PowerCheck.of(10_000, 170, 0, List.of(16.671305, 17.0));
    assertThat(level.expectedNm()).isCloseTo(16.671305, within(1e-9));
    assertThat(level.errorPercent().get(0)).isCloseTo(0, within(1e-9));
    assertThat(level.errorPercent().get(1)).isCloseTo(1.9716213, within(1e-6));
    assertThat(PowerCheck.of(10_000, 170, 60, List.of(8.0)).expectedNm())
        .isCloseTo(16.671305 / 2, within(1e-9));
    assertThatThrownBy(() -> PowerCheck.of(10_000, 170, 90, List.of(8.0)))
        .hasMessageContaining("from -80 to 80");
  }
}
