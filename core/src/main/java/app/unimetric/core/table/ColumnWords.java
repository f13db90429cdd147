package app.unimetric.core.table;

import java.util.List;

/**
 * What a column is called.
 *
 * @param isNeeded whether a sheet without it cannot be read
 * @param header as it is written out: small letters, words apart by underscores
 * @param alsoCalled what people write instead, in small letters
 */
public record ColumnWords(boolean isNeeded, String header, List<String> alsoCalled) {
  public ColumnWords {
    alsoCalled = List.copyOf(alsoCalled);
  }

  /** One without which a sheet cannot be read. */
  public static ColumnWords needed(String header, String... alsoCalled) {
    return new ColumnWords(true, header, List.of(alsoCalled));
  }

  /** One that may be left out. */
  public static ColumnWords optional(String header, String... alsoCalled) {
    return new ColumnWords(false, header, List.of(alsoCalled));
  }
}
