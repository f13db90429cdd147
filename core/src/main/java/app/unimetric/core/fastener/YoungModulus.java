package app.unimetric.core.fastener;

/** Young's moduli E of bolts and clamped parts, MPa; typical handbook values. */
public final class YoungModulus {
  public static final double STEEL_MPA = 205_000;
  public static final double STAINLESS_MPA = 193_000;

  /** Ti-6Al-4V. */
  public static final double TITANIUM_MPA = 114_000;

  /** 7075-T6; other aluminium alloys lie within a few percent. */
  public static final double ALUMINIUM_MPA = 71_700;

  private YoungModulus() {}
}
