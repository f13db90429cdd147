package app.unimetric.core.quantity;

/** How far a torque tool may be off where nobody stated it (ISO 6789-1, table of setting tools). */
public final class PermissibleDeviation {
  /** Up to here a tool counts as small, N·m. */
  public static final double SMALL_NM = 10;

  /** ± 6 % for tools to 10 N·m. */
  public static final double SMALL = 0.06;

  /** ± 4 % above. */
  public static final double LARGE = 0.04;

  /** ± 6 % for beam and flexion-bar wrenches and screwdrivers of any size. */
  public static final double ANY_SIZE = 0.06;

  private PermissibleDeviation() {}

  /**
   * The permissible deviation as a share.
   *
   * @param torqueNm the tool's maximum, or the torque where the tool is not known, N·m
   * @return 0.06 up to and at 10 N·m, 0.04 above
   */
  public static double usual(double torqueNm) {
    return torqueNm <= SMALL_NM ? SMALL : LARGE;
  }

  /**
   * A deviation as stated, or the usual one.
   *
   * @param percent as stated, percent; null when nobody said
   * @return a share
   */
  public static double of(@org.jspecify.annotations.Nullable Double percent, double torqueNm) {
    return percent == null ? usual(torqueNm) : percent / 100;
  }
}
