package app.unimetric.core.fit;

/**
 * Sizes that many makers share, to pick instead of typing; what is in hand is measured all the
 * same. Dimensions in mm, by what they are and how they are usually spoken of.
 */
public enum UsualSize {
  SHELL_68(Of.SHELL, "68, threaded 1.375 in × 24", 68, 34.8),
  SHELL_73(Of.SHELL, "73, threaded 1.375 in × 24", 73, 34.8),
  SHELL_83(Of.SHELL, "83, threaded 1.375 in × 24", 83, 34.8),
  SHELL_100(Of.SHELL, "100, threaded 1.375 in × 24", 100, 34.8),
  SHELL_70(Of.SHELL, "70, threaded 36 mm × 24", 70, 36),
  SHELL_86_5(Of.SHELL, "86.5, bore 41", 86.5, 41),
  SHELL_89_5(Of.SHELL, "89.5, bore 41", 89.5, 41),
  SHELL_92(Of.SHELL, "92, bore 41", 92, 41),
  SHELL_68_42(Of.SHELL, "68, bore 42", 68, 42),
  SHELL_73_42(Of.SHELL, "73, bore 42", 73, 42),
  SHELL_68_46(Of.SHELL, "68, bore 46", 68, 46),
  SHELL_73_46(Of.SHELL, "73, bore 46", 73, 46),
  SPINDLE_24(Of.SPINDLE, "24", 24, 24),
  SPINDLE_24_22(Of.SPINDLE, "24 stepped to 22", 24, 22),
  SPINDLE_29(Of.SPINDLE, "28.99", 28.99, 28.99),
  SPINDLE_30(Of.SPINDLE, "30", 30, 30),
  STEERER_1(Of.STEERER, "1 in", 25.4, 25.4),
  STEERER_1_1_8(Of.STEERER, "1-1/8 in", 28.6, 28.6),
  STEERER_1_1_4(Of.STEERER, "1-1/4 in", 31.8, 31.8),
  STEERER_1_1_2(Of.STEERER, "1-1/8 to 1-1/2 in, tapered", 28.6, 38.1),
  AXLE_12_1(Of.AXLE, "12 × 1.0", 12, 1),
  AXLE_12_1_5(Of.AXLE, "12 × 1.5", 12, 1.5),
  AXLE_12_1_75(Of.AXLE, "12 × 1.75", 12, 1.75),
  AXLE_15_1_5(Of.AXLE, "15 × 1.5", 15, 1.5),
  AXLE_20_1_5(Of.AXLE, "20 × 1.5", 20, 1.5);

  /** What has the size. */
  public enum Of {
    SHELL,
    SPINDLE,
    STEERER,
    AXLE
  }

  private final Of of;
  private final String name;
  private final double firstMm;
  private final double secondMm;

  UsualSize(Of of, String name, double firstMm, double secondMm) {
    this.of = of;
    this.name = name;
    this.firstMm = firstMm;
    this.secondMm = secondMm;
  }

  public Of what() {
    return of;
  }

  /** As people say it. */
  public String spoken() {
    return name;
  }

  /** Width of a shell, diameter of a spindle, upper diameter of a steerer, diameter of an axle. */
  public double firstMm() {
    return firstMm;
  }

  /** Bore of a shell, far diameter of a spindle, lower one of a steerer, pitch of an axle. */
  public double secondMm() {
    return secondMm;
  }
}
