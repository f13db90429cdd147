package app.unimetric.core.stated;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a joint is there for, and how much hangs on it.
 *
 * @param role what the fastener is for
 * @param traits what makes it need more care
 * @param aim where in the band this joint aims; null for the workshop's own aim
 */
public record Duty(Role role, Set<Trait> traits, @Nullable Aim aim) {
  /** A clamp on which nothing special hangs. */
  public static final Duty PLAIN = Duty.of(Role.CLAMP);

  public Duty {
    traits = Set.copyOf(traits);
  }

  public static Duty of(Role role, Trait... traits) {
    return new Duty(role, Set.of(traits), null);
  }

  /** Where this joint aims in a workshop that aims so. */
  public Aim aimWithin(Aim workshop) {
    return aim == null ? workshop : aim;
  }

  /** The same with all care that another job takes of it too. */
  public Duty and(Duty other) {
    return new Duty(
        role,
        Stream.concat(traits.stream(), other.traits.stream()).collect(Collectors.toSet()),
        aim == null ? other.aim : aim);
  }

  public boolean is(Trait trait) {
    return traits.contains(trait);
  }

  public boolean isCritical() {
    return is(Trait.CRITICAL);
  }

  /** Whether what is clamped or threaded is easily crushed or torn, so that no one aims high. */
  boolean isDelicate() {
    return is(Trait.CARBON) || is(Trait.SOFT_THREAD);
  }
}
