package app.unimetric.core.ask;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Source;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Lock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A joint said in one line. */
class JointLineTest {

  @Test
  void crosswiseWithAProduct() {
    JointLine line = JointLine.parse("4 M6 8.8 20 Nm cross medium");
    assertThat(line.count()).isEqualTo(4);
    assertThat(line.thread()).isEqualTo("M6");
    assertThat(line.propertyClass()).isEqualTo("8.8");
    assertThat(line.torque()).isEqualTo("20 nm");
    assertThat(line.layout()).isEqualTo(Layout.CIRCLE);
    assertThat(line.product()).isEqualTo(Compound.MEDIUM);
    assertThat(line.source()).isEqualTo(Source.RECOLLECTION);
    assertThat(line.critical()).isFalse();
    assertThat(line.title()).isEqualTo("4 bolts M6");
  }

  @Test
  void intoAMaterialWithItsPage() {
    JointLine line =
        JointLine.parse("bracket to frame 2x M8x1.25 into aluminium 22 Nm manual p 7-14");
    assertThat(line.title()).isEqualTo("Bracket to frame");
    assertThat(line.count()).isEqualTo(2);
    assertThat(line.thread()).isEqualTo("M8");
    assertThat(line.propertyClass()).as("nobody named one").isNull();
    assertThat(line.female()).isEqualTo(Material.ALUMINIUM_6061_T6);
    assertThat(line.layout()).isEqualTo(Layout.ROW);
    assertThat(line.source()).isEqualTo(Source.MANUAL);
    assertThat(line.document()).isEqualTo("p. 7-14");
    assertThat(line.product()).isNull();
  }

  @ParameterizedTest
  @CsvSource({
    "M10,                          1, M10,       PINCH,  '',            HEX",
    "M10x1.25 critical,            1, M10×1.25,  PINCH,  '',            HEX",
    "3 M5 socket,                  3, M5,        CIRCLE, '',            SOCKET_CAP",
    "2 M5 pinch 5-6 Nm,            2, M5,        PINCH,  '5-6 nm',      HEX",
    "4 M5 faceplate max 5 Nm,      4, M5,        FACEPLATE, 'max 5 nm', HEX",
    "6 × M5 countersunk 48 in lbs, 6, M5,        CIRCLE, '48 in lbs',   COUNTERSUNK",
    "2 M12x1.25 40 Nm + 90°,       2, M12×1.25,  ROW,    '40 nm + 90°', HEX",
    "1/4-20 grade 5 8 ftlb,        1, 1/4-20 UNC, PINCH, '8 ftlb',      HEX",
    "2 M6 snug,                    2, M6,        ROW,    'snug',        HEX"
  })
  void isReadWhereverItStands(
      String typed, int count, String thread, Layout layout, String torque, Head head) {
    JointLine line = JointLine.parse(typed);
    assertThat(line.count()).isEqualTo(count);
    assertThat(line.thread()).isEqualTo(thread);
    assertThat(line.layout()).isEqualTo(layout);
    assertThat(line.torque() == null ? "" : line.torque()).isEqualTo(torque);
    assertThat(line.head()).isEqualTo(head);
  }

  @ParameterizedTest
  @CsvSource({
    "M8 low, LOW",
    "M8 medium strength, MEDIUM",
    "M8 threadlocker, MEDIUM",
    "M8 high, HIGH",
    "M8 wicking, WICKING",
    "M8 greased, GREASE",
    "M8 anti-seize, ANTI_SEIZE",
    "M8 paste, CARBON_PASTE",
    "M8 dry, CLEAN_DRY"
  })
  void theProductBesideIt(String typed, Compound product) {
    assertThat(JointLine.parse(typed).product()).isEqualTo(product);
  }

  @ParameterizedTest
  @CsvSource({
    "M8 20 Nm kit p 3, KIT_SHEET, p. 3",
    "M8 20 Nm sheet, KIT_SHEET, no page given",
    "M8 20 Nm stamped, PART_MARKING, no page given",
    "M8 20 Nm, RECOLLECTION, as typed"
  })
  void whereItStands(String typed, Source source, String document) {
    JointLine line = JointLine.parse(typed);
    assertThat(line.source()).isEqualTo(source);
    assertThat(line.document()).isEqualTo(document);
  }

  @Test
  void whatIsAssumedIsSaid() {
    assertThat(JointLine.parse("M8 20 Nm").assumed())
        .hasSize(3)
        .anyMatch(a -> a.startsWith("Nothing critical"))
        .anyMatch(a -> a.startsWith("The torque counts as from memory"))
        .anyMatch(a -> a.startsWith("It has no name yet"));
    assertThat(JointLine.parse("mirror stem M8 critical").assumed()).isEmpty();
  }

  @Test
  void handAndLock() {
    JointLine line = JointLine.parse("mirror M10 left-hand insert nut");
    assertThat(line.leftHand()).isTrue();
    assertThat(line.lock()).isEqualTo(Lock.NYLON_INSERT);
    assertThat(line.title()).isEqualTo("Mirror");
  }

  @ParameterizedTest
  @CsvSource({
    "'', Nothing was typed",
    "20 Nm cross, No thread was named",
    "65 M6, 1 to 64",
    "M6 at 5 or 7, was not understood",
    "M7.3 8.8, no coarse pitch",
    "M6 -5 Nm, was not understood",
    "M6 9999999 Nm, was not understood",
    "M6x99, must be a number"
  })
  void isRefusedWithWhatIsWrong(String typed, String words) {
    assertThatThrownBy(() -> JointLine.parse(typed))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(words)
        .hasMessageStartingWith("line: ");
  }

  @Test
  void whatIsNoTextIsPassedOver() {
    assertThat(JointLine.parse("\u0001mirror\tM8 22 Nm").title()).isEqualTo("Mirror");
  }
}
