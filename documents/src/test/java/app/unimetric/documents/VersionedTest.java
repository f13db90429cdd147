package app.unimetric.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How a kind of document gets a new version once there are old ones: no kind has any yet. */
class VersionedTest {
  private record Bolt(String thread, int count) {}

  /** Since the second version there may be several; since the third a thread is a thread. */
  private static final Versioned<Bolt> BOLTS =
      new Versioned<>(
          "bolt",
          Bolt.class,
          List.of(
              one -> one.put("count", 1), two -> two.put("thread", two.remove("size").asString())));

  @Test
  void eachVersionIsReadAndTheNewestIsWritten() {
    assertThat(BOLTS.read("{\"size\": \"M8\"}")).isEqualTo(new Bolt("M8", 1));
    assertThat(BOLTS.read("{\"version\": 1, \"size\": \"M8\"}")).isEqualTo(new Bolt("M8", 1));
    assertThat(BOLTS.read("{\"version\": 2, \"size\": \"M8\", \"count\": 4}"))
        .isEqualTo(new Bolt("M8", 4));
    assertThat(BOLTS.read(BOLTS.write(new Bolt("M6", 2)))).isEqualTo(new Bolt("M6", 2));
    assertThat(BOLTS.write(new Bolt("M6", 2))).contains("\"version\":3");
  }

  @Test
  void aVersionNobodyKnowsAndWhatIsNoDocumentAreRefusedInWords() {
    for (String text : List.of("{\"version\": 4}", "{\"version\": 0}")) {
      assertThatThrownBy(() -> BOLTS.read(text))
          .isInstanceOf(InvalidInput.class)
          .hasMessageContaining("reads up to 3");
    }
    assertThatThrownBy(() -> BOLTS.read("[]")).hasMessageContaining("is not a document");
    assertThatThrownBy(() -> BOLTS.read("{\"size\":")).hasMessageContaining("cannot be read");
  }
}
