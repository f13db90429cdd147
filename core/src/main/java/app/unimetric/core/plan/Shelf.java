package app.unimetric.core.plan;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.surface.Compound;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What lies on the shelf: products with the times of their own sheets, and parts used once.
 *
 * @param products threadlocker, grease and the like
 * @param parts with how many there are
 */
public record Shelf(List<Product> products, List<Part> parts) {
  /** Longest time a data sheet may state: two weeks. */
  public static final double MOST_MINUTES = 20_160;

  /**
   * A product.
   *
   * @param name what it is called on this shelf
   * @param fixtureMinutes until it may be handled, from its own sheet; null when not stated
   * @param fullCureMinutes until it may be ridden; null when not stated
   * @param expiresOn first day on which it is no longer used; null when it does not say
   */
  public record Product(
      String name,
      Compound compound,
      @Nullable Double fixtureMinutes,
      @Nullable Double fullCureMinutes,
      @Nullable LocalDate expiresOn) {
    public Product {
      Problems problems = new Problems();
      if (fixtureMinutes != null) {
        problems.positive(fixtureMinutes, MOST_MINUTES, "fixtureMinutes");
      }
      if (fullCureMinutes != null) {
        problems.positive(fullCureMinutes, MOST_MINUTES, "fullCureMinutes");
      }
      problems
          .require(
              fixtureMinutes == null
                  || fullCureMinutes == null
                  || fullCureMinutes >= fixtureMinutes,
              "fullCureMinutes",
              "must not be shorter than the fixture time.")
          .orThrow();
    }

    public boolean expired(LocalDate today) {
      return expiresOn != null && !today.isBefore(expiresOn);
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

  /** The product to take: in date first, then one whose sheet states its times. */
  @Nullable Product product(Compound compound, LocalDate today) {
    return products.stream()
        .filter(p -> p.compound() == compound)
        .min(
            Comparator.comparing((Product p) -> p.expired(today))
                .thenComparing(p -> p.fixtureMinutes() == null || p.fullCureMinutes() == null))
        .orElse(null);
  }

  int count(String part) {
    return parts.stream().filter(p -> p.name().equals(part)).mapToInt(Part::count).sum();
  }
}
