package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackReader;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class NeedsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);

  private static JobPlan plan() {
    Map<String, Object> document = SamplePack.document();
    SamplePack.jointOf(document, 0).put("drive", "13 mm socket");
    SamplePack.jointOf(document, 0).put("counterHold", "13 mm spanner");
    SamplePack.jointOf(document, 1).put("drive", "13 mm socket");
    document.put("specialTools", List.of("puller"));
    document.put("oneTimeParts", List.of(Map.of("name", "Split pin", "count", 2)));
    JobPack pack = PackReader.read(document);
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
    return JobPlan.of(pack, List.of(), crib, Policy.USUAL, TODAY);
  }

  @Test
  void eachDriveAndSettingIsNamedOnceInWorkingOrder() {
    Needs needs = Needs.of(plan(), null);
    assertThat(needs.drives()).containsExactly("13 mm socket");
    assertThat(needs.counterHolds()).containsExactly("13 mm spanner");
    assertThat(needs.specialTools()).containsExactly("puller");
    assertThat(needs.settings()).extracting(Needs.ToolSetting::scale).containsExactly(10.0, 22.0);
    assertThat(needs.settings().get(0).jointIds()).containsExactly("plate");
  }

  @Test
  void withoutAShelfNothingIsMissingAndNoCureTimeIsInvented() {
    Needs needs = Needs.of(plan(), null);
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
            List.of(new Shelf.Product(Compound.MEDIUM, 20.0, 1440.0)),
            List.of(new Shelf.Part("Split pin", 1), new Shelf.Part("Other", 9)));
    Needs needs = Needs.of(plan(), shelf);
    assertThat(needs.products().get(0).cure()).contains("within 20 min", "after 1440 min");
    assertThat(needs.missing()).containsExactly("To order: Split pin, 2 needed, 1 there.");
    Needs enough =
        Needs.of(
            plan(),
            new Shelf(
                shelf.products(),
                List.of(new Shelf.Part("Split pin", 1), new Shelf.Part("Split pin", 1))));
    assertThat(enough.missing()).isEmpty();
  }

  @Test
  void anEmptyShelfLacksTheProductToo() {
    assertThat(Needs.of(plan(), new Shelf(List.of(), List.of())).missing())
        .hasSize(2)
        .first()
        .isEqualTo("Not on the shelf: medium-strength threadlocker.");
  }

  @Test
  void timesAndCountsAreMeasured() {
    assertThatThrownBy(() -> new Shelf.Product(Compound.MEDIUM, 0.0, null))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new Shelf.Product(Compound.MEDIUM, 5.0, 1e9))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new Shelf.Part("Pin", -1)).isInstanceOf(InvalidInput.class);
  }

  @Test
  void thePlanSaysHowOftenTheSettingChangesAndThatItIsProved() {
    JobPlan plan = plan();
    assertThat(plan.settingChanges()).isEqualTo(1);
    assertThat(plan.settingChangesAtLeast()).isEqualTo(1);
    assertThat(plan.joints()).extracting(j -> j.joint().id()).containsExactly("plate", "pair");
  }
}
