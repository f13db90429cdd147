package app.unimetric.documents.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.book.SpecColumn;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.stated.Source;
import app.unimetric.core.table.Column;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets of values as spreadsheets save them. */
class SpecSheetTest {
  private static final String HEADER = "make;model;year;place;torque;unit;document\n";
  private static final String LINE = "Brünn;Trail;2022;stem pinch;5,5;Nm;\"Sheet; p. 3\"\n";

  private static NamedTable read(String text) {
    return read(text.getBytes(StandardCharsets.UTF_8));
  }

  private static NamedTable read(byte[] file) {
    return NamedTable.read(file, SpecColumn.ALL);
  }

  private static SpecLine line(NamedTable.Line line) {
    return SpecLine.of(Column.cells(SpecColumn.ALL, line.cells()));
  }

  private static byte[] marked(int... mark) {
    byte[] bytes = new byte[mark.length];
    for (int i = 0; i < mark.length; i++) {
      bytes[i] = (byte) mark[i];
    }
    return bytes;
  }

  private static byte[] joined(byte[] first, byte[] second) {
    byte[] all = java.util.Arrays.copyOf(first, first.length + second.length);
    System.arraycopy(second, 0, all, first.length, second.length);
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "UTF-8, '', UTF-8",
    "UTF-8, 239 187 191, UTF-8 with a byte order mark",
    "UTF-16LE, 255 254, UTF-16",
    "UTF-16BE, 254 255, UTF-16",
    "windows-1252, '', Windows-1252"
  })
  void itIsReadInTheEncodingItWasSavedIn(String charset, String mark, String words) {
    int[] codes =
        mark.isEmpty()
            ? new int[0]
            : java.util.Arrays.stream(mark.split(" ")).mapToInt(Integer::parseInt).toArray();
    NamedTable sheet =
        read(joined(marked(codes), (HEADER + LINE).getBytes(Charset.forName(charset))));
    assertThat(sheet.encoding()).isEqualTo(words);
    assertThat(sheet.separator()).isEqualTo("semicolon");
    SpecLine line = line(sheet.lines().get(0));
    assertThat(line.make()).isEqualTo("Brünn");
    assertThat(line.torque()).isEqualTo("5,5 N·m");
  }

  @ParameterizedTest
  @CsvSource({"44, comma", "59, semicolon", "9, tab"})
  void whatStandsBetweenTheCellsIsFoundOut(int code, String words) {
    String between = String.valueOf((char) code);
    NamedTable sheet =
        read(
            "Make,Model,Year,\"Part; or, place\",part,torque"
                    .replace(",\"Part; or, place\"", "")
                    .replace(",", between)
                + "\nA"
                + between
                + "B"
                + between
                + "2022"
                + between
                + "\"one, two; three\""
                + between
                + "5 Nm");
    assertThat(sheet.separator()).isEqualTo(words);
    assertThat(sheet.lines().get(0).cells().get("place")).isEqualTo("one, two; three");
  }

  @Test
  void linesAreCountedAsTheFileHasThemAndColumnsNobodyKnowsAreNamed() {
    NamedTable sheet =
        read(
            "make,model,year,place,torque,colour\n\nA,B,2022,\"stem\npinch\",5 Nm,red\nA,B,2022,top cap,2 Nm,\n");
    assertThat(sheet.lines()).extracting(NamedTable.Line::line).containsExactly(3L, 5L);
    assertThat(sheet.passedOver()).containsExactly("colour");
    assertThat(sheet.lines().get(0).cells().get("place")).isEqualTo("stem\npinch");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'' | empty",
        "'a,b' | does not name make, model, year_from, place, torque",
        "'make,maker,model,year,place,torque' | both “make”",
        "'make,model,year,place,torque\nA,B,2022,x,5 Nm,more' | Line 2 has more cells",
        "'make,model,year,place,torque\n\"A,B' | never closed",
      })
  void whatIsNoSheetIsSaidInWords(String text, String words) {
    assertThatThrownBy(() -> read(text.strip()))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(words);
  }

  @Test
  void hostileFilesAreRefusedInWordsAndBounded() {
    assertThatThrownBy(() -> read("make" + ",x".repeat(5_000_000)))
        .hasMessageContaining("Line 1")
        .hasMessageContaining("100 columns");
    assertThatThrownBy(() -> read(HEADER + "\"" + "x".repeat(10_000_000)))
        .hasMessageContaining("not a row of cells");
    assertThatThrownBy(() -> read(HEADER + "A;B\u0000;2022"))
        .hasMessageContaining("is no text (code 0)");
    assertThatThrownBy(() -> read("PK\u0003\u0004".getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("packed file");
    assertThatThrownBy(() -> read(joined(marked(255, 254), new byte[] {0, (byte) 0xd8})))
        .isInstanceOf(InvalidInput.class);
  }

  private static SpecLine line(String place, String torque, String document) {
    return new SpecLine(
        "Skerrow",
        "640 Patrol",
        2020,
        2024,
        "Long range",
        place,
        "M8x1",
        torque,
        Source.KIT_SHEET,
        document,
        FrictionCondition.THREADLOCKER_WET);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "=1+1",
        "+4 bolts",
        "-4 bolts",
        "@home",
        "'quoted",
        "'=x",
        "plain",
        "a \"b\" c",
        "two\nlines",
        "semi;colon, comma"
      })
  void whatIsWrittenOutComesBackAndNoSpreadsheetRunsIt(String text) {
    List<SpecLine> lines =
        List.of(line("tank stay", "20 N·m + 90°", text), line(text, "max 5 Nm", "p. 2"));
    StringWriter out = new StringWriter();
    try (CsvWriter csv = Table.writer(out)) {
      Table.write(SpecSheet.header(), csv);
      lines.forEach(l -> Table.write(SpecSheet.cells(l), csv));
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    for (String cell : out.toString().split("[,\r\n]+")) {
      assertThat(cell.replaceFirst("^\"", "")).doesNotMatch("(?s)^[=+@-].*");
    }
    List<SpecLine> back = new ArrayList<>();
    read(out.toString()).lines().forEach(l -> back.add(line(l)));
    assertThat(back).isEqualTo(lines);
  }

  @Test
  void withACommaInFiguresTheCellsAreApartBySemicolonsAndComeBackAllTheSame() {
    StringWriter out = new StringWriter();
    SpecLine line = line("tank stay", "22,5 N·m", "p. 2; 3");
    try (CsvWriter csv =
        Table.writer(out, app.unimetric.documents.settings.WorkshopSettings.Decimals.COMMA)) {
      Table.write(SpecSheet.header(), csv);
      Table.write(SpecSheet.cells(line), csv);
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    NamedTable back = read(out.toString());
    assertThat(back.separator()).isEqualTo("semicolon");
    assertThat(line(back.lines().get(0))).isEqualTo(line);
  }
}
