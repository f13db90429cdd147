package app.unimetric.core.bench;

import java.util.List;

/**
 * What is new in a run for somebody who knows its first entries.
 *
 * @param from how many stay as they were known, but for those changed
 * @param entries those after them, in order
 * @param changed of those known, each that a later entry corrected or let stand
 */
public record RunNews(int from, List<Entry> entries, List<Entry> changed) {
  public RunNews {
    entries = List.copyOf(entries);
    changed = List.copyOf(changed);
  }
}
