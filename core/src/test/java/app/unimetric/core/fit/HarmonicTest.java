package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class HarmonicTest {
  private static List<Double> wave(
      List<Double> anglesDeg, double mean, double amplitude, double at) {
    return anglesDeg.stream()
        .map(a -> mean + amplitude * Math.cos(Math.toRadians(a - at)))
        .toList();
  }

  @Test
  void whatRisesOnceATurnIsFoundWhereverItWasRead() {
    Random random = new Random(3);
    for (int i = 0; i < 200; i++) {
      List<Double> angles = new ArrayList<>();
      for (double a = 20 * random.nextDouble(); a < 350; a += 10 + 50 * random.nextDouble()) {
        angles.add(a);
      }
      double at = 360 * random.nextDouble();
      Harmonic h = Harmonic.of(wave(angles, 0.2, 0.07, at), angles, 4, "readingsMm");
      assertThat(h.mean()).isCloseTo(0.2, within(1e-9));
      assertThat(h.amplitude()).isCloseTo(0.07, within(1e-9));
      assertThat(Math.abs((h.highAtDeg() - at + 540) % 360 - 180)).isLessThan(1e-5);
      assertThat(h.residual()).isLessThan(1e-9);
    }
  }

  @Test
  void noOtherWaveComesNearer() {
    Random random = new Random(5);
    List<Double> readings = random.doubles(12, 0, 0.3).boxed().toList();
    Harmonic h = Harmonic.of(readings, null, 8, "readingsMm");
    double least = h.residuals().stream().mapToDouble(r -> r * r).sum();
    List<Double> angles = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      angles.add(30.0 * i);
    }
    for (int i = 0; i < 500; i++) {
      List<Double> other =
          wave(
              angles,
              h.mean() + 0.02 * random.nextGaussian(),
              h.amplitude() + 0.02 * random.nextGaussian(),
              h.highAtDeg() + 10 * random.nextGaussian());
      double squares = 0;
      for (int k = 0; k < 12; k++) {
        squares += Math.pow(readings.get(k) - other.get(k), 2);
      }
      assertThat(squares).isGreaterThanOrEqualTo(least - 1e-12);
    }
  }

  @Test
  void readingsThatSayNothingAreTold() {
    List<Double> eight = List.of(0.0, 0.1, 0.2, 0.1, 0.0, 0.1, 0.2, 0.1);
    assertThatThrownBy(() -> Harmonic.of(eight.subList(0, 7), null, 8, "readingsMm"))
        .hasMessageContaining("needs 8");
    assertThatThrownBy(
            () ->
                Harmonic.of(eight, List.of(0.0, 10.0, 20.0, 15.0, 30.0, 40.0, 50.0, 60.0), 8, "r"))
        .hasMessageContaining("does not rise");
    assertThatThrownBy(
            () ->
                Harmonic.of(
                    eight, List.of(0.0, 45.0, 90.0, 135.0, 180.0, 225.0, 270.0, 360.0), 8, "r"))
        .hasMessageContaining("come back");
    assertThatThrownBy(
            () -> Harmonic.of(eight, List.of(0.0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7), 8, "r"))
        .hasMessageContaining("too close together");
    assertThatThrownBy(() -> Harmonic.of(eight, List.of(0.0, 90.0), 8, "r"))
        .hasMessageContaining("2 angles for 8 readings");
  }
}
