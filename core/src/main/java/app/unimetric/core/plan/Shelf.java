package app.unimetric.core.plan;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.ProductSheet;
import app.unimetric.core.surface.Situation;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What lies on the shelf: products with what their own sheets say, and parts used once.
 *
 * @param products threadlocker, grease and the like
 * @param parts with how many there are
 * @param benchC how warm it is where they set, °C
 */
public record Shelf(List<Product> products, List<Part> parts, double benchC) {
  /** A heated workshop. */
  public static final double USUAL_BENCH_C = 20;

  private static final int MOST_MONTHS = 120;

  /**
   * A product.
   *
   * @param name what it is called on this shelf
   * @param sheet what its own sheet says
   * @param expiresOn first day on which it is no longer used; null when it does not say
   * @param openedOn day it was opened; null while it is closed
   * @param monthsOpen how long it keeps once opened; null when its sheet does not say
   * @param lot printed on it; empty where none is known
   */
  public record Product(
      String name,
      Compound compound,
      ProductSheet sheet,
      @Nullable LocalDate expiresOn,
      @Nullable LocalDate openedOn,
      @Nullable Integer monthsOpen,
      String lot) {
    public Product {
      new Problems()
          .require(
              monthsOpen == null || monthsOpen >= 1 && monthsOpen <= MOST_MONTHS,
              "monthsOpen",
              "must be 1 to 120 months.")
          .orThrow();
    }

    /** One whose sheet states one pair of times, still closed, its lot unknown. */
    public Product(
        String name,
        Compound compound,
        @Nullable Double fixtureMinutes,
        @Nullable Double fullCureMinutes,
        @Nullable LocalDate expiresOn) {
      this(
          name,
          compound,
          ProductSheet.of(fixtureMinutes, fullCureMinutes),
          expiresOn,
          null,
          null,
          "");
    }

    /** The first day on which it is no longer used, by its date or since it was opened. */
    public @Nullable LocalDate goodUntil() {
      LocalDate open =
          openedOn == null || monthsOpen == null ? null : openedOn.plusMonths(monthsOpen);
      if (open == null || expiresOn == null) {
        return open == null ? expiresOn : open;
      }
      return open.isBefore(expiresOn) ? open : expiresOn;
    }

    public boolean expired(LocalDate today) {
      LocalDate until = goodUntil();
      return until != null && !today.isBefore(until);
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

  /** In a heated workshop. */
  public Shelf(List<Product> products, List<Part> parts) {
    this(products, parts, USUAL_BENCH_C);
  }

  /** The product to take where nothing is known of the joint. */
  @Nullable Product product(Compound compound, LocalDate today) {
    return product(compound, List.of(), today);
  }

  /**
   * The product to take: one that belongs on all the joints, in date first, then one that is open,
   * then one whose sheet states its times.
   */
  @Nullable Product product(Compound compound, List<Situation> joints, LocalDate today) {
    return products.stream()
        .filter(p -> p.compound() == compound)
        .min(
            Comparator.comparing(
                    (Product p) -> joints.stream().anyMatch(j -> p.sheet().refuses(j) != null))
                .thenComparing(p -> p.expired(today))
                .thenComparing(p -> p.openedOn() == null)
                .thenComparing(p -> !p.sheet().statesTimes()))
        .orElse(null);
  }

  int count(String part) {
    return parts.stream().filter(p -> p.name().equals(part)).mapToInt(Part::count).sum();
  }
}
