package app.unimetric.core.joint;

/**
 * What is on the threads when a torque is stated or applied, with the friction it brings (VDI
 * 2230-1 table A5, friction classes; an unknown condition spans oiled to dry).
 */
public enum FrictionCondition {
  DRY("dry", 0.14, 0.19, 0.24),
  OILED("oiled", 0.08, 0.12, 0.16),
  GREASED("greased", 0.08, 0.12, 0.16),
  THREADLOCKER_WET("threadlocker, wet", 0.08, 0.12, 0.16),
  ANTI_SEIZE("anti-seize", 0.06, 0.10, 0.14),
  DRY_STAINLESS("dry stainless", 0.20, 0.30, 0.40),
  UNKNOWN("not stated", 0.08, 0.14, 0.24);

  private final String words;
  private final double min;
  private final double nominal;
  private final double max;

  FrictionCondition(String words, double min, double nominal, double max) {
    this.words = words;
    this.min = min;
    this.nominal = nominal;
    this.max = max;
  }

  public String words() {
    return words;
  }

  public Friction min() {
    return Friction.of(min);
  }

  public Friction nominal() {
    return Friction.of(nominal);
  }

  public Friction max() {
    return Friction.of(max);
  }
}
