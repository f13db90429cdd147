package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Given;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.ProductSheet;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bottle or tub that goes on a thread is named from the shelf to the record. */
class LotOfAProductTest {
  private static final LocalDate TODAY = AtTheBench.TODAY;

  private static Shelf.Product bottle(String lot, LocalDate openedOn, LocalDate expiresOn) {
    ProductSheet sheet = ProductSheet.of(30.0, 600.0);
    return new Shelf.Product("Bottle", Compound.MEDIUM, sheet, expiresOn, openedOn, null, lot);
  }

  private static AtTheBench bench(Shelf.Product... products) {
    return new AtTheBench(
        RunSheetWriter.write(
            Given.of(List.of(AtTheBench.click("a", 4.0)), TODAY)
                .with(new Shelf(List.of(products), List.of()))
                .plan(SamplePack.read(SamplePack.document()))));
  }

  private static AtTheBench atTheWetting(Shelf.Product... products) {
    return atTheWetting(bench(products));
  }

  private static AtTheBench atTheWetting(AtTheBench bench) {
    do {
      bench.until(StepKind.SURFACE);
      if (!"plate".equals(bench.inHand().jointId())) {
        bench.say(EventKind.DONE);
      }
    } while (!"plate".equals(bench.inHand().jointId()));
    return bench;
  }

  private static RunSheet withoutShelf(Map<String, Object> document) {
    return RunSheetWriter.write(
        Given.of(List.of(AtTheBench.click("a", 4.0)), TODAY).plan(SamplePack.read(document)));
  }

  private static AsBuilt built(AtTheBench bench) {
    return new AsBuilt(
        UUID.randomUUID(), bench.sheet, bench.state(), "Asta", UUID.randomUUID(), Instant.EPOCH);
  }

  private static ProductTaken productOnPlate(AtTheBench bench) {
    return built(bench).joints().stream()
        .filter(j -> j.joint().id().equals("plate"))
        .findFirst()
        .orElseThrow()
        .product();
  }

  @Test
  void theOpenBottleInDateIsLaidOutWithItsLot() {
    AtTheBench bench =
        atTheWetting(
            bottle("CLOSED-1", null, null),
            bottle("PAST-2", TODAY.minusDays(9), TODAY),
            bottle("SB-33", TODAY.minusDays(9), TODAY.plusDays(1)));
    assertThat(bench.inHand().text()).contains("Take Bottle, lot SB-33.");
    assertThat(bench.sheet.joint("plate").orElseThrow().onThread().laidOut())
        .isEqualTo(new ProductTaken("Bottle", "SB-33"));
  }

  @Test
  void whereNoShelfIsKeptNothingIsLaidOutAndTheRecordNamesNoLot() {
    AtTheBench bench = atTheWetting(new AtTheBench(withoutShelf(SamplePack.document())));
    assertThat(bench.inHand().text()).doesNotContain("Take ");
    bench.say(EventKind.DONE);
    assertThat(bench.last().shown()).isNull();
    assertThat(productOnPlate(bench)).isNull();
  }

  @Test
  void theRecordNamesTheLotOnlyOnceItWentOn() {
    AtTheBench bench = atTheWetting(bottle("SB-33", null, null));
    assertThat(productOnPlate(bench)).isNull();
    bench.say(EventKind.DONE);
    assertThat(bench.last().shown()).isEqualTo("Bottle, lot SB-33");
    assertThat(productOnPlate(bench)).isEqualTo(new ProductTaken("Bottle", "SB-33"));
    assertThat(built(bench).words()).contains("Bottle, lot SB-33");
  }

  @Test
  void anotherBottleTakenAtTheBenchIsTheOneTheRecordNames() {
    AtTheBench bench = atTheWetting(bottle("SB-33", null, null));
    bench.say(new Said.OtherProduct(" Bottle ", " SB-34 "));
    assertThat(bench.last().notCounted()).isNull();
    assertThat(bench.last().shown()).isEqualTo("Bottle, lot SB-34");
    bench.until(StepKind.HAND);
    bench.say(EventKind.DONE);
    assertThat(bench.last().shown()).as("started by hand, nothing goes on").isNull();
    bench.until(StepKind.TIGHTEN);
    assertThat(productOnPlate(bench)).isEqualTo(new ProductTaken("Bottle", "SB-34"));
    assertThat(built(bench).wettedFrom("SB-33").keySet())
        .extracting(RunJoint::id)
        .containsExactly("pair");
    assertThat(built(bench).wettedFrom(" sb-34 "))
        .hasSize(1)
        .containsValue(new ProductTaken("Bottle", "SB-34"));
  }

  @Test
  void aStruckWettingNamesNoLotUntilItIsDoneAgain() {
    AtTheBench bench = atTheWetting(bottle("SB-33", null, null));
    bench.say(EventKind.DONE);
    bench.correct(bench.last(), null);
    assertThat(productOnPlate(bench)).isNull();
    bench.say(new Said.OtherProduct("Tube", null));
    assertThat(productOnPlate(bench)).isEqualTo(new ProductTaken("Tube", ""));
  }

  @Test
  void nothingIsFoundByALotThatIsNotPrinted() {
    AtTheBench bench = atTheWetting(bottle("", null, null));
    bench.say(EventKind.DONE);
    assertThat(productOnPlate(bench)).isEqualTo(new ProductTaken("Bottle", ""));
    assertThat(built(bench).wettedFrom("")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"bottle, 2026-05-04T08:30:00Z", "Another, "})
  void theTimesOfASheetHoldForItsProductAlone(String taken, Instant finalBy) {
    AtTheBench bench = atTheWetting(bottle("SB-33", null, null));
    RunState state = bench.say(new Said.OtherProduct(taken, "X"));
    CureClock clock =
        state.clocks().stream().filter(c -> c.jointId().equals("plate")).findFirst().orElseThrow();
    assertThat(clock.product()).isEqualToIgnoringCase(taken);
    assertThat(clock.finalBy()).isEqualTo(finalBy);
  }

  @Test
  void aJointThatStaysCleanAndDryHasNoBottle() {
    Map<String, Object> document = SamplePack.document();
    SamplePack.jointOf(document, 1)
        .put("surface", new LinkedHashMap<>(Map.of("makerSays", "CLEAN_DRY")));
    RunSheet sheet = withoutShelf(document);
    assertThat(sheet.joint("plate").orElseThrow().onThread())
        .isEqualTo(new OnThread("nothing: clean and dry", null, null, false));
    assertThat(sheet.step("surface.plate")).isEmpty();
  }

  @Test
  void aNameIsNeededAndBothAreBounded() {
    assertThatThrownBy(() -> new Said.OtherProduct(" ", "1"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("what stands on the bottle");
    assertThat(new ProductTaken("x".repeat(200), "y".repeat(200)).name()).hasSize(200);
    assertThatThrownBy(() -> new ProductTaken("x".repeat(201), ""))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new ProductTaken("x", "y".repeat(201)))
        .isInstanceOf(InvalidInput.class);
  }
}
