package app.unimetric.core.tool;

import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.Hand;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Which torques of the shop's jobs its tools cover.
 *
 * @param gaps needs that no tool may be used for, smallest torque first
 * @param covered how many needs have a tool
 * @param tight needs whose best tool can leave the band with its deviation
 * @param advice the one tool that would close most gaps; null without gaps
 */
public record Coverage(List<Need> gaps, int covered, List<Need> tight, @Nullable Advice advice) {

  /**
   * A torque that a job asks for.
   *
   * @param band of it
   * @param aimNm null for the middle
   * @param capNm a part's maximum; null without one
   * @param where joint, job and machine in words
   */
  public record Need(
      TorqueBand band,
      @Nullable Double aimNm,
      @Nullable Double capNm,
      boolean critical,
      Hand hand,
      String where) {

    /** The same asked for in a place said more fully. */
    public Need at(String words) {
      return new Need(band, aimNm, capNm, critical, hand, words);
    }
  }

  /**
   * A tool to get.
   *
   * @param minNm of its span, N·m
   * @param maxNm of its span, N·m
   * @param closes how many gaps it closes
   * @param of all there are
   */
  public record Advice(double minNm, double maxNm, int closes, int of, boolean leftHand) {}

  /** Spans torque tools are usually made in: a maximum, and a fifth of it (ISO 6789-1). */
  private static final double[] USUAL_MAXIMA = {
    2, 5, 6, 10, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100, 120, 150, 200, 250, 300, 350, 400
  };

  public Coverage {
    gaps = List.copyOf(gaps);
    tight = List.copyOf(tight);
  }

  /** Judges every need by the same rules as a job does. */
  public static Coverage of(List<Need> needs, List<CribTool> crib, LocalDate today) {
    List<Need> gaps = new ArrayList<>();
    List<Need> tight = new ArrayList<>();
    int covered = 0;
    for (Need need : needs) {
      ToolChoice best = best(need, crib, today);
      if (best == null) {
        gaps.add(need);
      } else {
        covered++;
        if (best.setting().status() == Setting.Status.SPILLS) {
          tight.add(need);
        }
      }
    }
    Comparator<Need> smallest = Comparator.comparingDouble(n -> n.band().middleNm());
    gaps.sort(smallest);
    tight.sort(smallest);
    return new Coverage(gaps, covered, tight, advice(gaps, today));
  }

  private static @Nullable ToolChoice best(Need need, List<CribTool> crib, LocalDate today) {
    return ToolChoice.rank(
            need.band(), need.aimNm(), need.capNm(), need.critical(), need.hand(), crib, today)
        .stream()
        .filter(ToolChoice::usable)
        .findFirst()
        .orElse(null);
  }

  /** Of those that close most, the one with the smallest maximum: it is the finest. */
  private static @Nullable Advice advice(List<Need> gaps, LocalDate today) {
    Advice best = null;
    for (double max : USUAL_MAXIMA) {
      CribTool tool =
          new CribTool(
              "new",
              "new",
              ToolType.CLICK,
              new TorqueTool(
                  TorqueTool.usualMinimum(max),
                  max,
                  null,
                  null,
                  TorqueUnit.NEWTON_METRE,
                  List.of()),
              today,
              0,
              null);
      int closes = 0;
      boolean left = false;
      for (Need need : gaps) {
        if (best(need, List.of(tool), today) != null) {
          closes++;
          left |= need.hand() == Hand.LEFT;
        }
      }
      if (closes > 0 && (best == null || closes > best.closes())) {
        best = new Advice(TorqueTool.usualMinimum(max), max, closes, gaps.size(), left);
      }
    }
    return best;
  }
}
