package app.unimetric.core.fastener;

import org.jspecify.annotations.Nullable;

/**
 * What bolts, threads and clamped parts are made of. Tensile strengths are typical handbook values,
 * MPa, not a standard's.
 */
public enum Material {
  STEEL("steel", 400.0),
  STEEL_MILD("mild steel", 400.0),
  STEEL_MEDIUM("medium steel", 600.0),
  STEEL_ALLOY("alloy steel", 900.0),
  STAINLESS("stainless steel", 500.0),
  ALUMINIUM("aluminium", 230.0),
  ALUMINIUM_6061_T6("aluminium 6061-T6", 310.0),
  ALUMINIUM_7075_T6("aluminium 7075-T6", 572.0),
  ALUMINIUM_CAST("cast aluminium", 230.0),
  MAGNESIUM_CAST("cast magnesium", 200.0),
  BRASS("brass", 400.0),
  TITANIUM("titanium", 895.0),
  /** Creeps and depends on its filling: no promise about its threads. */
  PLASTIC("plastic", null),
  /** Clamped only; no thread is cut in it. */
  CARBON("carbon", null);

  private final String words;
  private final @Nullable Double ultimateMPa;

  Material(String words, @Nullable Double ultimateMPa) {
    this.words = words;
    this.ultimateMPa = ultimateMPa;
  }

  public String words() {
    return words;
  }

  /** R_m, MPa, typical; null where none can be promised. */
  public @Nullable Double ultimateMPa() {
    return ultimateMPa;
  }

  public boolean isLightMetal() {
    return switch (this) {
      case ALUMINIUM, ALUMINIUM_6061_T6, ALUMINIUM_7075_T6, ALUMINIUM_CAST, MAGNESIUM_CAST -> true;
      default -> false;
    };
  }

  public boolean isMetal() {
    return this != PLASTIC && this != CARBON;
  }

  /** Whether a data sheet that names one of the two speaks of the other as well. */
  public boolean isKin(Material other) {
    return family() == other.family();
  }

  private Material family() {
    return switch (this) {
      case STEEL_MILD, STEEL_MEDIUM, STEEL_ALLOY -> STEEL;
      case ALUMINIUM_6061_T6, ALUMINIUM_7075_T6, ALUMINIUM_CAST -> ALUMINIUM;
      default -> this;
    };
  }
}
