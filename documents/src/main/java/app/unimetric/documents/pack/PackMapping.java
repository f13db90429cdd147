package app.unimetric.documents.pack;

import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.fastener.Fastener;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.FitQuestion;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PackAssembly;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackLayout;
import app.unimetric.core.pack.PackPart;
import app.unimetric.core.pack.PackRecheck;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Preparation;
import app.unimetric.core.pack.SetToCheck;
import app.unimetric.core.pack.TorqueSheet;
import app.unimetric.core.pack.Turn;
import app.unimetric.core.pack.Turning;
import app.unimetric.core.pack.Undoing;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.AlsoStated;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.StatementFields;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.surface.Circumstance;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.thread.ThreadText;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** From a document to the core's pack; gathers what is wrong with its place. */
final class PackMapping {
  private final Problems problems = new Problems();

  JobPack pack(PackDocument d) {
    checkNames(d);
    Preparation preparation =
        new Preparation(
            each(d.asFound(), "asFound", (m, at) -> measure(m, at)),
            each(d.fitChecks(), "fitChecks", this::fit),
            each(d.inspections(), "inspections", this::inspection),
            texts(d.specialTools()),
            texts(d.consumables()));
    List<PackStep> steps = each(d.steps(), "steps", this::step);
    List<PackJoint> joints = each(d.joints(), "joints", this::joint);
    List<PackRecheck> rechecks = each(d.rechecks(), "rechecks", this::recheck);
    problems.orThrow();
    return new JobPack(
        d.key(),
        d.title(),
        d.summary(),
        d.machineKind(),
        texts(d.models()),
        d.fits(),
        texts(d.words()),
        texts(d.cautions()),
        preparation,
        parts(d),
        steps,
        joints,
        order(d, joints),
        map(d.checks(), c -> new PackCheck(c.id(), c.title(), c.text())),
        rechecks,
        map(
            d.assemblies(),
            a ->
                new PackAssembly(
                    a.id(), a.title(), a.joints(), Boolean.TRUE.equals(a.onTheBench()))),
        new PackChoiceMapping(problems).choices(d),
        new PackLayout(Boolean.TRUE.equals(d.sidesInTurn()), Set.of(), List.of()));
  }

  /** A rule names joints or steps and says how strictly it binds. */
  private static List<OrderRule> order(PackDocument d, List<PackJoint> joints) {
    Set<String> ids = joints.stream().map(PackJoint::id).collect(Collectors.toSet());
    return map(
        d.order(),
        r ->
            new OrderRule(
                taskOf(ids, r.before()),
                taskOf(ids, r.after()),
                or(r.binding(), Binding.FINAL),
                r.reason()));
  }

  private static String taskOf(Set<String> joints, String id) {
    return joints.contains(id) ? id : PackStep.taskIdOf(id);
  }

  private void checkNames(PackDocument d) {
    unique(map(d.joints(), PackDocument.JointFields::id), "joints");
    unique(map(d.steps(), PackDocument.StepFields::id), "steps");
    unique(map(d.checks(), PackDocument.CheckFields::id), "checks");
    Set<String> joints =
        d.joints().stream().map(PackDocument.JointFields::id).collect(Collectors.toSet());
    List<PackDocument.StepFields> steps = d.steps() == null ? List.of() : d.steps();
    Set<String> bound = new HashSet<>(joints);
    List<String> both = new ArrayList<>(map(d.joints(), PackDocument.JointFields::id));
    both.addAll(map(d.steps(), PackDocument.StepFields::id));
    problems.require(
        new HashSet<>(both).size() == both.size(),
        "steps",
        "share a name with a joint; each needs its own.");
    steps.stream()
        .filter(s -> s.phase().part() == Phase.Part.AMONG)
        .forEach(s -> bound.add(s.id()));
    List<PackDocument.RuleFields> order = d.order() == null ? List.of() : d.order();
    for (int i = 0; i < order.size(); i++) {
      bound(bound, order.get(i).before(), "order[" + i + "].before");
      bound(bound, order.get(i).after(), "order[" + i + "].after");
    }
    Set<String> undoing =
        steps.stream()
            .filter(s -> s.phase().part() == Phase.Part.BEFORE)
            .map(PackDocument.StepFields::id)
            .collect(Collectors.toSet());
    for (int i = 0; i < d.joints().size(); i++) {
      PackDocument.UndoFields undo = d.joints().get(i).undo();
      if (undo != null) {
        String beside = undo.before() == null ? undo.after() : undo.before();
        problems.require(
            beside == null || undoing.contains(beside),
            "joints[" + i + "].undo",
            "stands beside no step that comes before the tightening.");
      }
    }
    List<PackDocument.AssemblyFields> assemblies =
        d.assemblies() == null ? List.of() : d.assemblies();
    Set<String> met = new HashSet<>();
    for (int i = 0; i < assemblies.size(); i++) {
      for (String joint : assemblies.get(i).joints()) {
        known(joints, joint, "assemblies[" + i + "].joints");
        problems.require(
            met.add(joint), "assemblies[" + i + "].joints", joint + " is in two assemblies.");
      }
    }
    for (int i = 0; i < steps.size(); i++) {
      known(joints, steps.get(i).before(), "steps[" + i + "].before");
      known(joints, steps.get(i).after(), "steps[" + i + "].after");
    }
    List<PackDocument.RecheckFields> rechecks = d.rechecks() == null ? List.of() : d.rechecks();
    for (int i = 0; i < rechecks.size(); i++) {
      for (String joint : texts(rechecks.get(i).joints())) {
        known(joints, joint, "rechecks[" + i + "].joints");
      }
    }
  }

  private void unique(List<String> ids, String list) {
    Set<String> met = new HashSet<>();
    for (int i = 0; i < ids.size(); i++) {
      problems.require(met.add(ids.get(i)), list + "[" + i + "].id", "is used twice.");
    }
  }

  private void bound(Set<String> names, String id, String at) {
    problems.require(
        names.contains(id),
        at,
        "names no joint of this job, nor a step of it while it is prepared, started or tightened.");
  }

  private void known(Set<String> joints, @Nullable String id, String at) {
    problems.require(id == null || joints.contains(id), at, "names no joint of this job.");
  }

  private @Nullable Measure measure(PackDocument.MeasureFields m, String at) {
    return problems.under(
        at,
        () ->
            new Measure(
                m.what(), m.unit(), m.min(), m.max(), m.limit(), m.within(), m.onPart(), null));
  }

  private @Nullable FitQuestion fit(PackDocument.FitFields f, String at) {
    String call = f.call();
    FitCall answers =
        Stream.of(FitCall.values()).filter(c -> c.call().equals(call)).findFirst().orElse(null);
    problems.require(
        call == null || answers != null,
        at + ".call",
        "names no calculation of fit; the list is in docs/formats.");
    return new FitQuestion(f.question(), answers);
  }

  /** Parts used once have a list of their own; all others name their role. */
  private static List<PackPart> parts(PackDocument d) {
    List<PackPart> parts =
        new ArrayList<>(
            map(d.oneTimeParts(), p -> new PackPart(p.name(), p.count(), PartRole.USED_ONCE)));
    parts.addAll(
        map(d.parts(), p -> new PackPart(p.name(), p.count(), or(p.role(), PartRole.NEW))));
    return parts;
  }

  private @Nullable Measure inspection(PackDocument.MeasureFields m, String at) {
    problems.require(
        m.within() == null, at + ".within", "belongs to what is measured as found and as left.");
    return measure(m, at);
  }

  private PackStep step(PackDocument.StepFields s, String at) {
    String beside = s.before() == null ? s.after() : s.before();
    String field = at + (s.before() == null ? ".after" : ".before");
    problems.require(
        s.before() == null || s.after() == null,
        at + ".before",
        "Give either before or after, not both.");
    problems.require(
        beside == null || s.phase().part() == Phase.Part.AMONG,
        field,
        "belongs to steps of PREPARE, START or TIGHTEN; the others stand in the order of the work.");
    return new PackStep(
        s.id(),
        s.phase(),
        s.title(),
        s.text(),
        texts(s.traps()),
        orZero(s.minutes()),
        Boolean.TRUE.equals(s.hold()),
        beside == null ? null : new PackStep.Beside(beside, s.before() == null),
        or(s.kind(), s.phase().taskKind()),
        null);
  }

  private @Nullable PackRecheck recheck(PackDocument.RecheckFields r, String at) {
    RecheckRule rule =
        problems.under(
            at,
            () ->
                new RecheckRule(
                    "own: " + r.why(),
                    r.why(),
                    Boolean.TRUE.equals(r.afterFirstRide()),
                    r.km(),
                    r.days(),
                    r.hours()));
    return rule == null ? null : new PackRecheck(rule, texts(r.joints()));
  }

  private @Nullable PackJoint joint(PackDocument.JointFields j, String at) {
    ThreadText named = problems.under(at + ".thread", () -> ThreadText.parse(j.thread()));
    ScrewThread thread = named == null ? null : named.thread();
    Hand written = named == null ? null : named.hand();
    problems.require(
        written == null || j.hand() == null || written == j.hand(),
        at + ".hand",
        "is not the hand the thread is written with.");
    Hand hand = written == null ? or(j.hand(), Hand.RIGHT) : written;
    String mark = j.propertyClass();
    PropertyClass material =
        mark == null
            ? null
            : problems.under(at + ".propertyClass", () -> PropertyClass.parse(mark));
    BoltPattern pattern =
        problems.under(
            at,
            () ->
                new BoltPattern(
                    j.count(), or(j.layout(), Layout.CIRCLE), j.gapStyle(), j.passesPercent()));
    Situation situation = problems.under(at + ".surface", () -> situation(j.surface(), thread));
    List<DocumentedValue> values = values(j.values(), at + ".values");
    problems.require(
        present(j.values()) || present(j.slots()) || j.setToCheck() != null,
        at + ".values",
        "needs at least one stated value (“snug” is one too), or slots that say where to look one up.");
    leftAt(j, at);
    SetToCheck setToCheck = setToCheck(j, at, values);
    Castellation castellation = castellation(j, at);
    Fastener fastener =
        thread == null
            ? null
            : problems.under(
                at, () -> new Fastener(thread, hand, material, or(j.head(), Head.HEX), j.drive()));
    return fastener == null || pattern == null || situation == null
        ? null
        : new PackJoint(
            j.id(),
            j.title(),
            fastener,
            pattern,
            duty(j),
            situation,
            new TorqueSheet(values, texts(j.slots()), or(j.slipTest(), "")),
            new Turning(
                or(j.turn(), Turn.BOLT),
                j.counterHold(),
                j.access(),
                Boolean.TRUE.equals(j.usedOnce()),
                orZero(j.minutes()),
                Boolean.TRUE.equals(j.tried()),
                castellation,
                j.leftAtNm(),
                setToCheck),
            texts(j.traps()),
            undoing(j.undo()),
            null,
            or(j.place(), ""));
  }

  private @Nullable Castellation castellation(PackDocument.JointFields j, String at) {
    PackDocument.CastellationFields nut = j.castellation();
    if (nut == null) {
      return null;
    }
    problems.require(
        j.surface().lock() == Lock.CASTLE_PIN,
        at + ".castellation",
        "belongs to a castellated nut: choose that as its lock.");
    return problems.under(
        at + ".castellation",
        () ->
            new Castellation(
                or(nut.slots(), Castellation.USUAL.slots()),
                or(nut.holes(), Castellation.USUAL.holes())));
  }

  /** What it is drawn to first is a value like any other, said by who entered it. */
  private @Nullable SetToCheck setToCheck(
      PackDocument.JointFields j, String at, List<DocumentedValue> values) {
    PackDocument.SetToCheckFields set = j.setToCheck();
    if (set == null) {
      return null;
    }
    problems.require(
        values.isEmpty(),
        at + ".values",
        "A joint that is set to its check has no value of its own: say it as its limit, or what it is drawn to.");
    PackDocument.DrawToFields to = set.drawTo();
    SetToCheck made =
        problems.under(
            at + ".setToCheck",
            () ->
                new SetToCheck(
                    set.feel(),
                    set.atMost(),
                    to == null ? null : new SetToCheck.DrawTo(to.nm(), to.saidBy())));
    if (made != null && to != null) {
      StatedValue value = StatedValue.of(to.nm(), TorqueUnit.NEWTON_METRE, Source.KIT_SHEET);
      values.add(new DocumentedValue(DocumentedValue.idInPack(0), value, to.saidBy()));
    }
    return made;
  }

  private void leftAt(PackDocument.JointFields j, String at) {
    Double leftAt = j.leftAtNm();
    if (leftAt != null) {
      problems.require(
          Boolean.TRUE.equals(j.tried()), at + ".leftAtNm", "belongs to what is only tried.");
      problems.positive(leftAt, Torque.MAX_NM, at + ".leftAtNm");
    }
  }

  private static @Nullable Undoing undoing(PackDocument.@Nullable UndoFields undo) {
    if (undo == null) {
      return null;
    }
    String beside = undo.before() == null ? undo.after() : undo.before();
    return new Undoing(
        undo.text(), beside == null ? null : new Undoing.BesideStep(beside, undo.before() == null));
  }

  private static Duty duty(PackDocument.JointFields j) {
    Set<Trait> traits = EnumSet.noneOf(Trait.class);
    add(traits, Trait.CRITICAL, j.critical(), false);
    add(traits, Trait.CARBON, j.carbon(), false);
    add(traits, Trait.SOFT_THREAD, j.softThread(), false);
    add(traits, Trait.SETTLES, j.settles(), false);
    add(traits, Trait.WHEEL, j.wheel(), false);
    add(traits, Trait.CONTROL, j.control(), false);
    return new Duty(or(j.role(), Role.CLAMP), traits, j.aim());
  }

  private static Situation situation(PackDocument.SurfaceFields s, @Nullable ScrewThread thread) {
    Set<Circumstance> circumstances = EnumSet.noneOf(Circumstance.class);
    add(circumstances, Circumstance.COMES_APART, s.mustComeApart(), true);
    add(circumstances, Circumstance.VIBRATES, s.vibrates(), false);
    add(circumstances, Circumstance.NEAR_PLASTIC, s.nearPlastic(), false);
    add(circumstances, Circumstance.NEAR_CARBON, s.nearCarbon(), false);
    add(circumstances, Circumstance.NUT_ACCESS, s.nutAccess(), true);
    return new Situation(
        thread,
        or(s.bolt(), Material.STEEL),
        or(s.female(), Material.STEEL),
        s.clamped(),
        or(s.lock(), Lock.NONE),
        or(s.kind(), Surface.THREAD),
        or(s.hole(), Hole.THROUGH),
        circumstances,
        s.temperatureC(),
        s.makerSays());
  }

  private List<DocumentedValue> values(
      @Nullable List<PackDocument.ValueFields> given, String list) {
    List<DocumentedValue> values = new ArrayList<>();
    List<PackDocument.ValueFields> all = given == null ? List.of() : given;
    for (int i = 0; i < all.size(); i++) {
      PackDocument.ValueFields v = all.get(i);
      StatedValue value = problems.under(list + "[" + i + "]", () -> value(v));
      if (value != null) {
        values.add(new DocumentedValue(DocumentedValue.idInPack(i), value, v.document()));
      }
    }
    return values;
  }

  private static StatedValue value(PackDocument.ValueFields v) {
    StatementFields fields =
        new StatementFields(
            or(v.form(), Form.VALUE),
            v.value(),
            v.min(),
            v.max(),
            v.angleDeg(),
            v.stages() == null ? List.of() : v.stages(),
            v.unit());
    PackDocument.TwiceFields twice = v.alsoStated();
    Problems problems = new Problems();
    AlsoStated also =
        twice == null
            ? null
            : problems.under("alsoStated", () -> AlsoStated.of(twice.value(), twice.unit()));
    problems.orThrow();
    return new StatedValue(
        fields.statement(),
        v.source(),
        v.part(),
        Boolean.TRUE.equals(v.newPart()),
        or(v.condition(), FrictionCondition.UNKNOWN),
        Boolean.TRUE.equals(v.approximate()),
        also);
  }

  private static <E extends Enum<E>> void add(
      Set<E> set, E one, @Nullable Boolean holds, boolean otherwise) {
    if (holds == null ? otherwise : holds) {
      set.add(one);
    }
  }

  private static <T> T or(@Nullable T given, T otherwise) {
    return given == null ? otherwise : given;
  }

  private static double orZero(@Nullable Double given) {
    return given == null ? 0 : given;
  }

  private static boolean present(@Nullable List<?> list) {
    return list != null && !list.isEmpty();
  }

  private static List<String> texts(@Nullable List<String> given) {
    return given == null ? List.of() : given;
  }

  private static <F, T> List<T> map(@Nullable List<F> given, Function<F, T> make) {
    return given == null ? List.of() : given.stream().map(make).toList();
  }

  private static <F, T> List<T> each(
      @Nullable List<F> given, String list, BiFunction<F, String, @Nullable T> make) {
    List<T> made = new ArrayList<>();
    List<F> all = given == null ? List.of() : given;
    for (int i = 0; i < all.size(); i++) {
      T one = make.apply(all.get(i), list + "[" + i + "]");
      if (one != null) {
        made.add(one);
      }
    }
    return made;
  }
}
