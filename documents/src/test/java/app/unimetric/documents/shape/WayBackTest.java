package app.unimetric.documents.shape;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackPart;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.stated.Source;
import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The way back from jobs of the catalogue that keep an original. */
class WayBackTest {
  private static final List<WayBack.Original> ORIGINALS =
      List.of(new WayBack.Original("2 × original bolt", "Shelf 3, box 12"));
  private static final Path PACKS = Path.of("../server/src/main/resources/packs");

  private static JobPack read(String document) {
    return new PackReader().read(document);
  }

  private static String document(String key) throws IOException {
    return Files.readString(PACKS.resolve(key + ".json"));
  }

  private static JobPack back(String key) throws IOException {
    return read(WayBack.of(document(key), "Bars: Tolvan B-2", ORIGINALS));
  }

  @Test
  void jointsOfThePartAreOnlyUndoneThoseOfTheMachineGoTogetherAgain() throws IOException {
    JobPack back = back("mc-crash-bars-upper");
    assertThat(back.title()).isEqualTo("Back to original: Upper crash bars");
    assertThat(back.key()).isEqualTo("mc-crash-bars-upper-back");
    assertThat(back.joints()).extracting(PackJoint::id).containsExactly("hanger");
    assertThat(back.steps())
        .extracting(PackStep::id)
        .contains("originals-at-hand", "off-frame", "off-connector");
    PackStep atHand = back.steps().get(0);
    assertThat(atHand.hold()).isTrue();
    assertThat(atHand.text()).contains("2 × original bolt: Shelf 3, box 12.");
    assertThat(back.order())
        .allMatch(
            r ->
                !List.of("frame", "connector").contains(r.before())
                    && !List.of("frame", "connector").contains(r.after()));
  }

  @Test
  void whatWasFittedIsKeptNowAndOriginalsAreNoMore() throws IOException {
    assertThat(back("mc-crash-bars-upper").parts(PartRole.ORIGINAL_KEPT))
        .extracting(PackPart::name)
        .containsExactly("Bars: Tolvan B-2");
    assertThat(back("mc-crash-bars-upper").fits()).isEqualTo("2 × original bolt");
    String none = WayBack.of(document("mc-shock"), "Shock", List.of());
    assertThat(read(none).fits()).isEqualTo("Originals");
    assertThat(none).contains("Nobody wrote down where they lie");
  }

  @Test
  void valuesOfThePartLeaveWithIt() throws IOException {
    String stated =
        "\"values\": [%s], \"id\": \"hanger\""
            .formatted(
                String.join(
                    ",",
                    value("MANUAL", "55"),
                    value("KIT_SHEET", "48"),
                    value("PART_MARKING", "50")));
    String document = document("mc-crash-bars-upper").replace("\"id\": \"hanger\"", stated);
    assertThat(hanger(read(document)).torque().values()).hasSize(3);
    assertThat(hanger(read(WayBack.of(document, "Bars", ORIGINALS))).torque().values())
        .extracting(v -> v.value().source())
        .containsExactly(Source.MANUAL);
  }

  private static String value(String source, String nm) {
    return "{\"form\": \"VALUE\", \"value\": "
        + nm
        + ", \"unit\": \"N.m\", \"source\": \""
        + source
        + "\", \"document\": \"Test sheet\"}";
  }

  private static PackJoint hanger(JobPack pack) {
    return pack.joints().stream().filter(j -> j.id().equals("hanger")).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "atv-shock",
        "atv-winch-plate",
        "bi-axle-rack",
        "mc-crash-bars-lower",
        "mc-crash-bars-upper",
        "mc-exhaust-slip-on",
        "mc-handguards",
        "mc-handlebar",
        "mc-lamp-bracket",
        "mc-lowering",
        "mc-shock",
        "mc-sump-plate"
      })
  void isAWholeJobForEveryJobThatKeepsAnOriginal(String key) throws IOException {
    JobPack fitted = read(document(key));
    JobPack back = back(key);
    assertThat(back.joints())
        .extracting(PackJoint::id)
        .containsExactlyElementsOf(
            fitted.joints().stream().filter(j -> j.undoing() != null).map(PackJoint::id).toList());
    assertThat(back.checks()).isEqualTo(fitted.checks());
    assertThat(back.cautions()).isEqualTo(fitted.cautions());
  }
}
