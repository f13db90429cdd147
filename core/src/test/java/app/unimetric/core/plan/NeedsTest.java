package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CureTimes;
import app.unimetric.core.surface.ProductSheet;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class NeedsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);

  private static Shelf.Product product(
      Double fixtureMinutes, @Nullable Double fullCureMinutes, @Nullable LocalDate expiresOn) {
    return new Shelf.Product(
        "Bench bottle", Compound.MEDIUM, fixtureMinutes, fullCureMinutes, expiresOn);
  }

  private static JobPlan plan() {
    return plan(null);
  }

  private static Needs needs(Shelf shelf) {
    return plan(shelf).needs();
  }

  private static JobPlan plan(@Nullable Shelf shelf) {
    Map<String, Object> document = SamplePack.document();
    SamplePack.jointOf(document, 0).put("drive", "13 mm socket");
    SamplePack.jointOf(document, 0).put("counterHold", "13 mm spanner");
    SamplePack.jointOf(document, 1).put("drive", "13 mm socket");
    document.put("specialTools", List.of("puller"));
    document.put("oneTimeParts", List.of(Map.of("name", "Split pin", "count", 2)));
    JobPack pack = SamplePack.read(document);
    List<CribTool> crib =
        List.of(
            new CribTool(
                "click",
                "Click 4–25",
                ToolType.CLICK,
                new TorqueTool(4, 25, null, 0.5, TorqueUnit.NEWTON_METRE, List.of()),
                TODAY.minusDays(20),
                10,
                null));
    return Given.of(crib, TODAY).with(shelf).plan(pack);
  }

  @Test
  void eachDriveAndSettingIsNamedOnceInWorkingOrder() {
    Needs needs = plan().needs();
    assertThat(needs.drives()).containsExactly("13 mm socket");
    assertThat(needs.counterHolds()).containsExactly("13 mm spanner");
    assertThat(needs.specialTools()).containsExactly("puller");
    assertThat(needs.settings()).extracting(t -> t.reading().figure()).containsExactly(10.0, 22.0);
    assertThat(needs.settings().get(0).jointIds()).containsExactly("plate");
  }

  @Test
  void withoutAShelfNothingIsMissingAndNoCureTimeIsInvented() {
    Needs needs = plan().needs();
    assertThat(needs.missing()).isEmpty();
    assertThat(needs.products())
        .singleElement()
        .satisfies(
            p -> {
              assertThat(p.compound()).isEqualTo(Compound.MEDIUM);
              assertThat(p.jointIds()).containsExactly("plate", "pair");
              assertThat(p.cure()).isEqualTo("unknown: use the maker's sheet");
              assertThat(p.fixtureMinutes()).isNull();
            });
  }

  @Test
  void theShelfGivesItsOwnTimesAndTellsWhatToOrder() {
    Shelf shelf =
        new Shelf(
            List.of(product(20.0, 1440.0, null)),
            List.of(new Shelf.Part("Split pin", 1), new Shelf.Part("Other", 9)));
    Needs needs = needs(shelf);
    assertThat(needs.products().get(0).cure()).contains("within 20 min", "after 24 h");
    assertThat(needs.missing())
        .extracting(Needs.Missing::words)
        .containsExactly("To order: Split pin, 2 needed, 1 there.");
    Needs enough =
        needs(
            new Shelf(
                shelf.products(),
                List.of(new Shelf.Part("Split pin", 1), new Shelf.Part("Split pin", 1))));
    assertThat(enough.missing()).isEmpty();
  }

  @Test
  void anEmptyShelfLacksTheProductToo() {
    assertThat(needs(new Shelf(List.of(), List.of())).missing())
        .hasSize(2)
        .first()
        .isEqualTo(new Needs.Missing("MEDIUM", "Not on the shelf: medium-strength threadlocker."));
  }

  @Test
  void anExpiredProductIsNotThereWhileOneInDateIs() {
    Shelf.Product old = product(20.0, 1440.0, TODAY);
    Shelf expired = new Shelf(List.of(old), List.of(new Shelf.Part("Split pin", 2)));
    assertThat(needs(expired).missing())
        .singleElement()
        .extracting(Needs.Missing::words)
        .asString()
        .contains("past its date");
    Shelf both =
        new Shelf(
            List.of(old, product(30.0, 1440.0, TODAY.plusDays(1))),
            List.of(new Shelf.Part("Split pin", 2)));
    assertThat(needs(both).missing()).isEmpty();
    assertThat(needs(both).products().get(0).fixtureMinutes()).isEqualTo(30.0);
  }

  @Test
  void timesAndCountsAreMeasured() {
    assertThatThrownBy(() -> product(0.0, null, null)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> product(5.0, 1e9, null)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new Shelf.Part("Pin", -1)).isInstanceOf(InvalidInput.class);
  }

  @Test
  void thePlanSaysHowOftenTheSettingChangesAndThatItIsProved() {
    JobPlan plan = plan();
    assertThat(plan.settingChanges()).isEqualTo(1);
    assertThat(plan.settingChangesAtLeast()).isEqualTo(1);
    assertThat(plan.joints()).extracting(j -> j.joint().id()).containsExactly("plate", "pair");
  }

  @Test
  void anOpenBottleIsGoodForAsLongAsItsSheetSays() {
    Shelf.Product open =
        new Shelf.Product(
            "Open bottle",
            Compound.MEDIUM,
            ProductSheet.of(20.0, 1440.0),
            TODAY.plusDays(400),
            TODAY.minusMonths(12),
            12,
            "");
    assertThat(open.goodUntil()).isEqualTo(TODAY);
    assertThat(open.expired(TODAY.minusDays(1))).isFalse();
    assertThat(open.expired(TODAY)).isTrue();
    Shelf.Product closed = product(20.0, 1440.0, TODAY.plusDays(1));
    assertThat(closed.goodUntil()).isEqualTo(TODAY.plusDays(1));
    assertThatThrownBy(
            () ->
                new Shelf.Product("x", Compound.MEDIUM, ProductSheet.SILENT, null, TODAY, 121, ""))
        .isInstanceOf(InvalidInput.class);
  }

  private static Shelf.Product bottle(
      String name, ProductSheet sheet, @Nullable LocalDate expiresOn, @Nullable LocalDate opened) {
    return new Shelf.Product(name, Compound.MEDIUM, sheet, expiresOn, opened, null, "");
  }

  @Test
  void theOpenBottleIsUsedBeforeAnotherIsOpenedUnlessItIsOutOfDate() {
    ProductSheet stated = ProductSheet.of(20.0, 1440.0);
    LocalDate yesterday = TODAY.minusDays(1);
    Shelf.Product closed = bottle("Closed", stated, null, null);
    Shelf.Product open = bottle("Open", stated, null, yesterday);
    Shelf.Product openSilent = bottle("Open, no times", ProductSheet.SILENT, null, yesterday);
    Shelf.Product openOld = bottle("Open, too old", stated, TODAY, yesterday);
    assertThat(taken(closed, open)).isEqualTo("Open");
    assertThat(taken(closed, openSilent)).isEqualTo("Open, no times");
    assertThat(taken(openSilent, open)).as("of two open ones").isEqualTo("Open");
    assertThat(taken(openOld, closed)).isEqualTo("Closed");
  }

  private static String taken(Shelf.Product... bottles) {
    return needs(new Shelf(List.of(bottles), List.of())).products().get(0).name();
  }

  @Test
  void aBottleItsSheetForbidsHereIsPassedOverForOneThatBelongs() {
    Shelf.Product forbidden =
        new Shelf.Product(
            "Hot bottle",
            Compound.MEDIUM,
            new ProductSheet(
                List.of(new CureTimes(null, null, 20.0, 1440.0)),
                null,
                null,
                null,
                Set.of(Material.STEEL)),
            null,
            null,
            null,
            "");
    Needs alone = plan(new Shelf(List.of(forbidden), List.of())).needs();
    assertThat(alone.missing())
        .anySatisfy(m -> assertThat(m.words()).contains("Hot bottle is not for"));
    Needs both =
        plan(new Shelf(List.of(forbidden, product(30.0, 1500.0, null)), List.of())).needs();
    assertThat(both.products().get(0).name()).isEqualTo("Bench bottle");
  }

  @Test
  void aColdBenchWaitsLonger() {
    ProductSheet sheet =
        new ProductSheet(
            List.of(
                new CureTimes(null, 21.0, 25.0, 1440.0), new CureTimes(null, 5.0, 90.0, 4320.0)),
            null,
            null,
            null,
            Set.of());
    Shelf.Product bottle =
        new Shelf.Product("Bench bottle", Compound.MEDIUM, sheet, null, null, null, "");
    Needs warm = plan(new Shelf(List.of(bottle), List.of())).needs();
    assertThat(warm.products().get(0).fullCureMinutes()).isEqualTo(1440);
    Needs cold = plan(new Shelf(List.of(bottle), List.of(), 5)).needs();
    assertThat(cold.products().get(0).fullCureMinutes()).isEqualTo(4320);
    Needs colder = plan(new Shelf(List.of(bottle), List.of(), -5)).needs();
    assertThat(colder.products().get(0).cure()).isEqualTo(Needs.UNKNOWN_CURE);
  }
}
