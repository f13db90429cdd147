package app.unimetric.core.pack;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.Precedence;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.spec.Aim;
import app.unimetric.core.spec.AlsoStated;
import app.unimetric.core.spec.Role;
import app.unimetric.core.spec.SpecForm;
import app.unimetric.core.spec.SpecSource;
import app.unimetric.core.spec.SpecValue;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.MetricThread;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Reads a pack document; a broken one is refused whole, with the place of each error. */
public final class PackReader {
  private static final double MOST_MINUTES = 1440;
  private static final int MOST_JOINTS = 400;
  private final Problems problems = new Problems();

  private PackReader() {}

  /**
   * Reads a document that a JSON parser has turned into maps, lists, texts, numbers and booleans.
   *
   * @throws InvalidInput with every problem found
   */
  public static JobPack read(Map<String, ?> document) {
    return new PackReader().pack(document);
  }

  private JobPack pack(Map<String, ?> document) {
    PackNode root = new PackNode(document, "", problems);
    problems.require(
        "unimetric-pack".equals(root.text("format")), "format", "must be “unimetric-pack”.");
    problems.require(
        root.whole("version", 1, 1_000_000) == JobPack.VERSION, "version", "must be 1.");
    JobPack pack =
        new JobPack(
            root.text("key"),
            root.text("title"),
            root.text("summary"),
            root.choice("machineKind", MachineKind.MOTORCYCLE),
            root.texts("models"),
            root.text("fits"),
            root.texts("words"),
            root.texts("cautions"),
            new Preparation(
                root.nodesOrTexts("asFound", this::measure, Measure::of),
                root.texts("fitChecks"),
                root.nodesOrTexts("inspections", this::limited, Measure::of),
                root.texts("specialTools"),
                root.texts("consumables")),
            root.nodes(
                "oneTimeParts", n -> new OneTimePart(n.text("name"), n.whole("count", 1, 1000))),
            root.nodes("steps", this::step),
            root.nodes("joints", this::joint),
            root.nodes(
                "order",
                n -> new Precedence.Rule(n.text("before"), n.text("after"), n.text("reason"))),
            root.nodes("checks", n -> new PackCheck(n.text("id"), n.text("title"), n.text("text"))),
            root.nodes("rechecks", this::recheck));
    problems.require(root.has("machineKind"), "machineKind", "is missing.");
    problems.require(root.has("joints"), "joints", "is missing: a job without a joint is none.");
    problems.require(
        pack.joints().size() <= MOST_JOINTS, "joints", "must be at most " + MOST_JOINTS + ".");
    root.refuseUnknown();
    checkNames(pack);
    problems.orThrow();
    return pack;
  }

  private void checkNames(JobPack pack) {
    Set<String> joints = new HashSet<>();
    for (int i = 0; i < pack.joints().size(); i++) {
      problems.require(
          joints.add(pack.joints().get(i).id()), "joints[" + i + "].id", "is used twice.");
    }
    Set<String> steps = new HashSet<>();
    for (int i = 0; i < pack.steps().size(); i++) {
      PackStep step = pack.steps().get(i);
      problems.require(steps.add(step.id()), "steps[" + i + "].id", "is used twice.");
      PackStep.Beside beside = step.beside();
      problems.require(
          beside == null || joints.contains(beside.jointId()),
          "steps[" + i + "]." + (beside != null && beside.after() ? "after" : "before"),
          "names no joint of this job.");
    }
    Set<String> checks = new HashSet<>();
    for (int i = 0; i < pack.checks().size(); i++) {
      problems.require(
          checks.add(pack.checks().get(i).id()), "checks[" + i + "].id", "is used twice.");
    }
    for (int i = 0; i < pack.order().size(); i++) {
      Precedence.Rule rule = pack.order().get(i);
      problems.require(
          joints.contains(rule.before()), "order[" + i + "].before", "names no joint of this job.");
      problems.require(
          joints.contains(rule.after()), "order[" + i + "].after", "names no joint of this job.");
    }
    for (int i = 0; i < pack.rechecks().size(); i++) {
      problems.require(
          joints.containsAll(pack.rechecks().get(i).jointIds()),
          "rechecks[" + i + "].joints",
          "names no joint of this job.");
    }
  }

  private PackRecheck recheck(PackNode n) {
    Double days = n.number("days");
    problems.require(
        days == null || days == Math.rint(days), n.at("days"), "must be a whole number.");
    String why = n.text("why");
    RecheckRule rule =
        problems.under(
            n.at(""),
            () ->
                new RecheckRule(
                    "own: " + why,
                    why,
                    n.flag("afterFirstRide", false),
                    n.number("km"),
                    days == null ? null : (Integer) days.intValue(),
                    n.number("hours")));
    return new PackRecheck(rule == null ? RecheckRule.FIRST_RIDE : rule, n.texts("joints"));
  }

  private PackStep step(PackNode n) {
    problems.require(n.has("phase"), n.at("phase"), "is missing.");
    return new PackStep(
        n.text("id"),
        n.choice("phase", Phase.SECURE),
        n.text("title"),
        n.text("text"),
        n.texts("traps"),
        minutes(n),
        n.flag("hold", false),
        beside(n));
  }

  private PackStep.@Nullable Beside beside(PackNode n) {
    boolean before = n.has("before");
    boolean after = n.has("after");
    Phase phase = n.choice("phase", Phase.SECURE);
    problems.require(!(before && after), n.at("before"), "Give either before or after, not both.");
    problems.require(
        !(before || after) || phase.part() == Phase.Part.AMONG,
        n.at(before ? "before" : "after"),
        "belongs to steps of PREPARE, START or TIGHTEN; the others stand in the order of the work.");
    return before || after ? new PackStep.Beside(n.text(before ? "before" : "after"), after) : null;
  }

  private @Nullable Measure limited(PackNode n) {
    problems.require(
        !n.has("within"), n.at("within"), "belongs to what is measured as found and as left.");
    return measure(n);
  }

  private @Nullable Measure measure(PackNode n) {
    String what = n.text("what");
    String unit = n.has("unit") ? n.text("unit") : null;
    Double min = n.number("min");
    Double max = n.number("max");
    String limit = n.has("limit") ? n.text("limit") : null;
    Double within = n.number("within");
    return problems.under(n.at(""), () -> new Measure(what, unit, min, max, limit, within));
  }

  private double minutes(PackNode n) {
    Double minutes = n.number("minutes");
    if (minutes != null) {
      problems.require(
          minutes >= 0 && minutes <= MOST_MINUTES, n.at("minutes"), "must be 0 to 1 440.");
    }
    return minutes == null ? 0 : minutes;
  }

  private @Nullable PackJoint joint(PackNode n) {
    MetricThread thread = n.made("thread", MetricThread::parse);
    PropertyClass material =
        n.has("propertyClass") ? n.made("propertyClass", PropertyClass::parse) : null;
    Situation situation = situation(n, thread);
    List<Double> percents = n.has("passesPercent") ? n.numbers("passesPercent") : null;
    int count = n.whole("count", 1, TighteningOrder.MOST_FASTENERS);
    Layout layout = n.choice("layout", Layout.CIRCLE);
    GapStyle gapStyle = n.choice("gapStyle", GapStyle.class);
    problems.under(n.at(""), () -> TighteningOrder.passes(count, layout, gapStyle, percents));
    PackJoint joint =
        thread == null || situation == null
            ? null
            : new PackJoint(
                n.text("id"),
                n.text("title"),
                thread,
                n.choice("hand", Hand.RIGHT),
                material,
                n.choice("head", Head.HEX),
                count,
                layout,
                gapStyle,
                n.choice("turn", Turn.BOLT),
                n.choice("role", Role.CLAMP),
                n.flag("critical", false),
                n.flag("carbon", false),
                n.flag("softThread", false),
                n.flag("settles", false),
                n.flag("wheel", false),
                n.choice("aim", Aim.class),
                situation,
                percents,
                n.nodes("values", this::value),
                n.texts("slots"),
                turning(n),
                n.texts("traps"));
    problems.require(
        joint == null || !joint.values().isEmpty() || !joint.slots().isEmpty(),
        n.at("values"),
        "needs at least one stated value (“snug” is one too), or slots that say where to look one up.");
    return joint;
  }

  private Turning turning(PackNode n) {
    return new Turning(
        n.has("drive") ? n.text("drive") : null,
        n.has("counterHold") ? n.text("counterHold") : null,
        n.has("access") ? n.text("access") : null,
        n.flag("usedOnce", false),
        minutes(n));
  }

  private @Nullable Situation situation(PackNode joint, @Nullable MetricThread thread) {
    PackNode n = joint.node("surface");
    if (n == null) {
      problems.require(
          false, joint.at("surface"), "is missing: say what the threads and parts are made of.");
      return null;
    }
    Material bolt = n.choice("bolt", Material.STEEL);
    Material female = n.choice("female", Material.STEEL);
    Material clamped = n.choice("clamped", Material.class);
    Lock lock = n.choice("lock", Lock.NONE);
    Surface surface = n.choice("kind", Surface.THREAD);
    boolean comesApart = n.flag("mustComeApart", true);
    boolean vibrates = n.flag("vibrates", false);
    boolean nearPlastic = n.flag("nearPlastic", false);
    boolean nearCarbon = n.flag("nearCarbon", false);
    Double temperature = n.number("temperatureC");
    Hole hole = n.choice("hole", Hole.THROUGH);
    boolean nutAccess = n.flag("nutAccess", true);
    Compound makerSays = n.choice("makerSays", Compound.class);
    n.refuseUnknown();
    return problems.under(
        joint.at("surface"),
        () ->
            new Situation(
                thread,
                bolt,
                female,
                clamped,
                lock,
                surface,
                comesApart,
                vibrates,
                nearPlastic,
                nearCarbon,
                temperature,
                hole,
                nutAccess,
                false,
                makerSays));
  }

  private @Nullable StatedValue value(PackNode n) {
    SpecForm form = n.choice("form", SpecForm.VALUE);
    TorqueUnit unit = n.has("unit") ? unit(n) : null;
    Double value = n.number("value");
    Double min = n.number("min");
    Double max = n.number("max");
    Double angle = n.number("angleDeg");
    List<Double> stages = n.numbers("stages");
    SpecSource source = n.choice("source", SpecSource.ESTIMATE);
    problems.require(
        n.has("source"),
        n.at("source"),
        "is missing: a value without its source is worth nothing.");
    String part = n.has("part") ? n.text("part") : null;
    boolean newPart = n.flag("newPart", false);
    FrictionCondition condition = n.choice("condition", FrictionCondition.UNKNOWN);
    boolean approximate = n.flag("approximate", false);
    PackNode twice = n.node("alsoStated");
    AlsoStated also = twice == null ? null : alsoStated(twice);
    String document = n.text("document");
    SpecValue made =
        problems.under(
            n.at(""),
            () ->
                new SpecValue(
                    form,
                    value,
                    min,
                    max,
                    angle,
                    stages,
                    unit,
                    source,
                    part,
                    newPart,
                    condition,
                    approximate,
                    also));
    return made == null ? null : new StatedValue(made, document);
  }

  private @Nullable AlsoStated alsoStated(PackNode n) {
    TorqueUnit unit = unit(n);
    Double value = n.number("value");
    problems.require(value != null, n.at("value"), "is missing.");
    n.refuseUnknown();
    return unit == null || value == null
        ? null
        : problems.under(n.at(""), () -> AlsoStated.of(value, unit));
  }

  private @Nullable TorqueUnit unit(PackNode n) {
    return n.made(
        "unit",
        code ->
            TorqueUnit.ofCode(code)
                .orElseThrow(
                    () ->
                        InvalidInput.at(
                            "",
                            "must be one of N.m, [ft_i].[lbf_av], [in_i].[lbf_av], kgf.m, kgf.cm.")));
  }
}
