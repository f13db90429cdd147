package app.unimetric.core.plan;

import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.surface.Compound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What is to be bought for all planned jobs together: what lies on the shelf is counted once, not
 * once for each job.
 *
 * @param parts of which there are too few
 * @param products of which none is there that may be used
 */
public record ToBuy(List<PartLine> parts, List<ProductLine> products) {
  public ToBuy {
    parts = List.copyOf(parts);
    products = List.copyOf(products);
  }

  /**
   * A job with what it needs.
   *
   * @param words which job on which machine
   */
  public record Planned(String words, Needs needs) {}

  /**
   * A part to buy.
   *
   * @param needed by all jobs together
   * @param there on the shelf
   * @param jobs that need it, each with how many
   */
  public record PartLine(String name, int needed, int there, List<String> jobs) {
    public PartLine {
      jobs = List.copyOf(jobs);
    }

    public int toBuy() {
      return Math.max(0, needed - there);
    }
  }

  /** A kind of product to buy. */
  public record ProductLine(Compound compound, String why, List<String> jobs) {
    public ProductLine {
      jobs = List.copyOf(jobs);
    }
  }

  /** Adds up what jobs need; what there is enough of is left out. */
  public static ToBuy of(List<Planned> jobs, Shelf shelf, LocalDate today) {
    Map<String, Integer> needed = new LinkedHashMap<>();
    Map<String, List<String>> by = new LinkedHashMap<>();
    Map<Compound, List<String>> products = new LinkedHashMap<>();
    for (Planned job : jobs) {
      for (OneTimePart part : job.needs().parts()) {
        needed.merge(part.name(), part.count(), Integer::sum);
        by.computeIfAbsent(part.name(), n -> new ArrayList<>())
            .add(part.count() + " for " + job.words());
      }
      for (Needs.ProductNeed product : job.needs().products()) {
        products.computeIfAbsent(product.compound(), c -> new ArrayList<>()).add(job.words());
      }
    }
    List<PartLine> parts =
        needed.entrySet().stream()
            .map(
                e ->
                    new PartLine(
                        e.getKey(),
                        e.getValue(),
                        shelf.count(e.getKey()),
                        by.getOrDefault(e.getKey(), List.of())))
            .filter(p -> p.toBuy() > 0)
            .toList();
    List<ProductLine> wanting = new ArrayList<>();
    products.forEach(
        (compound, wanted) -> {
          Shelf.Product there = shelf.product(compound, today);
          if (there == null || there.expired(today)) {
            wanting.add(
                new ProductLine(
                    compound,
                    there == null
                        ? "none on the shelf"
                        : there.name() + " is past its date, " + there.goodUntil(),
                    wanted));
          }
        });
    return new ToBuy(parts, wanting);
  }
}
