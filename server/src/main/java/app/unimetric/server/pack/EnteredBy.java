package app.unimetric.server.pack;

import app.unimetric.documents.StrictJson;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Says of every torque value in a pack who entered it, since no maker did. */
final class EnteredBy {
  private static final JsonMapper JSON = StrictJson.mapper();

  /** As long as the document of a value may be. */
  private static final int LONGEST = 2000;

  /** What an earlier one said, or what a bringer typed to look like it. */
  private static final Pattern SAID_BEFORE =
      Pattern.compile("[;,]?\\s*entered by .*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

  private EnteredBy() {}

  /**
   * @param document of a pack, JSON
   * @param words who entered it
   */
  static String in(String document, String words) {
    JsonNode pack = JSON.readTree(document);
    return mark(pack, words) ? JSON.writeValueAsString(pack) : document;
  }

  /** Joints stand in the pack itself and in the jobs around it that it carries. */
  private static boolean mark(JsonNode node, String words) {
    boolean marked = false;
    for (JsonNode joint : node.path("joints")) {
      for (JsonNode value : joint.path("values")) {
        ((ObjectNode) value)
            .set("document", StringNode.valueOf(said(value.path("document").asString(""), words)));
        marked = true;
      }
    }
    for (JsonNode part : node) {
      if (part.isContainer()) {
        marked |= mark(part, words);
      }
    }
    return marked;
  }

  static String said(String document, String words) {
    String names = SAID_BEFORE.matcher(document).replaceFirst("").strip();
    if (names.isEmpty()) {
      return words;
    }
    int room = LONGEST - words.length() - 2;
    return (names.length() > room ? names.substring(0, room - 1) + "…" : names) + "; " + words;
  }
}
