package app.unimetric.core.bench;

import app.unimetric.core.problem.Problems;
import org.jspecify.annotations.Nullable;

/**
 * The bottle or tub whose content goes on a thread: looked back for when its lot turns out bad.
 *
 * @param name of the product, as it stands on the shelf or was typed, 1 to 200 characters
 * @param lot as printed on it, at most 200 characters; empty where nothing is printed or known
 */
public record ProductTaken(String name, String lot) {
  private static final int LONGEST = 200;

  public ProductTaken {
    name = name.strip();
    lot = lot.strip();
    new Problems()
        .require(!name.isEmpty(), "product", "is missing: write what stands on the bottle.")
        .require(name.length() <= LONGEST, "product", "is longer than 200 characters.")
        .require(lot.length() <= LONGEST, "lot", "is longer than 200 characters.")
        .orThrow();
  }

  /** What an answer at the step where a product goes on says was taken; null where it says none. */
  static @Nullable ProductTaken saidBy(Said said, RunJoint joint) {
    return said instanceof Said.OtherProduct other
        ? other.taken()
        : said instanceof Said.Done ? joint.onThread().laidOut() : null;
  }

  /** Whether it is of this lot; capitals and spaces around it do not count. */
  public boolean isOfLot(String asked) {
    return !lot.isEmpty() && lot.equalsIgnoreCase(asked.strip());
  }

  /** Name and lot as they are read out. */
  public String words() {
    return name + (lot.isEmpty() ? "" : ", lot " + lot);
  }
}
