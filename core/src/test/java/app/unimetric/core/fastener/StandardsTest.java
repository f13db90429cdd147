package app.unimetric.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.ScrewThread;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every figure of the standards the core goes by, as the reference data state it. */
class StandardsTest {
  private static final ScrewThread M16 = ScrewThread.parse("M16");
  private static final ScrewThread M18 = ScrewThread.parse("M18");

  /** Class, R_m, R_p0.2, S_p (MPa), E (MPa), source: ISO 898-1, ISO 3506-1, handbook. */
  @ParameterizedTest
  @CsvSource({
    "4.6, 400, 240, 225, 205000, ISO 898-1",
    "4.8, 420, 340, 310, 205000, ISO 898-1",
    "5.6, 500, 300, 280, 205000, ISO 898-1",
    "5.8, 520, 420, 380, 205000, ISO 898-1",
    "6.8, 600, 480, 440, 205000, ISO 898-1",
    "8.8, 800, 640, 580, 205000, ISO 898-1",
    "9.8, 900, 720, 650, 205000, ISO 898-1",
    "10.9, 1040, 940, 830, 205000, ISO 898-1",
    "12.9, 1220, 1100, 970, 205000, ISO 898-1",
    "A2-50, 500, 210, 210, 193000, ISO 3506-1",
    "A4-50, 500, 210, 210, 193000, ISO 3506-1",
    "A2-70, 700, 450, 450, 193000, ISO 3506-1",
    "A4-70, 700, 450, 450, 193000, ISO 3506-1",
    "A2-80, 800, 600, 600, 193000, ISO 3506-1",
    "A4-80, 800, 600, 600, 193000, ISO 3506-1",
    "A4-100, 1000, 800, 800, 193000, ISO 3506-1",
    "TI-6AL-4V, 895, 828, 828, 114000, typical handbook value",
    "7075-T6, 572, 503, 503, 71700, typical handbook value"
  })
  void classes(
      String mark, double ultimate, double yield, double proof, double young, String source) {
    PropertyClass material = PropertyClass.parse(" " + mark.toLowerCase(java.util.Locale.ROOT));
    assertThat(material.mark()).isEqualTo(mark);
    assertThat(material.ultimateMPa(M16)).isEqualTo(ultimate);
    assertThat(material.yieldMPa(M16)).isEqualTo(yield);
    assertThat(material.proofMPa(M16)).isEqualTo(proof);
    assertThat(material.youngMPa()).isEqualTo(young);
    assertThat(material.source()).isEqualTo(source);
    assertThat(material.isStainless()).isEqualTo(mark.startsWith("A"));
    assertThat(PropertyClass.marks()).contains(mark).hasSize(21);
  }

  /** SAE J429: grade, tensile, yield, proof, ksi; 1 ksi = 6.894757 MPa. */
  @ParameterizedTest
  @CsvSource({"SAE-2, 74, 57, 55", "SAE-5, 120, 92, 85", "SAE-8, 150, 130, 120"})
  void gradesOfInchBolts(String mark, double tensile, double yield, double proof) {
    ScrewThread quarter = ScrewThread.parse("1/4-20");
    PropertyClass grade = PropertyClass.parse(mark);
    assertThat(grade.ultimateMPa(quarter)).isCloseTo(tensile * 6.894757, within(1e-9));
    assertThat(grade.yieldMPa(quarter)).isCloseTo(yield * 6.894757, within(1e-9));
    assertThat(grade.proofMPa(quarter)).isCloseTo(proof * 6.894757, within(1e-9));
    assertThat(grade.youngMPa()).isEqualTo(205000);
    assertThat(grade.source()).isEqualTo("SAE J429");
    assertThat(grade.isGrade()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "SAE-5, 1/4-20,",
    "SAE-5, #10-32, Below 1/4 in",
    "SAE-2, 3/4-10,",
    "SAE-8, 3/4-16,",
    "SAE-8, M8, SAE grades belong to inch threads",
    "9.8, M16,",
    "9.8, M18, Class 9.8 ends at M16",
    "8.8, 1/4-20,",
    "A2-70, #10-32,"
  })
  void aClassIsMadeWithSomeThreadsOnly(String mark, String thread, String why) {
    PropertyClass material = PropertyClass.parse(mark);
    ScrewThread on = ScrewThread.parse(thread);
    if (why == null) {
      assertThat(material.whyNotOn(on)).isEmpty();
      assertThat(new Fastener(on, Hand.RIGHT, material, Head.HEX, null).words()).contains(mark);
    } else {
      assertThat(material.whyNotOn(on)).get().asString().startsWith(why);
      assertThatThrownBy(() -> new Fastener(on, Hand.RIGHT, material, Head.HEX, null))
          .isInstanceOf(InvalidInput.class)
          .hasMessageContaining(why);
    }
  }

  /** d_w = 0.95 of the width across flats of ASME B18.2.1, in. */
  @ParameterizedTest
  @CsvSource({
    "1/4-20, 0.4375",
    "5/16-18, 0.5",
    "3/8-24, 0.5625",
    "7/16-14, 0.625",
    "1/2-13, 0.75",
    "9/16-12, 0.8125",
    "5/8-18, 0.9375",
    "3/4-10, 1.125"
  })
  void hexagonsOfInchBolts(String thread, double flats) {
    ScrewThread on = ScrewThread.parse(thread);
    BearingFace face = Head.HEX.face(on);
    assertThat(face.outerDiameterMm()).isCloseTo(0.95 * flats * 25.4, within(1e-9));
    assertThat(face.holeDiameterMm()).isCloseTo(1.1 * on.nominalDiameterMm(), within(1e-9));
    assertThat(face.source()).contains("assumed");
    assertThat(Head.SOCKET_CAP.face(on).source()).isEqualTo("typical share of the diameter");
  }

  @Test
  void aSmallInchHexagonTakesTheTypicalShare() {
    BearingFace face = Head.HEX.face(ScrewThread.parse("#10-32"));
    assertThat(face.outerDiameterMm()).isCloseTo(1.45 * 4.826, within(1e-9));
    assertThat(face.source()).isEqualTo("typical share of the diameter");
  }

  @ParameterizedTest
  @CsvSource({
    "8.8, 830, 660, 600",
    "10.9, 1040, 940, 830",
    "4.6, 400, 240, 225",
    "A2-70, 700, 450, 450"
  })
  void aboveM16OnlyEightPointEightIsStronger(
      String mark, double ultimate, double yield, double proof) {
    PropertyClass material = PropertyClass.parse(mark);
    assertThat(material.ultimateMPa(M18)).isEqualTo(ultimate);
    assertThat(material.yieldMPa(M18)).isEqualTo(yield);
    assertThat(material.proofMPa(M18)).isEqualTo(proof);
  }

  @Test
  void anUnknownMarkNamesTheKnownOnes() {
    assertThatThrownBy(() -> PropertyClass.parse("9.9"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("4.6, 4.8, 5.6, 5.8, 6.8, 8.8");
  }

  /**
   * Bearing diameter d_w and medium clearance hole d_h, mm (ISO 4014, 4762, 10642, 7380-1, EN 1665;
   * ISO 273).
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "HEX         | M3 4.57 M4 5.88 M5 6.88 M6 8.88 M8 11.63 M10 14.63 M12 16.63 M14 19.64 M16 22.49 M18 25.34 M20 28.19 | ISO 4014",
        "SOCKET_CAP  | M3 5.07 M4 6.53 M5 8.03 M6 9.38 M8 12.33 M10 15.33 M12 17.23 M14 20.17 M16 23.17 M20 28.87 | ISO 4762",
        "COUNTERSUNK | M3 5.54 M4 7.53 M5 9.43 M6 11.34 M8 15.24 M10 19.22 M12 23.12 M16 29.01 | ISO 10642",
        "FLANGE      | M5 9.8 M6 12.2 M8 15.8 M10 19.6 M12 23.8 M14 27.6 M16 31.9 M20 39.9 | EN 1665",
        "BUTTON      | M3 5.2 M4 7.0 M5 8.8 M6 9.8 M8 13.1 M10 16.4 M12 19.8 M16 26.5 | ISO 7380-1"
      })
  void heads(Head head, String diameters, String standard) {
    String[] words = diameters.strip().split(" ");
    for (int i = 0; i < words.length; i += 2) {
      BearingFace face = head.face(ScrewThread.parse(words[i]));
      assertThat(face.outerDiameterMm()).as(words[i]).isEqualTo(Double.parseDouble(words[i + 1]));
      assertThat(face.coneDeg()).isEqualTo(head == Head.COUNTERSUNK ? 90 : 180);
      assertThat(face.source()).isEqualTo(standard + ", ISO 273 medium");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "M3, 3.4",
    "M4, 4.5",
    "M5, 5.5",
    "M6, 6.6",
    "M8, 9",
    "M10, 11",
    "M12, 13.5",
    "M14, 15.5",
    "M16, 17.5",
    "M18, 20",
    "M20, 22"
  })
  void mediumClearanceHoles(String thread, double hole) {
    assertThat(Head.HEX.face(ScrewThread.parse(thread)).holeDiameterMm()).isEqualTo(hole);
  }

  /**
   * A fine thread has the head of its diameter; what a standard leaves out is a typical share of d.
   */
  @ParameterizedTest
  @CsvSource({
    "HEX, 10, 1, 14.63, 11, 'ISO 4014, ISO 273 medium'",
    "HEX, 9, 1, 13.05, 9.9, typical share of the diameter",
    "HEX, 22, 2.5, 31.9, 24.2, typical share of the diameter",
    "SOCKET_CAP, 9, 1, 13.5, 9.9, typical share of the diameter",
    "SOCKET_CAP, 18, 2.5, 27, 19.8, typical share of the diameter",
    "COUNTERSUNK, 14, 2, 26.6, 15.4, typical share of the diameter",
    "FLANGE, 4, 0.7, 7.8, 4.4, typical share of the diameter",
    "BUTTON, 20, 2.5, 33, 22, typical share of the diameter"
  })
  void headsOfOtherDiameters(
      Head head, double d, double pitch, double outer, double hole, String source) {
    BearingFace face = head.face(ScrewThread.of(d, pitch));
    assertThat(face.outerDiameterMm()).isCloseTo(outer, within(1e-9));
    assertThat(face.holeDiameterMm()).isCloseTo(hole, within(1e-9));
    assertThat(face.source()).isEqualTo(source);
  }

  /** D_Km = (d_w + d_h)/2, lever D_Km/(2·sin(cone/2)), area π/4·(d_w² − d_h²); M8 by hand. */
  @Test
  void bearingFaces() {
    BearingFace hex = Head.HEX.face(ScrewThread.parse("M8"));
    assertThat(hex.frictionDiameterMm()).isCloseTo(10.315, within(1e-9));
    assertThat(hex.frictionLeverMm()).isCloseTo(5.1575, within(1e-9));
    assertThat(hex.areaMm2()).isCloseTo(42.614, within(0.001));
    BearingFace sunk = Head.COUNTERSUNK.face(15.24, 9);
    assertThat(sunk.frictionLeverMm()).isCloseTo(8.5701, within(0.0001));
    assertThat(sunk.source()).isEqualTo("as stated");
    BearingFace flat = BearingFace.flat(20, 10, "washer");
    assertThat(flat.frictionLeverMm()).isEqualTo(7.5);
    assertThat(flat.source()).isEqualTo("washer");
  }

  @ParameterizedTest
  @CsvSource({
    "0, 5, 180, outerDiameterMm", "500.1, 5, 180, outerDiameterMm", "10, 0, 180, holeDiameterMm",
    "10, 10, 180, holeDiameterMm", "10, 5, 29.9, coneDeg", "10, 5, 180.1, coneDeg"
  })
  void facesThatCannotBe(double outer, double hole, double cone, String field) {
    assertThatThrownBy(() -> new BearingFace(outer, hole, cone, ""))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems().get(0).field()).isEqualTo(field));
    assertThat(new BearingFace(10, 9.99, 30, "").coneDeg()).isEqualTo(30);
  }

  @Test
  void headsInWords() {
    assertThat(Arrays.stream(Head.values()).map(Head::words))
        .containsExactly("hexagon", "socket cap", "countersunk", "flange", "button");
  }

  /** Typical R_m, MPa, and what each counts as. */
  @ParameterizedTest
  @CsvSource({
    "STEEL, 400, steel, steel",
    "STEEL_MILD, 400, mild steel, steel",
    "STEEL_MEDIUM, 600, medium steel, steel",
    "STEEL_ALLOY, 900, alloy steel, steel",
    "STAINLESS, 500, stainless steel, metal",
    "ALUMINIUM, 230, aluminium, light",
    "ALUMINIUM_6061_T6, 310, aluminium 6061-T6, light",
    "ALUMINIUM_7075_T6, 572, aluminium 7075-T6, light",
    "ALUMINIUM_CAST, 230, cast aluminium, light",
    "MAGNESIUM_CAST, 200, cast magnesium, light",
    "BRASS, 400, brass, metal",
    "TITANIUM, 895, titanium, metal",
    "PLASTIC, , plastic, none",
    "CARBON, , carbon, none"
  })
  void materials(Material material, Double ultimate, String words, String kind) {
    assertThat(material.ultimateMPa()).isEqualTo(ultimate);
    assertThat(material.words()).isEqualTo(words);
    assertThat(material.isLightMetal()).isEqualTo(kind.equals("light"));
    assertThat(material.isMetal()).isEqualTo(!kind.equals("none"));
  }

  /** Test torques of keys, N·m: ISO 2936 hexagon, ISO 10664 hexalobular. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "ISO 2936  | HEX_2 1.9 HEX_2_5 3.8 HEX_3 6.6 HEX_4 16 HEX_5 30 HEX_6 52 HEX_8 120 HEX_10 220 HEX_12 370 HEX_14 590",
        "ISO 10664 | T10 3.7 T15 6.4 T20 10.5 T25 15.9 T30 31.1 T40 54.1 T45 86.2 T50 132 T55 218"
      })
  void drives(String standard, String limits) {
    String[] words = limits.strip().split(" ");
    for (int i = 0; i < words.length; i += 2) {
      Drive drive = Drive.valueOf(words[i]);
      assertThat(drive.limitNm()).as(words[i]).isEqualTo(Double.parseDouble(words[i + 1]));
      assertThat(drive.source()).isEqualTo(standard);
    }
    assertThat(Drive.EXTERNAL_HEX.limitNm()).isNull();
    assertThat(Drive.EXTERNAL_HEX.source()).isEqualTo("no recess");
    assertThat(EnumSet.allOf(Drive.class)).hasSize(20);
  }

  @Test
  void aFastenerByName() {
    Fastener left =
        new Fastener(
            ScrewThread.parse("M10x1.25"), Hand.LEFT, PropertyClass.C10_9, Head.FLANGE, null);
    assertThat(left.words()).isEqualTo("M10×1.25 10.9");
    assertThat(left.isLeftHand()).isTrue();
    assertThat(left.face()).isEqualTo(Head.FLANGE.face(left.thread()));
    Fastener unmarked =
        new Fastener(ScrewThread.parse("M8"), Hand.RIGHT, null, Head.HEX, "13 mm socket");
    assertThat(unmarked.words()).isEqualTo("M8");
    assertThat(unmarked.isLeftHand()).isFalse();
    assertThat(Set.of(Hand.values())).hasSize(2);
  }
}
