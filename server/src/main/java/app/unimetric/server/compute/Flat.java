package app.unimetric.server.compute;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.util.TokenBuffer;

/**
 * Reads one object of a request whose fields belong to several records: the components of the
 * record of the request. Each takes its own, as strictly as if it stood alone; what nobody takes is
 * refused.
 *
 * @param <T> the record of the request, all of whose components are records without a name in
 *     common
 */
public abstract class Flat<T extends Record> extends ValueDeserializer<T> {
  private final Class<T> type;
  private final Constructor<T> made;
  private final Class<?>[] parts;
  private final Map<String, Integer> partOf = new HashMap<>();
  // Looking them up for each request took as long as the reading.
  private ValueDeserializer<?>[] readers = {};

  protected Flat(Class<T> type) {
    this.type = type;
    parts =
        Stream.of(type.getRecordComponents())
            .map(RecordComponent::getType)
            .toArray(Class<?>[]::new);
    for (int part = 0; part < parts.length; part++) {
      for (RecordComponent own : parts[part].getRecordComponents()) {
        partOf.put(own.getName(), part);
      }
    }
    try {
      made = type.getDeclaredConstructor(parts);
    } catch (NoSuchMethodException e) {
      throw new IllegalStateException(e);
    }
  }

  @Override
  public void resolve(DeserializationContext context) {
    ValueDeserializer<?>[] found = new ValueDeserializer<?>[parts.length];
    for (int part = 0; part < parts.length; part++) {
      found[part] = context.findRootValueDeserializer(context.constructType(parts[part]));
    }
    readers = found;
  }

  @Override
  public T deserialize(JsonParser in, DeserializationContext context) {
    if (!in.isExpectedStartObjectToken()) {
      return type.cast(context.handleUnexpectedToken(context.constructType(type), in));
    }
    TokenBuffer[] own = new TokenBuffer[parts.length];
    for (int part = 0; part < own.length; part++) {
      own[part] = context.bufferForInputBuffering(in);
      own[part].writeStartObject();
    }
    String nobodys = null;
    while (in.nextToken() == JsonToken.PROPERTY_NAME) {
      Integer part = partOf.get(in.currentName());
      if (part != null) {
        own[part].copyCurrentStructure(in);
        continue;
      }
      nobodys = nobodys == null ? in.currentName() : nobodys;
      in.nextToken();
      in.skipChildren();
    }
    Object[] read = new Object[own.length];
    for (int part = 0; part < own.length; part++) {
      own[part].writeEndObject();
      try (JsonParser again = own[part].asParserOnFirstToken(context)) {
        read[part] = readers[part].deserialize(again, context);
      }
    }
    if (nobodys != null) {
      throw UnrecognizedPropertyException.from(in, type, nobodys, null);
    }
    try {
      return made.newInstance(read);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
