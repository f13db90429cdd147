package app.unimetric.core.fastener;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Inch;
import app.unimetric.core.thread.Profile;
import app.unimetric.core.thread.ScrewThread;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Strength of a bolt's material by the mark on its head.
 *
 * <p>Minimum values, MPa: ISO 898-1 table 3 for steel, ISO 3506-1 table 3 for stainless, SAE J429
 * table 1 for the grades of inch bolts; titanium and aluminium are typical handbook values, not a
 * standard's.
 */
public enum PropertyClass {
  C4_6("4.6", 400, 240, 225, Origin.STEEL),
  C4_8("4.8", 420, 340, 310, Origin.STEEL),
  C5_6("5.6", 500, 300, 280, Origin.STEEL),
  C5_8("5.8", 520, 420, 380, Origin.STEEL),
  C6_8("6.8", 600, 480, 440, Origin.STEEL),
  C8_8("8.8", 800, 640, 580, Origin.STEEL),
  C9_8("9.8", 900, 720, 650, Origin.STEEL),
  C10_9("10.9", 1040, 940, 830, Origin.STEEL),
  C12_9("12.9", 1220, 1100, 970, Origin.STEEL),
  A2_50("A2-50", 500, 210, 210, Origin.STAINLESS),
  A4_50("A4-50", 500, 210, 210, Origin.STAINLESS),
  A2_70("A2-70", 700, 450, 450, Origin.STAINLESS),
  A4_70("A4-70", 700, 450, 450, Origin.STAINLESS),
  A2_80("A2-80", 800, 600, 600, Origin.STAINLESS),
  A4_80("A4-80", 800, 600, 600, Origin.STAINLESS),
  A4_100("A4-100", 1000, 800, 800, Origin.STAINLESS),
  TI_6AL_4V("TI-6AL-4V", 895, 828, 828, Origin.TITANIUM),
  AL_7075_T6("7075-T6", 572, 503, 503, Origin.ALUMINIUM),
  SAE_2("SAE-2", ksi(74), ksi(57), ksi(55), Origin.SAE),
  SAE_5("SAE-5", ksi(120), ksi(92), ksi(85), Origin.SAE),
  SAE_8("SAE-8", ksi(150), ksi(130), ksi(120), Origin.SAE);

  private static double ksi(double ksi) {
    return ksi * 6.894757;
  }

  private enum Origin {
    STEEL("ISO 898-1", YoungModulus.STEEL_MPA),
    STAINLESS("ISO 3506-1", YoungModulus.STAINLESS_MPA),
    TITANIUM("typical handbook value", YoungModulus.TITANIUM_MPA),
    ALUMINIUM("typical handbook value", YoungModulus.ALUMINIUM_MPA),
    SAE("SAE J429", YoungModulus.STEEL_MPA);

    final String source;
    final double youngMPa;

    Origin(String source, double youngMPa) {
      this.source = source;
      this.youngMPa = youngMPa;
    }
  }

  private static final double LARGEST_9_8_MM = 16;
  private static final double SMALLEST_GRADE_IN = 0.25;

  private final String mark;
  private final double ultimateMPa;
  private final double yieldMPa;
  private final double proofMPa;
  private final Origin origin;

  PropertyClass(String mark, double ultimateMPa, double yieldMPa, double proofMPa, Origin origin) {
    this.mark = mark;
    this.ultimateMPa = ultimateMPa;
    this.yieldMPa = yieldMPa;
    this.proofMPa = proofMPa;
    this.origin = origin;
  }

  /** What stands on the head. */
  public String mark() {
    return mark;
  }

  /** R_m, MPa. Class 8.8 above M16 is stronger by its own row of ISO 898-1. */
  public double ultimateMPa(ScrewThread thread) {
    return this == C8_8 && thread.nominalDiameterMm() > 16 ? 830 : ultimateMPa;
  }

  /** R_p0.2 (or R_eL), MPa. */
  public double yieldMPa(ScrewThread thread) {
    return this == C8_8 && thread.nominalDiameterMm() > 16 ? 660 : yieldMPa;
  }

  /** S_p, MPa; for other materials than steel, the yield strength. */
  public double proofMPa(ScrewThread thread) {
    return this == C8_8 && thread.nominalDiameterMm() > 16 ? 600 : proofMPa;
  }

  public double youngMPa() {
    return origin.youngMPa;
  }

  public String source() {
    return origin.source;
  }

  /** Whether it is a grade of inch bolts. */
  public boolean isGrade() {
    return origin == Origin.SAE;
  }

  /** Why there is no bolt of this class with this thread, in words; empty when there is one. */
  public Optional<String> whyNotOn(ScrewThread thread) {
    double d = thread.nominalDiameterMm();
    if (this == C9_8 && d > LARGEST_9_8_MM) {
      return Optional.of("Class 9.8 ends at M16; name another.");
    }
    if (!isGrade()) {
      return Optional.empty();
    }
    if (thread.profile() != Profile.UN) {
      return Optional.of(
          "SAE grades belong to inch threads; a metric bolt is marked 8.8, 10.9 or the like.");
    }
    double most = this == SAE_2 ? 0.75 : this == SAE_5 ? 1 : 1.5;
    if (d < SMALLEST_GRADE_IN * Inch.MM) {
      return Optional.of(
          "Below 1/4 in no SAE grade is defined; name the class the bolt is marked with, such as A2-70.");
    }
    return d > most * Inch.MM
        ? Optional.of("Grade " + mark.substring(4) + " ends at " + Figure.typed(most) + " in.")
        : Optional.empty();
  }

  public boolean isStainless() {
    return origin == Origin.STAINLESS;
  }

  /**
   * The class with this mark.
   *
   * @throws InvalidInput when there is none; the message lists the known marks
   */
  public static PropertyClass parse(String mark) {
    String wanted = mark.strip().toUpperCase(Locale.ROOT);
    Optional<PropertyClass> found =
        Arrays.stream(values()).filter(c -> c.mark.equals(wanted)).findFirst();
    return found.orElseThrow(
        () ->
            InvalidInput.at(
                "", "This class is not known; use one of " + String.join(", ", marks()) + "."));
  }

  public static List<String> marks() {
    return Arrays.stream(values()).map(PropertyClass::mark).collect(Collectors.toList());
  }
}
