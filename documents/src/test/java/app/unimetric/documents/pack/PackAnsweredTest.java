package app.unimetric.documents.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.pack.PackAssembly;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Side;
import app.unimetric.core.pack.Undoing;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.documents.Stored;
import app.unimetric.documents.StrictJson;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class PackAnsweredTest {
  private final PackReader reader = new PackReader();
  private final String text = Stored.text("pack.json");

  private JobPack answered(Map<String, String> options, Side... sides) {
    return reader.take(text).answered(new Answers(options, List.of(sides)));
  }

  private static List<String> ids(JobPack pack) {
    return pack.joints().stream().map(PackJoint::id).toList();
  }

  private List<String> places(Consumer<ObjectNode> change) {
    ObjectNode pack = (ObjectNode) StrictJson.mapper().readTree(text);
    change.accept(pack);
    InvalidInput e = catchThrowableOfType(InvalidInput.class, () -> reader.take(pack.toString()));
    return e.problems().stream().map(Problem::field).toList();
  }

  private static ObjectNode at(ObjectNode pack, String list, int i) {
    return (ObjectNode) pack.path(list).path(i);
  }

  @Test
  void aClampSaysHowItIsTestedForSlipAndWhatIsTriedAtWhatTorqueItWasLeft() {
    ObjectNode pack = (ObjectNode) StrictJson.mapper().readTree(text);
    at(pack, "joints", 0).put("slipTest", "Twist it with 30 N·m.");
    at(pack, "joints", 1).put("tried", true).put("leftAtNm", 3.5).remove("undo");
    List<PackJoint> joints = reader.take(pack.toString()).answered(Answers.NONE).joints();
    assertThat(joints.get(0).torque().slipTest()).isEqualTo("Twist it with 30 N·m.");
    assertThat(joints.get(0).turning().leftAtNm()).isNull();
    assertThat(joints)
        .filteredOn(PackJoint::isTried)
        .isNotEmpty()
        .allMatch(j -> j.turning().leftAtNm() == 3.5 && j.torque().slipTest().isEmpty());
  }

  @Test
  void aCastellatedNutSaysItsSlotsAndHoles() {
    ObjectNode pack = (ObjectNode) StrictJson.mapper().readTree(text);
    ObjectNode nut = at(pack, "joints", 1);
    ((ObjectNode) nut.path("surface")).put("lock", "CASTLE_PIN");
    nut.putObject("castellation").put("holes", 2);
    assertThat(reader.take(pack.toString()).answered(Answers.NONE).joints())
        .filteredOn(PackJoint::isPinned)
        .isNotEmpty()
        .allMatch(j -> j.turning().castellation().equals(new Castellation(6, 2)));
  }

  @ParameterizedTest
  @CsvSource({
    "CASTLE_PIN, 7, 1, joints[1].castellation.slots",
    "CASTLE_PIN, 6, 0, joints[1].castellation.holes",
    "NYLON_INSERT, 6, 1, joints[1].castellation"
  })
  void whatIsNoCastellation(String lock, int slots, int holes, String field) {
    assertThat(
            places(
                pack -> {
                  ObjectNode nut = at(pack, "joints", 1);
                  ((ObjectNode) nut.path("surface")).put("lock", lock);
                  nut.putObject("castellation").put("slots", slots).put("holes", holes);
                }))
        .anyMatch(f -> f.startsWith(field));
  }

  @Test
  void theUsualAnswersStandUntilOthersAreGiven() {
    JobPack pack = reader.take(text).answered(Answers.NONE);
    assertThat(ids(pack))
        .containsExactly("caliper.LEFT", "caliper.RIGHT", "pin.LEFT", "pin.RIGHT", "lugs");
    assertThat(pack.joints().get(0).title()).isEqualTo("Caliper, left");
    assertThat(pack.joints().get(0).packId()).isEqualTo("caliper");
    assertThat(pack.joints().get(0).side()).isEqualTo(Side.LEFT);
    assertThat(pack.oneTimeParts()).containsExactly(new OneTimePart("Pad set", 2));
    assertThat(pack.preparation().asFound())
        .extracting(Measure::what)
        .containsExactly("colour", "thickness, left", "thickness, right");
    assertThat(pack.checks()).extracting(PackCheck::id).containsExactly("lever");
    assertThat(pack.rechecks().get(0).jointIds()).containsExactly("caliper.LEFT", "caliper.RIGHT");
    assertThat(pack.choices().options()).as("nothing is open any more").isEmpty();
  }

  @Test
  void anAnswerPicksJointsPartsAndChecksOnTheSidesItIsDoneOn() {
    JobPack pack = answered(Map.of("pins", "two"), Side.RIGHT);
    assertThat(ids(pack)).containsExactly("caliper.RIGHT", "pins.RIGHT", "lugs");
    assertThat(pack.oneTimeParts())
        .containsExactly(new OneTimePart("Pad set", 1), new OneTimePart("Long bolt", 2));
    assertThat(pack.checks()).extracting(PackCheck::id).containsExactly("lever", "two");
    assertThat(pack.assemblies())
        .containsExactly(
            new PackAssembly(
                "brake.RIGHT", "Brake, right", List.of("caliper.RIGHT", "pins.RIGHT"), false));
  }

  @Test
  void rulesAndStepsFollowTheirSide() {
    JobPack pack = reader.take(text).answered(Answers.NONE);
    assertThat(pack.order())
        .contains(
            new OrderRule("caliper.LEFT", "pin.LEFT", Binding.FINAL, "The machine holds it."),
            new OrderRule("step.press", "caliper.RIGHT", Binding.HANG, "Pressed first."),
            new OrderRule("caliper.RIGHT", "lugs", Binding.HANG, "Brake before wheel."))
        .noneMatch(r -> r.before().endsWith("LEFT") && r.after().endsWith("RIGHT"));
    assertThat(pack.steps())
        .filteredOn(s -> s.packId().equals("seat"))
        .extracting(PackStep::beside)
        .containsExactly(
            new PackStep.Beside("caliper.LEFT", false),
            new PackStep.Beside("caliper.RIGHT", false));
    assertThat(pack.steps())
        .filteredOn(s -> s.id().equals("press"))
        .extracting(PackStep::kind)
        .containsExactly(TaskKind.PRESS);
    assertThat(pack.joints().get(0).undoing())
        .isEqualTo(new Undoing("Hung by a strap.", new Undoing.BesideStep("lift", true)));
  }

  @Test
  void whatIsThereOnOneSideIsDoneThereAlone() {
    ObjectNode pack = (ObjectNode) StrictJson.mapper().readTree(text);
    for (ObjectNode one : List.of(at(pack, "joints", 0), at(pack, "steps", 3))) {
      one.remove("eachSide");
      one.put("side", "RIGHT");
    }
    JobPack read = reader.take(pack.toString());
    assertThat(ids(read.answered(Answers.NONE))).contains("caliper.RIGHT");
    assertThat(ids(read.answered(Answers.NONE))).doesNotContain("caliper.LEFT");
    assertThat(ids(read.answered(new Answers(Map.of(), List.of(Side.LEFT)))))
        .containsExactly("pin.LEFT", "lugs");
  }

  @Test
  void whatIsNotAskedIsNotAnswered() {
    assertThatThrownBy(() -> answered(Map.of("pins", "five")))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems().get(0).field()).isEqualTo("options.pins"));
    assertThatThrownBy(() -> answered(Map.of("colour", "red"))).hasMessageContaining("not asked");
    JobPack first = reader.take(Stored.text("plain-pack.json"));
    assertThatThrownBy(() -> first.answered(new Answers(Map.of(), List.of(Side.LEFT))))
        .hasMessageContaining("not done once a side");
    assertThat(first.answered(Answers.NONE)).isEqualTo(first);
  }

  @Test
  void whatContradictsItselfIsToldWithItsPlace() {
    assertThat(places(p -> at(p, "order", 0).remove("binding"))).contains("order[0].binding");
    assertThat(places(p -> at(p, "order", 0).put("before", "nobody"))).contains("order[0].before");
    assertThat(places(p -> at(p, "steps", 2).put("id", "pin"))).contains("steps");
    assertThat(places(p -> at(p, "steps", 3).remove("eachSide"))).contains("steps[3].eachSide");
    assertThat(places(p -> at(p, "joints", 0).put("side", "LEFT")))
        .as("one side, and once on each")
        .contains("joints[0].side");
    assertThat(places(p -> at(p, "steps", 3).put("side", "LEFT"))).contains("steps[3].side");
    assertThat(
            places(
                p -> {
                  at(p, "joints", 0).remove("eachSide");
                  at(p, "joints", 0).put("side", "LEFT");
                }))
        .as("a step beside it on a side on which it is not")
        .contains("steps[3].eachSide");
    assertThat(places(p -> ((ObjectNode) at(p, "joints", 0).path("undo")).put("after", "seat")))
        .contains("joints[0].undo");
    assertThat(
            places(p -> ((ArrayNode) at(p, "joints", 1).path("when").path("pins")).set(0, "three")))
        .contains("joints[1].when");
    assertThat(places(p -> ((ArrayNode) at(p, "assemblies", 0).path("joints")).add("caliper")))
        .contains("assemblies[0].joints");
    assertThat(places(p -> at(p, "order", 0).put("before", "lift")))
        .as("a step before the tightening is bound by its phase alone")
        .contains("order[0].before");
    assertThat(places(p -> ((ObjectNode) at(p, "joints", 3).path("undo")).put("before", "off")))
        .contains("joints[3].undo");
    assertThat(places(p -> ((ArrayNode) p.path("options")).add(at(p, "options", 0).deepCopy())))
        .contains("options");
    assertThat(
            places(
                p -> {
                  ArrayNode answers = (ArrayNode) at(p, "options", 0).path("answers");
                  answers.add(answers.get(0).deepCopy());
                }))
        .contains("options[0].answers");
    assertThat(places(p -> at(p, "joints", 0).put("leftAtNm", 4)))
        .as("what is not only tried is left at what it is tightened to")
        .contains("joints[0].leftAtNm");
    assertThat(places(p -> at(p, "joints", 0).put("tried", true).put("leftAtNm", -1)))
        .contains("joints[0].leftAtNm");
  }
}
