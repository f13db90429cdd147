package app.unimetric.documents;

import app.unimetric.core.problem.InvalidInput;
import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One kind of stored document: written in its newest version, read in every version there ever was.
 * Each version is brought to the next by its own step; a document that says nothing is of version
 * 1, which may carry no number. Until the first release every kind has one version.
 *
 * @param <D> the newest version
 */
public final class Versioned<D> {
  private static final String VERSION = "version";
  private final JsonMapper json = StrictJson.ofComponents();
  private final String name;
  private final Class<D> newest;
  private final List<UnaryOperator<ObjectNode>> upcasts;

  /**
   * @param name for messages, such as “run sheet”
   * @param upcasts from version 1 to 2, from 2 to 3, and so on
   */
  public Versioned(String name, Class<D> newest, List<UnaryOperator<ObjectNode>> upcasts) {
    this.name = name;
    this.newest = newest;
    this.upcasts = List.copyOf(upcasts);
  }

  /** The version documents are written in. */
  public int version() {
    return upcasts.size() + 1;
  }

  public String write(D document) {
    ObjectNode tree = json.valueToTree(document);
    tree.put(VERSION, version());
    return json.writeValueAsString(tree);
  }

  /**
   * Reads a document of any version.
   *
   * @throws InvalidInput when it is of a newer version than this program knows, or broken
   */
  public D read(String text) {
    try {
      JsonNode tree = json.readTree(text);
      if (!(tree instanceof ObjectNode document)) {
        throw InvalidInput.at("", "This " + name + " is not a document.");
      }
      return json.treeToValue(upcast(document), newest);
    } catch (JacksonException e) {
      throw InvalidInput.at(
          "", "This " + name + " cannot be read: " + e.getOriginalMessage() + ".");
    }
  }

  private ObjectNode upcast(ObjectNode document) {
    JsonNode stated = document.remove(VERSION);
    int from = stated == null ? 1 : stated.asInt();
    if (from < 1 || from > version()) {
      throw InvalidInput.at(
          VERSION,
          "This "
              + name
              + " is of version "
              + from
              + "; this program reads up to "
              + version()
              + ". Start the newer program that wrote it.");
    }
    ObjectNode now = document;
    for (int v = from; v < version(); v++) {
      now = upcasts.get(v - 1).apply(now);
    }
    return now;
  }
}
