package app.unimetric.server.compute;

import java.lang.reflect.RecordComponent;
import java.util.Map;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.node.ObjectNode;

/**
 * One object of a request whose fields belong to several records. Each record takes its own, as
 * strictly as if it stood alone; what nobody takes is refused.
 */
public final class Flat {
  private final DeserializationContext context;
  private final JsonParser in;
  private final ObjectNode rest;
  private final Class<?> type;

  /**
   * @param type of the whole, for messages
   */
  public Flat(JsonParser in, DeserializationContext context, Class<?> type) {
    this.in = in;
    this.context = context;
    this.type = type;
    JsonNode tree = context.readTree(in);
    this.rest =
        tree instanceof ObjectNode object
            ? object
            : (ObjectNode) context.handleUnexpectedToken(ObjectNode.class, in);
  }

  /** The record made of the fields that bear its components' names. */
  public <R extends Record> R take(Class<R> record) {
    ObjectNode own = context.getNodeFactory().objectNode();
    for (RecordComponent component : record.getRecordComponents()) {
      JsonNode value = rest.remove(component.getName());
      if (value != null) {
        own.set(component.getName(), value);
      }
    }
    return context.readTreeAsValue(own, record);
  }

  /** Ends the taking. */
  public void end() {
    for (Map.Entry<String, JsonNode> left : rest.properties()) {
      throw UnrecognizedPropertyException.from(in, type, left.getKey(), null);
    }
  }
}
