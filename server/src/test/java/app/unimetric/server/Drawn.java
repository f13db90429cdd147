package app.unimetric.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * Of the cases of a long test some are drawn, others with every run. The seed is printed and given
 * again by {@code -Dsweep.seed=N}; {@code -Dsweep.whole=true} runs every case.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(Drawn.Draw.class)
public @interface Drawn {
  /** How many cases are run. */
  int take();

  /** How many there are. */
  int of();

  /** Draws once in each JVM. */
  final class Draw implements ExecutionCondition {
    private static final boolean WHOLE = Boolean.getBoolean("sweep.whole");
    private static final long SEED =
        Long.getLong("sweep.seed", new SecureRandom().nextInt(1_000_000));
    private static final Pattern CASE = Pattern.compile("\\[test-template-invocation:#(\\d+)]");

    static {
      System.out.println(
          WHOLE ? "Every case is run." : "Cases are drawn by the seed " + SEED + ".");
    }

    public static long seed() {
      return SEED;
    }

    /** Whether one of two that do the same is drawn for this name; in a whole run both are. */
    public static boolean takes(String name, boolean first) {
      return WHOLE || new Random(SEED + name.hashCode()).nextBoolean() == first;
    }

    @Override
    public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
      Matcher found = CASE.matcher(context.getUniqueId());
      if (WHOLE || !found.find()) {
        return ConditionEvaluationResult.enabled("all of them");
      }
      int number = Integer.parseInt(found.group(1));
      Drawn drawn = context.getRequiredTestMethod().getAnnotation(Drawn.class);
      if (number > drawn.of()) {
        throw new IllegalStateException("There are more cases than the " + drawn.of() + " said.");
      }
      List<Integer> order = new ArrayList<>(IntStream.rangeClosed(1, drawn.of()).boxed().toList());
      Collections.shuffle(order, new Random(SEED + context.getRequiredTestMethod().hashCode()));
      return order.subList(0, drawn.take()).contains(number)
          ? ConditionEvaluationResult.enabled("drawn")
          : ConditionEvaluationResult.disabled("not drawn by the seed " + SEED);
    }
  }
}
