package app.unimetric.tablet;

import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** The fields of an object; what is missing or null is absent. */
record Fields(JsonObject of) {

  private @Nullable JsonValue present(String name) {
    JsonValue value = of.get(name);
    return value == null || value.isNull() ? null : value;
  }

  private JsonValue needed(String name) {
    JsonValue value = present(name);
    if (value == null) {
      throw new IllegalArgumentException(name + " is missing");
    }
    return value;
  }

  String text(String name) {
    return needed(name).asString();
  }

  @Nullable String textOrNull(String name) {
    JsonValue value = present(name);
    return value == null ? null : value.asString();
  }

  double number(String name) {
    return needed(name).asDouble();
  }

  @Nullable Double numberOrNull(String name) {
    JsonValue value = present(name);
    return value == null ? null : (Double) value.asDouble();
  }

  int whole(String name) {
    return needed(name).asInt();
  }

  @Nullable Integer wholeOrNull(String name) {
    JsonValue value = present(name);
    return value == null ? null : (Integer) value.asInt();
  }

  boolean flag(String name) {
    return needed(name).asBoolean();
  }

  /** What pages kept before it was there do not have. */
  boolean flagSince(String name) {
    JsonValue value = present(name);
    return value != null && value.asBoolean();
  }

  JsonObject object(String name) {
    return needed(name).asObject();
  }

  @Nullable JsonObject objectOrNull(String name) {
    JsonValue value = present(name);
    return value == null ? null : value.asObject();
  }

  <T> List<T> list(String name, Function<JsonValue, T> read) {
    List<T> list = new ArrayList<>();
    for (JsonValue value : needed(name).asArray()) {
      list.add(read.apply(value));
    }
    return list;
  }

  List<String> texts(String name) {
    return list(name, JsonValue::asString);
  }

  <E extends Enum<E>> E one(String name, E[] of) {
    E one = oneOrNull(name, of);
    if (one == null) {
      throw new IllegalArgumentException(name + " is none of those known here");
    }
    return one;
  }

  <E extends Enum<E>> @Nullable E oneOrNull(String name, E[] all) {
    String written = textOrNull(name);
    for (E one : all) {
      if (one.name().equals(written)) {
        return one;
      }
    }
    return null;
  }
}
