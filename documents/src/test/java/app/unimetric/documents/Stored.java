package app.unimetric.documents;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** Documents as they are stored. */
public final class Stored {
  private Stored() {}

  /** The text of {@code stored/name}. */
  public static String text(String name) {
    try (InputStream in = Stored.class.getResourceAsStream("/stored/" + name)) {
      if (in == null) {
        throw new IllegalArgumentException(name);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).strip();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
