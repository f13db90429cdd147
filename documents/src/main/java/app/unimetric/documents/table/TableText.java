package app.unimetric.documents.table;

import app.unimetric.core.problem.InvalidInput;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/**
 * The text of a table, whatever it was saved as.
 *
 * @param text without a byte order mark
 * @param encoding what it was taken for, in words
 */
record TableText(String text, String encoding) {
  private static final Charset WINDOWS = Charset.forName("windows-1252");
  private static final int ZIP_1 = 'P';
  private static final int ZIP_2 = 'K';

  /**
   * @throws InvalidInput where the bytes are no text at all
   */
  static TableText of(byte[] bytes) {
    if (bytes.length >= 2 && bytes[0] == ZIP_1 && bytes[1] == ZIP_2) {
      throw InvalidInput.at(
          "", "This is a packed file or a workbook; save the sheet as CSV and bring that.");
    }
    TableText read = decoded(bytes);
    for (int i = 0; i < read.text().length(); i++) {
      char c = read.text().charAt(i);
      if (c < ' ' && c != '\n' && c != '\r' && c != '\t'
          || Character.isSurrogate(c) && !paired(read.text(), i)) {
        throw InvalidInput.at(
            "",
            "Character "
                + (i + 1)
                + " is no text (code "
                + (int) c
                + "); save the sheet as CSV in UTF-8 and bring that.");
      }
    }
    return read;
  }

  private static boolean paired(String text, int at) {
    char c = text.charAt(at);
    return Character.isHighSurrogate(c)
        ? at + 1 < text.length() && Character.isLowSurrogate(text.charAt(at + 1))
        : at > 0 && Character.isHighSurrogate(text.charAt(at - 1));
  }

  private static TableText decoded(byte[] b) {
    if (b.length >= 3 && (b[0] & 0xff) == 0xef && (b[1] & 0xff) == 0xbb && (b[2] & 0xff) == 0xbf) {
      return new TableText(strict(b, 3, StandardCharsets.UTF_8), "UTF-8 with a byte order mark");
    }
    if (b.length >= 2 && (b[0] & 0xff) == 0xff && (b[1] & 0xff) == 0xfe) {
      return new TableText(strict(b, 2, StandardCharsets.UTF_16LE), "UTF-16");
    }
    if (b.length >= 2 && (b[0] & 0xff) == 0xfe && (b[1] & 0xff) == 0xff) {
      return new TableText(strict(b, 2, StandardCharsets.UTF_16BE), "UTF-16");
    }
    try {
      return new TableText(decode(b, 0, StandardCharsets.UTF_8), "UTF-8");
    } catch (CharacterCodingException e) {
      return new TableText(strict(b, 0, WINDOWS), "Windows-1252");
    }
  }

  private static String strict(byte[] bytes, int from, Charset charset) {
    try {
      return decode(bytes, from, charset);
    } catch (CharacterCodingException e) {
      throw InvalidInput.at(
          "", "This is not text in any encoding known here; save the sheet as CSV in UTF-8.");
    }
  }

  private static String decode(byte[] bytes, int from, Charset charset)
      throws CharacterCodingException {
    return charset
        .newDecoder()
        .onMalformedInput(CodingErrorAction.REPORT)
        .onUnmappableCharacter(CodingErrorAction.REPORT)
        .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
        .toString();
  }
}
