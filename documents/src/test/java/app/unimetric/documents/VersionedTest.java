package app.unimetric.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class VersionedTest {
  private record Note(String text, int pages, @Nullable String by) {}

  private static final Versioned<Note> NOTES =
      new Versioned<>(
          "note",
          Note.class,
          List.of(n -> n.put("pages", 1), n -> n.put("text", n.path("text").asString() + ".")));

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"text\": \"a\"}                             | a.| 1",
        "{\"version\": 1, \"text\": \"a\"}             | a.| 1",
        "{\"version\": 2, \"text\": \"a\", \"pages\": 4} | a.| 4",
        "{\"version\": 3, \"text\": \"a\", \"pages\": 4} | a | 4"
      })
  void everyVersionIsBroughtToTheNewestStepByStep(String stored, String text, int pages) {
    assertThat(NOTES.read(stored)).isEqualTo(new Note(text, pages, null));
  }

  @Test
  void writesTheNewestWithItsNumber() {
    assertThat(NOTES.version()).isEqualTo(3);
    String written = NOTES.write(new Note("a", 2, null));
    assertThat(written).isEqualTo("{\"text\":\"a\",\"pages\":2,\"version\":3}");
    assertThat(NOTES.read(written)).isEqualTo(new Note("a", 2, null));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, -1, 4, 99})
  void aVersionUnknownHereIsRefusedWithWords(int version) {
    assertThatThrownBy(() -> NOTES.read("{\"version\": " + version + ", \"text\": \"a\"}"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("version " + version)
        .hasMessageContaining("reads up to 3")
        .hasMessageContaining("newer program");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "[]",
        "5",
        "{\"version\": 3, \"text\": 5, \"pages\": 1}",
        "{\"version\": 3, \"text\": \"a\"}",
        "{\"version\": 3, \"text\": \"a\", \"pages\": 1.5}",
        "{\"version\": 3, \"text\": \"a\", \"pages\": null}",
        "{\"version\": 3, \"text\": \"a\", \"pages\": 1, \"surprise\": 1}",
        "{\"version\": 3, \"text\": \"a\", \"text\": \"b\", \"pages\": 1}",
        "{\"version\": 3, \"text\": \"a\", \"pages\": 1} x"
      })
  void aBrokenDocumentIsRefused(String stored) {
    assertThatThrownBy(() -> NOTES.read(stored))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("This note");
  }
}
