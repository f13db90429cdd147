package app.unimetric.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The five units in which torque values are stated in the trade.
 *
 * <p>Factors are exact: 1 lbf = 4.4482216152605 N, 1 in = 25.4 mm, 1 kgf = 9.80665 N (NIST SP 811,
 * appendix B; CGPM 1901). Codes are UCUM.
 */
public enum TorqueUnit {
  NEWTON_METRE(
      "N.m",
      "N·m",
      1.0,
      List.of("nm", "newtonmetre", "newtonmetres", "newtonmeter", "newtonmeters")),
  FOOT_POUND(
      "[ft_i].[lbf_av]",
      "ft·lbf",
      0.3048 * TorqueUnit.NEWTONS_PER_POUND_FORCE,
      List.of(
          "ftlb",
          "ftlbs",
          "ftlbf",
          "lbft",
          "lbfft",
          "lbsft",
          "footpound",
          "footpounds",
          "poundfeet",
          "poundfoot",
          "ftpound",
          "ftpounds")),
  INCH_POUND(
      "[in_i].[lbf_av]",
      "in·lbf",
      0.0254 * TorqueUnit.NEWTONS_PER_POUND_FORCE,
      List.of(
          "inlb",
          "inlbs",
          "inlbf",
          "lbin",
          "lbfin",
          "lbsin",
          "inchpound",
          "inchpounds",
          "poundinch",
          "poundinches",
          "inpound",
          "inpounds")),
  KILOGRAM_METRE(
      "kgf.m",
      "kgf·m",
      9.80665,
      List.of("kgm", "kgfm", "mkg", "mkgf", "mkp", "kpm", "kilogrammetre", "kilogrammeter")),
  KILOGRAM_CENTIMETRE(
      "kgf.cm",
      "kgf·cm",
      0.0980665,
      List.of(
          "kgcm", "kgfcm", "cmkg", "cmkgf", "kpcm", "kilogramcentimetre", "kilogramcentimeter"));

  private static final double NEWTONS_PER_POUND_FORCE = 4.4482216152605;

  private final String code;
  private final String sign;
  private final double newtonMetres;
  private final List<String> spellings;

  TorqueUnit(String code, String sign, double newtonMetres, List<String> spellings) {
    this.code = code;
    this.sign = sign;
    this.newtonMetres = newtonMetres;
    this.spellings = spellings;
  }

  /** The UCUM code, as open files and the compute calls write it. */
  public String code() {
    return code;
  }

  /** How the unit is written on screen and paper. */
  public String sign() {
    return sign;
  }

  /** Newton metres in one of this unit, exact to a double's last digit. */
  public double newtonMetres() {
    return newtonMetres;
  }

  /** The unit with this UCUM code. */
  public static Optional<TorqueUnit> ofCode(String code) {
    return Arrays.stream(values()).filter(u -> u.code.equals(code)).findFirst();
  }

  /** The unit a person means: code, sign or any usual spelling, with or without dots and dashes. */
  public static Optional<TorqueUnit> parse(String word) {
    Optional<TorqueUnit> byCode = ofCode(word.strip());
    if (byCode.isPresent()) {
      return byCode;
    }
    String letters = word.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
    return Arrays.stream(values()).filter(u -> u.spellings.contains(letters)).findFirst();
  }
}
