package app.unimetric.core.plan;

import app.unimetric.core.pack.JobPack;
import java.util.ArrayList;
import java.util.List;

/**
 * How long it takes from the first bolt until the machine may be ridden.
 *
 * @param workMinutes for a practised hand, as the pack states it; 0 when it does not
 * @param cureMinutes longest full cure of what goes on, from the products' own sheets; 0 when
 *     nothing cures
 * @param unknown products whose sheet states no time, in words; the time holds without them
 */
public record UntilRide(double workMinutes, double cureMinutes, List<String> unknown) {
  public UntilRide {
    unknown = List.copyOf(unknown);
  }

  static UntilRide of(JobPack pack, Needs needs) {
    double cure = 0;
    List<String> unknown = new ArrayList<>();
    for (Needs.ProductNeed product : needs.products()) {
      Double full = product.fullCureMinutes();
      if (product.compound().isAnaerobic() && full == null) {
        unknown.add(product.compound().words());
      }
      cure = full == null ? cure : Math.max(cure, full);
    }
    return new UntilRide(pack.minutes(), cure, unknown);
  }
}
