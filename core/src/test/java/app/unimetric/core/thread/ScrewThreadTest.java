package app.unimetric.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Diameters after ISO 724, stress area after ISO 898-1, limits after ISO 965-1; worked by hand. */
class ScrewThreadTest {
  @ParameterizedTest
  @CsvSource({
    "8, 1.25, 7.18810, 6.46641, 6.64683, 6.82726, 36.60854",
    "5, 0.8, 4.48038, 4.01850, 4.13397, 4.24944, 14.18255",
    "6, 1, 5.35048, 4.77313, 4.91747, 5.06181, 20.12338",
    "10, 1.5, 9.02572, 8.15970, 8.37620, 8.59271, 57.98960",
    "12, 1.75, 10.86334, 9.85298, 10.10557, 10.35816, 84.26654"
  })
  void diametersAndStressArea(
      double d, double pitch, double d2, double d3, double nutD1, double d0, double area) {
    ScrewThread thread = ScrewThread.of(d, pitch);
    assertThat(thread.pitchDiameterMm()).isCloseTo(d2, within(1e-5));
    assertThat(thread.minorDiameterMm()).isCloseTo(d3, within(1e-5));
    assertThat(thread.internalMinorDiameterMm()).isCloseTo(nutD1, within(1e-5));
    assertThat(thread.stressDiameterMm()).isCloseTo(d0, within(1e-5));
    assertThat(thread.stressAreaMm2()).isCloseTo(area, within(1e-5));
    assertThat(thread.leadTangent()).isCloseTo(pitch / (3.14159265 * d2), within(1e-7));
    assertThat(thread.derivation())
        .extracting("symbol", "value")
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple("d2", thread.pitchDiameterMm()),
            org.assertj.core.groups.Tuple.tuple("d3", thread.minorDiameterMm()),
            org.assertj.core.groups.Tuple.tuple("D1", thread.internalMinorDiameterMm()),
            org.assertj.core.groups.Tuple.tuple("A_s", thread.stressAreaMm2()));
  }

  /** d_min, d2_min of 6g; D2_max, D1_max of 6H, mm; T_D1 has a rule of its own below 1 mm pitch. */
  @ParameterizedTest
  @CsvSource({
    "8, 1.25, 7.76520, 7.03820, 7.34802, 6.91572",
    "5, 0.8, 4.82460, 4.35990, 4.60801, 4.33566",
    "6, 1, 5.79715, 5.21682, 5.49259, 5.14747",
    "12, 1.75, 11.70674, 10.68476, 11.05387, 10.44586"
  })
  void worstLimits(double d, double pitch, double dMin, double d2Min, double d2Max, double d1Max) {
    ThreadTolerance t = ThreadTolerance.worst(ScrewThread.of(d, pitch));
    assertThat(t.boltMajorMinMm()).isCloseTo(dMin, within(1e-5));
    assertThat(t.boltPitchMinMm()).isCloseTo(d2Min, within(1e-5));
    assertThat(t.nutPitchMaxMm()).isCloseTo(d2Max, within(1e-5));
    assertThat(t.nutMinorMaxMm()).isCloseTo(d1Max, within(1e-5));
  }

  @ParameterizedTest
  @CsvSource({
    "8, 0.2, true",
    "8, 0.199, false",
    "20, 0.2, true",
    "21, 0.2, false",
    "50, 0.5, true",
    "50, 0.499, false"
  })
  void tolerancesCoverPitchesOfTheStandard(double d, double pitch, boolean covered) {
    assertThat(ThreadTolerance.covers(ScrewThread.of(d, pitch))).isEqualTo(covered);
  }

  @ParameterizedTest
  @CsvSource({
    "M8, 8, 1.25, M8",
    "m10x1.25, 10, 1.25, M10×1.25",
    "M6 × 1, 6, 1, M6",
    "M8×0.75, 8, 0.75, M8×0.75",
    "'M2,5', 2.5, 0.45, M2.5",
    "M15*1.5, 15, 1.5, M15×1.5",
    "M9x1, 9, 1, M9×1"
  })
  void readsAndWritesDesignations(String text, double d, double pitch, String written) {
    ScrewThread thread = ScrewThread.parse(text);
    assertThat(thread).isEqualTo(ScrewThread.of(d, pitch));
    assertThat(thread.designation()).isEqualTo(written);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "M7    | M7 has no coarse pitch on file",
        "8mm   | written like M8, M10x1.25",
        "M8x9  | too coarse",
        "M999x1| nominalDiameterMm",
        "M     | written like"
      })
  void refusesWhatIsNoThread(String text, String message) {
    assertThatThrownBy(() -> ScrewThread.parse(text))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(message);
  }

  @ParameterizedTest
  @CsvSource({
    "8, 2, true",
    "8, 2.01, false",
    "1, 0.01, true",
    "1, 0.0099, false",
    "100, 10, true",
    "100, 10.1, false",
    "0.99, 0.1, false",
    "100.1, 1, false"
  })
  void limitsOfWhatIsAThread(double d, double pitch, boolean is) {
    if (is) {
      assertThat(ScrewThread.of(d, pitch).pitchMm()).isEqualTo(pitch);
    } else {
      assertThatThrownBy(() -> ScrewThread.of(d, pitch)).isInstanceOf(InvalidInput.class);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "M16x1.5, M16×1.5, true",
    "M16×1.5, M16 x 1.5, true",
    "M8, M8x1.25, true",
    "M8, M10, false",
    "M10x1.25, M10, false",
    "M10, as it was, false",
    "M10, '', false"
  })
  void isKnownHoweverItIsWritten(String thread, String text, boolean same) {
    assertThat(ScrewThread.parse(thread).isWritten(text)).isEqualTo(same);
  }

  @Test
  void handsAndTheirTurns() {
    assertThat(Hand.RIGHT.tighten()).isEqualTo("clockwise");
    assertThat(Hand.RIGHT.loosen()).isEqualTo("counter-clockwise");
    assertThat(Hand.RIGHT.unusual()).isEmpty();
    assertThat(Hand.LEFT.tighten()).isEqualTo("counter-clockwise");
    assertThat(Hand.LEFT.loosen()).isEqualTo("clockwise");
    assertThat(Hand.LEFT.unusual())
        .contains("Left-hand thread: tighten counter-clockwise, loosen clockwise.");
  }
}
