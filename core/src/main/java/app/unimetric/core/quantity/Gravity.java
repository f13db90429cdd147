package app.unimetric.core.quantity;

/** Standard gravity, 9.80665 m/s² exactly (ISO 80000-3). */
public final class Gravity {
  public static final double STANDARD = 9.80665;

  private Gravity() {}
}
