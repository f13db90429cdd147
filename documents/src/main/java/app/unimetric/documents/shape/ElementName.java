package app.unimetric.documents.shape;

import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** What an element of a list is called, so that a place stays the same when others come or go. */
final class ElementName {
  private static final List<String> FIELDS =
      List.of("id", "pack", "name", "what", "question", "why");

  private ElementName() {}

  static String of(JsonNode element) {
    if (!element.isObject()) {
      return element.isString() ? element.asString() : element.toString();
    }
    for (String field : FIELDS) {
      if (element.path(field).isString()) {
        return element.path(field).asString();
      }
    }
    return element.path("before").asString("") + ">" + element.path("after").asString("");
  }

  /** The field that names an element. */
  static String field(JsonNode element) {
    return FIELDS.stream().filter(f -> element.path(f).isString()).findFirst().orElse("id");
  }

  /** Whether a field of an element is its name. */
  static boolean isNaming(JsonNode element, String field) {
    return FIELDS.stream()
        .filter(f -> element.path(f).isString())
        .findFirst()
        .map(field::equals)
        .orElse("before".equals(field) || "after".equals(field));
  }

  /** Place of the element of this name; -1 when there is none. */
  static int in(ArrayNode list, String name) {
    for (int i = 0; i < list.size(); i++) {
      if (of(list.get(i)).equals(name)) {
        return i;
      }
    }
    return -1;
  }
}
