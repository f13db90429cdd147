package app.unimetric.server.pack;

import app.unimetric.documents.StrictJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Says of every torque value in a pack who entered it, since no maker did. */
final class EnteredBy {
  private static final JsonMapper JSON = StrictJson.mapper();
  private static final int LONGEST = 200;

  private EnteredBy() {}

  /**
   * @param document of a pack, JSON
   * @param words who entered it
   */
  static String in(String document, String words) {
    JsonNode pack = JSON.readTree(document);
    boolean changed = false;
    for (JsonNode joint : pack.path("joints")) {
      for (JsonNode value : joint.path("values")) {
        String names = value.path("document").asString("");
        String said = names.isEmpty() ? words : names + "; " + words;
        if (!names.contains("entered by ") && said.length() <= LONGEST) {
          ((ObjectNode) value).set("document", StringNode.valueOf(said));
          changed = true;
        }
      }
    }
    return changed ? JSON.writeValueAsString(pack) : document;
  }
}
