package app.unimetric.core.pack;

import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.fastener.Fastener;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.StatementFields;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.surface.Circumstance;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.ScrewThread;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/** A small job document to take apart in tests: a plate of four and a pair that it must follow. */
public final class SamplePack {
  private SamplePack() {}

  public static Map<String, Object> document() {
    Map<String, Object> pack = new LinkedHashMap<>();
    pack.put("format", "unimetric-pack");
    pack.put("version", 1);
    pack.put("key", "sample");
    pack.put("title", "Fit a sample");
    pack.put("summary", "A plate and a pair.");
    pack.put("machineKind", "MOTORCYCLE");
    pack.put("models", List.of("Sample 100"));
    pack.put("fits", "Sample plate");
    pack.put("cautions", List.of("The maker's manual governs."));
    pack.put(
        "steps",
        list(
            Map.of("id", "stand", "phase", "SECURE", "title", "On the stand", "text", "Upright.")));
    pack.put(
        "joints",
        list(joint("pair", "M8", 2, "ROW", 22.0), joint("plate", "M6", 4, "CIRCLE", 10.0)));
    pack.put(
        "order", list(Map.of("before", "plate", "after", "pair", "reason", "The plate locates.")));
    pack.put("checks", list(Map.of("id", "turns", "title", "Turns", "text", "Lock to lock.")));
    return pack;
  }

  public static Map<String, Object> step(String id, String phase) {
    Map<String, Object> step = new LinkedHashMap<>();
    step.put("id", id);
    step.put("phase", phase);
    step.put("title", "Step " + id);
    step.put("text", "Do it.");
    return step;
  }

  public static Map<String, Object> joint(
      String id, String thread, int count, String layout, double nm) {
    Map<String, Object> joint = new LinkedHashMap<>();
    joint.put("id", id);
    joint.put("title", "Joint " + id);
    joint.put("thread", thread);
    joint.put("propertyClass", "8.8");
    joint.put("count", count);
    joint.put("layout", layout);
    joint.put("critical", true);
    joint.put("settles", true);
    joint.put("surface", new LinkedHashMap<>(Map.of("vibrates", true)));
    joint.put("values", list(value(nm, "N.m", "MANUAL")));
    return joint;
  }

  public static Map<String, Object> rule(String before, String after, String binding) {
    Map<String, Object> rule = new LinkedHashMap<>();
    rule.put("before", before);
    rule.put("after", after);
    rule.put("binding", binding);
    rule.put("reason", before + " before " + after + ".");
    return rule;
  }

  public static Map<String, Object> value(double figure, String unit, String source) {
    Map<String, Object> value = new LinkedHashMap<>();
    value.put("value", figure);
    value.put("unit", unit);
    value.put("source", source);
    value.put("document", "Sheet 1");
    return value;
  }

  /** Not more than so many N·m, as it stands on a part. */
  public static Map<String, Object> maximum(double nm) {
    Map<String, Object> value = value(nm, "N.m", "PART_MARKING");
    value.put("form", "MAXIMUM");
    value.put("max", nm);
    value.remove("value");
    return value;
  }

  /** From one torque to another, N·m. */
  public static Map<String, Object> range(double fromNm, double toNm) {
    Map<String, Object> value = value(fromNm, "N.m", "MANUAL");
    value.put("form", "RANGE");
    value.put("min", fromNm);
    value.put("max", toNm);
    value.remove("value");
    return value;
  }

  /** The pack a document makes; what tests do not use is left out. */
  public static JobPack read(Map<String, ?> document) {
    Fields d = new Fields(document);
    List<PackStep> steps = d.each("steps", SamplePack::step);
    List<PackJoint> joints = d.each("joints", SamplePack::joint);
    return new JobPack(
        d.text("key"),
        d.text("title"),
        d.text("summary"),
        MachineKind.valueOf(d.text("machineKind")),
        d.texts("models"),
        d.text("fits"),
        d.texts("words"),
        d.texts("cautions"),
        new Preparation(
            d.measures("asFound"),
            d.texts("fitChecks").stream().map(q -> new FitQuestion(q, null)).toList(),
            d.measures("inspections"),
            d.texts("specialTools"),
            d.texts("consumables")),
        d.each(
            "oneTimeParts",
            p ->
                new PackPart(
                    p.text("name"),
                    (int) p.number("count", 1),
                    p.choice("role", PartRole.USED_ONCE))),
        steps,
        joints,
        order(d),
        d.each("checks", c -> new PackCheck(c.text("id"), c.text("title"), c.text("text"))),
        d.each("rechecks", SamplePack::recheck),
        d.each(
            "assemblies",
            a ->
                new PackAssembly(
                    a.text("id"), a.text("id"), a.texts("joints"), a.flag("onTheBench"))),
        PackChoices.NONE,
        new PackLayout(d.flag("sidesInTurn"), Set.copyOf(d.texts("around")), List.of()));
  }

  /** Without a binding a rule orders the final torques. */
  private static List<OrderRule> order(Fields d) {
    return d.each(
        "order",
        r ->
            new OrderRule(
                r.text("before"),
                r.text("after"),
                r.choice("binding", Binding.FINAL),
                r.text("reason")));
  }

  private static PackRecheck recheck(Fields r) {
    Integer days = r.has("days") ? (int) r.number("days", 0) : null;
    String why = r.text("why");
    return new PackRecheck(
        new RecheckRule("own: " + why, why, false, null, days, null), r.texts("joints"));
  }

  private static PackStep step(Fields s) {
    String beside = s.has("before") ? s.text("before") : s.text("after");
    return new PackStep(
        s.text("id"),
        Phase.valueOf(s.text("phase")),
        s.text("title"),
        s.text("text"),
        s.texts("traps"),
        s.number("minutes", 0),
        s.flag("hold"),
        beside == null ? null : new PackStep.Beside(beside, s.has("after")),
        s.choice("kind", Phase.valueOf(s.text("phase")).taskKind()),
        null);
  }

  private static PackJoint joint(Fields j) {
    Set<Trait> traits = EnumSet.noneOf(Trait.class);
    for (Trait trait : Trait.values()) {
      if (j.flag(TRAITS.get(trait))) {
        traits.add(trait);
      }
    }
    ScrewThread thread = ScrewThread.parse(j.text("thread"));
    List<DocumentedValue> values = new ArrayList<>();
    for (StatedValue value : j.each("values", SamplePack::value)) {
      values.add(new DocumentedValue(DocumentedValue.idInPack(values.size()), value, "Sheet 1"));
    }
    return new PackJoint(
        j.text("id"),
        j.text("title"),
        new Fastener(
            thread,
            j.choice("hand", Hand.RIGHT),
            j.has("propertyClass") ? PropertyClass.parse(j.text("propertyClass")) : null,
            j.choice("head", Head.HEX),
            j.text("drive")),
        new BoltPattern(
            (int) j.number("count", 1),
            j.choice("layout", Layout.CIRCLE),
            j.has("gapStyle") ? GapStyle.valueOf(j.text("gapStyle")) : null,
            j.has("passesPercent") ? j.numbers("passesPercent") : null),
        new Duty(
            j.choice("role", Role.CLAMP), traits, j.has("aim") ? Aim.valueOf(j.text("aim")) : null),
        situation(j.node("surface"), thread),
        new TorqueSheet(
            values, j.texts("slots"), j.text("slipTest") == null ? "" : j.text("slipTest")),
        new Turning(
            j.choice("turn", Turn.BOLT),
            j.text("counterHold"),
            j.text("access"),
            j.flag("usedOnce"),
            j.number("minutes", 0),
            j.flag("tried"),
            j.has("nutSlots")
                ? new Castellation((int) j.number("nutSlots", 6), (int) j.number("crossHoles", 1))
                : null,
            j.has("leftAtNm") ? (Double) j.number("leftAtNm", 0) : null,
            j.has("feel")
                ? new SetToCheck(
                    j.text("feel"),
                    j.has("atMost") ? (Double) j.number("atMost", 0) : null,
                    j.has("drawToNm")
                        ? new SetToCheck.DrawTo(j.number("drawToNm", 0), "Sheet 1")
                        : null)
                : null),
        j.texts("traps"),
        j.has("undo") ? undoing(j.node("undo")) : null,
        null,
        j.text("place") == null ? "" : j.text("place"));
  }

  private static Undoing undoing(Fields u) {
    String beside = u.has("before") ? u.text("before") : u.text("after");
    return new Undoing(
        u.text("text"), beside == null ? null : new Undoing.BesideStep(beside, u.has("after")));
  }

  private static final Map<Trait, String> TRAITS =
      Map.of(
          Trait.CRITICAL, "critical",
          Trait.CARBON, "carbon",
          Trait.SOFT_THREAD, "softThread",
          Trait.SETTLES, "settles",
          Trait.WHEEL, "wheel",
          Trait.CONTROL, "control");

  private static Situation situation(Fields s, ScrewThread thread) {
    Set<Circumstance> circumstances = EnumSet.copyOf(Situation.USUAL);
    if (s.flag("vibrates")) {
      circumstances.add(Circumstance.VIBRATES);
    }
    if (s.flag("nearPlastic")) {
      circumstances.add(Circumstance.NEAR_PLASTIC);
    }
    if (s.flag("assembled")) {
      circumstances.add(Circumstance.ASSEMBLED);
    }
    return new Situation(
        thread,
        s.choice("bolt", Material.STEEL),
        s.choice("female", Material.STEEL),
        null,
        s.choice("lock", Lock.NONE),
        s.choice("kind", Surface.THREAD),
        s.choice("hole", Hole.THROUGH),
        circumstances,
        null,
        s.has("makerSays") ? Compound.valueOf(s.text("makerSays")) : null);
  }

  private static StatedValue value(Fields v) {
    StatementFields fields =
        new StatementFields(
            v.choice("form", Form.VALUE),
            v.figure("value"),
            v.figure("min"),
            v.figure("max"),
            v.figure("angleDeg"),
            v.numbers("stages"),
            v.has("unit") ? TorqueUnit.ofCode(v.text("unit")).orElseThrow() : null);
    StatedValue read =
        StatedValue.of(fields.statement())
            .from(
                Source.valueOf(v.text("source")), v.choice("condition", FrictionCondition.UNKNOWN));
    return v.flag("newPart") ? read.ofNewPart() : read;
  }

  /** One object of a document. */
  private record Fields(Map<?, ?> map) {
    boolean has(String name) {
      return map.get(name) != null;
    }

    String text(String name) {
      return (String) map.get(name);
    }

    boolean flag(String name) {
      return Boolean.TRUE.equals(map.get(name));
    }

    double number(String name, double otherwise) {
      return has(name) ? ((Number) map.get(name)).doubleValue() : otherwise;
    }

    Double figure(String name) {
      return has(name) ? (Double) number(name, 0) : null;
    }

    Fields node(String name) {
      return new Fields((Map<?, ?>) map.get(name));
    }

    <E extends Enum<E>> E choice(String name, E otherwise) {
      return has(name) ? Enum.valueOf(otherwise.getDeclaringClass(), text(name)) : otherwise;
    }

    private List<?> all(String name) {
      return has(name) ? (List<?>) map.get(name) : List.of();
    }

    List<String> texts(String name) {
      return all(name).stream().map(String.class::cast).toList();
    }

    List<Double> numbers(String name) {
      return all(name).stream().map(n -> ((Number) n).doubleValue()).toList();
    }

    <T> List<T> each(String name, Function<Fields, T> make) {
      return all(name).stream().map(o -> make.apply(new Fields((Map<?, ?>) o))).toList();
    }

    List<Measure> measures(String name) {
      return all(name).stream()
          .map(
              o ->
                  o instanceof String text ? Measure.of(text) : new Fields((Map<?, ?>) o).measure())
          .toList();
    }

    private Measure measure() {
      return new Measure(
          text("what"),
          text("unit"),
          figure("min"),
          figure("max"),
          text("limit"),
          figure("within"),
          text("onPart") == null ? null : Measure.End.valueOf(text("onPart")),
          has("side") ? Side.valueOf(text("side")) : null);
    }
  }

  /** The same job with questions, and things that are done once a side. */
  public static JobPack asking(JobPack pack, List<PackOption> options, String... eachSide) {
    Map<String, List<Side>> sided = new LinkedHashMap<>();
    for (String name : eachSide) {
      sided.put(name, List.of(Side.values()));
    }
    return asking(pack, options, sided);
  }

  /** The same where the sides are asked for in words of its own. */
  static JobPack askingSides(JobPack pack, String question, String eachSide) {
    return pack.as(
        pack.joints(),
        new PackChoices(List.of(), Map.of(), Map.of(eachSide, List.of(Side.values())), question),
        pack.layout());
  }

  /** The same on the sides named. */
  static JobPack asking(JobPack pack, List<PackOption> options, Map<String, List<Side>> sided) {
    return pack.as(pack.joints(), new PackChoices(options, Map.of(), sided), pack.layout());
  }

  /** The same job with other parts. */
  public static JobPack with(JobPack p, List<PackPart> parts) {
    return with(p, parts, p.joints(), p.order());
  }

  static JobPack with(
      JobPack p, List<PackPart> parts, List<PackJoint> joints, List<OrderRule> order) {
    return new JobPack(
        p.key(),
        p.title(),
        p.summary(),
        p.machineKind(),
        p.models(),
        p.fits(),
        p.words(),
        p.cautions(),
        p.preparation(),
        parts,
        p.steps(),
        joints,
        order,
        p.checks(),
        p.rechecks(),
        p.assemblies(),
        p.choices(),
        p.layout());
  }

  /** The joint with this id inside a document, to be changed by a test. */
  @SuppressWarnings("unchecked")
  public static Map<String, Object> jointOf(Map<String, Object> pack, int index) {
    return (Map<String, Object>) ((List<Object>) pack.get("joints")).get(index);
  }

  public static List<Object> list(Object... items) {
    return new ArrayList<>(List.of(items));
  }
}
