package app.unimetric.core.fastener;

/** What bolts, threads and clamped parts are made of, as far as rules ask. */
public enum Material {
  STEEL,
  STEEL_MILD,
  STEEL_MEDIUM,
  STEEL_ALLOY,
  STAINLESS,
  ALUMINIUM,
  ALUMINIUM_6061_T6,
  ALUMINIUM_7075_T6,
  ALUMINIUM_CAST,
  MAGNESIUM_CAST,
  BRASS,
  TITANIUM,
  PLASTIC,
  CARBON;

  public boolean isSteel() {
    return this == STEEL || this == STEEL_MILD || this == STEEL_MEDIUM || this == STEEL_ALLOY;
  }

  public boolean isLightMetal() {
    return name().startsWith("ALUMINIUM") || this == MAGNESIUM_CAST;
  }

  public boolean isMetal() {
    return this != PLASTIC && this != CARBON;
  }
}
