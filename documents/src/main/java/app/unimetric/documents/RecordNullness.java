package app.unimetric.documents;

import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
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

  /**
   * Whether a list or map may hold nulls: where its elements are marked nullable or may be of any
   * kind.
   */
  public static boolean mayHoldNulls(RecordComponent component) {
    if (!(component.getAnnotatedType() instanceof AnnotatedParameterizedType type)) {
      return true;
    }
    AnnotatedType[] of = type.getAnnotatedActualTypeArguments();
    AnnotatedType element = of[of.length - 1];
    return element.isAnnotationPresent(Nullable.class) || element.getType() == Object.class;
  }

  /** Names of the components that must be given. */
  public static Set<String> required(Class<?> type) {
    return Stream.of(type.getRecordComponents())
        .filter(RecordNullness::isRequired)
        .map(RecordComponent::getName)
        .collect(Collectors.toSet());
  }
}
