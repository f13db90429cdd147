package app.unimetric.core.plan;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.quantity.MinutesText;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.tool.ToolChoice;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Everything a job needs at hand before it starts.
 *
 * @param drives keys and sockets, each once, in working order
 * @param counterHolds what holds the other end
 * @param specialTools from the pack, besides the drives
 * @param settings torque tools with each reading they are set to, in working order
 * @param products what goes on the threads, with the times of the shelf's own sheets
 * @param parts used once
 * @param missing what the shelf lacks; empty when no shelf was given
 * @param notInCrib keys, sockets and special tools the crib lacks; empty when nobody has listed
 *     them
 */
public record Needs(
    List<String> drives,
    List<String> counterHolds,
    List<String> specialTools,
    List<ToolSetting> settings,
    List<ProductNeed> products,
    List<OneTimePart> parts,
    List<Missing> missing,
    List<String> notInCrib) {
  /** Nothing is invented where no data sheet was entered. */
  public static final String UNKNOWN_CURE = "unknown: use the maker's sheet";

  /**
   * Something that is not there.
   *
   * @param name the product's kind or the part's name
   * @param words what is wrong and what to do
   */
  public record Missing(String name, String words) {}

  /** A torque tool and one reading on its scale. */
  public record ToolSetting(
      String toolId, String toolName, ScaleReading reading, List<String> jointIds) {}

  /**
   * A product and the joints it goes on.
   *
   * @param name of the product on the shelf; null when none is there
   * @param lot printed on it; empty where none is known
   * @param cure fixture and full cure from the product's own sheet, or that they are unknown
   */
  public record ProductNeed(
      Compound compound,
      List<String> jointIds,
      @Nullable String name,
      String lot,
      @Nullable Double fixtureMinutes,
      @Nullable Double fullCureMinutes,
      String cure) {}

  /**
   * Rolls the joints of a job up.
   *
   * @param joints in working order
   * @param given shelf and hand tools, where it is known what is there
   */
  static Needs of(JobPack pack, List<PlannedJoint> joints, Circumstances given) {
    Shelf shelf = given.shelf();
    LocalDate today = given.today();
    HandTools handTools = given.handTools();
    Set<String> drives = new LinkedHashSet<>();
    Set<String> holds = new LinkedHashSet<>();
    Map<String, List<PlannedJoint>> bySetting = new LinkedHashMap<>();
    Map<Compound, List<PackJoint>> byCompound = new LinkedHashMap<>();
    for (PlannedJoint j : joints) {
      add(drives, j.joint().fastener().drive());
      add(holds, j.joint().turning().counterHold());
      String setting = JobPlan.settingOf(j);
      if (setting != null) {
        bySetting.computeIfAbsent(setting, k -> new ArrayList<>()).add(j);
      }
      if (j.isWetted()) {
        byCompound.computeIfAbsent(j.compound().advice(), k -> new ArrayList<>()).add(j.joint());
      }
    }
    List<ToolSetting> settings = new ArrayList<>();
    bySetting.values().forEach(group -> settings.addAll(setting(group)));
    List<ProductNeed> products =
        byCompound.entrySet().stream()
            .map(e -> product(e.getKey(), e.getValue(), shelf, today))
            .toList();
    return new Needs(
        List.copyOf(drives),
        List.copyOf(holds),
        pack.preparation().specialTools().stream().filter(t -> !drives.contains(t)).toList(),
        List.copyOf(settings),
        products,
        pack.oneTimeParts(),
        shelf == null ? List.of() : missing(pack, products, shelf, today),
        handTools == null
            ? List.of()
            : handTools.lacking(List.copyOf(drives), pack.preparation().specialTools()));
  }

  private static void add(Set<String> into, @Nullable String item) {
    if (item != null) {
      into.add(item);
    }
  }

  private static List<ToolSetting> setting(List<PlannedJoint> joints) {
    ToolChoice choice = joints.get(0).tool();
    ScaleReading reading = choice == null ? null : choice.setting().reading();
    return choice == null || reading == null
        ? List.of()
        : List.of(
            new ToolSetting(
                choice.tool().id(),
                choice.tool().name(),
                reading,
                joints.stream().map(j -> j.joint().id()).toList()));
  }

  private static ProductNeed product(
      Compound compound, List<PackJoint> joints, @Nullable Shelf shelf, LocalDate today) {
    List<Situation> situations = joints.stream().map(PackJoint::situation).toList();
    Shelf.Product product = shelf == null ? null : shelf.product(compound, situations, today);
    Set<Material> metals = metals(situations);
    Double fixture =
        shelf == null || product == null
            ? null
            : product.sheet().fixtureMinutes(metals, shelf.benchC());
    Double full =
        shelf == null || product == null
            ? null
            : product.sheet().fullCureMinutes(metals, shelf.benchC());
    String cure =
        !compound.isAnaerobic()
            ? "does not cure"
            : fixture == null || full == null
                ? UNKNOWN_CURE
                : "final torque on all within "
                    + MinutesText.words(fixture)
                    + "; ride after "
                    + MinutesText.words(full);
    return new ProductNeed(
        compound,
        joints.stream().map(PackJoint::id).toList(),
        product == null ? null : product.name(),
        product == null ? "" : product.lot(),
        fixture,
        full,
        cure);
  }

  /** Between which metals it sets. */
  private static Set<Material> metals(List<Situation> joints) {
    Set<Material> metals = EnumSet.noneOf(Material.class);
    for (Situation joint : joints) {
      Stream.of(joint.bolt(), joint.female()).filter(Material::isMetal).forEach(metals::add);
    }
    return metals;
  }

  /** The joint a product does not belong on by its own sheet, in words; null where it does. */
  private static @Nullable String unsuited(ProductNeed need, Shelf.Product product, JobPack pack) {
    for (PackJoint joint : pack.joints()) {
      String why =
          need.jointIds().contains(joint.id()) ? product.sheet().refuses(joint.situation()) : null;
      if (why != null) {
        return product.name() + " is not for “" + joint.title() + "”: " + why + ". Take another.";
      }
    }
    return null;
  }

  private static List<Missing> missing(
      JobPack pack, List<ProductNeed> products, Shelf shelf, LocalDate today) {
    List<Missing> missing = new ArrayList<>();
    for (ProductNeed need : products) {
      Shelf.Product product =
          shelf.product(
              need.compound(),
              pack.joints().stream()
                  .filter(j -> need.jointIds().contains(j.id()))
                  .map(PackJoint::situation)
                  .toList(),
              today);
      String kind = need.compound().words();
      if (product == null) {
        missing.add(new Missing(need.compound().name(), "Not on the shelf: " + kind + "."));
      } else if (product.expired(today)) {
        missing.add(
            new Missing(
                need.compound().name(),
                product.name() + " (" + kind + ") is past its date, " + product.goodUntil() + "."));
      } else {
        String why = unsuited(need, product, pack);
        if (why != null) {
          missing.add(new Missing(need.compound().name(), why));
        }
      }
    }
    for (OneTimePart part : pack.oneTimeParts()) {
      int there = shelf.count(part.name());
      if (there < part.count()) {
        missing.add(
            new Missing(
                part.name(),
                "To order: "
                    + part.name()
                    + ", "
                    + part.count()
                    + " needed, "
                    + there
                    + " there."));
      }
    }
    return List.copyOf(missing);
  }

  /** The product that goes on a joint; null when nothing does. */
  public @Nullable ProductNeed productOf(String jointId) {
    return products.stream().filter(p -> p.jointIds().contains(jointId)).findFirst().orElse(null);
  }
}
