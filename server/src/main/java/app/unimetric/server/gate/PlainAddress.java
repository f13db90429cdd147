package app.unimetric.server.gate;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;

/**
 * Reads paths and queries strictly: each address has one way to be written, so that no filter and
 * no dispatcher can take the same bytes for two different places. RFC 3986 lets the same place be
 * written in many ways; those nobody needs are refused instead of being made equal.
 */
final class PlainAddress {
  private static final String UNRESERVED =
      "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-._~";
  private static final int HEX = 16;

  private PlainAddress() {}

  /**
   * The path as the dispatcher sees it.
   *
   * @param raw as it came, percent signs and all
   * @throws DisguisedAddress where it could be written more plainly, or is no text
   */
  static String path(String raw) {
    if (!raw.startsWith("/")) {
      throw new DisguisedAddress("An address begins with a slash.");
    }
    if (raw.contains("//") || raw.indexOf('\\') >= 0 || raw.indexOf(';') >= 0) {
      throw new DisguisedAddress(
          "The address holds a double slash, a backslash or a semicolon; leave it out.");
    }
    String path = decoded(raw, true);
    for (String segment : path.split("/", -1)) {
      if (segment.equals(".") || segment.equals("..")) {
        throw new DisguisedAddress("The address holds “.” or “..”; write where it leads.");
      }
    }
    return path;
  }

  /**
   * Looks at a query, whose values are read elsewhere.
   *
   * @throws DisguisedAddress where it is no text
   */
  static void query(String raw) {
    decoded(raw, false);
  }

  private static String decoded(String raw, boolean inPath) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream(raw.length());
    for (int i = 0; i < raw.length(); i++) {
      char c = raw.charAt(i);
      if (c == '%') {
        int octet = octet(raw, i);
        allow(octet, raw, i, inPath);
        bytes.write(octet);
        i += 2;
      } else if (c > ' ' && c < 0x7F) {
        bytes.write(c);
      } else {
        throw new DisguisedAddress("The address holds a character that must be percent-encoded.");
      }
    }
    try {
      String text =
          StandardCharsets.UTF_8
              .newDecoder()
              .decode(ByteBuffer.wrap(bytes.toByteArray()))
              .toString();
      if (text.codePoints().anyMatch(c -> Character.isISOControl(c) && !(isBlank(c) && !inPath))) {
        throw new DisguisedAddress("The address holds a control character; leave it out.");
      }
      return text;
    } catch (CharacterCodingException e) {
      throw new DisguisedAddress("The address holds bytes that are no text in UTF-8.");
    }
  }

  private static void allow(int octet, String raw, int at, boolean inPath) {
    if (!inPath) {
      return;
    }
    if (octet == '/' || octet == '\\' || octet == ';') {
      throw new DisguisedAddress("The address hides a slash, a backslash or a semicolon.");
    }
    if (UNRESERVED.indexOf(octet) >= 0) {
      throw new DisguisedAddress("The address encodes letters that stand for themselves.");
    }
    if (octet == '%' && isHex(raw, at + 3) && isHex(raw, at + 4)) {
      throw new DisguisedAddress("The address is encoded twice; encode it once.");
    }
  }

  /** A text of several lines may stand in a query. */
  private static boolean isBlank(int c) {
    return c == '\n' || c == '\r' || c == '\t';
  }

  private static int octet(String raw, int at) {
    if (!isHex(raw, at + 1) || !isHex(raw, at + 2)) {
      throw new DisguisedAddress("The address holds a percent sign without its two digits.");
    }
    return Integer.parseInt(raw, at + 1, at + 3, HEX);
  }

  private static boolean isHex(String raw, int at) {
    return at < raw.length() && raw.charAt(at) < 0x7F && Character.digit(raw.charAt(at), HEX) >= 0;
  }
}
