package app.unimetric.core.pack;

import app.unimetric.core.order.TaskKind;

/** The part of the work a step belongs to, in the order of the work. */
public enum Phase {
  KNOW("Know the machine", Part.BEFORE),
  VALUES("Gather values", Part.BEFORE),
  DRY_QUESTIONS("Before taking apart", Part.BEFORE),
  AS_FOUND("As found", Part.BEFORE),
  SECURE("Secure", Part.BEFORE),
  LOOSEN("Break loose", Part.BEFORE),
  REMOVE("Take off", Part.BEFORE),
  CLEAN("Clean and inspect", Part.BEFORE),
  DRY_FIT("Dry fit", Part.BEFORE),
  PREPARE("Prepare surfaces", Part.AMONG),
  START("Start all by hand", Part.AMONG),
  TIGHTEN("Tighten in passes", Part.AMONG),
  /** After the last torque: pin, clip, tab, strap. */
  LOCK("Lock", Part.AFTER),
  CHECK("Function checks", Part.AFTER),
  /** After the job is signed off; said there. */
  FIRST_RIDE("First ride", Part.RIDE);

  /** Where a phase stands to the tightening. */
  public enum Part {
    BEFORE,
    /** Between the tasks of the joints: a step here may stand beside one of them. */
    AMONG,
    AFTER,
    RIDE
  }

  private final String words;
  private final Part part;

  Phase(String words, Part part) {
    this.words = words;
    this.part = part;
  }

  public Part part() {
    return part;
  }

  public String words() {
    return words;
  }

  /**
   * Whether it is done while what was fitted is open: from breaking loose to holding it in place.
   */
  public boolean isWhileOpen() {
    return compareTo(LOOSEN) >= 0 && compareTo(DRY_FIT) <= 0;
  }

  /** What a step of this phase is among the tasks of the job. */
  public TaskKind taskKind() {
    return switch (this) {
      case LOOSEN -> TaskKind.UNDO;
      case REMOVE -> TaskKind.REMOVE;
      case AS_FOUND -> TaskKind.MEASURE;
      case CLEAN -> TaskKind.INSPECT;
      case LOCK -> TaskKind.LOCK;
      case CHECK -> TaskKind.FUNCTION_CHECK;
      default -> TaskKind.STEP;
    };
  }
}
