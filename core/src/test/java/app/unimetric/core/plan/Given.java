package app.unimetric.core.plan;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.tool.CribTool;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** Circumstances for a test, told one thing at a time. */
public final class Given {
  private Policy policy = Policy.USUAL;
  private final List<CribTool> crib;
  private final LocalDate today;
  private List<Decision> decisions = List.of();
  private HandTools handTools;
  private Shelf shelf;
  private List<FitAnswer> fits;
  private List<String> handOrder = List.of();
  private Map<String, String> byFeel = Map.of();
  private Map<String, String> toolChoices = Map.of();

  private Given(List<CribTool> crib, LocalDate today) {
    this.crib = crib;
    this.today = today;
  }

  public static Given of(List<CribTool> crib, LocalDate today) {
    return new Given(crib, today);
  }

  public Given with(Shelf known) {
    shelf = known;
    return this;
  }

  Given with(HandTools listed) {
    handTools = listed;
    return this;
  }

  public Given by(Policy workshops) {
    policy = workshops;
    return this;
  }

  Given arranged(List<String> order) {
    handOrder = order;
    return this;
  }

  public Given feeling(String joint, String reason) {
    byFeel = Map.of(joint, reason);
    return this;
  }

  public Given choosing(String joint, String tool) {
    toolChoices = Map.of(joint, tool);
    return this;
  }

  Given answered(List<FitAnswer> answers) {
    fits = answers;
    return this;
  }

  Given decided(List<Decision> made) {
    decisions = made;
    return this;
  }

  public JobPlan plan(JobPack pack) {
    return JobPlan.of(
        pack,
        new Circumstances(
            decisions,
            crib,
            handTools,
            shelf,
            fits,
            handOrder,
            byFeel,
            toolChoices,
            policy,
            today));
  }
}
