package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.OrderRule;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is done once a side, on one side only, or once. */
class SidesTest {
  private static final List<Side> EACH = List.of(Side.values());

  /** A pair and a plate, the plate first; what stands where is said by each test. */
  private static JobPack job(List<Side> pair, List<Side> plate) {
    Map<String, List<Side>> sided = new LinkedHashMap<>();
    put(sided, "pair", pair);
    put(sided, "plate", plate);
    put(sided, "part.shim", plate);
    put(sided, "part.hose", plate);
    Map<String, Object> document = SamplePack.document();
    document.put("order", SamplePack.list(SamplePack.rule("plate", "pair", "TOUCH")));
    document.put("assemblies", List.of(Map.of("id", "both", "joints", List.of("pair", "plate"))));
    document.put(
        "rechecks", List.of(Map.of("why", "Settles.", "days", 30, "joints", List.of("plate"))));
    return SamplePack.asking(
        SamplePack.with(
            SamplePack.read(document),
            List.of(
                new PackPart("shim", 2, PartRole.USED_ONCE),
                new PackPart("hose", 1, PartRole.ORDERED_PER_SIDE))),
        List.of(),
        sided);
  }

  private static void put(Map<String, List<Side>> sided, String name, List<Side> sides) {
    if (!sides.isEmpty()) {
      sided.put(name, sides);
    }
  }

  private static List<Side> sides(String words) {
    return words == null ? List.of() : words.equals("EACH") ? EACH : List.of(Side.valueOf(words));
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "once",
      value = {
        "once, once, plate>pair",
        "EACH, EACH, plate.LEFT>pair.LEFT plate.RIGHT>pair.RIGHT",
        "EACH, once, plate>pair.LEFT plate>pair.RIGHT",
        "once, EACH, plate.LEFT>pair plate.RIGHT>pair",
        "EACH, LEFT, plate.LEFT>pair.LEFT",
        "RIGHT, EACH, plate.RIGHT>pair.RIGHT",
        "once, RIGHT, plate.RIGHT>pair",
        "RIGHT, LEFT, plate.LEFT>pair.RIGHT",
      })
  void aRuleHoldsOnEachSideByItselfAndAcrossBetweenLeftAndRight(
      String pair, String plate, String rules) {
    assertThat(job(sides(pair), sides(plate)).answered(Answers.NONE).order())
        .extracting(r -> r.before() + ">" + r.after())
        .containsExactly(rules.split(" "));
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "both",
      value = {
        "EACH, both, pair plate.LEFT plate.RIGHT",
        "EACH, RIGHT, pair plate.RIGHT",
        "LEFT, both, pair plate.LEFT",
        "LEFT, LEFT, pair plate.LEFT",
        "LEFT, RIGHT, pair",
      })
  void whatIsDoneOnOneSideIsDoneWhereTheJobIsDoneThere(String plate, String on, String joints) {
    Answers answers = new Answers(Map.of(), sides(on));
    JobPack answered = job(List.of(), sides(plate)).answered(answers);
    assertThat(answered.joints()).extracting(PackJoint::id).containsExactly(joints.split(" "));
    assertThat(answered.order())
        .extracting(OrderRule::before)
        .hasSize(answered.joints().size() - 1);
  }

  @Test
  void partsOfOneSideAreCountedForItAlone() {
    assertThat(job(List.of(), EACH).answered(Answers.NONE).parts())
        .containsExactly(
            new PackPart("shim", 4, PartRole.USED_ONCE),
            new PackPart("hose, left", 1, PartRole.ORDERED_PER_SIDE),
            new PackPart("hose, right", 1, PartRole.ORDERED_PER_SIDE));
    assertThat(job(List.of(), List.of(Side.RIGHT)).answered(Answers.NONE).parts())
        .containsExactly(
            new PackPart("shim", 2, PartRole.USED_ONCE),
            new PackPart("hose, right", 1, PartRole.ORDERED_PER_SIDE));
    assertThat(
            job(List.of(), List.of(Side.RIGHT))
                .answered(new Answers(Map.of(), List.of(Side.LEFT)))
                .parts())
        .as("nothing is bought for a side the job is not done on")
        .isEmpty();
  }

  @Test
  void anAssemblyHasOnEachSideWhatIsThere() {
    JobPack answered = job(EACH, List.of(Side.LEFT)).answered(Answers.NONE);
    assertThat(answered.assemblies())
        .extracting(PackAssembly::jointIds)
        .containsExactly(List.of("pair.LEFT", "plate.LEFT"), List.of("pair.RIGHT"));
    assertThat(job(List.of(Side.LEFT), List.of(Side.LEFT)).answered(Answers.NONE).assemblies())
        .hasSize(1);
    assertThat(answered.rechecks().get(0).jointIds()).containsExactly("plate.LEFT");
  }
}
