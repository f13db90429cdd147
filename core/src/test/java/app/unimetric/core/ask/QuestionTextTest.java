package app.unimetric.core.ask;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Form;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuestionTextTest {
  @Test
  void aJointWithItsThreadMaterialAndEngagement() {
    Question q = QuestionText.parse("M8 8.8 into cast aluminium 12 mm");
    assertThat(q.kind()).isEqualTo(Question.Kind.JOINT);
    assertThat(q.thread().designation()).isEqualTo("M8");
    assertThat(q.material()).isEqualTo(PropertyClass.C8_8);
    assertThat(q.female()).isEqualTo(Material.ALUMINIUM_CAST);
    assertThat(q.engagementMm()).isEqualTo(12);
    assertThat(q.assumed())
        .containsExactly(
            "Threads dry to oiled and a hexagon head are assumed; add “greased” or “socket” to change that.");
  }

  @Test
  void aJointWithATorqueAndWhatItTakesForGranted() {
    Question q = QuestionText.parse("m10x1.25 10.9 socket greased 55 Nm");
    assertThat(q.thread().designation()).isEqualTo("M10×1.25");
    assertThat(q.head()).isEqualTo(Head.SOCKET_CAP);
    assertThat(q.condition()).isEqualTo(FrictionCondition.GREASED);
    assertThat(q.torque().asStated()).isEqualTo("55 N·m");
    assertThat(q.assumed()).isEmpty();
    assertThat(QuestionText.parse("M6 8.8 socket").assumed())
        .singleElement()
        .asString()
        .startsWith("Threads dry to oiled");
    assertThat(QuestionText.parse("M6 8.8 dry").assumed())
        .singleElement()
        .asString()
        .startsWith("A hexagon head");
    Question bare = QuestionText.parse("M6 into aluminium");
    assertThat(bare.female()).isEqualTo(Material.ALUMINIUM_6061_T6);
    assertThat(bare.assumed()).hasSize(3);
  }

  @Test
  void aSettingWithCrowfootAndTool() {
    Question q = QuestionText.parse("10-12 Nm with 35 mm crowfoot on the 5-25 tool");
    assertThat(q.kind()).isEqualTo(Question.Kind.SETTING);
    assertThat(q.torque().form()).isEqualTo(Form.RANGE);
    assertThat(q.extensionMm()).isEqualTo(35);
    assertThat(q.tool()).isEqualTo(new Question.ToolSpan(5, 25, TorqueUnit.NEWTON_METRE));
    Question full =
        QuestionText.parse(
            "18 ft-lb with a 40 mm adapter at 90° lever 250 mm on 10-80 ftlb wrench");
    assertThat(full.angleDeg()).isEqualTo(90);
    assertThat(full.leverMm()).isEqualTo(250);
    assertThat(full.tool().unit()).isEqualTo(TorqueUnit.FOOT_POUND);
    assertThat(full.torque().unit()).isEqualTo(TorqueUnit.FOOT_POUND);
  }

  @Test
  void aBareTorqueIsStillATorque() {
    assertThat(QuestionText.parse("18 ftlb").kind()).isEqualTo(Question.Kind.TORQUE);
    assertThat(QuestionText.parse("8.8 Nm").torque().asStated()).isEqualTo("8.8 N·m");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "M8 8.8 with honey",
        "12",
        "M7 8.8",
        "10 Nm on the 25-5 tool",
        "",
        "M8 8.8 12 13 Nm"
      })
  void whatIsNotUnderstoodIsSaid(String text) {
    assertThatThrownBy(() -> QuestionText.parse(text)).isInstanceOf(InvalidInput.class);
  }

  /** Materials, marks and grades are used as named, or asked about; never silently 8.8. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "M6 stainless                    | A2_70     |                   | A2-70 assumed",
        "M6 A4 into brass                | A4_70     | BRASS             | A4-70 is assumed",
        "M6 A2-70 stainless              | A2_70     |                   |",
        "M6 stainless into stainless     | A2_70     | STAINLESS         | A2-70 assumed",
        "M8 titanium                     | TI_6AL_4V |                   | Ti-6Al-4V assumed",
        "M8 titanium grade 5             | TI_6AL_4V |                   |",
        "M5 aluminium                    | AL_7075_T6|                   | 7075-T6 assumed",
        "M5 7075-T6 into cast aluminium  | AL_7075_T6| ALUMINIUM_CAST    |",
        "M5 into 7075 aluminium          | C8_8      | ALUMINIUM_7075_T6 | Class 8.8 is assumed",
        "M8 8.8 aluminium                | C8_8      | ALUMINIUM_6061_T6 |",
        "M8 10.9 in mild steel           | C10_9     | STEEL_MILD        |",
        "M8 steel                        | C8_8      |                   | Class 8.8 is assumed",
        "1/4-20 grade 5                  | SAE_5     |                   |",
        "5/16-18 UNC gr 8 into steel     | SAE_8     | STEEL_MILD        |",
        "3/8 unf sae 2                   | SAE_2     |                   |",
        "1/4-20                          | SAE_5     |                   | Grade 5 is assumed",
        "#10-32 A2-70                    | A2_70     |                   |",
        "M8 class 10.9                   | C10_9     |                   |"
      })
  void whatABoltIsMadeOf(String text, PropertyClass bolt, Material female, String assumed) {
    Question q = QuestionText.parse(text);
    assertThat(q.material()).isEqualTo(bolt);
    assertThat(q.female()).isEqualTo(female);
    String said = String.join(" ", q.assumed());
    if (assumed == null) {
      assertThat(said).doesNotContain("A2-70 assumed", "Class 8.8", "Ti-6Al", "7075", "Grade");
    } else {
      assertThat(said).contains(assumed);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "M8 grade 8        | SAE grades belong to inch threads",
        "#10-32 grade 5    | Below 1/4 in no SAE grade is defined",
        "#10-32            | No SAE grade is defined for #10-32 UNF",
        "1/4-20 grade 3    | Grade 3 is not on file",
        "3/4-10 grade 2    | ",
        "M6 brass          | A bolt of brass has no class on file",
        "M5 into carbon    | No thread is cut in carbon",
        "M18 9.8           | Class 9.8 ends at M16"
      })
  void aClassThatDoesNotGoWithTheThreadIsAskedAbout(String text, String message) {
    if (message == null) {
      assertThat(QuestionText.parse(text).material()).isEqualTo(PropertyClass.SAE_2);
      return;
    }
    assertThatThrownBy(() -> QuestionText.parse(text))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(message);
  }

  @ParameterizedTest
  @ValueSource(strings = {"M5 into plastic", "M5 plastic", "M5 8.8 into plastic 10 mm"})
  void aPlasticThreadGetsNoFigureAndIsToldWhy(String text) {
    Question q = QuestionText.parse(text);
    assertThat(q.joint()).isNull();
    assertThat(q.kind()).isEqualTo(Question.Kind.TORQUE);
    assertThat(q.cautions()).singleElement().asString().startsWith("Plastic creeps");
    assertThat(QuestionText.parse(text + " 2 Nm").torque().asStated()).isEqualTo("2 N·m");
  }

  @Test
  void aStainlessPairGalls() {
    assertThat(QuestionText.parse("M6 A2-70 into stainless").cautions())
        .singleElement()
        .asString()
        .startsWith("Stainless in stainless galls");
    assertThat(QuestionText.parse("M6 A2-70 dry").joint().condition())
        .isEqualTo(FrictionCondition.DRY_STAINLESS);
    assertThat(QuestionText.parse("M6 8.8 dry").joint().condition())
        .isEqualTo(FrictionCondition.DRY);
    assertThat(QuestionText.parse("M6 A2-70 into brass").cautions()).isEmpty();
  }

  @Test
  void whatATurnAHandOrStagesMakeIsSaid() {
    Question turned = QuestionText.parse("M8 8.8 20 Nm + 90°");
    assertThat(turned.joint().torque()).isNull();
    assertThat(turned.cautions()).singleElement().asString().contains("90° makes the clamp load");
    Question staged = QuestionText.parse("M8 8.8 10, then 22 Nm");
    assertThat(staged.joint().torque().maxNm()).isEqualTo(22);
    assertThat(staged.cautions()).singleElement().asString().startsWith("In stages: 10, 22 N·m");
    assertThat(QuestionText.parse("M8 8.8 hand tight").joint().torque()).isNull();
    assertThat(QuestionText.parse("snug").cautions())
        .singleElement()
        .asString()
        .startsWith("Snug is no figure");
    assertThat(QuestionText.parse("until gap closes").cautions()).hasSize(1);
    assertThat(QuestionText.parse("22 Nm").cautions()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "10 Nm on a 5-25 tool with a 40 mm crowfoot      | 40   | 0",
        "10 Nm crowfoot 40 mm on a 5-25 tool             | 40   | 0",
        "5-25 tool, 1.5 in adapter, 10 Nm                | 38.1 | 0",
        "10 Nm adapter of 1-1/2 inch at 45° 5-25 tool    | 38.1 | 45",
        "10 Nm extension 2\" at 90 deg on my 5-25 wrench | 50.8 | 90",
        "10 Nm with 1½ in crow's foot on 5-25 tool       | 38.1 | 0"
      })
  void adaptersInMmAndInchesInAnyOrder(String text, double extensionMm, double angleDeg) {
    Question q = QuestionText.parse(text.replace("\\\"", "\""));
    assertThat(q.extensionMm()).isCloseTo(extensionMm, within(1e-9));
    assertThat(q.angleDeg() == null ? 0 : q.angleDeg()).isEqualTo(angleDeg);
    assertThat(q.setting().adapter().extensionMm()).isCloseTo(extensionMm, within(1e-9));
    assertThat(q.torque().asStated()).isEqualTo("10 N·m");
  }

  @ParameterizedTest
  @CsvSource({
    "120 in lbs to Nm, INCH_POUND, 120 in·lbf, NEWTON_METRE",
    "12 ftlb in Nm, FOOT_POUND, 12 ft·lbf, NEWTON_METRE",
    "16 1/2 ft lb to kgf cm?, FOOT_POUND, 16.5 ft·lbf, KILOGRAM_CENTIMETRE",
    "½ Nm as in lb, NEWTON_METRE, 0.5 N·m, INCH_POUND",
    "50 Ncm, NEWTON_METRE, 0.5 N·m,",
    "50-60 N·cm, NEWTON_METRE, 0.5–0.6 N·m,",
    "2.2 daN·m, NEWTON_METRE, 22 N·m,",
    "max 50 N cm, NEWTON_METRE, max 0.5 N·m,",
    "12 in lb, INCH_POUND, 12 in·lbf,"
  })
  void unitsToBeToldInAndUnitsOfTenths(
      String text, TorqueUnit unit, String stated, TorqueUnit wanted) {
    Question q = QuestionText.parse(text);
    assertThat(q.torque().unit()).isEqualTo(unit);
    assertThat(q.torque().asStated()).isEqualTo(stated);
    assertThat(q.wanted()).isEqualTo(wanted);
  }

  @Test
  void anInchThreadIsNoTorqueRange() {
    assertThat(QuestionText.parse("what torque for 1/4-20 grade 8 bolt").kind())
        .isEqualTo(Question.Kind.JOINT);
    Question full = QuestionText.parse("5/16-18 grade 5 into cast aluminium 1/2 in 14 ftlb");
    assertThat(full.thread().designation()).isEqualTo("5/16-18 UNC");
    assertThat(full.engagementMm()).isEqualTo(12.7);
    assertThat(full.torque().asStated()).isEqualTo("14 ft·lbf");
  }

  /** What is refused shows one line made from what was typed, and that line works. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12                  | 12 Nm",
        "M8 8.8 with honey   | M8 8.8",
        "M7 8.8              | M7x1 8.8",
        "12 foo              | 12 Nm",
        "M8 8.8 12 13 Nm     | M8 8.8 12 Nm",
        "M8 grade 8          | M8",
        "#10-32 grade 5      | #10-32 A2-70",
        "10 Nm on the 25-5 tool | 10 Nm"
      })
  void aRefusalShowsALineThatWorks(String typed, String works) {
    assertThat(WorkingLine.from(typed)).isEqualTo(works);
    assertThatThrownBy(() -> QuestionText.parse(typed))
        .isInstanceOf(InvalidInput.class)
        .hasMessageEndingWith("Try “" + works + "”.");
  }

  @Test
  void whateverIsTypedTheLineShownWorks() {
    String[] words = {
      "M8",
      "12",
      "8.8",
      "Nm",
      "into",
      "plastic",
      "honey",
      "+",
      "90°",
      "#10-32",
      "crowfoot",
      "40",
      "mm",
      "5-25",
      "tool",
      "½",
      "max",
      "grade",
      "7",
      "°",
      "(",
      "…",
      "a2"
    };
    Random random = new Random(7);
    for (int i = 0; i < 3000; i++) {
      String typed =
          random
              .ints(1 + random.nextInt(5), 0, words.length)
              .mapToObj(w -> words[w])
              .collect(Collectors.joining(" "));
      Question read = QuestionText.read(WorkingLine.from(typed));
      assertThat(read.kind()).as(typed).isNotNull();
    }
  }
}
