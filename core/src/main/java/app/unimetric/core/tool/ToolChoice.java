package app.unimetric.core.tool;

import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.Hand;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One tool of the crib judged for one band.
 *
 * @param tool which
 * @param usable whether it may be used here
 * @param setting where to set it
 * @param calibrated whether it is in calibration today
 * @param reasons why, or why not
 */
public record ToolChoice(
    CribTool tool, boolean usable, Setting setting, boolean calibrated, List<String> reasons) {
  private static final double PERCENT = 100;

  public ToolChoice {
    reasons = List.copyOf(reasons);
  }

  /**
   * All tools, best first: usable ones by how well the setting sits, then the refused ones with
   * why.
   *
   * @param critical on a critical joint an expired calibration refuses the tool; elsewhere it warns
   * @param hand of the thread; a tool turns left only where it is rated for it
   */
  public static List<ToolChoice> rank(
      TorqueBand band,
      @Nullable Double aimNm,
      @Nullable Double maximumNm,
      boolean critical,
      Hand hand,
      List<CribTool> crib,
      LocalDate today) {
    double aim = aimNm == null ? band.middleNm() : aimNm;
    return crib.stream()
        .map(t -> judge(band, aim, maximumNm, critical, hand, t, today))
        .sorted(
            Comparator.comparing((ToolChoice c) -> !c.usable())
                .thenComparing(c -> c.setting().status())
                .thenComparing(c -> !c.calibrated())
                .thenComparingDouble(c -> Math.rint(c.setting().spillPercent() * 1e6))
                .thenComparingDouble(c -> distance(c, aim))
                .thenComparingDouble(c -> c.tool().tool().maxNm())
                .thenComparing(c -> c.tool().id()))
        .toList();
  }

  /** The same tool set for something else of the joint. */
  public ToolChoice setTo(Setting other) {
    List<String> besides = reasons.subList(setting.reasons().size(), reasons.size());
    return new ToolChoice(
        tool,
        usable,
        other,
        calibrated,
        Stream.concat(other.reasons().stream(), besides.stream()).toList());
  }

  /** What it costs in certainty to use this tool and not another, in words. */
  public String costAgainst(ToolChoice other) {
    List<String> costs = new ArrayList<>();
    double mine = tool.tool().deviation() * PERCENT;
    double theirs = other.tool().tool().deviation() * PERCENT;
    if (mine > theirs) {
      costs.add(
          "± " + Figure.rounded(mine, 1) + " % instead of ± " + Figure.rounded(theirs, 1) + " %");
    }
    if (setting.spillPercent() > other.setting().spillPercent()) {
      costs.add(
          "with its deviation it may end "
              + Figure.rounded(setting.spillPercent(), 1)
              + " % outside the band");
    }
    if (!calibrated && other.calibrated()) {
      costs.add("it is out of calibration");
    }
    return costs.isEmpty()
        ? tool.name() + " is as sure here as " + other.tool().name() + "."
        : tool.name()
            + " is less sure than "
            + other.tool().name()
            + ": "
            + String.join("; ", costs)
            + ".";
  }

  private static double distance(ToolChoice choice, double aim) {
    Setting.Applied applied = choice.setting().applied();
    return applied == null
        ? Double.MAX_VALUE
        : Math.rint(Math.abs(applied.nominalNm() - aim) / aim * 200);
  }

  private static ToolChoice judge(
      TorqueBand band,
      double aim,
      @Nullable Double maximumNm,
      boolean critical,
      Hand hand,
      CribTool tool,
      LocalDate today) {
    Setting setting = Setting.choose(band, aim, maximumNm, tool.tool(), tool.adapter());
    List<String> reasons = new ArrayList<>(setting.reasons());
    boolean calibrated = tool.inCalibration(today);
    boolean turns = hand == Hand.RIGHT || tool.leftHand();
    if (!turns) {
      reasons.add("It is not rated for turning left-handed, and this thread is left-handed.");
    }
    String out = tool.out();
    if (out != null) {
      reasons.add("Out of use: " + out + ".");
    } else if (!calibrated) {
      reasons.add(
          expiry(tool)
              + (critical
                  ? " It is refused on a critical joint."
                  : " Have it checked; it may still be used on joints that are not critical."));
    }
    boolean usable =
        setting.isPossible()
            && !setting.overMaximum()
            && turns
            && out == null
            && (calibrated || !critical);
    return new ToolChoice(tool, usable, setting, calibrated, reasons);
  }

  private static String expiry(CribTool tool) {
    LocalDate ends = tool.calibrationEnds();
    if (ends == null) {
      return "No calibration is on file.";
    }
    if (tool.cycles() >= CribTool.CALIBRATION_CYCLES) {
      return "Out of calibration: " + tool.cycles() + " uses since the last one.";
    }
    return "Out of calibration since " + ends + ".";
  }
}
