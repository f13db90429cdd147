package app.unimetric.documents.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Form;
import app.unimetric.documents.Stored;
import app.unimetric.documents.StrictJson;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

class PackReaderTest {
  private final PackReader reader = new PackReader();
  private final String text = Stored.text("plain-pack.json");

  private String changed(Consumer<ObjectNode> change) {
    ObjectNode pack = (ObjectNode) StrictJson.mapper().readTree(text);
    change.accept(pack);
    return pack.toString();
  }

  private List<String> places(String pack) {
    InvalidInput e = catchThrowableOfType(InvalidInput.class, () -> reader.take(pack));
    return e.problems().stream().map(Problem::field).toList();
  }

  private static ObjectNode joint(ObjectNode pack, int i) {
    return (ObjectNode) pack.path("joints").path(i);
  }

  private static ObjectNode value(ObjectNode pack, int i) {
    return (ObjectNode) pack.path("joints").path(i).path("values").path(0);
  }

  private static ObjectNode step(ObjectNode pack, int i) {
    return (ObjectNode) pack.path("steps").path(i);
  }

  @Test
  void readsAWholePack() {
    JobPack pack = reader.take(text);
    assertThat(pack).isEqualTo(reader.read(text));
    assertThat(pack.suits(MachineKind.MOTORCYCLE, "Sample 100")).isTrue();
    assertThat(pack.suits(MachineKind.MOTORCYCLE, "Other")).isFalse();
    assertThat(pack.minutes()).isEqualTo(10);
    assertThat(pack.preparation().asFound())
        .containsExactly(
            Measure.of("side of the spacer"), new Measure("gap", "mm", null, null, null, 0.2));
    PackStep press = pack.steps().get(1);
    assertThat(press.beside()).isEqualTo(new PackStep.Beside("pair", false));
    assertThat(press.hold()).isTrue();
    PackJoint plate = pack.joints().get(1);
    assertThat(plate.pattern().layout()).isEqualTo(Layout.CIRCLE);
    assertThat(plate.pattern().count()).isEqualTo(4);
    assertThat(plate.fastener().thread().designation()).isEqualTo("M6");
    assertThat(plate.fastener().propertyClass()).isEqualTo(PropertyClass.parse("8.8"));
    assertThat(plate.torque().values().get(0).value().form()).isEqualTo(Form.RANGE);
    assertThat(plate.torque().values().get(0).document()).isEqualTo("Sheet 2");
    assertThat(plate.torque().values().get(0).id()).isEqualTo("pack.1");
    assertThat(pack.order())
        .containsExactly(
            new OrderRule("plate", "pair", Binding.TOUCH, "The plate locates the pair."));
  }

  @Test
  void namesEveryErrorWithItsPlaceAtOnce() {
    assertThat(
            places(
                changed(
                    pack -> {
                      pack.put("version", 2).put("surprise", true);
                      joint(pack, 0).put("thread", "M8x9");
                      joint(pack, 1).put("count", 400);
                      joint(pack, 2).put("colour", "blue");
                    })))
        .contains(
            "version",
            "surprise",
            "joints[0].thread.pitchMm",
            "joints[1].count",
            "joints[2].colour");
    assertThat(places(changed(pack -> joint(pack, 1).put("layout", "SPIRAL").put("count", 4.5))))
        .contains("joints[1].layout", "joints[1].count");
  }

  @Test
  void aValueNeedsUnitSourceAndAFigure() {
    assertThat(places(changed(p -> value(p, 0).put("unit", "Nm"))))
        .containsExactly("joints[0].values[0].unit");
    assertThat(places(changed(p -> value(p, 0).remove("source"))))
        .containsExactly("joints[0].values[0].source");
    assertThat(places(changed(p -> value(p, 0).put("value", "22"))))
        .containsExactly("joints[0].values[0].value");
    assertThat(places(text.replace("\"value\": 22", "\"value\": 1e999"))).isNotEmpty();
  }

  @Test
  void whatIsNamedMustBeThere() {
    assertThat(places(changed(p -> ((ObjectNode) p.path("order").path(0)).put("after", "ghost"))))
        .containsExactly("order[0].after");
    assertThat(places(changed(p -> joint(p, 1).put("id", "pair")))).contains("joints[1].id");
    assertThat(places(changed(p -> joint(p, 2).remove("slots"))))
        .containsExactly("joints[2].values");
  }

  @Test
  void stepsStandBesideAJointOnlyAmongTheTightening() {
    assertThat(places(changed(p -> step(p, 1).put("before", "ghost"))))
        .containsExactly("steps[1].before");
    assertThat(places(changed(p -> step(p, 1).put("phase", "CLEAN"))))
        .containsExactly("steps[1].before");
  }

  @Test
  void aLimitNeedsItsUnit() {
    assertThat(
            places(
                changed(
                    p ->
                        ((ObjectNode) p.path("inspections").path(0))
                            .put("limits", 3)
                            .remove("unit"))))
        .contains("inspections[0].limits");
  }

  @ParameterizedTest
  @CsvSource({
    "title, 5",
    "joints, '\"none\"'",
    "cautions, '[null]'",
    "cautions, '[5]'",
    "joints, '[null]'",
    "machineKind, '\"TRACTOR\"'",
    "title, null",
    "version, -1e308",
    "joints, -1e308"
  })
  void nothingIsGuessed(String field, String json) {
    String bad = changed(p -> p.set(field, StrictJson.mapper().readTree(json)));
    assertThat(places(bad)).isNotEmpty().allMatch(place -> place.startsWith(field));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "[]", "null", "5", "{", "{} {}", "{\"a\": 1, \"a\": 2}"})
  void whatIsNoPackIsRefusedInWords(String nonsense) {
    assertThatThrownBy(() -> reader.take(nonsense)).isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 1441})
  void minutesAreMinutes(double minutes) {
    assertThat(places(changed(p -> joint(p, 0).put("minutes", minutes))))
        .containsExactly("joints[0].minutes");
  }

  @Test
  void longTextsAreRefused() {
    assertThat(places(changed(p -> p.put("title", "x".repeat(10_000))))).containsExactly("title");
  }

  @Test
  void aNumberBeyondAllIsToldAndNotFallenOver() {
    assertThat(places(text.replace("\"minutes\": 6", "\"minutes\": -1e308"))).isNotEmpty();
    assertThat(places(text.replace("\"count\": 4", "\"count\": -1e308"))).isNotEmpty();
  }

  @Test
  void anotherVersionIsRefusedInWords() {
    assertThatThrownBy(() -> reader.take(changed(p -> p.put("version", 2))))
        .hasMessageContaining("version: must be 1.");
    assertThat(places(changed(p -> p.put("version", 0)))).contains("version");
  }
}
