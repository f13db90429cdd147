package app.unimetric.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Passes, orders and places of the layouts, pinned. */
class PatternTest {
  private static String order(Pass pass) {
    return pass.order().stream().map(String::valueOf).collect(Collectors.joining(" "));
  }

  private static String kinds(List<Pass> passes) {
    return passes.stream().map(p -> p.kind().name()).collect(Collectors.joining(" "));
  }

  private static String shares(List<Pass> passes) {
    return passes.stream().map(Pass::share).collect(Collectors.joining(", "));
  }

  @ParameterizedTest
  @CsvSource({
    "1,  CIRCLE,    ,                   1",
    "2,  CIRCLE,    ,                   1 2",
    "3,  CIRCLE,    ,                   1 2 3",
    "4,  CIRCLE,    ,                   1 3 2 4",
    "5,  CIRCLE,    ,                   1 3 5 2 4",
    "6,  CIRCLE,    ,                   1 4 2 5 3 6",
    "7,  CIRCLE,    ,                   1 4 7 3 6 2 5",
    "8,  CIRCLE,    ,                   1 5 3 7 2 6 4 8",
    "12, CIRCLE,    ,                   1 7 4 10 2 8 5 11 3 9 6 12",
    "2,  ROW,       ,                   1 2",
    "3,  ROW,       ,                   2 1 3",
    "4,  ROW,       ,                   2 3 1 4",
    "5,  ROW,       ,                   3 2 4 1 5",
    "6,  ROW,       ,                   3 4 2 5 1 6",
    "2,  PINCH,     ,                   1 2",
    "3,  PINCH,     ,                   1 2 3",
    "4,  FACEPLATE, ,                   1 3 2 4",
    "4,  FACEPLATE, EVEN,               1 3 2 4",
    "4,  FACEPLATE, FULL_CONTACT,       1 3 2 4",
    "4,  FACEPLATE, CLOSE_TOP_FIRST,    1 2 3 4",
    "4,  FACEPLATE, CLOSE_BOTTOM_FIRST, 3 4 1 2",
    "5,  FACEPLATE, CLOSE_TOP_FIRST,    1 2 3 4 5",
    "5,  FACEPLATE, CLOSE_BOTTOM_FIRST, 4 5 1 2 3"
  })
  void eachLayoutHasItsOrder(int count, Layout layout, GapStyle gapStyle, String order) {
    List<Pass> passes = new BoltPattern(count, layout, gapStyle, List.of(30.0, 100.0)).passes();
    assertThat(order(passes.get(1))).isEqualTo(order);
    assertThat(order(passes.get(2))).isEqualTo(order);
  }

  @ParameterizedTest
  @CsvSource({
    "1, CIRCLE,    ,                HAND CROSS,                                 '0 %, 100 %'",
    "2, CIRCLE,    ,                HAND SNUG ALTERNATE ALTERNATE CIRCULAR_CHECK, '0 %, 30 %, 65 %, 100 %, 100 %'",
    "3, PINCH,     ,                HAND SNUG ALTERNATE ALTERNATE CIRCULAR_CHECK, '0 %, 30 %, 65 %, 100 %, 100 %'",
    "4, FACEPLATE, CLOSE_TOP_FIRST, HAND SNUG ALTERNATE ALTERNATE CIRCULAR_CHECK, '0 %, 30 %, 65 %, 100 %, 100 %'",
    "4, FACEPLATE, EVEN,            HAND SNUG CROSS CROSS CIRCULAR_CHECK,         '0 %, 30 %, 65 %, 100 %, 100 %'",
    "6, CIRCLE,    ,                HAND SNUG CROSS CROSS CIRCULAR_CHECK,         '0 %, 30 %, 65 %, 100 %, 100 %'"
  })
  void threePassesByHandFirstAndCheckedLast(
      int count, Layout layout, GapStyle gapStyle, String kinds, String shares) {
    List<Pass> passes = TighteningOrder.passes(count, layout, gapStyle, null);
    assertThat(kinds(passes)).isEqualTo(kinds);
    assertThat(shares(passes)).isEqualTo(shares);
    assertThat(passes.get(0).order()).isSorted();
    assertThat(passes.get(passes.size() - 1).order()).isSorted();
  }

  /** Snug is a first of several below half. */
  @ParameterizedTest
  @CsvSource({
    "100,         HAND CROSS CIRCULAR_CHECK",
    "49.9 100,    HAND SNUG CROSS CIRCULAR_CHECK",
    "50 100,      HAND CROSS CROSS CIRCULAR_CHECK",
    "20 40 100,   HAND SNUG CROSS CROSS CIRCULAR_CHECK"
  })
  void ownSharesAreTaken(String percents, String kinds) {
    List<Double> shares = Arrays.stream(percents.split(" ")).map(Double::valueOf).toList();
    assertThat(kinds(TighteningOrder.passes(4, Layout.CIRCLE, null, shares))).isEqualTo(kinds);
  }

  @Test
  void oneFastenerWithOwnSharesIsStillTakenInPasses() {
    assertThat(shares(TighteningOrder.passes(1, Layout.ROW, null, List.of(50.0, 100.0))))
        .isEqualTo("0 %, 50 %, 100 %, 100 %");
  }

  @ParameterizedTest
  @CsvSource({
    "1, CIRCLE,    ,                   'One fastener'",
    "2, CIRCLE,    ,                   'The first goes slack'",
    "4, PINCH,     ,                   'The first goes slack'",
    "3, ROW,       ,                   'A row is pulled from the centre'",
    "4, CIRCLE,    ,                   'Cross order keeps'",
    "4, FACEPLATE, EVEN,               'Cross order keeps'",
    "4, FACEPLATE, CLOSE_TOP_FIRST,    'This plate closes on one side'",
    "2, FACEPLATE, CLOSE_BOTTOM_FIRST, 'This plate closes on one side'"
  })
  void eachOrderSaysWhy(int count, Layout layout, GapStyle gapStyle, String words) {
    List<String> reasons = new BoltPattern(count, layout, gapStyle, null).reasons();
    assertThat(reasons).hasSize(count == 1 ? 1 : 3);
    assertThat(reasons.get(count == 1 ? 0 : 1)).startsWith(words);
    if (count > 1) {
      assertThat(reasons.get(0)).contains("started by hand");
      assertThat(reasons.get(2)).contains("last round");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "0,  CIRCLE, , 100, count",
    "65, CIRCLE, , 100, count",
    "4,  CIRCLE, , 0 100, passesPercent[0]",
    "4,  CIRCLE, , 30 101, passesPercent[1]",
    "4,  CIRCLE, , 30 30 100, passesPercent[1]",
    "4,  CIRCLE, , 30 99, passesPercent",
    "4,  CIRCLE, EVEN, 100, gapStyle"
  })
  void whatCannotBeIsNamed(
      int count, Layout layout, GapStyle gapStyle, String percents, String field) {
    List<Double> shares = Arrays.stream(percents.split(" ")).map(Double::valueOf).toList();
    assertThatThrownBy(() -> new BoltPattern(count, layout, gapStyle, shares))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems()).extracting(p -> p.field()).contains(field));
  }

  @Test
  void oneToTwentySharesAreTaken() {
    List<Double> twenty =
        java.util.stream.IntStream.rangeClosed(1, 20).mapToObj(i -> 5.0 * i).toList();
    assertThat(TighteningOrder.passes(64, Layout.CIRCLE, null, twenty)).hasSize(22);
    assertThatThrownBy(() -> TighteningOrder.passes(4, Layout.CIRCLE, null, List.of()))
        .hasMessageContaining("1 to 20");
    assertThatThrownBy(
            () -> TighteningOrder.passes(4, Layout.CIRCLE, null, Collections.nCopies(21, 100.0)))
        .hasMessageContaining("1 to 20");
  }

  /** x to the right, y down; a circle from the top clockwise, a faceplate from the top left. */
  @ParameterizedTest
  @CsvSource({
    "1, CIRCLE,    0 0",
    "4, CIRCLE,    0 -1 1 0 0 1 -1 0",
    "3, CIRCLE,    0 -1 0.866025 0.5 -0.866025 0.5",
    "1, ROW,       0 0",
    "3, ROW,       -1 0 0 0 1 0",
    "2, PINCH,     0 -1 0 1",
    "4, FACEPLATE, -1 -1 1 -1 1 1 -1 1",
    "3, FACEPLATE, -1 -1 1 -1 0 1"
  })
  void eachFastenerHasItsPlaceOnTheDrawing(int count, Layout layout, String places) {
    String[] wanted = places.split(" ");
    List<FastenerPosition> all = BoltPattern.of(count, layout).positions();
    assertThat(all).hasSize(count);
    for (int i = 0; i < count; i++) {
      assertThat(all.get(i).number()).isEqualTo(i + 1);
      assertThat(all.get(i).x()).isCloseTo(Double.parseDouble(wanted[2 * i]), within(1e-6));
      assertThat(all.get(i).y()).isCloseTo(Double.parseDouble(wanted[2 * i + 1]), within(1e-6));
    }
  }

  @Test
  void freePlacesAreFittedInTheirOwnProportions() {
    List<FastenerPosition> fitted =
        FastenerPosition.fitted(
            List.of(
                new FreeOrder.Place(10, 5),
                new FreeOrder.Place(50, 5),
                new FreeOrder.Place(30, 15)));
    assertThat(fitted)
        .containsExactly(
            new FastenerPosition(1, -1, -0.25),
            new FastenerPosition(2, 1, -0.25),
            new FastenerPosition(3, 0, 0.25));
    assertThat(
            FastenerPosition.fitted(
                List.of(new FreeOrder.Place(0, 10), new FreeOrder.Place(0, 30))))
        .containsExactly(new FastenerPosition(1, 0, -1), new FastenerPosition(2, 0, 1));
  }

  @Test
  void aPassIsPrintedWithItsShareAndOrder() {
    Pass pass = new Pass(32.55, List.of(1, 3, 2, 4), PassKind.SNUG);
    assertThat(pass.words()).isEqualTo("32.6 % 1 3 2 4");
    assertThat(pass.share()).isEqualTo("32.6 %");
  }
}
