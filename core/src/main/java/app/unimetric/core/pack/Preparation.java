package app.unimetric.core.pack;

import java.util.List;

/**
 * What a job asks for before anything is taken apart.
 *
 * @param asFound what is measured and must come back the same
 * @param fits questions that must be answered while everything is still together
 * @param inspections what is looked at or measured, with its limits
 * @param specialTools besides drives and torque tools
 * @param consumables grease, compound, cleaner
 */
public record Preparation(
    List<Measure> asFound,
    List<FitQuestion> fits,
    List<Measure> inspections,
    List<String> specialTools,
    List<String> consumables) {
  public Preparation {
    asFound = List.copyOf(asFound);
    fits = List.copyOf(fits);
    inspections = List.copyOf(inspections);
    specialTools = List.copyOf(specialTools);
    consumables = List.copyOf(consumables);
  }

  /** The questions of fit as they are asked. */
  public List<String> fitChecks() {
    return fits.stream().map(FitQuestion::question).toList();
  }
}
