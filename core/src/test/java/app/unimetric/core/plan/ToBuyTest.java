package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.surface.Compound;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One list for all planned jobs. */
class ToBuyTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);

  private static ToBuy.Planned job(String words, int pins, Compound... compounds) {
    return new ToBuy.Planned(
        words,
        new Needs(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(compounds).stream()
                .map(c -> new Needs.ProductNeed(c, List.of("j"), null, "", null, null, ""))
                .toList(),
            pins == 0 ? List.of() : List.of(new OneTimePart("Split pin 3.2", pins)),
            List.of(),
            List.of()));
  }

  private static Shelf shelf(int pins, Shelf.Product... products) {
    return new Shelf(List.of(products), List.of(new Shelf.Part("Split pin 3.2", pins)));
  }

  @ParameterizedTest
  @CsvSource({"0, 3", "2, 1", "3, 0", "9, 0"})
  void whatLiesThereIsCountedOnceForAllJobs(int there, int toBuy) {
    ToBuy list =
        ToBuy.of(List.of(job("Job 1", 1), job("Job 2", 2), job("Job 3", 0)), shelf(there), TODAY);
    if (toBuy == 0) {
      assertThat(list.parts()).isEmpty();
    } else {
      ToBuy.PartLine pin = list.parts().get(0);
      assertThat(pin.toBuy()).isEqualTo(toBuy);
      assertThat(pin.needed()).isEqualTo(3);
      assertThat(pin.jobs()).containsExactly("1 for Job 1", "2 for Job 2");
    }
  }

  @Test
  void aProductIsToBuyWhereNoneIsThereThatMayBeUsed() {
    Shelf.Product old =
        new Shelf.Product("Blue bottle", Compound.MEDIUM, 20.0, 1440.0, TODAY.minusDays(1));
    Shelf.Product good = new Shelf.Product("Tin", Compound.GREASE, null, null, TODAY.plusDays(1));
    ToBuy list =
        ToBuy.of(
            List.of(
                job("Job 1", 0, Compound.MEDIUM, Compound.GREASE),
                job("Job 2", 0, Compound.ANTI_SEIZE, Compound.MEDIUM)),
            shelf(0, old, good),
            TODAY);
    assertThat(list.products())
        .extracting(ToBuy.ProductLine::compound)
        .containsExactly(Compound.MEDIUM, Compound.ANTI_SEIZE);
    assertThat(list.products().get(0).why()).isEqualTo("Blue bottle is past its date, 2026-05-31");
    assertThat(list.products().get(0).jobs()).containsExactly("Job 1", "Job 2");
    assertThat(list.products().get(1).why()).isEqualTo("none on the shelf");
  }
}
