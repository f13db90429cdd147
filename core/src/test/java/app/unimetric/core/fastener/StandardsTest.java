package app.unimetric.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.thread.MetricThread;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Figures of the standards, and what must hold between them. */
class StandardsTest {
  private static final double[] DIAMETERS = {3, 4, 5, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24};

  @ParameterizedTest
  @CsvSource({
    "4.6, 400, 240",
    "5.8, 520, 420",
    "8.8, 800, 640",
    "9.8, 900, 720",
    "10.9, 1040, 940",
    "12.9, 1220, 1100",
    "A2-70, 700, 450",
    "A4-80, 800, 600",
    "TI-6AL-4V, 895, 828"
  })
  void classesAreThoseOfTheStandards(String mark, double ultimate, double yield) {
    MetricThread m8 = MetricThread.parse("M8");
    PropertyClass material = PropertyClass.parse(mark);
    assertThat(material.ultimateMPa(m8)).isEqualTo(ultimate);
    assertThat(material.yieldMPa(m8)).isEqualTo(yield);
    assertThat(material.mark()).isEqualTo(mark);
  }

  @Test
  void eightPointEightIsStrongerAboveM16() {
    assertThat(PropertyClass.C8_8.yieldMPa(MetricThread.parse("M20"))).isEqualTo(660);
    assertThat(PropertyClass.C8_8.ultimateMPa(MetricThread.parse("M20"))).isEqualTo(830);
    assertThat(PropertyClass.C8_8.proofMPa(MetricThread.parse("M20"))).isEqualTo(600);
    assertThat(PropertyClass.C10_9.yieldMPa(MetricThread.parse("M20"))).isEqualTo(940);
  }

  @ParameterizedTest
  @EnumSource(PropertyClass.class)
  void proofIsBelowYieldIsBelowUltimate(PropertyClass material) {
    for (double d : DIAMETERS) {
      MetricThread thread = MetricThread.of(d, 0.5);
      assertThat(material.proofMPa(thread)).isLessThanOrEqualTo(material.yieldMPa(thread));
      assertThat(material.yieldMPa(thread)).isLessThan(material.ultimateMPa(thread));
    }
    assertThat(material.youngMPa()).isBetween(60_000.0, 220_000.0);
    assertThat(material.source()).isNotBlank();
    assertThat(PropertyClass.parse(material.mark().toLowerCase(java.util.Locale.ROOT)))
        .isEqualTo(material);
  }

  @Test
  void anUnknownMarkNamesTheKnownOnes() {
    assertThatThrownBy(() -> PropertyClass.parse("9.9")).hasMessageContaining("8.8");
  }

  @ParameterizedTest
  @EnumSource(Head.class)
  void facesGrowWithTheThreadAndAreWiderThanTheHole(Head head) {
    double before = 0;
    for (double d : DIAMETERS) {
      BearingFace face = head.face(MetricThread.of(d, 0.5));
      assertThat(face.outerDiameterMm()).isGreaterThan(face.holeDiameterMm());
      assertThat(face.holeDiameterMm()).isGreaterThan(d);
      assertThat(face.outerDiameterMm()).isGreaterThan(before);
      before = face.outerDiameterMm();
      assertThat(face.source()).isNotBlank();
    }
    assertThat(head.words()).isNotBlank();
  }

  @Test
  void whatTheStandardLeavesOutSaysSo() {
    assertThat(Head.HEX.face(MetricThread.of(9, 1)).source()).contains("typical");
    assertThat(Head.HEX.face(MetricThread.parse("M8")).source()).contains("ISO 4014");
    assertThat(Head.FLANGE.face(MetricThread.parse("M8")).source()).contains("EN 1665");
  }

  @Test
  void aFlangeTakesMoreTorqueForTheSameLoadThanAHexagon() {
    MetricThread m8 = MetricThread.parse("M8");
    assertThat(Head.FLANGE.face(m8).frictionLeverMm())
        .isGreaterThan(Head.HEX.face(m8).frictionLeverMm());
    assertThat(Head.HEX.face(m8).areaMm2())
        .isCloseTo(Math.PI / 4 * (11.63 * 11.63 - 81), within(1e-9));
  }

  @Test
  void onlyPlasticAndCarbonPromiseNothing() {
    assertThat(Arrays.stream(Material.values()).filter(m -> m.ultimateMPa() == null))
        .containsExactly(Material.PLASTIC, Material.CARBON);
    assertThat(Arrays.stream(Material.values()).filter(m -> !m.isMetal()))
        .containsExactly(Material.PLASTIC, Material.CARBON);
    assertThat(Material.MAGNESIUM_CAST.isLightMetal()).isTrue();
    assertThat(Material.STEEL_ALLOY.isSteel()).isTrue();
    assertThat(Material.STAINLESS.isSteel()).isFalse();
  }

  @Test
  void largerKeysStandMore() {
    double before = 0;
    for (Drive drive : Drive.values()) {
      if (drive.name().startsWith("HEX_")) {
        assertThat(drive.limitNm()).isGreaterThan(before);
        before = drive.limitNm();
      }
    }
    before = 0;
    for (Drive drive : Drive.values()) {
      if (drive.name().startsWith("T")) {
        assertThat(drive.limitNm()).isGreaterThan(before);
        before = drive.limitNm();
      }
    }
    assertThat(Drive.EXTERNAL_HEX.limitNm()).isNull();
  }
}
