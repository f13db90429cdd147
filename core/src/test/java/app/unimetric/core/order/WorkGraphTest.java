package app.unimetric.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class WorkGraphTest {
  private final WorkGraph graph = new WorkGraph();

  private int task(String id, int written) {
    return graph.add(Task.ofStep(TaskKind.STEP, id), Place.inRow(0, written));
  }

  private List<String> row() {
    return graph.row().tasks().stream().map(Task::stepId).toList();
  }

  @Test
  void whatIsFreeIsTakenByItsPlace() {
    task("c", 3);
    task("a", 1);
    task("b", 2);
    assertThat(row()).containsExactly("a", "b", "c");
    assertThat(graph.row().cycle()).isEmpty();
  }

  @Test
  void aTaskMayStandBesideAnother() {
    int task = task("task", 5);
    Place place = graph.placeOf(task);
    graph.add(Task.ofStep(TaskKind.STEP, "after"), place.beside(1, 0));
    graph.add(Task.ofStep(TaskKind.STEP, "before"), place.beside(-1, 0));
    task("next", 6);
    assertThat(row()).containsExactly("before", "task", "after", "next");
  }

  @Test
  void anEdgeHoldsWhateverThePlaces() {
    int first = task("first", 1);
    int second = task("second", 2);
    task("third", 3);
    graph.before(second, first);
    assertThat(row()).containsExactly("second", "first", "third");
  }

  @Test
  void aMarkPartsWhatIsBeforeFromWhatIsAfter() {
    int late = task("late", 0);
    int early = task("early", 9);
    int mark = graph.mark();
    graph.before(early, mark);
    graph.before(mark, late);
    assertThat(row()).containsExactly("early", "late");
  }

  @Test
  void aRingIsToldInItsOrderAndNothingIsPut() {
    int a = task("a", 1);
    int b = task("b", 2);
    int c = task("c", 3);
    task("free", 0);
    graph.before(a, b);
    graph.before(b, c);
    graph.before(c, a);
    assertThat(graph.row().tasks()).isEmpty();
    assertThat(graph.row().cycle().stream().map(Task::stepId))
        .containsExactlyInAnyOrder("a", "b", "c");
    var ring = graph.row().cycle().stream().map(Task::stepId).toList();
    assertThat(String.join("", ring) + String.join("", ring)).contains("abc");
  }
}
