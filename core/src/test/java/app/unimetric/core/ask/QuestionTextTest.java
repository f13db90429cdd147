package app.unimetric.core.ask;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Form;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
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
}
