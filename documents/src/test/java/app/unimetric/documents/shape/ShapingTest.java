package app.unimetric.documents.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.documents.StrictJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A job shaped to the machine in hand: every change, its way back, and what it touches. */
class ShapingTest {
  private static final JsonMapper JSON = StrictJson.mapper();
  private static final Path PACKS = Path.of("../server/src/main/resources/packs");

  private static String pads() {
    try {
      return Files.readString(PACKS.resolve("mc-pads-front.json"));
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static JsonNode json(String text) {
    return JSON.readTree(text);
  }

  private static Shaping with(ShapeEdit... edits) {
    Shaping shaping = Shaping.of(pads());
    shaping.take(UUID.randomUUID(), List.of(edits), null);
    return shaping;
  }

  private static ShapeEdit thread(String was, String now) {
    return new ShapeEdit.Put(List.of("joints", "caliper", "thread"), json(was), json(now));
  }

  @Test
  void aThreadIsChangedAtItsJointAndNowhereElse() {
    Shaping shaped = with(thread("\"M8\"", "\"M10x1.25\""));
    assertThat(shaped.differences())
        .singleElement()
        .satisfies(
            d -> {
              assertThat(d.at()).containsExactly("joints", "caliper", "thread");
              assertThat(d.one()).isEqualTo(json("\"M8\""));
              assertThat(d.other()).isEqualTo(json("\"M10x1.25\""));
            });
    shaped.check();
  }

  @Test
  void twoPeopleAtDifferentFieldsBothKeepTheirChange() {
    Shaping shaping = with(thread("\"M8\"", "\"M10x1.25\""));
    shaping.take(
        UUID.randomUUID(),
        List.of(new ShapeEdit.Put(List.of("joints", "caliper", "count"), json("2"), json("4"))),
        null);
    assertThat(shaping.find(List.of("joints", "caliper", "thread"))).contains(json("\"M10x1.25\""));
    assertThat(shaping.find(List.of("joints", "caliper", "count"))).contains(json("4"));
  }

  @Test
  void theSecondOfTwoAtOneFieldIsToldWhatTheFirstDid() {
    Shaping shaping = with(thread("\"M8\"", "\"M10x1.25\""));
    assertThatThrownBy(
            () -> shaping.take(UUID.randomUUID(), List.of(thread("\"M8\"", "\"M12\"")), null))
        .asInstanceOf(type(ShapeConflict.class))
        .satisfies(
            c -> {
              assertThat(c.at()).containsExactly("joints", "caliper", "thread");
              assertThat(c.nowInWords()).isEqualTo("M10x1.25");
            });
    assertThat(shaping.find(List.of("joints", "caliper", "thread"))).contains(json("\"M10x1.25\""));
  }

  @Test
  void ofChangesSaidTogetherAllAreTakenOrNone() {
    Shaping shaping = Shaping.of(pads());
    assertThatThrownBy(
            () ->
                shaping.take(
                    UUID.randomUUID(),
                    List.of(
                        thread("\"M8\"", "\"M10\""),
                        new ShapeEdit.Move(List.of("steps", "off"), null),
                        new ShapeEdit.Insert(List.of("rechecks"), json("{\"why\": \"x\"}"), null),
                        new ShapeEdit.Move(List.of("steps", "off"), "nowhere")),
                    null))
        .isInstanceOf(ShapeConflict.class);
    assertThat(shaping.tree()).isEqualTo(json(pads()));
    assertThat(shaping.undoable()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "steps, LOOSEN, true",
    "steps, DRY_FIT, true",
    "steps, SECURE, false",
    "steps, PREPARE, false",
    "checks, REMOVE, false",
  })
  void whatIsDoneWhileOneSideIsOpenIsDoneOnceASide(String list, String phase, boolean sided) {
    ObjectNode item = JSON.createObjectNode().put("id", "new").put("phase", phase);
    ShapeEdit edit = Shaping.of(pads()).insert(List.of(list), item, null);
    assertThat(((ShapeEdit.Insert) edit).item().has("eachSide")).isEqualTo(sided);
    item.put("eachSide", false);
    assertThat(((ShapeEdit.Insert) Shaping.of(pads()).insert(List.of(list), item, null)).item())
        .as("what was said of it stays")
        .isEqualTo(item);
  }

  @Test
  void aFigureIsTheSameHoweverItIsWritten() {
    Shaping shaping = Shaping.of(pads());
    shaping.take(
        UUID.randomUUID(),
        List.of(new ShapeEdit.Put(List.of("joints", "caliper", "count"), json("2.0"), json("4"))),
        null);
    assertThat(shaping.find(List.of("joints", "caliper", "count"))).contains(json("4"));
    shaping.take(
        UUID.randomUUID(),
        List.of(new ShapeEdit.Put(List.of("joints", "caliper", "count"), json("4"), json("2.00"))),
        null);
    assertThat(shaping.isShaped()).isFalse();
  }

  @Test
  void inThePlanTheKeysOfItsJobsStandBeforeAName() {
    assertThat(Shaping.nameInPlan(List.of(), "pinch")).isEqualTo("pinch");
    assertThat(
            Shaping.nameInPlan(
                List.of("together", "bb", "document", "around", "crank", "document"), "pinch"))
        .isEqualTo("bb.crank.pinch");
  }

  @Test
  void whatCannotBeIsToldAtItsFieldByName() {
    assertThatThrownBy(() -> with(thread("\"M8\"", "\"M8 of sorts\"")).check())
        .asInstanceOf(type(InvalidInput.class))
        .extracting(InvalidInput::problems)
        .satisfies(
            all -> assertThat(all).extracting(Problem::field).contains("joints/caliper/thread"));
  }

  @Test
  void aJointGoesWithAllThatNamesIt() {
    Shaping shaping = Shaping.of(pads());
    ShapeRemoval removal = ShapeRemoval.of(shaping, List.of("joints", "caliper")).orElseThrow();
    assertThat(removal.touches())
        .contains(
            "The rule goes: Caliper bolts, then pins: the machine holds the caliper while the pin is tightened.",
            "The step “Pads in, spring seated, pins run in by fingers” stands beside nothing any more.",
            "It is no longer tightened with: Front caliper.");
    UUID id = UUID.randomUUID();
    shaping.take(id, removal.edits(), null);
    shaping.check();
    assertThat(shaping.find(List.of("joints", "caliper"))).isEmpty();
    assertThat(shaping.find(List.of("order")).orElseThrow()).isEmpty();
    assertThat(shaping.find(List.of("steps", "seat", "before"))).isEmpty();
    shaping.take(UUID.randomUUID(), shaping.wayBack(id), id);
    assertThat(shaping.tree()).isEqualTo(json(pads()));
  }

  @Test
  void aQuestionGoesAndWhatHungOnItStays() {
    Shaping shaping = Shaping.of(pads());
    ShapeRemoval removal = ShapeRemoval.of(shaping, List.of("options", "bolts")).orElseThrow();
    assertThat(removal.touches())
        .containsExactly("It belongs to the job in any case: Caliper bolt, used once.");
    shaping.take(UUID.randomUUID(), removal.edits(), null);
    shaping.check();
    assertThat(shaping.find(List.of("oneTimeParts", "Caliper bolt, used once", "when"))).isEmpty();
  }

  @Test
  void anElementThatIsRenamedIsFoundByItsNewName() {
    Shaping shaping = Shaping.of(pads());
    UUID id = UUID.randomUUID();
    shaping.take(
        id,
        List.of(
            new ShapeEdit.Put(
                List.of("oneTimeParts", "Pad set", "name"),
                json("\"Pad set\""),
                json("\"Sintered pad set\""))),
        null);
    assertThat(shaping.find(List.of("oneTimeParts", "Sintered pad set", "count"))).isPresent();
    shaping.take(UUID.randomUUID(), shaping.wayBack(id), id);
    assertThat(shaping.tree()).isEqualTo(json(pads()));
  }

  @Test
  void undoAndRedoGoBackAndForthInTheOrderOfTheChanges() {
    Shaping shaping = Shaping.of(pads());
    UUID first = new UUID(0, 1);
    UUID second = new UUID(0, 2);
    shaping.take(first, List.of(thread("\"M8\"", "\"M10x1.25\"")), null);
    shaping.take(second, List.of(thread("\"M10x1.25\"", "\"M12\"")), null);
    assertThat(shaping.undoable()).contains(second);
    UUID undo = new UUID(0, 3);
    shaping.take(undo, shaping.wayBack(second), second);
    assertThat(shaping.undoable()).contains(first);
    assertThat(shaping.redoable()).contains(undo);
    UUID redo = new UUID(0, 4);
    shaping.take(redo, shaping.wayBack(undo), undo);
    assertThat(shaping.find(List.of("joints", "caliper", "thread"))).contains(json("\"M12\""));
    assertThat(shaping.undoable()).contains(redo);
    assertThat(shaping.redoable()).isEmpty();
    shaping.take(new UUID(0, 5), shaping.wayBack(redo), redo);
    shaping.take(new UUID(0, 6), List.of(thread("\"M10x1.25\"", "\"M9\"")), null);
    assertThat(shaping.redoable()).as("a new change ends what could be brought back").isEmpty();
  }

  @Test
  void whatStandsInTheJobAroundIsFoundByTheNameOfThePlan() {
    Shaping shaping =
        Shaping.of(
            """
            {"joints": [{"id": "cup"}],
             "around": [{"pack": "crank", "document": {"joints": [{"id": "pinch"}], "steps": [{"id": "off"}]}}]}
            """);
    assertThat(shaping.placeOf("joints", "cup")).contains(List.of("joints", "cup"));
    assertThat(shaping.placeOf("joints", "crank.pinch"))
        .contains(List.of("around", "crank", "document", "joints", "pinch"));
    assertThat(shaping.placeOf("steps", "crank.off"))
        .contains(List.of("around", "crank", "document", "steps", "off"));
    assertThat(shaping.placeOf("steps", "crank.pinch")).isEmpty();
  }

  static List<Integer> seeds() {
    return IntStream.range(0, 60).boxed().toList();
  }

  /** Any row of changes taken back in reverse leaves the document as it was opened. */
  @ParameterizedTest
  @MethodSource("seeds")
  void shapedAndTakenBackItIsTheSameDocument(int seed) {
    Random random = new Random(seed);
    List<Path> packs = packs();
    String document = read(packs.get(random.nextInt(packs.size())));
    Shaping shaping = Shaping.of(document);
    List<UUID> taken = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      List<ShapeEdit> edits = drawn(shaping, random, i);
      UUID id = new UUID(seed, i);
      shaping.take(id, edits, null);
      taken.add(id);
    }
    assertThat(shaping.isShaped()).isTrue();
    for (int i = taken.size() - 1; i >= 0; i--) {
      UUID id = taken.get(i);
      assertThat(shaping.undoable()).contains(id);
      shaping.take(new UUID(seed, 100 + i), shaping.wayBack(id), id);
    }
    assertThat(shaping.tree()).as("seed %d", seed).isEqualTo(json(document));
    assertThat(shaping.differences()).isEmpty();
  }

  private static List<ShapeEdit> drawn(Shaping shaping, Random random, int i) {
    boolean joints =
        random.nextBoolean() && !shaping.find(List.of("joints")).orElseThrow().isEmpty();
    String list = joints ? "joints" : "steps";
    JsonNode all = shaping.find(List.of(list)).orElseThrow();
    ObjectNode one = (ObjectNode) all.get(random.nextInt(all.size()));
    String id = one.path("id").asString();
    List<String> at = List.of(list, id);
    return switch (all.size() < 3 ? random.nextInt(3) : random.nextInt(5)) {
      case 0 ->
          List.of(
              new ShapeEdit.Put(
                  List.of(list, id, "title"), one.get("title"), json("\"Title " + i + "\"")));
      case 1 ->
          List.of(
              new ShapeEdit.Put(
                  List.of(list, id, "minutes"),
                  one.get("minutes"),
                  random.nextBoolean() ? json("3.5") : null));
      case 2 -> {
        ObjectNode copy = one.deepCopy();
        copy.put("id", id + "-copy" + i);
        yield List.of(new ShapeEdit.Insert(List.of(list), copy, random.nextBoolean() ? id : null));
      }
      case 3 -> ShapeRemoval.of(shaping, at).orElseThrow().edits();
      default -> {
        String other = all.get(random.nextInt(all.size())).path("id").asString();
        yield List.of(new ShapeEdit.Move(at, other.equals(id) ? null : other));
      }
    };
  }

  private static List<Path> packs() {
    try (var found = Files.list(PACKS)) {
      return found.sorted().toList();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String read(Path path) {
    try {
      return Files.readString(path);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
