package app.unimetric.documents.shape;

import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * One change to the document of a job. A place is the way to it from the top: names of fields, and
 * within a list the name of its element ({@link ElementName}): {@code joints, caliper, thread}.
 */
public sealed interface ShapeEdit {
  /** Where it happens. */
  List<String> at();

  /**
   * A field, or a whole element of a list, becomes another.
   *
   * @param was what stood there when it was changed; null where nothing stood
   * @param now what stands there from now on; null for nothing
   */
  record Put(List<String> at, @Nullable JsonNode was, @Nullable JsonNode now) implements ShapeEdit {
    public Put {
      at = List.copyOf(at);
    }
  }

  /**
   * An element comes into a list.
   *
   * @param at the list
   * @param before name of the element it comes before; null for the end
   */
  record Insert(List<String> at, JsonNode item, @Nullable String before) implements ShapeEdit {
    public Insert {
      at = List.copyOf(at);
    }
  }

  /**
   * An element leaves its list.
   *
   * @param was the element as it stood; null where the sender has not seen it whole
   */
  record Remove(List<String> at, @Nullable JsonNode was) implements ShapeEdit {
    public Remove {
      at = List.copyOf(at);
    }
  }

  /**
   * An element goes to another place of its list.
   *
   * @param before name of the element it comes before; null for the end
   */
  record Move(List<String> at, @Nullable String before) implements ShapeEdit {
    public Move {
      at = List.copyOf(at);
    }
  }
}
