package app.unimetric.server.bring;

import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Sheets as a person brings them. */
public final class Sheets {
  private Sheets() {}

  public static Answer look(Visitor who, String kind, byte[] file, UUID id) {
    who.get("/api/session");
    return who.send(
        HttpRequest.newBuilder(
                URI.create(
                    who.url()
                        + "/api/sheets?kind="
                        + kind
                        + "&id="
                        + id
                        + "&name="
                        + kind.toLowerCase(java.util.Locale.ROOT)
                        + ".csv"))
            .header("Content-Type", "application/octet-stream")
            .header("X-XSRF-TOKEN", who.token())
            .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
  }

  static Answer look(Visitor who, String kind, String text, UUID id) {
    return look(who, kind, text.getBytes(StandardCharsets.UTF_8), id);
  }

  static Answer accept(Visitor who, UUID id) {
    return who.post("/api/sheets/" + id + "/acceptance", Map.of("doubtsSeen", true));
  }

  static Answer undo(Visitor who, UUID id) {
    return who.post("/api/sheets/" + id + "/undoing", Map.of());
  }

  public static Map<String, Integer> standings(JsonNode page) {
    Map<String, Integer> counts = new HashMap<>();
    page.path("standings")
        .forEach(s -> counts.put(s.path("code").asString(), s.path("lines").asInt()));
    return counts;
  }

  static String said(JsonNode page, int line) {
    for (JsonNode l : page.path("lines")) {
      if (l.path("line").asInt() == line) {
        return l.path("said").toString();
      }
    }
    throw new AssertionError("line " + line);
  }
}
