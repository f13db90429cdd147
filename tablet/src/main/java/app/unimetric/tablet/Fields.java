package app.unimetric.tablet;

import app.unimetric.core.quantity.TorqueUnit;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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

  static Fields of(JsonValue value) {
    return new Fields(value.asObject());
  }

  Fields object(String name) {
    return of(needed(name));
  }

  <T> @Nullable T objectOrNull(String name, Function<Fields, T> read) {
    JsonValue value = present(name);
    return value == null ? null : read.apply(of(value));
  }

  @Nullable UUID uuidOrNull(String name) {
    String written = textOrNull(name);
    return written == null ? null : UUID.fromString(written);
  }

  @Nullable Instant instantOrNull(String name) {
    String written = textOrNull(name);
    return written == null ? null : Instant.parse(written);
  }

  @Nullable TorqueUnit unitOrNull(String name) {
    String code = textOrNull(name);
    return code == null ? null : TorqueUnit.ofCode(code).orElseThrow();
  }

  <T> List<T> list(String name, Function<JsonValue, T> read) {
    return list(needed(name), read);
  }

  static <T> List<T> list(JsonValue of, Function<JsonValue, T> read) {
    List<T> list = new ArrayList<>();
    for (JsonValue value : of.asArray()) {
      list.add(read.apply(value));
    }
    return list;
  }

  <T> Map<String, T> map(String name, Function<JsonValue, T> read) {
    Map<String, T> map = new LinkedHashMap<>();
    for (JsonObject.Member member : needed(name).asObject()) {
      map.put(member.getName(), read.apply(member.getValue()));
    }
    return map;
  }

  <E extends Enum<E>> E one(String name, E[] of) {
    E one = oneOrNull(name, of);
    if (one == null) {
      throw new IllegalArgumentException(name + " is none of those known here");
    }
    return one;
  }

  /**
   * @throws IllegalArgumentException where one is said that is not known here
   */
  <E extends Enum<E>> @Nullable E oneOrNull(String name, E[] all) {
    String written = textOrNull(name);
    if (written == null) {
      return null;
    }
    for (E one : all) {
      if (one.name().equals(written)) {
        return one;
      }
    }
    throw new IllegalArgumentException(name + " " + written + " is none of those known here");
  }
}
