package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.quantity.TorqueBand;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which nuts go on to the next slot, and how far they may (field guide, castellated nut). */
class NextSlotTest {
  private static Map<String, Object> nut(Map<String, Object> document) {
    Map<String, Object> nut = SamplePack.joint("nut", "M10", 1, "PINCH", 30.0);
    nut.put("surface", Map.of("lock", "CASTLE_PIN"));
    document.put("joints", SamplePack.list(nut));
    document.put("order", SamplePack.list());
    return nut;
  }

  private static PlannedJoint planned(Map<String, Object> document) {
    return JobPlan.of(
            SamplePack.read(document), Circumstances.of(List.of(), LocalDate.of(2026, 5, 4)))
        .joints()
        .get(0);
  }

  @Test
  void theMostOfASingleValueIsWhatItsBoltCarries() {
    Map<String, Object> document = SamplePack.document();
    nut(document);
    PlannedJoint planned = planned(document);
    NextSlot slot = planned.nextSlot().orElseThrow();
    assertThat(slot.maxNm()).isEqualTo(planned.ceiling().torqueNm());
    assertThat(slot.by()).isEqualTo(planned.ceiling().by());
    assertThat(slot.from(planned.band()))
        .isEqualTo(TorqueBand.of(30, planned.ceiling().torqueNm()));
    assertThat(slot.words())
        .startsWith("6 slots, one cross hole: they meet every 60°. On to the next slot, never back")
        .contains("90 % of yield")
        .endsWith("Beyond that change the washer.");
    assertThat(planned.notes()).contains(slot.words());
  }

  @ParameterizedTest
  @CsvSource({"35, 35", "45, 45", "500, 0"})
  void aPartsLimitIsTheMostWhereItIsLowerThanWhatTheBoltCarries(double limit, double most) {
    Map<String, Object> document = SamplePack.document();
    nut(document)
        .put(
            "values",
            SamplePack.list(SamplePack.value(30, "N.m", "MANUAL"), SamplePack.maximum(limit)));
    PlannedJoint planned = planned(document);
    double expected = most == 0 ? planned.ceiling().torqueNm() : most;
    NextSlot slot = planned.nextSlot().orElseThrow();
    assertThat(slot.maxNm()).isCloseTo(expected, within(1e-9));
    assertThat(slot.by().equals("the limit of a part")).isEqualTo(most != 0);
  }

  @Test
  void aStatedRangeEndsIt() {
    Map<String, Object> document = SamplePack.document();
    nut(document).put("values", SamplePack.list(SamplePack.range(30, 41)));
    NextSlot slot = planned(document).nextSlot().orElseThrow();
    assertThat(slot.maxNm()).isEqualTo(41);
    assertThat(slot.by()).isEqualTo("the end of what is stated");
  }

  @Test
  void onlyAMaximumEndsItToo() {
    Map<String, Object> document = SamplePack.document();
    nut(document).put("values", SamplePack.list(SamplePack.maximum(41)));
    NextSlot slot = planned(document).nextSlot().orElseThrow();
    assertThat(slot.maxNm()).isEqualTo(41);
    assertThat(slot.by()).isEqualTo("the end of what is stated");
  }

  @Test
  void nobodyTellsTheMostOfABoltOfNoClass() {
    Map<String, Object> document = SamplePack.document();
    nut(document).remove("propertyClass");
    PlannedJoint planned = planned(document);
    NextSlot slot = planned.nextSlot().orElseThrow();
    assertThat(slot.maxNm()).isNull();
    assertThat(slot.from(planned.band())).isNull();
    assertThat(slot.words()).endsWith("The most it may carry is not known: look it up.");
    assertThat(new NextSlot(slot.nut(), 50.0, "").from(null)).isNull();
  }

  @Test
  void whatCarriesLessThanItsMinimumGoesNowhere() {
    Map<String, Object> document = SamplePack.document();
    nut(document);
    NextSlot slot = new NextSlot(planned(document).nextSlot().orElseThrow().nut(), 20.0, "a part");
    assertThat(slot.from(TorqueBand.of(30, 33))).isEqualTo(TorqueBand.of(30, 30));
  }

  @ParameterizedTest
  @CsvSource({
    "CASTLE_PIN, CLAMP, false, true",
    "CASTLE_PIN, LOCK, false, true",
    "CASTLE_PIN, ADJUST, false, false",
    "CASTLE_PIN, PIVOT, false, false",
    "CASTLE_PIN, CLAMP, true, false",
    "NYLON_INSERT, CLAMP, false, false",
    "TAB, CLAMP, false, false"
  })
  void whichNutsGoOn(String lock, String role, boolean tried, boolean goesOn) {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> nut = nut(document);
    nut.put("surface", Map.of("lock", lock));
    nut.put("role", role);
    nut.put("tried", tried);
    assertThat(planned(document).nextSlot().isPresent()).isEqualTo(goesOn);
  }

  @Test
  void slotsAndHolesOfItsOwnNutStandBeforeTheUsual() {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> nut = nut(document);
    nut.put("nutSlots", 8);
    nut.put("crossHoles", 2);
    assertThat(planned(document).nextSlot().orElseThrow().words())
        .startsWith("8 slots, 2 cross holes: they meet every 45°.");
  }
}
