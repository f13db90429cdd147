package app.unimetric.core.fastener;

import org.jspecify.annotations.Nullable;

/**
 * What a fastener is turned by, with the torque its recess or key stands. Limits are the test
 * torques of keys, N·m (ISO 2936 for hexagon keys, ISO 10664 for hexalobular ones).
 */
public enum Drive {
  HEX_2(1.9, "ISO 2936"),
  HEX_2_5(3.8, "ISO 2936"),
  HEX_3(6.6, "ISO 2936"),
  HEX_4(16.0, "ISO 2936"),
  HEX_5(30.0, "ISO 2936"),
  HEX_6(52.0, "ISO 2936"),
  HEX_8(120.0, "ISO 2936"),
  HEX_10(220.0, "ISO 2936"),
  HEX_12(370.0, "ISO 2936"),
  HEX_14(590.0, "ISO 2936"),
  T10(3.7, "ISO 10664"),
  T15(6.4, "ISO 10664"),
  T20(10.5, "ISO 10664"),
  T25(15.9, "ISO 10664"),
  T30(31.1, "ISO 10664"),
  T40(54.1, "ISO 10664"),
  T45(86.2, "ISO 10664"),
  T50(132.0, "ISO 10664"),
  T55(218.0, "ISO 10664"),
  /** Turned by a socket or spanner on the outside: the bolt gives way before the hexagon does. */
  EXTERNAL_HEX(null, "no recess");

  private final @Nullable Double limitNm;
  private final String source;

  Drive(@Nullable Double limitNm, String source) {
    this.limitNm = limitNm;
    this.source = source;
  }

  /** What the recess stands, N·m; null where the recess is not what gives way. */
  public @Nullable Double limitNm() {
    return limitNm;
  }

  public String source() {
    return source;
  }
}
