package app.unimetric.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ElasticInteractionTest {
  @Test
  void byHandForTwoBolts() {
    ElasticInteraction two = ElasticInteraction.of(2, Layout.ROW, 0.2, 0);
    ElasticInteraction.Course course = two.tighten(1000, List.of(1, 2), 2);
    assertThat(course.afterEachPassN().get(0)).containsExactly(800, 1000);
    assertThat(course.afterEachPassN().get(1)[0]).isCloseTo(992, within(1e-9));
    assertThat(course.afterEachPassN().get(1)[1]).isCloseTo(1000, within(1e-9));
    assertThat(course.spreadPercent().get(0)).isCloseTo(20, within(1e-9));
    assertThat(two.passesTo(5, 1000, List.of(1, 2))).isEqualTo(2);
    assertThat(two.passesTo(0.5, 1000, List.of(1, 2))).isEqualTo(3);
    assertThat(two.passesTo(20, 1000, List.of(1, 2))).isEqualTo(1);
  }

  /** The first bolt is drawn to 1000 N, the last after it: they are neighbours on a ring alone. */
  @ParameterizedTest
  @CsvSource({"CIRCLE, 800", "FACEPLATE, 800", "ROW, 1000", "PINCH, 1000"})
  void onARingTheLastBoltIsBesideTheFirst(Layout layout, double firstAfterwardsN) {
    ElasticInteraction four = ElasticInteraction.of(4, layout, 0.2, 0);
    double[] loadsN = four.tighten(1000, List.of(2, 3, 1, 4), 1).afterEachPassN().get(0);
    assertThat(loadsN[0]).isEqualTo(firstAfterwardsN);
  }

  @Test
  void aMatrixNamesWhoLosesWhat() {
    ElasticInteraction one =
        ElasticInteraction.of(2, List.of(List.of(0.0, 0.0), List.of(0.3, 0.0)));
    ElasticInteraction.Course course = one.tighten(1000, List.of(1, 2), 1);
    assertThat(course.afterEachPassN().get(0)).containsExactly(700, 1000);
    assertThat(one.tighten(1000, List.of(2, 1), 1).afterEachPassN().get(0))
        .containsExactly(1000, 1000);
    assertThatThrownBy(() -> ElasticInteraction.of(2, List.of(List.of(0.0), List.of(0.0, 0.0))))
        .hasMessageContaining("one figure for each");
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void loadsStayBetweenNothingAndTheTargetAndTheLastPulledIsAtIt(Seeded.Case random) {
    int count = 2 + random.nextInt(15);
    ElasticInteraction joint =
        ElasticInteraction.of(count, Layout.CIRCLE, random.between(0, 0.3), random.between(0, 0.1));
    List<Integer> order = new ArrayList<>(IntStream.rangeClosed(1, count).boxed().toList());
    Collections.shuffle(order, random);
    ElasticInteraction.Course course = joint.tighten(5000, order, 6);
    for (double[] loads : course.afterEachPassN()) {
      for (double load : loads) {
        assertThat(load).isBetween(0.0, 5000.0);
      }
      assertThat(loads[order.get(count - 1) - 1]).isEqualTo(5000);
    }
    assertThat(course.spreadPercent().get(5))
        .isLessThanOrEqualTo(course.spreadPercent().get(0) + 1e-9);
    int passes = joint.passesTo(5, 5000, order);
    assertThat(passes).isPositive();
    assertThat(joint.tighten(5000, order, passes).spreadPercent().get(passes - 1))
        .isLessThanOrEqualTo(5);
  }

  @Test
  void theBestOrderIsNeverWorseThanTheUsualOne() {
    ElasticInteraction five = ElasticInteraction.of(5, Layout.CIRCLE, 0.18, 0.06);
    List<Integer> best = BestOrder.of(five, 1000, 2);
    double usual = five.tighten(1000, TighteningOrder.cross(5), 2).spreadPercent().get(1);
    assertThat(best).containsExactlyInAnyOrder(1, 2, 3, 4, 5);
    assertThat(five.tighten(1000, best, 2).spreadPercent().get(1))
        .isLessThanOrEqualTo(usual + 1e-9);
    assertThatThrownBy(() -> BestOrder.of(ElasticInteraction.of(8, Layout.ROW, 0.1, 0), 1000, 1))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void theOrderNamesEachOnce() {
    ElasticInteraction three = ElasticInteraction.of(3, Layout.ROW, 0.1, 0.03);
    assertThatThrownBy(() -> three.tighten(1000, List.of(1, 1, 3), 1))
        .hasMessageContaining("each fastener once");
    assertThatThrownBy(() -> three.tighten(1000, List.of(1, 2), 1))
        .hasMessageContaining("each fastener once");
  }

  @Test
  void stifferPartsAndWiderSpacingTieNeighboursLess() {
    double soft = ElasticInteraction.neighbourOf(4e-6, 2e-6, 40, 25);
    assertThat(soft).isCloseTo(2.0 / 6 * (1 - 25.0 / 40), within(1e-12));
    assertThat(ElasticInteraction.neighbourOf(4e-6, 1e-6, 40, 25)).isLessThan(soft);
    assertThat(ElasticInteraction.neighbourOf(4e-6, 2e-6, 40, 60)).isZero();
  }
}
