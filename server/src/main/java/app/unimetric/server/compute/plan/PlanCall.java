package app.unimetric.server.compute.plan;

import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Side;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.Climb;
import app.unimetric.core.plan.Decision;
import app.unimetric.core.plan.FitAnswer;
import app.unimetric.core.plan.HandTools;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Needs;
import app.unimetric.core.plan.NextSlot;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.plan.UntilRide;
import app.unimetric.core.plan.Wetting;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import app.unimetric.server.compute.tool.SettingCall;
import app.unimetric.server.compute.tool.ToolsCall;
import app.unimetric.server.pack.Packs;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** A whole job worked out: order, passes, tools and settings, what is needed, what is missing. */
@ComputeCall
public final class PlanCall {
  private final Packs packs;

  PlanCall(Packs packs) {
    this.packs = packs;
  }

  private static final int MOST = 400;

  @Schema(name = "PlanValue", description = "a value looked up for a joint, as typed")
  public record Value(
      String jointId,
      String typed,
      Source source,
      String document,
      @Nullable FrictionCondition condition) {}

  @Schema(name = "PlanDecision", description = "which value of a joint holds")
  public record Decided(
      String jointId,
      int valueIndex,
      @Nullable TorqueUnit readAs,
      String reason,
      @Nullable String by) {}

  @Schema(name = "ShelfProduct", description = "minutes from the product's own sheet")
  public record Product(
      @Nullable String name,
      Compound compound,
      @Nullable Double fixtureMinutes,
      @Nullable Double fullCureMinutes,
      @Schema(description = "first day on which it is no longer used")
          @Nullable LocalDate expiresOn) {
    Shelf.Product product() {
      return new Shelf.Product(
          name == null ? compound.words() : name,
          compound,
          fixtureMinutes,
          fullCureMinutes,
          expiresOn);
    }
  }

  @Schema(name = "PlanFit", description = "whether something fits, as the pack asks it")
  public record Fitting(String question, boolean fits, @Nullable String note) {}

  @Schema(name = "ShelfPart")
  public record Part(String name, int count) {}

  @Schema(name = "ShelfFields")
  public record ShelfFields(@Nullable List<Product> products, @Nullable List<Part> parts) {}

  @Schema(name = "PolicyFields", description = "left out: the usual rules of a workshop")
  public record PolicyFields(@Nullable Aim aim) {}

  @Schema(
      name = "PlanRequest",
      example =
          "{\"pack\": {\"format\": \"unimetric-pack\", \"version\": 1, \"key\": \"demo\", \"title\": \"Plate\", \"summary\": \"A plate.\", \"machineKind\": \"ATV\", \"fits\": \"Plate\","
              + " \"joints\": [{\"id\": \"plate\", \"title\": \"Plate\", \"thread\": \"M8\", \"propertyClass\": \"8.8\", \"count\": 4, \"layout\": \"CIRCLE\", \"drive\": \"6 mm hex key\", \"slots\": [\"the manual\"], \"surface\": {\"vibrates\": true}}]},"
              + " \"values\": [{\"jointId\": \"plate\", \"typed\": \"22 Nm\", \"source\": \"MANUAL\", \"document\": \"p. 3\"}],"
              + " \"tools\": [{\"id\": \"a\", \"minNm\": 5, \"maxNm\": 25, \"graduation\": 0.5, \"unit\": \"N.m\", \"calibratedOn\": \"2026-02-01\"}],"
              + " \"shelf\": {\"products\": [{\"compound\": \"MEDIUM\", \"fixtureMinutes\": 20, \"fullCureMinutes\": 1440}]}, \"handOrder\": [\"plate\"], \"byFeel\": [\"plate\"], \"answers\": {\"options\": {}, \"sides\": []}, \"today\": \"2026-06-01\"}")
  public record Request(
      @Schema(description = "docs/formats/job-pack.schema.json") Map<String, Object> pack,
      @Nullable List<Value> values,
      @Nullable List<Decided> decisions,
      List<ToolsCall.CribFields> tools,
      @Schema(
              description =
                  "keys, sockets and special tools there are, by name; left out: not asked")
          @Nullable List<String> handTools,
      @Nullable ShelfFields shelf,
      @Schema(description = "left out: questions of fit are not asked")
          @Nullable List<Fitting> fits,
      @Schema(description = "joints as arranged by hand; passed over where a rule forbids it")
          @Nullable List<String> handOrder,
      @Schema(description = "joints done by feel where no tool reaches; not on a critical one")
          @Nullable List<String> byFeel,
      @Schema(description = "tools chosen by hand, by joint; passed over where one does not do")
          @Nullable Map<String, String> toolChoices,
      @Nullable PolicyFields policy,
      @Schema(description = "to what the pack asks first; left out: the usual kind, both sides")
          @Nullable AnswerFields answers,
      LocalDate today) {}

  @Schema(name = "PlanAnswers")
  public record AnswerFields(@Nullable Map<String, String> options, @Nullable List<Side> sides) {
    Answers answers() {
      return new Answers(options == null ? Map.of() : options, sides == null ? List.of() : sides);
    }
  }

  @Schema(name = "PlanJoint", description = "torques in N·m, in working order")
  public record Joint(
      @Schema(description = "of this plan: with its side, where it is done once a side") String id,
      @Schema(description = "as the pack names it") String jointId,
      @Nullable Side side,
      String title,
      @Nullable Double bandMinNm,
      @Nullable Double bandMaxNm,
      @Nullable Double aimNm,
      @Schema(description = "how its pinned nut goes on to the next slot, where it has one")
          @Nullable NextSlot nextSlot,
      @Schema(description = "how it is climbed to hold, where only a maximum is known on carbon")
          @Nullable Climb climb,
      Compound compound,
      String where,
      @Schema(description = "when it is wetted and how long it then has") @Nullable Wetting wetting,
      @Nullable String toolId,
      SettingCall.@Nullable Scale scale,
      List<Pass> passes,
      List<String> reasons) {}

  @Schema(
      name = "PlanTask",
      description =
          "one task in the order of the work: on a joint, or a step of the pack by its id")
  public record Todo(
      TaskKind kind,
      @Nullable String jointId,
      @Nullable String stepId,
      @Schema(description = "joints of one are started, snugged and tightened together")
          @Nullable String assembly,
      @Nullable Side side,
      @Schema(description = "share of the final torque, for a pass") @Nullable Double passPercent,
      @Schema(description = "why it may not come sooner") @Nullable String why) {}

  @Schema(name = "PlanRecheck")
  public record Again(
      String why,
      boolean afterFirstRide,
      @Nullable Double km,
      @Nullable Integer days,
      @Nullable Double hours,
      List<String> joints) {}

  @Schema(name = "PlanResponse", description = "steps are laid out once nothing is in the way")
  public record Response(
      boolean ready,
      List<Blocker> blockers,
      List<String> cycle,
      List<Joint> joints,
      @Schema(
              description =
                  "all that is done, in the order of the work; empty when it forms a ring")
          List<Todo> tasks,
      List<RunStep> steps,
      int settingChanges,
      int settingChangesAtLeast,
      boolean handOrder,
      Needs needs,
      UntilRide ride,
      List<PackCheck> checks,
      List<Again> rechecks,
      double minutes,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "A whole job worked out: order, tools and settings, needs, what is missing")
  @PostMapping("/plan")
  Response plan(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Problems problems = new Problems();
    JobPack open = problems.under("pack", () -> packs.take(r.pack()));
    Answers answers = r.answers() == null ? Answers.NONE : r.answers().answers();
    JobPack pack = open == null ? null : problems.under("answers", () -> open.answered(answers));
    Map<String, List<DocumentedValue>> found = new LinkedHashMap<>();
    each(
        r.values(),
        "values",
        problems,
        v -> {
          List<DocumentedValue> ofJoint =
              found.computeIfAbsent(v.jointId(), id -> new ArrayList<>());
          ofJoint.add(value(v.jointId() + ".found." + (ofJoint.size() + 1), v));
          return true;
        });
    JobPack valued = pack == null ? null : pack.with(found);
    List<Decision> decisions =
        each(
            r.decisions(),
            "decisions",
            problems,
            d ->
                new Decision(
                    d.jointId(),
                    valued == null ? "" : idAt(valued, d),
                    d.readAs(),
                    d.reason(),
                    d.by() == null ? "a lead" : d.by()));
    List<CribTool> crib = each(r.tools(), "tools", problems, ToolsCall.CribFields::tool);
    ShelfFields fields = r.shelf();
    Shelf shelf =
        fields == null
            ? null
            : new Shelf(
                each(fields.products(), "shelf.products", problems, Product::product),
                each(
                    fields.parts(),
                    "shelf.parts",
                    problems,
                    p -> new Shelf.Part(p.name(), p.count())));
    List<FitAnswer> fits =
        r.fits() == null
            ? null
            : each(
                r.fits(),
                "fits",
                problems,
                f ->
                    new FitAnswer(
                        f.question(), f.fits(), f.note() == null ? "" : f.note(), "", null));
    HandTools handTools =
        r.handTools() == null
            ? null
            : HandTools.of(each(r.handTools(), "handTools", problems, name -> name));
    List<String> handOrder = each(r.handOrder(), "handOrder", problems, id -> id);
    problems.orThrow();
    if (valued == null) {
      throw Fields.missingAt("pack");
    }
    return of(
        JobPlan.of(
            valued,
            new Circumstances(
                decisions,
                crib,
                handTools,
                shelf,
                fits,
                handOrder,
                byFeel(r),
                r.toolChoices() == null ? Map.of() : r.toolChoices(),
                policy(r.policy()),
                r.today())),
        why);
  }

  private static Map<String, String> byFeel(Request r) {
    Map<String, String> byFeel = new HashMap<>();
    if (r.byFeel() != null) {
      r.byFeel().forEach(id -> byFeel.put(id, "asked for"));
    }
    return byFeel;
  }

  /** A plan in the form of this call. */
  public static Response of(JobPlan plan, boolean why) {
    return new Response(
        plan.ready(),
        plan.blockers(),
        plan.cycle(),
        plan.joints().stream()
            .map(j -> joint(j, plan.work().wettings().get(j.joint().id())))
            .toList(),
        tasks(plan),
        plan.ready() ? RunSheetWriter.write(plan).steps() : List.of(),
        plan.settingChanges(),
        plan.settingChangesAtLeast(),
        plan.handOrder(),
        plan.needs(),
        plan.ride(),
        plan.pack().checks(),
        plan.policy().rechecks(plan.pack()).stream()
            .map(
                g ->
                    new Again(
                        g.rule().why(),
                        g.rule().afterFirstRide(),
                        g.rule().km(),
                        g.rule().days(),
                        g.rule().hours(),
                        g.titles()))
            .toList(),
        plan.pack().minutes(),
        List.of(
            "Within the order rules, joints that need the same tool and setting follow each other."),
        why ? plan.joints().stream().flatMap(j -> j.derivation().stream()).toList() : null);
  }

  private static Policy policy(@Nullable PolicyFields given) {
    Policy usual = Policy.USUAL;
    return given == null || given.aim() == null ? usual : usual.withAim(given.aim());
  }

  /** The value at the place a decision names, from 0; none where there is none. */
  private static String idAt(JobPack pack, Decided d) {
    return pack.joints().stream()
        .filter(j -> j.isNamed(d.jointId()))
        .map(j -> j.torque().values())
        .filter(v -> d.valueIndex() >= 0 && d.valueIndex() < v.size())
        .map(v -> v.get(d.valueIndex()).id())
        .findFirst()
        .orElse("");
  }

  private static DocumentedValue value(String id, Value v) {
    FrictionCondition condition = v.condition() == null ? FrictionCondition.UNKNOWN : v.condition();
    return new DocumentedValue(
        id,
        Fields.as("typed", () -> TorqueText.parse(v.typed())).from(v.source(), condition),
        v.document());
  }

  private static <G, T> List<T> each(
      @Nullable List<G> given,
      String field,
      Problems problems,
      java.util.function.Function<G, T> make) {
    List<T> made = new ArrayList<>();
    List<G> items = given == null ? List.of() : given;
    problems.require(items.size() <= MOST, field, "must hold at most " + MOST + " entries.");
    for (int i = 0; i < Math.min(items.size(), MOST); i++) {
      G item = items.get(i);
      String at = field + "[" + i + "]";
      T one = problems.under(at, () -> item == null ? Fields.<T>missing("") : make.apply(item));
      if (one != null) {
        made.add(one);
      }
    }
    return made;
  }

  private static List<Todo> tasks(JobPlan plan) {
    Map<String, Todo> named = new HashMap<>();
    Map<String, String> assemblies = new HashMap<>();
    plan.pack().assemblies().forEach(a -> a.jointIds().forEach(id -> assemblies.put(id, a.id())));
    for (PackStep step : plan.pack().steps()) {
      named.put(
          step.taskId(), new Todo(step.kind(), null, step.packId(), null, step.side(), null, null));
    }
    for (PackCheck check : plan.pack().checks()) {
      named.put(
          check.taskId(),
          new Todo(TaskKind.FUNCTION_CHECK, null, check.id(), null, null, null, null));
    }
    for (PackJoint joint : plan.pack().joints()) {
      named.put(
          joint.undoId(),
          new Todo(TaskKind.UNDO, joint.packId(), null, null, joint.side(), null, null));
      named.put(
          joint.id(),
          new Todo(
              TaskKind.START,
              joint.packId(),
              null,
              assemblies.get(joint.id()),
              joint.side(),
              null,
              null));
    }
    return plan.work().tasks().stream()
        .map(t -> todo(t, named.get(t.jointId() == null ? t.stepId() : t.jointId()), plan))
        .toList();
  }

  private static Todo todo(Task task, @Nullable Todo named, JobPlan plan) {
    return named == null
        ? new Todo(task.kind(), null, task.stepId(), null, null, null, null)
        : new Todo(
            task.kind(),
            named.jointId(),
            named.stepId(),
            named.assembly(),
            named.side(),
            plan.percent(task),
            plan.why(task));
  }

  private static Joint joint(PlannedJoint j, @Nullable Wetting wetting) {
    ToolChoice choice = j.tool();
    return new Joint(
        j.joint().id(),
        j.joint().packId(),
        j.joint().side(),
        j.joint().title(),
        j.resolution().band() == null ? null : j.resolution().band().minNm(),
        j.resolution().band() == null ? null : j.resolution().band().maxNm(),
        j.resolution().aimNm(),
        j.nextSlot().orElse(null),
        j.climb(),
        j.compound().advice(),
        j.compound().where(),
        wetting,
        choice == null ? null : choice.tool().id(),
        SettingCall.Scale.of(j.reading()),
        j.passes(),
        j.resolution().reasons());
  }
}
