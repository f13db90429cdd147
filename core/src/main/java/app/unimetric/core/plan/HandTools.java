package app.unimetric.core.plan;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The keys, sockets and special tools of a crib by name; capitals and spaces do not matter. */
public final class HandTools {
  private final Set<String> names;

  private HandTools(Set<String> names) {
    this.names = names;
  }

  public static HandTools of(Collection<String> names) {
    return new HandTools(names.stream().map(HandTools::plain).collect(Collectors.toSet()));
  }

  public boolean hold(String name) {
    return names.contains(plain(name));
  }

  /** Which of these are not there, each once, in the order asked. */
  List<String> lacking(List<String> drives, List<String> specialTools) {
    return Stream.concat(drives.stream(), specialTools.stream())
        .distinct()
        .filter(name -> !hold(name))
        .toList();
  }

  private static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
  }

  @Override
  public boolean equals(Object o) {
    return o instanceof HandTools other && names.equals(other.names);
  }

  @Override
  public int hashCode() {
    return names.hashCode();
  }
}
