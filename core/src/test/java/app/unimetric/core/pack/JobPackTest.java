package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.spec.SpecSource;
import app.unimetric.core.spec.TorqueText;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JobPackTest {
  private static Map<String, Object> joint() {
    Map<String, Object> joint = new HashMap<>();
    joint.put("id", "cup");
    joint.put("title", "Drive-side cup");
    joint.put("thread", "M34.925x1.058");
    joint.put("hand", "LEFT");
    joint.put("count", 1);
    joint.put("drive", "cup tool");
    joint.put("counterHold", "nothing");
    joint.put("usedOnce", true);
    joint.put("minutes", 6);
    joint.put("slots", List.of("marking on the cup"));
    joint.put("surface", Map.of("makerSays", "GREASE"));
    return joint;
  }

  private static Map<String, Object> document(Map<String, Object> joint) {
    Map<String, Object> document = new HashMap<>();
    document.put("format", "unimetric-pack");
    document.put("version", 1);
    document.put("key", "bb");
    document.put("title", "Outboard threaded cups");
    document.put("summary", "Bearings outside the shell.");
    document.put("machineKind", "BICYCLE");
    document.put("fits", "Bottom bracket");
    document.put("words", List.of("bottom", "bracket"));
    document.put("asFound", List.of("shell width, mm"));
    document.put("specialTools", List.of("cup tool"));
    document.put(
        "steps",
        List.of(
            Map.of(
                "id", "s", "phase", "CLEAN", "title", "Clean", "text", "Wipe.", "minutes", 4.5)));
    document.put("joints", List.of(joint));
    return document;
  }

  @ParameterizedTest
  @CsvSource({
    "bottom, true",
    "BOTT, true",
    "cups thr, true",
    "outboard bear, true",
    "pads, false",
    "bottom pads, false"
  })
  void isFoundByTheBeginningsOfItsWords(String typed, boolean found) {
    assertThat(PackReader.read(document(joint())).matches(typed)).isEqualTo(found);
  }

  @Test
  void addsUpItsTimeAndKeepsWhatIsToldOfTheFastener() {
    JobPack pack = PackReader.read(document(joint()));
    assertThat(pack.minutes()).isEqualTo(10.5);
    Turning turning = pack.joints().get(0).turning();
    assertThat(turning.drive()).isEqualTo("cup tool");
    assertThat(turning.usedOnce()).isTrue();
    assertThat(pack.preparation().asFound()).containsExactly(Measure.of("shell width, mm"));
    assertThat(pack.suits(MachineKind.BICYCLE, "Anything")).isTrue();
    assertThat(pack.suits(MachineKind.ATV, "Anything")).isFalse();
  }

  @Test
  void valuesFoundStandBehindItsOwnAndChangeNothingElse() {
    JobPack pack = PackReader.read(document(joint()));
    StatedValue found =
        new StatedValue(
            TorqueText.parse("35-50 Nm").from(SpecSource.PART_MARKING, FrictionCondition.GREASED),
            "On the cup");
    JobPack with = pack.with(Map.of("cup", List.of(found), "other", List.of(found)));
    assertThat(with.joints().get(0).values()).containsExactly(found);
    assertThat(with.joints().get(0).turning()).isEqualTo(pack.joints().get(0).turning());
    assertThat(pack.joints().get(0).values()).isEmpty();
    assertThat(with.with(Map.of())).isEqualTo(with);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 1441})
  void minutesAreMinutes(double minutes) {
    Map<String, Object> joint = joint();
    joint.put("minutes", minutes);
    assertThatThrownBy(() -> PackReader.read(document(joint)))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems()).extracting("field").contains("joints[0].minutes"));
  }

  @Test
  void aJointWithNeitherValueNorSlotIsRefused() {
    Map<String, Object> joint = joint();
    joint.remove("slots");
    assertThatThrownBy(() -> PackReader.read(document(joint)))
        .hasMessageContaining("joints[0].values");
  }

  @Test
  void allErrorsAreToldAtOnceWithTheirPlaces() {
    Map<String, Object> joint = joint();
    joint.put("thread", "M8x9");
    joint.put("hand", "UP");
    joint.put("colour", "blue");
    Map<String, Object> document = document(joint);
    document.put("version", 2);
    document.put("checks", List.of(Map.of("id", "c", "title", "C")));
    assertThatThrownBy(() -> PackReader.read(document))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e ->
                assertThat(e.problems())
                    .extracting("field")
                    .contains(
                        "version",
                        "joints[0].thread.pitchMm",
                        "joints[0].hand",
                        "joints[0].colour",
                        "checks[0].text"));
  }
}
