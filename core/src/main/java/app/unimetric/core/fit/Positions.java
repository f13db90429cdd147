package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * All that is to stand again where it stood.
 *
 * @param measuredToMm by how much each size may be wrong, either way
 */
public record Positions(List<Position> items, double measuredToMm) implements Judged {
  private static final int MOST = 200;
  private static final double MOST_UNCERTAINTY_MM = 5;

  public Positions {
    items = List.copyOf(items);
    new Problems()
        .require(!items.isEmpty() && items.size() <= MOST, "items", "must be 1 to 200.")
        .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm")
        .orThrow();
  }

  @Override
  public FitVerdict inShort() {
    return items.stream().map(p -> p.judged(measuredToMm)).reduce(FitVerdict.FITS, FitVerdict::and);
  }

  @Override
  public List<String> fails() {
    List<String> fails = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      if (items.get(i).judged(measuredToMm) != FitVerdict.FITS) {
        fails.add("items[" + i + "]");
      }
    }
    return fails;
  }

  /** What does not stand as it stood comes first. */
  @Override
  public List<String> reasons() {
    return items.stream()
        .sorted(Comparator.comparing(p -> p.judged(measuredToMm) == FitVerdict.FITS))
        .map(
            p ->
                p.judged(measuredToMm) == FitVerdict.TOO_CLOSE
                    ? p.name() + ": too close to call; measure it better."
                    : p.words())
        .toList();
  }

  @Override
  public List<Derivation> derivation() {
    return items.stream().map(Position::derivation).toList();
  }
}
