package app.unimetric.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.InvalidInput;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProductSheetTest {
  private static ProductSheet sheet(CureTimes... times) {
    return new ProductSheet(List.of(times), null, null, null, Set.of());
  }

  private static CureTimes row(@Nullable Material metal, double atC, double fixture, double full) {
    return new CureTimes(metal, atC, fixture, full);
  }

  private static final ProductSheet TWO_ROWS =
      sheet(row(Material.STEEL, 5, 60, 4320), row(Material.STEEL, 22, 20, 1440));

  /** Just inside and just outside of the 5 K for which the bench is as warm as the sheet means. */
  @ParameterizedTest
  @CsvSource({
    "22, 20, 1440",
    "17, 20, 1440",
    "16.9, 20, 4320",
    "10, 60, 4320",
    "10.1, 20, 4320",
    "0, 60, 4320",
    "-0.1, 60, ",
    "27, 20, 1440",
    "27.1, , 1440"
  })
  void theShortestTimeToWorkAndTheLongestToWaitCount(
      double benchC, @Nullable Double fixture, @Nullable Double full) {
    Set<Material> steel = EnumSet.of(Material.STEEL);
    assertThat(TWO_ROWS.fixtureMinutes(steel, benchC)).isEqualTo(fixture);
    assertThat(TWO_ROWS.fullCureMinutes(steel, benchC)).isEqualTo(full);
  }

  @Test
  void eachMetalGoesByItsOwnRowAndOneTheSheetLeavesOutIsUnknown() {
    ProductSheet sheet =
        sheet(
            row(Material.STEEL, 21, 15, 1440),
            row(Material.STAINLESS, 21, 90, 4320),
            row(Material.ALUMINIUM, 21, 30, 2880));
    Set<Material> both = EnumSet.of(Material.STEEL_ALLOY, Material.STAINLESS);
    assertThat(sheet.fixtureMinutes(both, 20)).isEqualTo(15);
    assertThat(sheet.fullCureMinutes(both, 20)).isEqualTo(4320);
    assertThat(sheet.fullCureMinutes(EnumSet.of(Material.ALUMINIUM_CAST), 20)).isEqualTo(2880);
    assertThat(sheet.fullCureMinutes(EnumSet.of(Material.STEEL, Material.TITANIUM), 20)).isNull();
    assertThat(sheet.fixtureMinutes(Set.of(), 20)).as("between no metals").isNull();
  }

  @Test
  void whatSpeaksOfAllMetalsHoldsWhereNoRowNamesThisOne() {
    ProductSheet sheet = sheet(row(null, 21, 25, 1440), row(Material.STAINLESS, 21, 90, 4320));
    assertThat(sheet.fullCureMinutes(EnumSet.of(Material.BRASS), 20)).isEqualTo(1440);
    assertThat(sheet.fullCureMinutes(EnumSet.of(Material.STAINLESS), 20)).isEqualTo(4320);
    assertThat(ProductSheet.of(25.0, 1440.0).fixtureMinutes(EnumSet.of(Material.BRASS), -30))
        .as("a sheet that names no temperature")
        .isEqualTo(25);
    assertThat(ProductSheet.of(null, null).statesTimes()).isFalse();
    assertThat(ProductSheet.of(25.0, 1440.0).statesTimes()).isTrue();
  }

  private static Situation joint(Material female, @Nullable Double hot) {
    return new Situation(
        null,
        Material.STEEL,
        female,
        null,
        Lock.NONE,
        Surface.THREAD,
        Hole.THROUGH,
        Situation.USUAL,
        hot,
        null);
  }

  @ParameterizedTest
  @CsvSource({"150, false", "150.1, true", ", false"})
  void hotterThanItsSheetAllowsItIsRefused(@Nullable Double thereC, boolean refused) {
    ProductSheet sheet = new ProductSheet(List.of(), null, null, 150.0, Set.of());
    String why = sheet.refuses(joint(Material.STEEL, thereC));
    assertThat(why != null).isEqualTo(refused);
    if (refused) {
      assertThat(why).contains("allows 150 °C");
    }
  }

  @Test
  void whatItsSheetWarnsOfIsRefusedWithItsKin() {
    ProductSheet sheet = new ProductSheet(List.of(), null, null, null, Set.of(Material.ALUMINIUM));
    assertThat(sheet.refuses(joint(Material.ALUMINIUM_CAST, null)))
        .isEqualTo("its sheet warns of cast aluminium");
    assertThat(sheet.refuses(joint(Material.STEEL, 1000.0))).isNull();
  }

  @Test
  void whatNoSheetStatesIsNotTaken() {
    assertThatThrownBy(() -> row(Material.PLASTIC, 21, 1, 2)).hasMessageContaining("no metal");
    assertThatThrownBy(() -> row(null, 21, 20, 19)).hasMessageContaining("fixture time");
    assertThatThrownBy(() -> row(null, 201, 1, 2)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> row(null, 21, 1, 20_161)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new ProductSheet(List.of(), 501.0, null, null, Set.of()))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new ProductSheet(List.of(), null, 5.1, null, Set.of()))
        .isInstanceOf(InvalidInput.class);
    CureTimes[] many = new CureTimes[13];
    Arrays.fill(many, row(null, 21, 1, 2));
    assertThatThrownBy(() -> sheet(many)).hasMessageContaining("12 rows");
  }
}
