package app.unimetric.server.json;

import app.unimetric.core.problem.InvalidInput;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/**
 * Texts that are texts: no NUL, no half of a pair, nothing that Unicode says is no character. What
 * is refused here can break no card, no sheet and no search later.
 */
final class PlainText extends StdScalarDeserializer<String> {
  private static final int LAST_TWO = 0xFFFE;

  PlainText() {
    super(String.class);
  }

  @Override
  public String deserialize(JsonParser from, DeserializationContext context) {
    String text = StringDeserializer.instance.deserialize(from, context);
    if (text != null && text.codePoints().anyMatch(PlainText::isNone)) {
      throw InvalidInput.at("", "holds a character that is no text; type it anew.");
    }
    return text;
  }

  private static boolean isNone(int c) {
    return c == 0
        || c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE
        || (c & LAST_TWO) == LAST_TWO
        || c >= 0xFDD0 && c <= 0xFDEF;
  }
}
