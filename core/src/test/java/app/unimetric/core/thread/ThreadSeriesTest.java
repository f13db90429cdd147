package app.unimetric.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class ThreadSeriesTest {
  @Test
  void offersCoarseFineAndBicycleThreadsWithTheirHand() {
    assertThat(ThreadSeries.all())
        .extracting(ThreadSeries::name)
        .contains("M8", "M10×1.25", "M8×0.75")
        .doesNotHaveDuplicates();
    assertThat(ThreadSeries.all())
        .filteredOn(t -> t.hand() == Hand.LEFT)
        .extracting(ThreadSeries::name)
        .containsExactlyInAnyOrder("9/16 in × 20, left pedal", "1.375 in × 24, drive side");
  }

  /** ISO 965-1 tables, M8 6g/6H; their entries are rounded to preferred numbers. */
  @Test
  void limitsOfM8AreThoseOfTheTables() {
    ThreadTolerance t = ThreadTolerance.worst(MetricThread.parse("M8"));
    assertThat(t.boltMajorMinMm()).isCloseTo(7.760, within(0.006));
    assertThat(t.boltPitchMinMm()).isCloseTo(7.042, within(0.006));
    assertThat(t.nutPitchMaxMm()).isCloseTo(7.348, within(0.006));
    assertThat(t.nutMinorMaxMm()).isCloseTo(6.912, within(0.006));
  }
}
