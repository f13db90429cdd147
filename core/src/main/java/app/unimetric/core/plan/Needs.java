package app.unimetric.core.plan;

import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.ToolChoice;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Everything a job needs at hand before it starts.
 *
 * @param drives keys and sockets, each once, in working order
 * @param counterHolds what holds the other end
 * @param specialTools from the pack
 * @param settings torque tools with each reading they are set to, in working order
 * @param products what goes on the threads, with the times of the shelf's own sheets
 * @param parts used once
 * @param missing what the shelf lacks, in words; empty when no shelf was given
 */
public record Needs(
    List<String> drives,
    List<String> counterHolds,
    List<String> specialTools,
    List<ToolSetting> settings,
    List<ProductNeed> products,
    List<OneTimePart> parts,
    List<String> missing) {

  /** A torque tool and one reading on its scale. */
  public record ToolSetting(String toolId, String toolName, double scale, List<String> jointIds) {}

  /**
   * A product and the joints it goes on.
   *
   * @param cure fixture and full cure from the product's own sheet, or that they are unknown
   */
  public record ProductNeed(
      Compound compound,
      List<String> jointIds,
      @Nullable Double fixtureMinutes,
      @Nullable Double fullCureMinutes,
      String cure) {}

  /**
   * Rolls a plan up.
   *
   * @param shelf null when it is not known what is there
   */
  public static Needs of(JobPlan plan, @Nullable Shelf shelf) {
    Set<String> drives = new LinkedHashSet<>();
    Set<String> holds = new LinkedHashSet<>();
    Map<String, List<PlannedJoint>> bySetting = new LinkedHashMap<>();
    Map<Compound, List<String>> byCompound = new LinkedHashMap<>();
    for (PlannedJoint j : plan.joints()) {
      add(drives, j.joint().turning().drive());
      add(holds, j.joint().turning().counterHold());
      String setting = JobPlan.settingOf(j);
      if (setting != null) {
        bySetting.computeIfAbsent(setting, k -> new ArrayList<>()).add(j);
      }
      if (j.compound().advice() != Compound.CLEAN_DRY) {
        byCompound
            .computeIfAbsent(j.compound().advice(), k -> new ArrayList<>())
            .add(j.joint().id());
      }
    }
    List<ToolSetting> settings = new ArrayList<>();
    bySetting.values().forEach(joints -> settings.addAll(setting(joints)));
    List<ProductNeed> products =
        byCompound.entrySet().stream().map(e -> product(e.getKey(), e.getValue(), shelf)).toList();
    return new Needs(
        List.copyOf(drives),
        List.copyOf(holds),
        plan.pack().preparation().specialTools(),
        List.copyOf(settings),
        products,
        plan.pack().oneTimeParts(),
        shelf == null ? List.of() : missing(plan, products, shelf));
  }

  private static void add(Set<String> into, @Nullable String item) {
    if (item != null) {
      into.add(item);
    }
  }

  private static List<ToolSetting> setting(List<PlannedJoint> joints) {
    ToolChoice choice = joints.get(0).tool();
    Double scale = choice == null ? null : choice.setting().scale();
    return choice == null || scale == null
        ? List.of()
        : List.of(
            new ToolSetting(
                choice.tool().id(),
                choice.tool().name(),
                scale,
                joints.stream().map(j -> j.joint().id()).toList()));
  }

  private static ProductNeed product(
      Compound compound, List<String> joints, @Nullable Shelf shelf) {
    Shelf.Product product = shelf == null ? null : shelf.product(compound);
    Double fixture = product == null ? null : product.fixtureMinutes();
    Double full = product == null ? null : product.fullCureMinutes();
    String cure =
        !compound.isAnaerobic()
            ? "does not cure"
            : fixture == null || full == null
                ? "unknown: use the maker's sheet"
                : "final torque on all within "
                    + Math.round(fixture)
                    + " min; ride after "
                    + Math.round(full)
                    + " min";
    return new ProductNeed(compound, List.copyOf(joints), fixture, full, cure);
  }

  private static List<String> missing(JobPlan plan, List<ProductNeed> products, Shelf shelf) {
    List<String> missing = new ArrayList<>();
    for (ProductNeed need : products) {
      if (shelf.product(need.compound()) == null) {
        missing.add("Not on the shelf: " + need.compound().words() + ".");
      }
    }
    for (OneTimePart part : plan.pack().oneTimeParts()) {
      int there = shelf.count(part.name());
      if (there < part.count()) {
        missing.add(
            "To order: " + part.name() + ", " + part.count() + " needed, " + there + " there.");
      }
    }
    return List.copyOf(missing);
  }
}
