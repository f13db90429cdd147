package app.unimetric.documents.shape;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Looking again at jobs of the catalogue. */
class LookAgainTest {
  private static final Path PACKS = Path.of("../server/src/main/resources/packs");
  private final PackReader reader = new PackReader();

  private static Stream<Path> packs() throws IOException {
    try (Stream<Path> all = Files.list(PACKS)) {
      return all.filter(p -> p.toString().endsWith(".json")).toList().stream();
    }
  }

  private static Optional<String> document(String key) {
    try {
      return Optional.of(Files.readString(PACKS.resolve(key + ".json")));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private JobPack again(String key, String... joints) throws IOException {
    String document = Files.readString(PACKS.resolve(key + ".json"));
    return reader.read(LookAgain.of(document, List.of(joints), Map.of()));
  }

  @ParameterizedTest
  @MethodSource("packs")
  void ofEveryJobOfTheCatalogueNothingIsLeftButToTryItsJoints(Path pack) throws IOException {
    String document = reader.whole(Files.readString(pack), LookAgainTest::document);
    JobPack fitted = reader.read(document);
    JobPack again = reader.read(LookAgain.of(document, List.of(), Map.of()));
    List<String> ids = fitted.joints().stream().map(PackJoint::id).toList();
    assertThat(again.joints())
        .allMatch(PackJoint::isTried)
        .allMatch(j -> j.undoing() == null && !j.turning().usedOnce())
        .extracting(PackJoint::id)
        .containsExactlyElementsOf(ids);
    assertThat(again.isLookAgain()).isEqualTo(!fitted.joints().isEmpty());
    assertThat(again.steps()).isEmpty();
    assertThat(again.checks()).isEmpty();
    assertThat(again.order())
        .as("a job around another is still tried after it, no rule names what is gone")
        .allMatch(r -> ids.contains(r.before()) && ids.contains(r.after()));
    assertThat(again.parts()).isEmpty();
    assertThat(again.rechecks()).isEmpty();
    assertThat(again.cautions()).isEqualTo(fitted.cautions());
    assertThat(again.choices().options()).isEqualTo(fitted.choices().options());
    assertThat(again.title()).isEqualTo("Look again: " + fitted.title());
  }

  @ParameterizedTest
  @CsvSource({
    "mc-crash-bars-upper, hanger, hanger",
    "mc-pads-front, caliper, caliper",
    "mc-pads-front, caliper.RIGHT, caliper",
  })
  void onlyWhatIsDueIsTried(String key, String due, String tried) throws IOException {
    assertThat(again(key, due).joints()).extracting(PackJoint::id).containsExactly(tried);
  }

  @Test
  void aJointWhoseNameOnlyBeginsAlikeIsNotDue() throws IOException {
    assertThat(again("mc-crash-bars-upper", "hange", "hanger2", "hanger.RIGHT").joints()).isEmpty();
    assertThat(again("mc-crash-bars-upper", "hange").isLookAgain()).isFalse();
  }

  @Test
  void jobsOfAVisitAndJobsAroundAreLeftOnlyWithWhatIsDue() throws IOException {
    String visit =
        """
        {"format": "unimetric-pack", "version": 1, "key": "visit-1", "title": "Both", "summary": "Both.",
         "machineKind": "MOTORCYCLE", "fits": "Two things", "joints": [],
         "together": [{"pack": "mc-crash-bars-upper", "document": %s},
                      {"pack": "mc-handguards", "document": %s}]}
        """
            .formatted(
                Files.readString(PACKS.resolve("mc-crash-bars-upper.json")),
                Files.readString(PACKS.resolve("mc-handguards.json")));
    String again = LookAgain.of(visit, List.of("mc-crash-bars-upper.hanger"), Map.of());
    assertThat(reader.read(again).everyJoint()).containsOnlyKeys("mc-crash-bars-upper.hanger");
    assertThat(again).doesNotContain("mc-handguards");
  }

  @ParameterizedTest
  @CsvSource({
    "bi-stem-carbon, faceplate, faceplate, 3.5",
    "mc-pads-front, caliper.LEFT, caliper, 3.5",
  })
  void whatWasClimbedToHoldIsTriedAtThat(String key, String left, String joint, double nm)
      throws IOException {
    String document = Files.readString(PACKS.resolve(key + ".json"));
    JobPack again =
        reader.read(LookAgain.of(document, List.of(), Map.of(left, nm, "elsewhere", 1.0)));
    assertThat(again.joints())
        .filteredOn(j -> j.turning().leftAtNm() != null)
        .hasSize(1)
        .allMatch(j -> j.id().equals(joint) && j.turning().leftAtNm() == nm)
        .allMatch(j -> j.torque().slipTest().isEmpty());
  }

  @Test
  void ofBothSidesTheLowerTorqueIsTried() throws IOException {
    String document = Files.readString(PACKS.resolve("mc-pads-front.json"));
    Map<String, Double> left = Map.of("caliper.LEFT", 3.5, "caliper.RIGHT", 3.0);
    assertThat(reader.read(LookAgain.of(document, List.of(), left)).joints())
        .filteredOn(j -> j.id().startsWith("caliper"))
        .allMatch(j -> j.turning().leftAtNm() == 3.0);
  }
}
