package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fastener.BoltLength;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class JudgedTest {
  private static Runout runout(double total, double limit, double measuredTo) {
    return Runout.of(
        List.of(0.0, 0.0, 0.0, total, 0.0, 0.0, 0.0, 0.0), null, limit, null, measuredTo);
  }

  private static ThroughAxle axle(double length, Double engagement, double measuredTo) {
    ThroughAxle.Axle old = new ThroughAxle.Axle(12, 1.5, 172, ThroughAxle.Head.FLAT, 12.0);
    return ThroughAxle.of(
        old,
        new ThroughAxle.Axle(12, 1.5, length, ThroughAxle.Head.FLAT, engagement),
        List.of(),
        2,
        measuredTo);
  }

  private static Positions reach(double left, double measuredTo) {
    return new Positions(List.of(new Position("reach", 72, left, 0.5, null)), measuredTo);
  }

  private static BoltFit bolt(double length, double measuredTo) {
    BoltLength b =
        BoltLength.through(new BoltLength.Stack(20, 2, 1.25, length), 8, true, 15.0, 1.0);
    return BoltFit.of(b, 1.25, null, 1, measuredTo);
  }

  private static BoltFit blind(double length, double measuredTo) {
    BoltLength b = BoltLength.blind(new BoltLength.Stack(20, 0, 1.5, length), 20, 10, 1);
    return BoltFit.of(b, 1.5, 10.0, 0, measuredTo);
  }

  @ParameterizedTest
  @CsvSource({
    "0.1, 0, FITS",
    "0.101, 0, DOES_NOT",
    "0.08, 0.01, FITS",
    "0.09, 0.01, TOO_CLOSE",
    "0.11, 0.01, TOO_CLOSE",
    "0.13, 0.01, DOES_NOT",
  })
  void runoutIsTwoReadings(double total, double measuredTo, FitVerdict verdict) {
    assertThat(runout(total, 0.1, measuredTo).inShort()).isEqualTo(verdict);
    assertThat(runout(total, 0.1, measuredTo).fails().isEmpty())
        .isEqualTo(verdict == FitVerdict.FITS);
  }

  @Test
  void thicknessCountsWithItsUncertainty() {
    List<Double> flat = List.of(0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0);
    Runout near = Runout.of(flat, null, 0.1, new Runout.Thickness(List.of(4.005), 4), 0.01);
    assertThat(near.inShort()).isEqualTo(FitVerdict.TOO_CLOSE);
    assertThat(near.reasons()).anyMatch(r -> r.contains("least thickness"));
    Runout worn = Runout.of(flat, null, 0.1, new Runout.Thickness(List.of(3.9), 4), 0.01);
    assertThat(worn.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(worn.fails()).containsExactly("thicknessReadingsMm");
  }

  @ParameterizedTest
  @CsvSource({
    "174, , 0, FITS",
    "174.1, , 0, DOES_NOT",
    "173.5, , 0.2, FITS",
    "173.9, , 0.2, TOO_CLOSE",
    "174.1, , 0.2, TOO_CLOSE",
    "172, 12, 0, FITS",
    "172, 11.9, 0, DOES_NOT",
    "172, 12.1, 0.2, TOO_CLOSE",
  })
  void anAxleIsTwoLengths(double length, Double engagement, double measuredTo, FitVerdict verdict) {
    assertThat(axle(length, engagement, measuredTo).inShort()).isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({
    "72.5, 0, FITS",
    "72.6, 0, DOES_NOT",
    "72.4, 0.1, TOO_CLOSE",
    "72.8, 0.1, DOES_NOT",
    "71.5, 0, FITS",
    "71.4, 0, DOES_NOT",
  })
  void aPositionIsTwoLengths(double left, double measuredTo, FitVerdict verdict) {
    Positions p = reach(left, measuredTo);
    assertThat(p.inShort()).isEqualTo(verdict);
    assertThat(p.fails().contains("items[0]")).isEqualTo(verdict != FitVerdict.FITS);
    assertThat(p.reasons().get(0).contains("too close")).isEqualTo(verdict == FitVerdict.TOO_CLOSE);
  }

  @Test
  void allPositionsMustBeRight() {
    Positions two =
        new Positions(
            List.of(new Position("reach", 72, 72, 0.5, null), new Position("gap", 3, 4, 0.5, null)),
            0);
    assertThat(two.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(two.fails()).containsExactly("items[1]");
    assertThatThrownBy(() -> new Positions(List.of(), 0)).hasMessageContaining("1 to 200");
  }

  @ParameterizedTest
  @CsvSource({
    "1.5, 0, FITS",
    "1.0, 0, DOES_NOT",
    "1.05, 0.1, TOO_CLOSE",
    "0.8, 0.1, DOES_NOT",
    "1.2, 0.1, FITS",
  })
  void padsAreRiddenAboveTheirLimit(double now, double measuredTo, FitVerdict verdict) {
    PadWear w = PadWear.of(4, now, 1, 1000, measuredTo);
    assertThat(w.inShort()).isEqualTo(verdict);
    assertThat(w.fails().isEmpty()).isEqualTo(verdict == FitVerdict.FITS);
  }

  /** By hand: 30 under the nut's face and a pitch past it are 31.25; 15 behind less 1 are 36. */
  @ParameterizedTest
  @CsvSource({
    "31.25, 0, FITS, ",
    "31.2, 0, DOES_NOT, protrusionMm",
    "36, 0, FITS, ",
    "36.1, 0, DOES_NOT, clearanceMm",
    "31.5, 0.1, TOO_CLOSE, protrusionMm",
    "33.5, 0.1, FITS, ",
  })
  void aBoltIsFourLengths(double length, double measuredTo, FitVerdict verdict, String fails) {
    assertThat(bolt(length, measuredTo).inShort()).isEqualTo(verdict);
    assertThat(bolt(length, measuredTo).fails())
        .isEqualTo(fails == null ? List.of() : List.of(fails));
  }

  /** By hand: 20 + 1 + 1.5 + 10 are 32.5 at the least, 20 + 20 − 1.5 are 38.5 at the most. */
  @ParameterizedTest
  @CsvSource({
    "32.5, 0, FITS, ",
    "32.4, 0, DOES_NOT, engagementMm",
    "38.5, 0, FITS, ",
    "38.6, 0, DOES_NOT, clearanceMm",
    "38.4, 0.1, TOO_CLOSE, clearanceMm",
  })
  void aBlindBoltHoldsAndDoesNotBottom(
      double length, double measuredTo, FitVerdict verdict, String fails) {
    assertThat(blind(length, measuredTo).inShort()).isEqualTo(verdict);
    assertThat(blind(length, measuredTo).fails())
        .isEqualTo(fails == null ? List.of() : List.of(fails));
  }

  @Test
  void aBoreAndARimAreToldInShort() {
    List<Double> bore = List.of(40.97, 40.97);
    assertThat(PressFit.of(bore, 41, null, 0).inShort()).isEqualTo(FitVerdict.FITS);
    assertThat(PressFit.of(bore, 40.9, null, 0).fails()).containsExactly("interferenceMm");
    PressFit oval = PressFit.of(List.of(40.9, 41.1), 41, new FitWindow(0.01, 0.05), 0);
    assertThat(oval.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(oval.fails()).containsExactly("outOfRoundMm");
    assertThat(PressFit.of(bore, 40.98, null, 0.02).inShort()).isEqualTo(FitVerdict.TOO_CLOSE);
    Flushness flush = Flushness.of(List.of(0.0, 0.0, 0.0, 0.0), 0);
    assertThat(flush.inShort()).isEqualTo(FitVerdict.FITS);
    assertThat(flush.fails()).isEmpty();
    assertThat(Flushness.of(List.of(0.0, 0.1, 0.2, 0.1), 0).fails()).containsExactly("tiltMm");
    assertThat(Flushness.of(List.of(0.2, 0.2, 0.2, 0.2), 0).fails()).containsExactly("readingsMm");
  }

  @ParameterizedTest
  @CsvSource({
    "0.04, 0, FITS",
    "0.05, 0, DOES_NOT",
    "0.04, 0.005, FITS",
    "0.04, 0.02, TOO_CLOSE",
    "0.06, 0.02, TOO_CLOSE",
    "0.08, 0.02, DOES_NOT",
  })
  void aGapIsClosedWhereNoFeelerEnters(double widest, double measuredTo, FitVerdict verdict) {
    Flushness f = Flushness.of(List.of(0.0, 0.0, widest, 0.0), measuredTo);
    assertThat(f.inShort()).isEqualTo(verdict);
    assertThat(f.fails().isEmpty()).isEqualTo(verdict == FitVerdict.FITS);
    assertThat(f.reasons().get(0).startsWith("Too close"))
        .isEqualTo(verdict == FitVerdict.TOO_CLOSE);
  }

  @Test
  void theFiguresBehindAVerdictAreTold() {
    PressFit oval = PressFit.of(List.of(40.95, 40.99), 41, null, 0.002);
    assertThat(oval.derivation())
        .extracting(d -> Math.round(d.value() * 1000))
        .containsExactly(10L, 30L, 50L, 40L, 4L);
    assertThat(oval.reasons().get(0)).contains("0.010 mm at the least");
    PressFit close = PressFit.of(List.of(40.99, 40.99), 41, new FitWindow(0.014, 0.1), 0.003);
    assertThat(close.reasons().get(0)).contains("± 0.002 mm or better");
    BoltFit bolt = bolt(33.5, 0.1);
    assertThat(bolt.derivation()).extracting(d -> d.symbol()).contains("s", "l_min", "l_max", "u");
    assertThat(bolt.derivation().get(bolt.derivation().size() - 1).value()).isEqualTo(0.4);
    assertThat(bolt.reasons()).containsExactly("Long enough, and no longer than it need be.");
    assertThat(bolt(31.5, 0.1).reasons())
        .anyMatch(r -> r.contains("As measured, it would do; from 31.25 to 33.75 mm"));
    assertThat(bolt(31.2, 0.1).reasons()).anyMatch(r -> r.contains("it would not do"));
    assertThatThrownBy(() -> bolt(33, -1)).hasMessageContaining("measuredToMm");
    assertThat(reach(73, 0).derivation()).extracting(d -> d.value()).containsExactly(1.0);
    assertThatThrownBy(() -> reach(73, 6)).hasMessageContaining("measuredToMm");
  }

  @Test
  void aBoltIntoANutThatNothingIsBehindIsJudgedByItsLengthAlone() {
    BoltLength free =
        BoltLength.through(new BoltLength.Stack(20, 2, 1.25, 60), 8, true, null, null);
    assertThat(BoltFit.of(free, 1.25, null, 0, 0).inShort()).isEqualTo(FitVerdict.FITS);
  }

  @Test
  void aStackIsToldInShort() {
    SteererStack stack =
        SteererStack.of(
            new SteererStack.Parts(55, 40, List.of(10.0), List.of(5.0), 0.2),
            new SteererStack.Limits(
                SteererStack.Target.USUAL, 5.0, 60.0, new SteererStack.Expander(50, 55), true),
            null,
            0);
    assertThat(stack.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(stack.fails()).containsExactly("gapMm", "spacersBelowMm", "expander");
  }

  @Test
  void aFigureThatNothingIsAskedOfHasNoVerdict() {
    assertThat(MassChange.of(300, 250, 0).inShort()).isNull();
    assertThat(PowerCheck.of(10_000, 170, 0, List.of(16.0), null).inShort()).isNull();
    assertThat(PowerCheck.of(10_000, 170, 0, List.of(16.68), 1.0).inShort())
        .isEqualTo(FitVerdict.FITS);
    PowerCheck off = PowerCheck.of(10_000, 170, 0, List.of(16.68, 17.0), 1.0);
    assertThat(off.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(off.fails()).containsExactly("readings[1]");
    assertThat(off.reasons().get(0)).contains("1 % is allowed");
  }

  @ParameterizedTest
  @CsvSource({
    "FITS, FITS, FITS",
    "FITS, TOO_CLOSE, TOO_CLOSE",
    "TOO_CLOSE, DOES_NOT, DOES_NOT",
    "FITS, DOES_NOT, DOES_NOT",
  })
  void theWorseOfTwoCounts(FitVerdict a, FitVerdict b, FitVerdict both) {
    assertThat(a.and(b)).isEqualTo(both);
    assertThat(b.and(a)).isEqualTo(both);
  }

  static Stream<Arguments> sizesThatMayBeWrong() {
    return Stream.of(
        Arguments.of("runout", (DoubleFunction<Judged>) x -> runout(0.1 + x, 0.1, 0), 0.02),
        Arguments.of("axle", (DoubleFunction<Judged>) x -> axle(174 + x, 12.0, 0), 0.4),
        Arguments.of("reach", (DoubleFunction<Judged>) x -> reach(72.5 + x, 0), 0.2),
        Arguments.of("bolt", (DoubleFunction<Judged>) x -> bolt(31.25 + x, 0), 0.4),
        Arguments.of("pads", (DoubleFunction<Judged>) x -> PadWear.of(4, 1 + x, 1, 9, 0), 0.1));
  }

  /** A verdict that is given with an uncertainty is that of every size within it. */
  @ParameterizedTest(name = "{0}")
  @MethodSource("sizesThatMayBeWrong")
  void noVerdictFlipsInsideItsOwnUncertainty(
      String what, DoubleFunction<Judged> exact, double uncertainty) {
    for (int i = -30; i <= 30; i++) {
      double size = i * uncertainty / 10;
      FitVerdict said = withUncertainty(what, size, uncertainty);
      for (double off : new double[] {-1, -0.5, 0, 0.5, 1}) {
        FitVerdict truly = exact.apply(size + 0.999 * off * uncertainty).inShort();
        assertThat(said)
            .as("%s at %s, truly off by %s", what, size, off)
            .isIn(truly, FitVerdict.TOO_CLOSE);
      }
    }
  }

  private static FitVerdict withUncertainty(String what, double x, double uncertainty) {
    return switch (what) {
      case "runout" -> runout(0.1 + x, 0.1, uncertainty / 2).inShort();
      case "axle" -> axle(174 + x, null, uncertainty / 2).inShort();
      case "reach" -> reach(72.5 + x, uncertainty / 2).inShort();
      case "bolt" -> bolt(31.25 + x, uncertainty / 4).inShort();
      default -> PadWear.of(4, 1 + x, 1, 9, uncertainty).inShort();
    };
  }
}
