package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.thread.ScrewThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AssemblyPreloadTest {
  /** VDI 2230 table A1, 90 % yield, hexagon heads. */
  @ParameterizedTest
  @CsvSource({
    "M6, 8.8, 0.12, 10.2, 10.1",
    "M6, 8.8, 0.20, 9.0, 14.1",
    "M10, 10.9, 0.10, 44.5, 63",
    "M10, 10.9, 0.16, 41.0, 87",
    "M16, 12.9, 0.14, 135.4, 395"
  })
  void reproducesThePublishedTable(
      String thread, String mark, double friction, double kN, double nm) {
    ScrewThread m = ScrewThread.parse(thread);
    PropertyClass material = PropertyClass.parse(mark);
    AssemblyPreload at =
        AssemblyPreload.at(0.9, material.yieldMPa(m), m, Head.HEX.face(m), Friction.of(friction));
    assertThat(at.preloadN() / 1000).isCloseTo(kN, within(0.006 * kN));
    assertThat(at.torqueNm()).isCloseTo(nm, within(0.008 * nm));
  }

  /** ISO 898-1 proof loads, kN. */
  @ParameterizedTest
  @CsvSource({"M5, 8.8, 8.23", "M8, 8.8, 21.2", "M10, 10.9, 48.1", "M12, 8.8, 48.9"})
  void proofLoadsAreThePublishedOnes(String thread, String mark, double kN) {
    ScrewThread m = ScrewThread.parse(thread);
    assertThat(PropertyClass.parse(mark).proofMPa(m) * m.stressAreaMm2() / 1000)
        .isCloseTo(kN, within(0.006 * kN));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void moreFrictionMeansLessLoadAndTorqueAndLoadAreInverse(Seeded.Case random) {
    ScrewThread m = ScrewThread.parse("M8");
    BearingFace face = Head.SOCKET_CAP.face(m);
    double low = random.between(0.05, 0.3);
    Friction slippery = Friction.of(low);
    Friction rough = Friction.of(low + random.between(0.01, 0.2));
    double nm = random.between(1, 40);
    double load = TighteningTorque.loadN(nm, m, face, slippery);
    assertThat(TighteningTorque.loadN(nm, m, face, rough)).isLessThan(load);
    assertThat(TighteningTorque.torqueNm(load, m, face, slippery)).isCloseTo(nm, within(1e-9));
    double same = TighteningTorque.sameLoadNm(nm, m, face, slippery, rough);
    assertThat(TighteningTorque.loadN(same, m, face, rough)).isCloseTo(load, within(1e-6));
  }

  @Test
  void class88IsStrongerAboveM16() {
    assertThat(PropertyClass.C8_8.yieldMPa(ScrewThread.parse("M16"))).isEqualTo(640);
    assertThat(PropertyClass.C8_8.yieldMPa(ScrewThread.parse("M18"))).isEqualTo(660);
  }
}
