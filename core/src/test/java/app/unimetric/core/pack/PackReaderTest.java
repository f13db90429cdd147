package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.spec.SpecForm;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PackReaderTest {
  private final Map<String, Object> document = SamplePack.document();

  private List<String> placesOfErrors() {
    InvalidInput e = catchThrowableOfType(InvalidInput.class, () -> PackReader.read(document));
    return e.problems().stream().map(Problem::field).toList();
  }

  @Test
  void readsAWholeDocument() {
    JobPack pack = PackReader.read(document);
    assertThat(pack.joints()).hasSize(2);
    PackJoint plate = pack.joints().get(1);
    assertThat(plate.layout()).isEqualTo(Layout.CIRCLE);
    assertThat(plate.thread().designation()).isEqualTo("M6");
    assertThat(plate.critical()).isTrue();
    assertThat(plate.values().get(0).value().form()).isEqualTo(SpecForm.VALUE);
    assertThat(plate.values().get(0).document()).isEqualTo("Sheet 1");
    assertThat(pack.suits(MachineKind.MOTORCYCLE, "Sample 100")).isTrue();
    assertThat(pack.suits(MachineKind.MOTORCYCLE, "Other")).isFalse();
    assertThat(pack.suits(MachineKind.ATV, "Sample 100")).isFalse();
  }

  @Test
  void namesEveryErrorWithItsPlace() {
    document.put("version", 2);
    document.put("surprise", true);
    SamplePack.jointOf(document, 0).put("thread", "8 mm");
    SamplePack.jointOf(document, 1).put("layout", "SPIRAL");
    SamplePack.jointOf(document, 1).put("count", 4.5);
    assertThat(placesOfErrors())
        .contains("version", "surprise", "joints[0].thread", "joints[1].layout", "joints[1].count");
  }

  @Test
  void refusesAValueWithoutUnitOrSourceOrWithNonsense() {
    Map<String, Object> value = SamplePack.value(10, "Nm", "MANUAL");
    SamplePack.jointOf(document, 0).put("values", SamplePack.list(value));
    assertThat(placesOfErrors()).contains("joints[0].values[0].unit");
    value.put("unit", "N.m");
    value.remove("source");
    value.put("value", Double.POSITIVE_INFINITY);
    assertThat(placesOfErrors())
        .contains("joints[0].values[0].source", "joints[0].values[0].value");
  }

  @Test
  void ordersAndIdsMustMeetJoints() {
    document.put(
        "order", SamplePack.list(Map.of("before", "plate", "after", "ghost", "reason", "?")));
    SamplePack.jointOf(document, 0).put("id", "plate");
    assertThat(placesOfErrors()).contains("order[0].after", "joints[1].id");
  }

  @Test
  void stepsStandBesideAJointOnlyAmongTheTightening() {
    Map<String, Object> step = SamplePack.step("press", "TIGHTEN");
    step.put("before", "pair");
    step.put("hold", true);
    document.put("steps", SamplePack.list(step));
    PackStep read = PackReader.read(document).steps().get(0);
    assertThat(read.beside()).isEqualTo(new PackStep.Beside("pair", false));
    assertThat(read.hold()).isTrue();
    step.put("after", "ghost");
    assertThat(placesOfErrors()).containsExactly("steps[0].before");
    step.remove("before");
    assertThat(placesOfErrors()).containsExactly("steps[0].after");
    step.put("after", "pair");
    step.put("phase", "CLEAN");
    assertThat(placesOfErrors()).containsExactly("steps[0].after");
  }

  @Test
  void measuresAreTextsOrObjectsWithLimits() {
    Map<String, Object> pads = new LinkedHashMap<>();
    pads.put("what", "pad thickness");
    pads.put("unit", "mm");
    pads.put("min", 1.5);
    document.put("inspections", SamplePack.list("hose not chafed", pads));
    assertThat(PackReader.read(document).preparation().inspections())
        .containsExactly(
            Measure.of("hose not chafed"), new Measure("pad thickness", "mm", 1.5, null, null));
    pads.put("within", 1);
    assertThat(placesOfErrors()).containsExactly("inspections[1].within");
    pads.remove("within");
    pads.remove("unit");
    pads.put("limits", 3);
    assertThat(placesOfErrors()).contains("inspections[1].unit", "inspections[1].limits");
  }

  @Test
  void typesAreNotGuessed() {
    document.put("title", 5);
    document.put("joints", "none");
    SamplePack.document();
    assertThat(placesOfErrors()).contains("title", "joints");
  }

  @Test
  void longTextsAreRefused() {
    document.put("title", "x".repeat(10_000));
    assertThat(placesOfErrors()).containsExactly("title");
  }
}
