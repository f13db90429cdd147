package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PackDifferenceTest {
  private final Map<String, Object> document = SamplePack.document();
  private final JobPack original = SamplePack.read(SamplePack.document());

  private List<String> differences() {
    return SamplePack.read(document).differsFrom(original).stream()
        .map(PackDifference::words)
        .toList();
  }

  @Test
  void theSameSaysNothing() {
    assertThat(differences()).isEmpty();
  }

  @Test
  void anotherTorqueIsNamedWithBoth() {
    SamplePack.jointOf(document, 1)
        .put("values", SamplePack.list(SamplePack.value(25, "N.m", "MANUAL")));
    assertThat(differences()).containsExactly("Joint plate: torque: 10 N·m is now 25 N·m");
  }

  @Test
  void whatIsLeftOutComesFirst() {
    document.put("title", "Fit a sample, quicker");
    document.put("cautions", List.of());
    List<?> joints = (List<?>) document.get("joints");
    document.put("joints", List.of(joints.get(1)));
    document.put("order", List.of());
    assertThat(differences())
        .startsWith("caution left out: The maker's manual governs.", "joint left out: Joint pair")
        .contains("title: Fit a sample is now Fit a sample, quicker");
    assertThat(SamplePack.read(document).differsFrom(original))
        .contains(new PackDifference("joint left out: Joint pair", true))
        .filteredOn(d -> d.words().startsWith("title"))
        .noneMatch(PackDifference::leftOut);
  }

  @Test
  void aJointThatIsNoLongerCriticalLeftSomethingOut() {
    SamplePack.jointOf(document, 0).put("critical", true);
    JobPack before = SamplePack.read(document);
    SamplePack.jointOf(document, 0).put("critical", false);
    assertThat(SamplePack.read(document).differsFrom(before))
        .containsExactly(new PackDifference("Joint pair: no longer critical", true));
    assertThat(before.differsFrom(SamplePack.read(document)))
        .containsExactly(new PackDifference("Joint pair: said otherwise", false));
  }

  @Test
  void anotherThreadIsNamedWithBoth() {
    SamplePack.jointOf(document, 0).put("thread", "M10");
    assertThat(differences()).anyMatch(d -> d.startsWith("Joint pair: fastener: M8"));
  }

  @Test
  void whatHasNoWordsOfItsOwnIsSaidToBeOtherwise() {
    document.put(
        "steps",
        SamplePack.list(
            Map.of("id", "stand", "phase", "SECURE", "title", "On the stand", "text", "Lying.")));
    assertThat(differences()).containsExactly("steps: said otherwise");
  }
}
