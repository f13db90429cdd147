package app.unimetric.tablet;

import app.unimetric.core.quantity.TorqueUnit;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.Collection;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Puts values into JSON; what is null is left out, as the server does. */
final class Put {
  private Put() {}

  static void in(JsonObject o, String name, @Nullable JsonValue value) {
    if (value != null) {
      o.add(name, value);
    }
  }

  static void in(JsonObject o, String name, double value) {
    o.add(name, value);
  }

  static void in(JsonObject o, String name, long value) {
    o.add(name, value);
  }

  static void in(JsonObject o, String name, int value) {
    o.add(name, value);
  }

  static void in(JsonObject o, String name, boolean value) {
    o.add(name, value);
  }

  static void in(JsonObject o, String name, @Nullable Double value) {
    if (value != null) {
      o.add(name, value);
    }
  }

  static void in(JsonObject o, String name, @Nullable Integer value) {
    if (value != null) {
      o.add(name, value);
    }
  }

  /** A text, an id, a moment, a unit by its code or one of a list by its name. */
  static void in(JsonObject o, String name, @Nullable Object value) {
    if (value != null) {
      o.add(
          name,
          value instanceof TorqueUnit unit
              ? unit.code()
              : value instanceof Enum<?> one ? one.name() : value.toString());
    }
  }

  static <T> @Nullable JsonValue orNull(@Nullable T value, Function<T, JsonObject> write) {
    return value == null ? null : write.apply(value);
  }

  static <T> JsonArray list(Collection<T> of, Function<T, JsonValue> write) {
    JsonArray array = new JsonArray();
    of.forEach(one -> array.add(write.apply(one)));
    return array;
  }

  static <K, T> JsonObject map(Map<K, T> of, Function<T, JsonValue> write) {
    JsonObject object = new JsonObject();
    of.forEach((key, one) -> object.add(String.valueOf(key), write.apply(one)));
    return object;
  }
}
