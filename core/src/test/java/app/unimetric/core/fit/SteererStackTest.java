package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SteererStackTest {
  private static final SteererStack.Limits USUAL =
      new SteererStack.Limits(SteererStack.Target.USUAL, null, null, null, true);

  private static SteererStack.Parts parts(double steerer) {
    return new SteererStack.Parts(steerer, 40, List.of(10.0), List.of(5.0), 0.2);
  }

  private static SteererStack stack(double steerer, double measuredTo) {
    return SteererStack.of(parts(steerer), USUAL, null, measuredTo);
  }

  @ParameterizedTest
  @CsvSource({
    "51.8, 0, 3.0, FITS",
    "50.8, 0, 4.0, FITS",
    "50.79, 0, 4.01, DOES_NOT",
    "52.8, 0, 2.0, FITS",
    "52.81, 0, 1.99, DOES_NOT",
    "56.8, 0, -2.0, DOES_NOT",
    "51.8, 0.2, 3.0, FITS",
    "51.8, 0.3, 3.0, TOO_CLOSE",
  })
  void theStackStandsAboveTheSteerer(
      double steerer, double measuredTo, double gap, FitVerdict verdict) {
    SteererStack s = stack(steerer, measuredTo);
    assertThat(s.gapMm()).isCloseTo(gap, within(1e-9));
    assertThat(s.verdict()).isEqualTo(verdict);
    assertThat(s.fits()).isEqualTo(gap >= 2 - 1e-9 && gap <= 4 + 1e-9);
  }

  @Test
  void aSteererThatStandsOutIsToldFromOneThatIsShort() {
    assertThat(stack(56.8, 0).reasons()).anyMatch(r -> r.contains("stands 2.0 mm out"));
    assertThat(stack(54, 0).reasons()).anyMatch(r -> r.startsWith("Only 0.8 mm"));
    assertThat(stack(45, 0).reasons()).anyMatch(r -> r.contains("too little of it"));
    assertThat(stack(51.8, 0.3).reasons()).anyMatch(r -> r.contains("± 0.25 mm or better"));
  }

  @ParameterizedTest
  @CsvSource({", true, 30", "45, true, 45", "20, false, 20", ", false, "})
  void carbonBearsThirtyUnlessThePartSaysOtherwise(Double stated, boolean carbon, Double most) {
    assertThat(SteererStack.Limits.mostBelowMm(stated, carbon)).isEqualTo(most);
  }

  @ParameterizedTest
  @CsvSource({"10, true", "9.9, false"})
  void aCarbonSteererBearsOnlySoMuchBelow(double most, boolean fits) {
    SteererStack.Limits limits =
        new SteererStack.Limits(SteererStack.Target.USUAL, most, null, null, true);
    assertThat(SteererStack.of(parts(51.8), limits, null, 0).fits()).isEqualTo(fits);
  }

  @ParameterizedTest
  @CsvSource({"3.0, 15, 0, false", "3.1, 15, 0, true", "0, 10, 5, true"})
  void theSteererPassesTheUpperBolt(double bolt, double below, double above, boolean fits) {
    SteererStack s =
        SteererStack.of(
            new SteererStack.Parts(
                51.8, 40, List.of(below), above > 0 ? List.of(above) : List.of(), 0.2),
            new SteererStack.Limits(SteererStack.Target.USUAL, null, bolt, null, true),
            null,
            0);
    assertThat(s.gapMm()).isCloseTo(3, within(1e-9));
    assertThat(s.fits()).isEqualTo(fits);
  }

  @ParameterizedTest
  @CsvSource({"2, 42, true", "1.9, 42, false", "2, 42.1, false"})
  void theExpanderSitsWhereTheStemClamps(double from, double to, boolean fits) {
    // Under preload the stem clamps from 9.8 to 49.8 mm above the cover.
    SteererStack.Limits limits =
        new SteererStack.Limits(
            SteererStack.Target.USUAL, null, null, new SteererStack.Expander(from, to), true);
    assertThat(SteererStack.of(parts(51.8), limits, null, 0).fits()).isEqualTo(fits);
  }

  @Test
  void theBoxMendsIt() {
    SteererStack s = SteererStack.of(parts(55), USUAL, List.of(3.0, 2.0, 1.0, 5.0), 0);
    assertThat(s.fits()).isFalse();
    assertThat(s.best().below()).containsExactly(10.0);
    assertThat(s.best().above()).containsExactly(5.0, 3.0);
    assertThat(s.best().gapMm()).isCloseTo(2.8, within(1e-9));
    assertThat(s.reasons()).contains("It would fit with 10 mm below and 5 + 3 mm above.");
    assertThat(SteererStack.of(parts(90), USUAL, List.of(3.0), 0).reasons())
        .contains("No set of these spacers brings it there.");
  }

  @Test
  void noOtherSetBeatsTheBest() {
    Random random = new Random(11);
    for (int i = 0; i < 60; i++) {
      List<Double> stock = new ArrayList<>();
      for (int k = 0; k < 4; k++) {
        stock.add((1 + random.nextInt(20)) / 2.0);
      }
      SteererStack.Parts parts =
          new SteererStack.Parts(
              50 + random.nextInt(20),
              40,
              List.of((double) (1 + random.nextInt(10))),
              List.of((double) (1 + random.nextInt(6))),
              0.2);
      SteererStack.Limits limits =
          new SteererStack.Limits(
              SteererStack.Target.USUAL,
              12.0 + random.nextInt(20),
              4.0 + random.nextInt(8),
              null,
              true);
      Optional<double[]> brute = brute(parts, limits, stock);
      SteererStack found = SteererStack.of(parts, limits, stock, 0);
      assertThat(found.best() != null).isEqualTo(brute.isPresent());
      if (found.best() != null) {
        double[] best = brute.orElseThrow();
        int pieces = found.best().below().size() + found.best().above().size();
        double below = SpacerSets.sum(found.best().below());
        double today = SpacerSets.sum(parts.spacersBelowMm());
        assertThat(Math.abs(found.best().gapMm() - 3)).isCloseTo(best[0], within(1e-6));
        assertThat((double) pieces).isEqualTo(best[1]);
        assertThat(Math.abs(below - today)).isCloseTo(best[2], within(1e-6));
        assertThat(limits.hold(parts, below, SpacerSets.sum(found.best().above()))).isTrue();
      }
    }
  }

  /** Every piece below, above or left in the box: off the target, pieces, off today's height. */
  private static Optional<double[]> brute(
      SteererStack.Parts parts, SteererStack.Limits limits, List<Double> stock) {
    List<Double> pool = new ArrayList<>(parts.spacersBelowMm());
    pool.addAll(parts.spacersAboveMm());
    pool.addAll(stock);
    List<double[]> all = new ArrayList<>();
    for (int code = 0; code < Math.pow(3, pool.size()); code++) {
      double below = 0;
      double above = 0;
      int pieces = 0;
      int rest = code;
      for (double piece : pool) {
        int where = rest % 3;
        rest /= 3;
        below += where == 1 ? piece : 0;
        above += where == 2 ? piece : 0;
        pieces += where == 0 ? 0 : 1;
      }
      double gap = parts.gapMm(below, above);
      if (limits.target().window().holds(gap) && limits.hold(parts, below, above)) {
        double today = Math.abs(below - SpacerSets.sum(parts.spacersBelowMm()));
        all.add(new double[] {Math.round(Math.abs(gap - 3) * 1e6) / 1e6, pieces, today});
      }
    }
    return all.stream()
        .min(
            Comparator.<double[]>comparingDouble(a -> a[0])
                .thenComparingDouble(a -> a[1])
                .thenComparingDouble(a -> a[2]));
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> new SteererStack.Parts(30, 40, List.of(), List.of(), 0))
        .hasMessageContaining("more than the steerer");
    assertThatThrownBy(() -> new SteererStack.Parts(50, 40, List.of(-1.0), List.of(), 0))
        .hasMessageContaining("greater than 0");
    assertThatThrownBy(() -> new SteererStack.Target(2, 5, 4))
        .hasMessageContaining("from min to max");
    assertThatThrownBy(() -> new SteererStack.Expander(20, 10)).hasMessageContaining("deeper");
    List<Double> many = new ArrayList<>();
    for (int i = 1; i <= 40; i++) {
      many.add(0.1 + i * 0.0137);
    }
    assertThatThrownBy(() -> SteererStack.of(parts(80), USUAL, many, 0))
        .hasMessageContaining("leave some out");
  }

  @ParameterizedTest
  @CsvSource({
    "30, , FITS",
    "31, , TOO_CLOSE",
    "31, false, FITS",
    "30, true, FITS",
    "31, true, DOES_NOT",
  })
  void aHighStackBelowIsGoodOnlyWhereItIsKnownWhatBearsIt(
      double below, Boolean carbon, FitVerdict verdict) {
    SteererStack s =
        SteererStack.of(
            new SteererStack.Parts(below + 40 - 3.2, 40, List.of(below), List.of(), 0.2),
            new SteererStack.Limits(
                SteererStack.Target.USUAL,
                SteererStack.Limits.mostBelowMm(null, Boolean.TRUE.equals(carbon)),
                null,
                null,
                carbon != null),
            null,
            0);
    assertThat(s.inShort()).isEqualTo(verdict);
    assertThat(s.fails())
        .isEqualTo(verdict == FitVerdict.FITS ? List.of() : List.of("spacersBelowMm"));
    if (verdict == FitVerdict.TOO_CLOSE) {
      assertThat(s.reasons().get(0)).startsWith("Say what the steerer is of");
    }
  }
}
