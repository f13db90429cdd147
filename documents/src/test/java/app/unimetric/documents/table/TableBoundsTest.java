package app.unimetric.documents.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** No file, however it is made, takes more memory than is set aside for tables. */
class TableBoundsTest {
  private static final int COLUMNS = 10;

  private static byte[] table(int rows, String line) {
    String header = "a,b,c,d,e,f,g,h,i,j\n";
    return (header + (line + "\n").repeat(rows)).getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void soManyCellsAreTakenAndNotOneMore() {
    String full = "1,2,3,4,5,6,7,8,9,0";
    int rows = Table.MOST_CELLS / COLUMNS;
    assertThat(Table.read(table(rows, full)).rows()).hasSize(rows);
    assertThatThrownBy(() -> Table.read(table(rows + 1, full)))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("bring it in parts");
  }

  @Test
  void theSameWordInManyCellsIsKeptOnce() {
    Table table = Table.read(table(2, "Skerrow,x,,,,,,,,"));
    assertThat(table.rows().get(0).cells().get(0)).isSameAs(table.rows().get(1).cells().get(0));
  }

  @Test
  void nothingButLineEndsIsAnEmptyFile() {
    byte[] ends = new byte[24 * 1024 * 1024];
    java.util.Arrays.fill(ends, (byte) '\n');
    assertThatThrownBy(() -> Table.read(ends))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("empty");
  }

  @Test
  void oneLineWithoutEndIsNoRow() {
    assertThatThrownBy(
            () -> Table.read(("a,b\n" + "x".repeat(3_000_000)).getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("characters a cell");
  }
}
