package app.unimetric.documents.shape;

import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** A change was meant for something that stands no longer as it was seen. */
public final class ShapeConflict extends RuntimeException {
  private static final long serialVersionUID = 1L;
  private final transient List<String> at;
  private final transient @Nullable JsonNode now;

  ShapeConflict(List<String> at, @Nullable JsonNode now) {
    super(String.join("/", at) + " is no longer as it was when you changed it.");
    this.at = List.copyOf(at);
    this.now = now;
  }

  /** Where. */
  public List<String> at() {
    return at;
  }

  /** Whether nothing stands there any more. */
  public boolean isGone() {
    return now == null;
  }

  /** What stands there now, in words; empty for nothing and for what is no single value. */
  public String nowInWords() {
    return now == null || now.isContainer() ? "" : now.asString();
  }
}
