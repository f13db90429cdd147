package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpindleChoiceTest {
  private static Spindle spindle(double usable, List<Double> fitted, List<Double> stock) {
    return Spindle.of(
        new Spindle.Between(68, List.of(10.0, 10.0), fitted),
        usable,
        new Spindle.Adjuster(2, null),
        Spindle.Clearances.NONE,
        stock,
        0);
  }

  /** By hand: 94 on 88 leaves 6; 2.5 each side leaves 1, the middle of the travel. */
  @Test
  void bothSidesGetTheSame() {
    SpindleChoice.Set best =
        Objects.requireNonNull(spindle(94, List.of(), List.of(5.0, 2.5, 2.5)).best());
    assertThat(best.left()).containsExactly(2.5);
    assertThat(best.right()).containsExactly(2.5);
    assertThat(best.exposureMm()).isCloseTo(1, within(1e-9));
  }

  @Test
  void whatMendsItIsSaid() {
    assertThat(spindle(94, List.of(), List.of(5.0)).reasons())
        .anyMatch(r -> r.equals("It would fit with none left and 5 mm right."));
    assertThat(spindle(94, List.of(), List.of(1.0)).reasons())
        .anyMatch(r -> r.contains("it takes another spindle"));
    assertThat(spindle(87, List.of(), List.of(1.0)).best()).isNull();
    assertThat(spindle(89, List.of(2.5), List.of()).reasons())
        .as("what is fitted may be taken out")
        .anyMatch(r -> r.equals("It would fit with none left and none right."));
  }

  /**
   * 5 mm on 88 leave 1 of 94; one piece may stand left or right, or two even: the even one wins.
   */
  @Test
  void ofEquallyGoodSetsTheEvenOneThenTheFewestThenTheChainSideIsTaken() {
    SpindleChoice.Set even =
        Objects.requireNonNull(spindle(94, List.of(), List.of(5.0, 2.5, 1.5, 1.0)).best());
    assertThat(even.left()).containsExactly(2.5);
    assertThat(even.right()).containsExactly(1.5, 1.0);
    SpindleChoice.Set few =
        Objects.requireNonNull(spindle(94, List.of(), List.of(3.0, 2.0, 1.0, 2.0)).best());
    assertThat(SpacerSets.sum(few.left())).isEqualTo(2);
    assertThat(SpacerSets.sum(few.right())).isEqualTo(3);
    assertThat(few.left().size() + few.right().size()).isEqualTo(2);
    SpindleChoice.Set travel =
        Objects.requireNonNull(spindle(94, List.of(0.0), List.of(4.0)).best());
    assertThat(travel.right()).as("nothing is no piece").containsExactly(4.0);
    assertThat(travel.left()).isEmpty();
    assertThat(travel.exposureMm()).isCloseTo(2, within(1e-9));
  }

  @Test
  void moreThanCanBeLookedAtIsTold() {
    List<Double> box = new ArrayList<>();
    for (int i = 1; i <= 40; i++) {
      box.add(1 + i * i * 0.0137);
    }
    assertThatThrownBy(() -> spindle(390, List.of(), box)).hasMessageContaining("leave some out");
  }

  @Test
  void noOtherSetIsBetter() {
    Random random = new Random(11);
    for (int run = 0; run < 300; run++) {
      List<Double> stock = new ArrayList<>();
      for (int i = random.nextInt(6); i > 0; i--) {
        stock.add(random.nextInt(1, 12) * 0.5);
      }
      double usable = 88 + random.nextInt(30) * 0.5;
      double best = Double.POSITIVE_INFINITY;
      for (int code = 0; code < Math.pow(3, stock.size()); code++) {
        best = Math.min(best, offMiddle(usable, stock, code));
      }
      SpindleChoice.Set found = spindle(usable, List.of(), stock).best();
      if (best == Double.POSITIVE_INFINITY) {
        assertThat(found).isNull();
      } else {
        assertThat(Math.abs(Objects.requireNonNull(found).exposureMm() - 1))
            .isCloseTo(best, within(1e-9));
      }
    }
  }

  private static double offMiddle(double usable, List<Double> stock, int code) {
    double exposure = usable - 88;
    int rest = code;
    for (double piece : stock) {
      exposure -= rest % 3 == 0 ? 0 : piece;
      rest /= 3;
    }
    return exposure > 1e-9 && exposure <= 2 + 1e-9
        ? Math.abs(exposure - 1)
        : Double.POSITIVE_INFINITY;
  }

  @ParameterizedTest
  @CsvSource({
    "3, , 0, FITS, true",
    "2.99, , 0, DOES_NOT, false",
    ", 3, 0, FITS, true",
    ", 2.9, 0, DOES_NOT, false",
    "3.05, 10, 0.1, TOO_CLOSE, true",
  })
  void ringAndArmMustPass(
      Double ring, Double arm, double measuredTo, FitVerdict verdict, boolean fits) {
    Spindle s =
        Spindle.of(
            new Spindle.Between(68, List.of(10.0, 10.0), List.of(5.0)),
            94,
            new Spindle.Adjuster(2, null),
            new Spindle.Clearances(ring, arm),
            null,
            measuredTo);
    assertThat(s.inShort()).isEqualTo(verdict);
    assertThat(s.fits()).isEqualTo(fits);
    assertThat(s.fails().isEmpty()).isEqualTo(verdict == FitVerdict.FITS);
  }
}
