package app.unimetric.documents;

import java.lang.reflect.RecordComponent;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Which components of a record may be left out: those marked nullable. */
public final class RecordNullness {
  private RecordNullness() {}

  /** Whether a component must be given. */
  public static boolean isRequired(RecordComponent component) {
    return !component.getAnnotatedType().isAnnotationPresent(Nullable.class);
  }

  /** Names of the components that must be given. */
  public static Set<String> required(Class<?> type) {
    return Stream.of(type.getRecordComponents())
        .filter(RecordNullness::isRequired)
        .map(RecordComponent::getName)
        .collect(Collectors.toSet());
  }
}
