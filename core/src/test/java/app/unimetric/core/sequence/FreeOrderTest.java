package app.unimetric.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class FreeOrderTest {
  private static List<FreeOrder.Place> of(List<FastenerPosition> positions) {
    return positions.stream().map(p -> new FreeOrder.Place(p.x() * 40, p.y() * 40)).toList();
  }

  @ParameterizedTest
  @ValueSource(ints = {4, 5, 6, 8, 10, 12})
  void onACircleAndInARowItIsTheOrderOfThatLayout(int count) {
    assertThat(FreeOrder.of(of(FastenerPosition.all(count, Layout.CIRCLE))))
        .isEqualTo(TighteningOrder.cross(count));
    assertThat(FreeOrder.of(of(FastenerPosition.all(count, Layout.ROW))))
        .isEqualTo(TighteningOrder.outwards(count));
  }

  @Test
  void aLongCoverGoesFromItsMiddleOutwards() {
    List<FreeOrder.Place> cover = new ArrayList<>();
    for (double x : new double[] {0, 60, 120, 180}) {
      cover.add(new FreeOrder.Place(x, 0));
      cover.add(new FreeOrder.Place(x, 50));
    }
    List<Integer> order = FreeOrder.of(cover);
    assertThat(order.subList(0, 4)).containsExactlyInAnyOrder(3, 4, 5, 6);
    assertThat(order.subList(4, 8)).containsExactlyInAnyOrder(1, 2, 7, 8);
  }

  @Test
  void aMiddleBoltComesFirst() {
    List<FreeOrder.Place> five = new ArrayList<>(of(FastenerPosition.all(4, Layout.CIRCLE)));
    five.add(new FreeOrder.Place(0, 0));
    assertThat(FreeOrder.of(five)).containsExactly(5, 1, 3, 2, 4);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void eachIsMetOnceWhereverTheySit(Seeded.Case random) {
    int count = 2 + random.nextInt(30);
    List<FreeOrder.Place> places =
        IntStream.range(0, count)
            .mapToObj(i -> new FreeOrder.Place(random.between(-200, 200), random.between(-90, 90)))
            .toList();
    List<Integer> order = new ArrayList<>(FreeOrder.of(places));
    Collections.sort(order);
    assertThat(order).isEqualTo(IntStream.rangeClosed(1, count).boxed().toList());
  }

  @Test
  void passesFollowItAndTwoAtOnePlaceAreRefused() {
    List<FreeOrder.Place> six = of(FastenerPosition.all(6, Layout.CIRCLE));
    List<Pass> passes = TighteningOrder.passes(six, null);
    assertThat(passes)
        .extracting(Pass::kind)
        .containsExactly(
            PassKind.HAND, PassKind.SNUG, PassKind.CROSS, PassKind.CROSS, PassKind.CIRCULAR_CHECK);
    assertThat(passes.get(2).order()).containsExactly(1, 4, 2, 5, 3, 6);
    FreeOrder.Place same = new FreeOrder.Place(3, 4);
    assertThatThrownBy(() -> FreeOrder.of(List.of(same, same)))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("same place");
  }

  private static List<FreeOrder.Place> places(String text) {
    String[] figures = text.split(" ");
    return IntStream.range(0, figures.length / 2)
        .mapToObj(
            i ->
                new FreeOrder.Place(
                    Double.parseDouble(figures[2 * i]), Double.parseDouble(figures[2 * i + 1])))
        .toList();
  }

  /** Lines within 2 % of their reach, the inner half before the rim, rings from the top. */
  @ParameterizedTest
  @CsvSource({
    // a slanting line, listed either way, and one just off the line
    "0 0 10 10 20 20 30 30 40 40,                 3 2 4 1 5",
    "40 40 30 30 20 20 10 10 0 0,                 3 2 4 1 5",
    "0 0 20 0 10 0,                               3 1 2",
    "-100 0 0 3 100 0,                            2 1 3",
    "-100 0 0 4 100 0,                            2 3 1",
    // two rings: what sits nearer than half the reach comes first
    "0 -10 10 0 0 10 -10 0 0 -4.9 0 4.9,          5 6 1 3 2 4",
    "0 -10 10 0 0 10 -10 0 0 -5 0 5,              1 3 5 6 2 4",
    // a ring listed in any order is still taken crosswise from its top
    "-10 0 0 10 10 0 0 -10,                       4 2 3 1",
    "10 -10 10 10 -10 10 -10 -10,                 1 3 2 4"
  })
  void theOrderFollowsWhereTheySit(String text, String order) {
    assertThat(FreeOrder.of(places(text)))
        .isEqualTo(Arrays.stream(order.split(" ")).map(Integer::valueOf).toList());
  }

  @Test
  void whatCannotBeIsNamed() {
    assertThatThrownBy(() -> FreeOrder.of(places("0 0"))).hasMessageContaining("2 to 64");
    assertThatThrownBy(
            () ->
                FreeOrder.of(
                    IntStream.range(0, 65).mapToObj(i -> new FreeOrder.Place(i, 0)).toList()))
        .hasMessageContaining("2 to 64");
    assertThatThrownBy(() -> FreeOrder.of(places("0 0 100001 0")))
        .hasMessageContaining("positions[1].x");
    assertThatThrownBy(() -> FreeOrder.of(places("0 0 5 -100001")))
        .hasMessageContaining("positions[1].y");
    assertThat(
            FreeOrder.of(IntStream.range(0, 64).mapToObj(i -> new FreeOrder.Place(i, 0)).toList()))
        .hasSize(64)
        .startsWith(32, 33);
    assertThat(FreeOrder.reasons()).hasSize(3).anyMatch(r -> r.contains("each ring crosswise"));
  }
}
