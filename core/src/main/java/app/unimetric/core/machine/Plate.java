package app.unimetric.core.machine;

import app.unimetric.core.problem.Problems;

/**
 * What a machine is known by, as it stands on its plate and in its papers.
 *
 * @param name what the workshop calls it
 * @param make in one word or two, as values and packs are kept by it
 * @param modelYear four digits
 * @param variant empty where there is but one
 * @param frameNumber empty where it is not known
 * @param registration what is on its number plate; empty where it has none
 */
public record Plate(
    String name,
    String make,
    String model,
    int modelYear,
    String variant,
    String frameNumber,
    String registration) {
  private static final int LONGEST = 60;
  private static final int OLDEST_YEAR = 1900;

  /**
   * As typed; space around it is left out.
   *
   * @param thisYear machines of the next one are sold already
   * @throws app.unimetric.core.problem.InvalidInput where something is missing, too long, or a year
   *     that no machine is of
   */
  public static Plate typed(
      String name,
      String make,
      String model,
      int modelYear,
      String variant,
      String frameNumber,
      String registration,
      int thisYear) {
    Problems problems = new Problems();
    needed(name, "name", "what the workshop calls it", problems);
    needed(make, "make", "who made it", problems);
    needed(model, "model", "which model it is", problems);
    notLong(variant, "variant", problems);
    notLong(frameNumber, "frameNumber", problems);
    notLong(registration, "registration", problems);
    problems.require(
        modelYear >= OLDEST_YEAR && modelYear <= thisYear + 1,
        "modelYear",
        "must be a year from " + OLDEST_YEAR + " to " + (thisYear + 1) + ", with four digits.");
    problems.orThrow();
    return new Plate(
        name.strip(),
        make.strip(),
        model.strip(),
        modelYear,
        variant.strip(),
        frameNumber.strip(),
        registration.strip());
  }

  private static void needed(String typed, String field, String what, Problems problems) {
    problems.require(!typed.isBlank(), field, "is missing: type " + what + ".");
    notLong(typed, field, problems);
  }

  private static void notLong(String typed, String field, Problems problems) {
    problems.require(
        typed.strip().length() <= LONGEST, field, "has more than " + LONGEST + " characters.");
  }
}
