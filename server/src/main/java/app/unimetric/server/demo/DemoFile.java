package app.unimetric.server.demo;

import app.unimetric.documents.table.Table;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;

/** A file of the demo; its days are told from the day of the start. */
final class DemoFile {
  private static final Pattern AGO = Pattern.compile("\\{(\\d+) days ago}");
  private static final Pattern AHEAD = Pattern.compile("\\{in (\\d+) days}");

  private DemoFile() {}

  static String text(String name, LocalDate today) {
    String written;
    try {
      written = new ClassPathResource("demo/" + name).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    String past =
        AGO.matcher(written)
            .replaceAll(m -> today.minusDays(Long.parseLong(m.group(1))).toString());
    return AHEAD
        .matcher(past)
        .replaceAll(m -> today.plusDays(Long.parseLong(m.group(1))).toString());
  }

  static byte[] bytes(String name, LocalDate today) {
    return text(name, today).getBytes(StandardCharsets.UTF_8);
  }

  /** Its lines, each by the headers of the columns. */
  static List<Map<String, String>> lines(String name, LocalDate today) {
    Table table = Table.read(bytes(name, today));
    return table.rows().stream()
        .map(
            row -> {
              Map<String, String> cells = new LinkedHashMap<>();
              for (int i = 0; i < table.header().size(); i++) {
                cells.put(table.header().get(i), row.cells().get(i));
              }
              return cells;
            })
        .toList();
  }
}
