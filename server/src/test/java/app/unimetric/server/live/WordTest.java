package app.unimetric.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WordTest {
  private static final UUID JOB = UUID.fromString("6f1f7a4e-6f0e-4a40-9a53-9f3b1d1c2b3a");

  @Test
  void isReadAsItWasWritten() {
    Word moved = new Word.Moved(JOB, 412);
    Word here = new Word.Here(JOB, new UUID(1, 2), "tablet-7", "Asta of the\nisland");
    assertThat(Word.read(moved.written())).contains(moved);
    assertThat(Word.read(here.written())).contains(here);
    Word pictured = new Word.Pictured(JOB);
    assertThat(Word.read(pictured.written())).contains(pictured);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "M", "M 1 2", "X 6f1f7a4e-6f0e-4a40-9a53-9f3b1d1c2b3a 1"})
  void whatIsNoWordIsPassedOver(String text) {
    assertThat(Word.read(text)).isEmpty();
  }
}
