package app.unimetric.core.plan;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.surface.Compound;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What lies on the shelf: products with the times of their own sheets, and parts used once.
 *
 * @param products threadlocker, grease and the like
 * @param parts with how many there are
 */
public record Shelf(List<Product> products, List<Part> parts) {
  private static final double MOST_MINUTES = 20_160;

  /**
   * A product.
   *
   * @param fixtureMinutes until it may be handled, from its own sheet; null when not stated
   * @param fullCureMinutes until it may be ridden; null when not stated
   */
  public record Product(
      Compound compound, @Nullable Double fixtureMinutes, @Nullable Double fullCureMinutes) {
    public Product {
      Problems problems = new Problems();
      if (fixtureMinutes != null) {
        problems.positive(fixtureMinutes, MOST_MINUTES, "fixtureMinutes");
      }
      if (fullCureMinutes != null) {
        problems.positive(fullCureMinutes, MOST_MINUTES, "fullCureMinutes");
      }
      problems.orThrow();
    }
  }

  /** A part by the name the pack gives it. */
  public record Part(String name, int count) {
    public Part {
      new Problems().require(count >= 0, "count", "must not be negative.").orThrow();
    }
  }

  public Shelf {
    products = List.copyOf(products);
    parts = List.copyOf(parts);
  }

  @Nullable Product product(Compound compound) {
    return products.stream().filter(p -> p.compound() == compound).findFirst().orElse(null);
  }

  int count(String part) {
    return parts.stream().filter(p -> p.name().equals(part)).mapToInt(Part::count).sum();
  }
}
