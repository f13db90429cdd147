package app.unimetric.documents.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackAssembly;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.documents.Stored;
import app.unimetric.documents.StrictJson;
import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** What is done once a side told apart, and what is done once brought to the other side. */
class ShapeSidesTest {
  private static final Path PACKS = Path.of("../server/src/main/resources/packs");
  private static final PackReader READER = new PackReader();

  private static String document(Path pack) {
    try {
      return Files.readString(pack);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  static List<Path> packs() throws IOException {
    try (Stream<Path> all = Files.list(PACKS)) {
      return all.filter(p -> !document(p).contains("\"around\"")).sorted().toList();
    }
  }

  private static JobPack after(String document, List<ShapeEdit> edits) {
    Shaping shaping = Shaping.of(document);
    shaping.take(UUID.randomUUID(), edits, null);
    shaping.check();
    return READER.read(shaping.document()).answered(Answers.NONE);
  }

  /** Everything of a job by name, the right one called as if it had not been told apart. */
  private static Set<String> names(JobPack pack) {
    Set<String> names = new LinkedHashSet<>();
    pack.joints().forEach(j -> names.add(j.id() + " undone " + j.undoing()));
    pack.steps().forEach(s -> names.add(s.taskId() + " beside " + s.beside()));
    for (OrderRule r : pack.order()) {
      names.add(r.before() + ">" + r.after());
    }
    for (PackAssembly a : pack.assemblies()) {
      names.add(String.join("+", a.jointIds().stream().sorted().toList()));
    }
    pack.rechecks().forEach(r -> names.add(new LinkedHashSet<>(r.jointIds()).toString()));
    Set<String> plain = new LinkedHashSet<>();
    names.forEach(n -> plain.add(n.replaceAll("-right(-2)?", "")));
    return plain;
  }

  private static List<List<String>> everyOne(Shaping shaping, boolean sided) {
    List<List<String>> all = new ArrayList<>();
    for (String list : List.of("joints", "steps")) {
      for (JsonNode one : shaping.tree().path(list)) {
        // A step that the undoing of joints stands beside goes nowhere without them.
        boolean free = list.equals("joints") || !isNamedByUndoing(shaping, one.path("id"));
        if (free && one.path("eachSide").asBoolean(false) == sided) {
          all.add(List.of(list, one.path("id").asString()));
        }
      }
    }
    return all;
  }

  private static boolean isNamedByUndoing(Shaping shaping, JsonNode step) {
    for (JsonNode joint : shaping.tree().path("joints")) {
      if (step.equals(joint.path("undo").get("before"))
          || step.equals(joint.path("undo").get("after"))) {
        return true;
      }
    }
    return false;
  }

  @ParameterizedTest
  @MethodSource("packs")
  void toldApartNothingOfTheJobIsOtherUntilSomebodySaysSo(Path pack) {
    String document = document(pack);
    JobPack before = READER.read(document).answered(Answers.NONE);
    for (List<String> at : everyOne(Shaping.of(document), true)) {
      JobPack apart = after(document, ShapeSides.apart(Shaping.of(document), at));
      assertThat(names(apart)).as("%s", at).isEqualTo(names(before));
    }
  }

  @ParameterizedTest
  @MethodSource("packs")
  void broughtToTheOtherSideItIsDoneOnBoth(Path pack) {
    String document = document(pack);
    Shaping shaping = Shaping.of(document);
    for (List<String> at : everyOne(shaping, false)) {
      boolean joint = at.get(0).equals("joints");
      JobPack both = after(document, ShapeSides.both(shaping, at));
      List<String> ids =
          joint
              ? both.joints().stream().map(PackJoint::id).toList()
              : both.steps().stream().map(PackStep::id).toList();
      JobPack before = READER.read(document).answered(Answers.NONE);
      boolean there =
          joint
              ? before.joints().stream().anyMatch(j -> j.id().equals(at.get(1)))
              : before.steps().stream().anyMatch(s -> s.id().equals(at.get(1)));
      if (there) {
        assertThat(ids).contains(at.get(1) + ".LEFT", at.get(1) + ".RIGHT");
      }
    }
  }

  @Test
  void theRightOneMayDifferAndGoesBackToOneForBoth() {
    String document = document(PACKS.resolve("mc-pads-front.json"));
    Shaping shaping = Shaping.of(document);
    List<String> caliper = List.of("joints", "caliper");
    UUID apart = UUID.randomUUID();
    shaping.take(apart, ShapeSides.apart(shaping, caliper), null);
    shaping.take(
        UUID.randomUUID(),
        List.of(
            new ShapeEdit.Put(
                List.of("joints", "caliper-right", "thread"),
                StrictJson.mapper().readTree("\"M8\""),
                StrictJson.mapper().readTree("\"M10x1.25\""))),
        null);
    shaping.check();
    assertThat(READER.read(shaping.document()).answered(Answers.NONE).joints())
        .filteredOn(j -> j.id().startsWith("caliper"))
        .extracting(j -> j.title() + " " + j.fastener().thread().designation())
        .containsExactly("Caliper to bracket, left M8", "Caliper to bracket, right M10×1.25");
    assertThatThrownBy(() -> ShapeSides.apart(shaping, caliper)).isInstanceOf(ShapeConflict.class);
    shaping.take(UUID.randomUUID(), ShapeSides.both(shaping, caliper), null);
    assertThat(shaping.find(List.of("joints", "caliper", "side"))).isEmpty();
    assertThat(shaping.find(List.of("joints", "caliper", "eachSide")).orElseThrow().asBoolean())
        .isTrue();
  }

  @Test
  void whatIsLookedAtAgainIsLookedAtOnBoth() {
    JobPack apart =
        after(
            Stored.text("pack.json"),
            ShapeSides.apart(Shaping.of(Stored.text("pack.json")), List.of("joints", "caliper")));
    assertThat(apart.rechecks().get(0).jointIds())
        .containsExactly("caliper.LEFT", "caliper-right.RIGHT");
  }

  @Test
  void aSecondTimeItGetsANameOfItsOwn() {
    Shaping shaping = Shaping.of(document(PACKS.resolve("mc-pads-front.json")));
    List<String> caliper = List.of("joints", "caliper");
    shaping.take(UUID.randomUUID(), ShapeSides.apart(shaping, caliper), null);
    shaping.take(UUID.randomUUID(), ShapeSides.both(shaping, caliper), null);
    shaping.take(UUID.randomUUID(), ShapeSides.apart(shaping, caliper), null);
    assertThat(shaping.find(List.of("joints", "caliper-right-2"))).isPresent();
  }

  @Test
  void whatIsNotThereIsNotToldApart() {
    Shaping shaping = Shaping.of(document(PACKS.resolve("mc-pads-front.json")));
    for (List<String> at : List.of(List.<String>of(), List.of("joints"), List.of("joints", "no"))) {
      assertThatThrownBy(() -> ShapeSides.apart(shaping, at)).isInstanceOf(ShapeConflict.class);
      assertThatThrownBy(() -> ShapeSides.both(shaping, at)).isInstanceOf(ShapeConflict.class);
    }
  }
}
