package app.unimetric.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
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
}
