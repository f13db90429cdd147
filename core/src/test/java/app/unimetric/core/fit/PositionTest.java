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

  @ParameterizedTest
  @CsvSource({
    "12, 13, 0.8, lever reach: 1 mm more than it was. 1.25 turns of its adjuster take it back.",
    "12, 11, 0.8, lever reach: 1 mm less than it was. 1.25 turns of its adjuster take it back.",
    "12, 11, , lever reach: 1 mm less than it was.",
    "12, 12.5, , 'lever reach: as it was, within 0.5 mm.'",
  })
  void whereItStandsIsSaid(double found, double left, Double pitch, String words) {
    Position p = new Position("lever reach", found, left, 0.5, pitch);
    assertThat(p.words()).isEqualTo(words);
    assertThat(p.derivation().value()).isEqualTo(left - found);
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
    assertThat(m.reasons().get(0)).startsWith("50 g " + (change < 0 ? "less" : "more") + " in all");
    assertThat(m.derivation()).hasSize(2);
  }

  @Test
  void massesBelowNothingAndRatiosBeyondTheRimAreTold() {
    assertThatThrownBy(() -> MassChange.of(-1, 250, 0)).hasMessageContaining("removedG");
    assertThatThrownBy(() -> MassChange.of(300, 250, 1.1)).hasMessageContaining("from 0 to 1");
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
    PowerCheck level = PowerCheck.of(10_000, 170, 0, List.of(16.671305, 17.0), null);
    assertThat(level.expectedNm()).isCloseTo(16.671305, within(1e-9));
    assertThat(level.errorPercent().get(0)).isCloseTo(0, within(1e-9));
    assertThat(level.errorPercent().get(1)).isCloseTo(1.9716213, within(1e-6));
    assertThat(level.reasons().get(0)).contains("16.67 N·m").contains("2.0 % at the most");
    assertThat(level.derivation().get(0).value()).isEqualTo(level.expectedNm());
    assertThatThrownBy(() -> PowerCheck.of(10_000, 170, 0, List.of(), null))
        .hasMessageContaining("1 to 100");
    assertThat(PowerCheck.of(10_000, 170, 60, List.of(8.0), null).expectedNm())
        .isCloseTo(16.671305 / 2, within(1e-9));
    assertThatThrownBy(() -> PowerCheck.of(10_000, 170, 90, List.of(8.0), null))
        .hasMessageContaining("from -80 to 80");
  }
}
