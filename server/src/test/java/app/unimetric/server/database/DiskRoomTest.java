package app.unimetric.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.server.problem.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DiskRoomTest {
  @ParameterizedTest
  @CsvSource({
    "2000, ",
    "1999, nearly full: 1999 MB",
    "500, nearly full",
    "499, kept for readings",
    " , "
  })
  void roomIsAnnouncedBeforeItIsGone(Long freeMb, String words) {
    if (words == null) {
      assertThat(DiskRoom.words(freeMb)).isNull();
    } else {
      assertThat(DiskRoom.words(freeMb)).contains(words);
    }
  }

  @Test
  void whatTakesMuchIsRefusedWhileReadingsStillFit() {
    DiskRoom full =
        new DiskRoom("/") {
          @Override
          Long freeMb() {
            return 499L;
          }
        };
    assertThatThrownBy(full::mustHoldMore)
        .isInstanceOf(Refusal.class)
        .hasMessageContaining("sheets and packs wait");
    new DiskRoom("").mustHoldMore();
  }

  @Test
  void aFolderThatIsNotThereIsMeasuredByTheOneAbove() {
    assertThat(new DiskRoom("/nowhere/of/this/name").freeMb()).isPositive();
    assertThat(new DiskRoom("").freeMb()).isNull();
  }
}
