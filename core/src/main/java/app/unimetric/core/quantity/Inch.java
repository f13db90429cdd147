package app.unimetric.core.quantity;

/** The inch, 25.4 mm exactly (international yard and pound agreement, 1959). */
public final class Inch {
  public static final double MM = 25.4;

  private Inch() {}
}
