package app.unimetric.documents.shape;

import java.util.Comparator;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Whether two values say the same: 4 and 4.0 do, as a browser writes one for the other. */
final class SameJson {
  private static final Comparator<JsonNode> AS_SAID =
      (a, b) ->
          a.isNumber() && b.isNumber()
              ? a.decimalValue().compareTo(b.decimalValue())
              : a.equals(b) ? 0 : 1;

  private SameJson() {}

  static boolean same(@Nullable JsonNode a, @Nullable JsonNode b) {
    return a == null || b == null ? a == b : a.equals(AS_SAID, b);
  }
}
