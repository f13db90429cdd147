package app.unimetric.core.tool;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where to set a tool for a band, and what then arrives at the fastener.
 *
 * @param status whether the setting is good
 * @param reading what to set on the tool's scale; null when out of range
 * @param applied what arrives at the fastener; null when out of range
 * @param spillPercent how far the deviation reaches beyond the band at worst, percent of its end
 * @param overMaximum whether the deviation reaches beyond a part's maximum; then it must not be
 *     used
 * @param handleForceN pull at mid-grip, N; null when the lever is not known
 * @param reasons in words
 * @param derivation the numbers
 */
public record Setting(
    Status status,
    @Nullable ScaleReading reading,
    @Nullable Applied applied,
    double spillPercent,
    boolean overMaximum,
    @Nullable Double handleForceN,
    List<String> reasons,
    List<Derivation> derivation) {

  /** INSIDE: deviation and all within the band. SPILLS: nominal within, deviation beyond. */
  public enum Status {
    INSIDE,
    SPILLS,
    NO_MARK,
    OUT_OF_RANGE
  }

  /** Torque at the fastener, N·m, with the tool's deviation either way. */
  public record Applied(double lowNm, double nominalNm, double highNm) {}

  private static final String SOURCE = "ISO 6789-1 deviation over the marks of the scale";
  private static final double ROUNDING = 1e-9;

  /** Whether the nominal torque falls within the band at all. */
  public boolean isPossible() {
    return status == Status.INSIDE || status == Status.SPILLS;
  }

  /** The reading in N·m; null when out of range. */
  public @Nullable Double settingNm() {
    return reading == null ? null : (Double) reading.newtonMetres();
  }

  public boolean withinBand() {
    return status == Status.INSIDE;
  }

  /**
   * The best mark for a band: nominal within the band first, then least spill of the deviation,
   * then nearest to the aim, then the lower mark.
   *
   * @param aimNm null for the middle of the band
   * @param maximumNm a part's limit that not even the deviation may pass; null without one
   */
  public static Setting choose(
      TorqueBand band,
      @Nullable Double aimNm,
      @Nullable Double maximumNm,
      TorqueTool tool,
      @Nullable Adapter adapter) {
    if (band.maxNm() <= 0) {
      throw InvalidInput.at("bandMaxNm", "must be greater than 0.");
    }
    double aim = aimNm == null ? band.middleNm() : aimNm;
    double factor = adapter == null ? 1 : adapter.factor();
    double lowest = band.minNm() / factor;
    double highest = band.maxNm() / factor;
    Why why = new Why();
    if (highest < tool.minNm() * (1 - ROUNDING) || lowest > tool.maxNm() * (1 + ROUNDING)) {
      boolean small = lowest > tool.maxNm();
      why.because(
          "The tool is trusted from "
              + Figure.rounded(tool.minNm(), 2)
              + " to "
              + Figure.rounded(tool.maxNm(), 2)
              + " N·m; the band needs "
              + Figure.rounded(lowest, 2)
              + "–"
              + Figure.rounded(highest, 2)
              + " on its scale. Take a "
              + (small ? "larger" : "smaller")
              + " tool.");
      return new Setting(
          Status.OUT_OF_RANGE, null, null, 0, false, null, why.reasons(), why.derivation());
    }
    double[] marks = marks(tool, lowest, highest, aim / factor, band, factor);
    if (marks.length == 0) {
      why.because("The tool has no mark in its trusted span.");
      return new Setting(
          Status.NO_MARK, null, null, 0, false, null, why.reasons(), why.derivation());
    }
    double unit = tool.unit().newtonMetres();
    double a = tool.deviation();
    double best = marks[0];
    for (double mark : marks) {
      if (BETTER.compare(
              rated(mark, unit, factor, a, band, aim), rated(best, unit, factor, a, band, aim))
          < 0) {
        best = mark;
      }
    }
    return settle(best, band, aim, maximumNm, tool, adapter, why);
  }

  private record Rated(double mark, boolean nominalWithin, double spill, double distance) {}

  private static final Comparator<Rated> BETTER =
      Comparator.comparing((Rated r) -> !r.nominalWithin())
          .thenComparingDouble(r -> quantised(r.spill()))
          .thenComparingDouble(r -> quantised(r.distance()))
          .thenComparingDouble(Rated::mark);

  /** Differences below a billionth are arithmetic, not preference. */
  private static double quantised(double x) {
    return Math.rint(x * 1e9) / 1e9;
  }

  private static Rated rated(
      double mark, double unit, double factor, double a, TorqueBand band, double aim) {
    double applied = mark * unit * factor;
    return new Rated(
        mark, band.contains(applied), spill(applied, a, band), Math.abs(applied - aim));
  }

  /** How far (1 ± a)·applied reaches beyond the band, as a share of the end it passes; 0 inside. */
  private static double spill(double appliedNm, double a, TorqueBand band) {
    double over = appliedNm * (1 + a) / band.maxNm() - 1;
    double under = band.minNm() == 0 ? 0 : 1 - appliedNm * (1 - a) / band.minNm();
    double spill = Math.max(over, under);
    return spill <= ROUNDING ? 0 : spill;
  }

  private static Setting settle(
      double mark,
      TorqueBand band,
      double aim,
      @Nullable Double maximumNm,
      TorqueTool tool,
      @Nullable Adapter adapter,
      Why why) {
    double factor = adapter == null ? 1 : adapter.factor();
    double settingNm = mark * tool.unit().newtonMetres();
    double nominal = settingNm * factor;
    double a = tool.deviation();
    Applied applied = new Applied(nominal * (1 - a), nominal, nominal * (1 + a));
    double spill = spill(nominal, a, band);
    boolean over = maximumNm != null && applied.highNm() > maximumNm * (1 + ROUNDING);
    Status status =
        !band.contains(nominal) ? Status.NO_MARK : spill > 0 ? Status.SPILLS : Status.INSIDE;
    why.derive("a", a * 100, "%", "permissible deviation of the tool", "ISO 6789-1");
    if (adapter != null) {
      why.derive("(L + E·cos θ)/L", factor, "1", "applied over scale", Adapter.SOURCE);
    }
    why.derive("T_set", settingNm, "N·m", "scale reading in N·m", SOURCE);
    why.derive("T_low", applied.lowNm(), "N·m", "(1 − a)·applied", SOURCE);
    why.derive("T_high", applied.highNm(), "N·m", "(1 + a)·applied", SOURCE);
    why.because(
        switch (status) {
          case INSIDE ->
              "Set here, the tool stays within the band even at the end of its deviation.";
          case SPILLS ->
              "The setting is within the band, but the tool's deviation of ± "
                  + Figure.rounded(a * 100, 2)
                  + " % can reach "
                  + Figure.rounded(spill * 100, 2)
                  + " % beyond it; a finer tool would not.";
          default ->
              "No mark of this tool falls within the band; the nearest one is shown only to say so. Take another tool.";
        });
    if (over) {
      why.because(
          "At the end of its deviation the tool can pass the part's maximum of "
              + Figure.rounded(maximumNm == null ? 0 : maximumNm, 2)
              + " N·m: do not use it here.");
    }
    if (adapter != null) {
      why.because(
          "The adapter changes the lever: the scale reads "
              + Figure.rounded(settingNm, 2)
              + " N·m while "
              + Figure.rounded(nominal, 2)
              + " N·m arrive.");
    }
    Double force = adapter == null ? null : settingNm / (adapter.leverMm() / 1000);
    return new Setting(
        status,
        tool.reading(mark),
        applied,
        spill * 100,
        over,
        force,
        why.reasons(),
        why.derivation());
  }

  /**
   * The marks worth rating, in the tool's unit; for a stepless tool the few points that can be
   * best.
   */
  private static double[] marks(
      TorqueTool tool,
      double lowest,
      double highest,
      double aimOnScale,
      TorqueBand band,
      double factor) {
    double unit = tool.unit().newtonMetres();
    double from = tool.minNm() / unit;
    double to = tool.maxNm() / unit;
    if (!tool.presets().isEmpty()) {
      return tool.presets().stream().mapToDouble(Double::doubleValue).toArray();
    }
    Double graduation = tool.graduation();
    if (graduation == null) {
      return stepless(tool, aimOnScale, band, factor, unit, from, to);
    }
    long first =
        Math.max(
            (long) Math.ceil(from / graduation - ROUNDING),
            (long) Math.floor(lowest / unit / graduation) - 1);
    long last =
        Math.min(
            (long) Math.floor(to / graduation + ROUNDING),
            (long) Math.ceil(highest / unit / graduation) + 1);
    first = Math.max(first, 1);
    List<Double> marks = new ArrayList<>();
    for (long i = Math.min(first, last); i <= last; i++) {
      if (i * graduation >= from * (1 - ROUNDING)) {
        marks.add(i * graduation);
      }
    }
    return marks.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static double[] stepless(
      TorqueTool tool,
      double aimOnScale,
      TorqueBand band,
      double factor,
      double unit,
      double from,
      double to) {
    double a = tool.deviation();
    double evenSpill =
        band.minNm() == 0 ? 0 : 2 / ((1 + a) / band.maxNm() + (1 - a) / band.minNm());
    double[] points = {
      aimOnScale,
      band.maxNm() / (1 + a) / factor,
      band.minNm() / (1 - a) / factor,
      evenSpill / factor
    };
    for (int i = 0; i < points.length; i++) {
      points[i] = Math.min(Math.max(points[i] / unit, from), to);
    }
    return points;
  }
}
