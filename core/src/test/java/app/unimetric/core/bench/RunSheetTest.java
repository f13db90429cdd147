package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.Given;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Random packs laid out as runs: no rule broken, nothing missing, nothing out of turn. */
class RunSheetTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
  private static final String[] LAYOUTS = {"CIRCLE", "ROW", "PINCH", "FACEPLATE"};

  private static Map<String, Object> joint(Seeded.Case random, int i) {
    Map<String, Object> joint = new HashMap<>();
    joint.put("id", "joint-" + i);
    joint.put("title", "Joint " + i);
    joint.put("thread", random.nextBoolean() ? "M8" : "M6");
    joint.put("propertyClass", "8.8");
    joint.put("count", 1 + random.nextInt(8));
    joint.put("layout", LAYOUTS[random.nextInt(4)]);
    joint.put("critical", random.nextInt(3) == 0);
    joint.put("surface", Map.of("vibrates", random.nextBoolean(), "lock", "NONE"));
    joint.put("traps", List.of("Trap " + i));
    joint.put(
        "values",
        List.of(
            Map.of(
                "form",
                "VALUE",
                "value",
                8 + random.nextInt(5),
                "unit",
                "N.m",
                "source",
                "MANUAL",
                "document",
                "Test manual")));
    return joint;
  }

  private static JobPack pack(Seeded.Case random) {
    int count = 1 + random.nextInt(8);
    List<Object> joints = new ArrayList<>();
    List<Object> order = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      joints.add(joint(random, i));
      for (int j = 0; j < i; j++) {
        if (random.nextInt(4) == 0) {
          order.add(Map.of("before", "joint-" + j, "after", "joint-" + i, "reason", "Because."));
        }
      }
    }
    List<Object> steps = new ArrayList<>();
    for (int i = 0; i < random.nextInt(6); i++) {
      Phase phase = Phase.values()[random.nextInt(Phase.values().length)];
      Map<String, Object> step = SamplePack.step("s" + i, phase.name());
      step.put("traps", List.of("Step trap " + i));
      step.put("minutes", 3);
      if (phase.part() == Phase.Part.AMONG && random.nextBoolean()) {
        step.put(random.nextBoolean() ? "before" : "after", "joint-" + random.nextInt(count));
      }
      steps.add(step);
    }
    Map<String, Object> document = new HashMap<>();
    document.put("format", "unimetric-pack");
    document.put("version", 1);
    document.put("key", "random");
    document.put("title", "Random job");
    document.put("summary", "For testing.");
    document.put("machineKind", "ATV");
    document.put("fits", "Part");
    document.put("joints", joints);
    document.put("order", order);
    document.put("steps", steps);
    document.put(
        "asFound", List.of("how it stands", Map.of("what", "gap", "unit", "mm", "within", 2)));
    document.put("inspections", List.of(Map.of("what", "thickness", "unit", "mm", "min", 1.5)));
    document.put("checks", List.of(Map.of("id", "c", "title", "Check", "text", "It holds.")));
    return SamplePack.read(document);
  }

  private static List<CribTool> crib() {
    return List.of(
        new CribTool(
            "t",
            "Test tool",
            ToolType.CLICK,
            new TorqueTool(1, 25, 3.0, null, TorqueUnit.NEWTON_METRE, List.of()),
            TODAY.minusDays(10),
            5,
            null));
  }

  private static JobPlan plan(JobPack pack) {
    return JobPlan.of(pack, Circumstances.of(crib(), TODAY));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void holdsEveryStepInTheOrderOfTheWork(Seeded.Case random) {
    JobPack pack = pack(random);
    JobPlan plan = plan(pack);
    assertThat(plan.ready()).as(plan.blockers().toString()).isTrue();
    RunSheet sheet = RunSheetWriter.write(plan);
    List<RunStep> steps = sheet.steps();
    assertThat(steps).extracting(RunStep::id).doesNotHaveDuplicates();
    pack.steps()
        .forEach(
            s ->
                assertThat(sheet.step("step." + s.id()).isPresent())
                    .isEqualTo(s.phase() != Phase.FIRST_RIDE));
    assertThat(sheet.steps())
        .filteredOn(s -> s.kind() == StepKind.MEASURE)
        .extracting(RunStep::id)
        .containsExactly("found.1", "found.2", "inspect.1", "left.2");
    List<String> finals = new ArrayList<>();
    Set<StepKind> met = new LinkedHashSet<>();
    for (RunStep step : steps) {
      met.add(step.kind());
      if (step.kind() == StepKind.TIGHTEN && step.percent() == 100) {
        finals.add(step.jointId());
      }
    }
    assertThat(finals)
        .containsExactlyElementsOf(plan.joints().stream().map(j -> j.joint().id()).toList());
    for (OrderRule rule : pack.order()) {
      assertThat(finals.indexOf(rule.before())).isLessThan(finals.indexOf(rule.after()));
    }
    assertThat(steps.get(steps.size() - 1).kind()).isEqualTo(StepKind.SIGN_OFF);
    assertThat(met).contains(StepKind.FUNCTION_CHECK);
    assertThat(met.contains(StepKind.SECOND_LOOK)).isEqualTo(sheet.critical());
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void allAreStartedAndSnugBeforeAnyIsPulledToTheEnd(Seeded.Case random) {
    RunSheet sheet = RunSheetWriter.write(plan(pack(random)));
    int lastHand = -1;
    int lastSnug = -1;
    int firstFinal = Integer.MAX_VALUE;
    for (int i = 0; i < sheet.steps().size(); i++) {
      RunStep step = sheet.steps().get(i);
      lastHand = step.kind() == StepKind.HAND ? i : lastHand;
      lastSnug = step.group().equals("Snug all") ? i : lastSnug;
      boolean fullPull = step.kind() == StepKind.TIGHTEN && step.percent() == 100;
      firstFinal = fullPull ? Math.min(firstFinal, i) : firstFinal;
    }
    assertThat(lastHand).isLessThan(firstFinal);
    assertThat(lastSnug).isLessThan(firstFinal);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void howeverSoonAProductSetsNoneGoesOnAfterItsJointIsSnug(Seeded.Case random) {
    Shelf.Product product =
        new Shelf.Product("Bottle", Compound.MEDIUM, random.between(2, 40), 600.0, null);
    RunSheet sheet =
        RunSheetWriter.write(Given.of(crib(), TODAY).with(filled(product)).plan(pack(random)));
    List<String> ids = sheet.steps().stream().map(RunStep::id).toList();
    assertThat(ids).doesNotHaveDuplicates();
    int firstFinal =
        ids.indexOf(
            sheet.steps().stream().filter(s -> s.percent() == 100).findFirst().orElseThrow().id());
    for (RunJoint joint : sheet.joints()) {
      int wet = ids.indexOf("surface." + joint.id());
      int hand = ids.indexOf("hand." + joint.id());
      int firstPull =
          ids.indexOf(
              ids.stream()
                  .filter(i -> i.startsWith("pass." + joint.id() + "."))
                  .findFirst()
                  .orElseThrow());
      assertThat(wet).as(joint.id()).isLessThan(firstPull);
      assertThat(hand).as("nothing is final before all have started").isBetween(0, firstFinal - 1);
    }
  }

  private static Shelf filled(Shelf.Product product) {
    List<Shelf.Product> products = new ArrayList<>(List.of(product));
    for (Compound other : Compound.values()) {
      if (other != product.compound()) {
        products.add(new Shelf.Product(other.words(), other, null, null, null));
      }
    }
    return new Shelf(products, List.of());
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void lockingComesAfterTheLastPullAndEverythingElseBefore(Seeded.Case random) {
    JobPack pack = pack(random);
    RunSheet sheet = RunSheetWriter.write(plan(pack));
    List<String> ids = sheet.steps().stream().map(RunStep::id).toList();
    int lastPull = -1;
    int firstHand = ids.size();
    for (int i = 0; i < ids.size(); i++) {
      firstHand = ids.get(i).startsWith("hand.") ? Math.min(i, firstHand) : firstHand;
      lastPull = sheet.steps().get(i).perFastener() ? i : lastPull;
    }
    for (var step : pack.steps()) {
      int at = ids.indexOf("step." + step.id());
      switch (step.phase().part()) {
        case BEFORE -> assertThat(at).isLessThan(firstHand);
        case AMONG -> assertThat(at).isGreaterThan(lastBefore(pack, ids));
        case AFTER -> assertThat(at).isGreaterThan(lastPull);
        case RIDE -> assertThat(sheet.steps().get(ids.size() - 1).text()).contains(step.title());
      }
      if (step.beside() != null && step.phase() == Phase.TIGHTEN) {
        int last = ids.indexOf(lastPass(sheet, step.beside().jointId()));
        assertThat(at > last).isEqualTo(step.beside().after());
      }
    }
  }

  private static String lastPass(RunSheet sheet, String jointId) {
    return sheet.steps().stream()
        .filter(s -> jointId.equals(s.jointId()) && s.percent() == 100)
        .findFirst()
        .orElseThrow()
        .id();
  }

  private static int lastBefore(JobPack pack, List<String> ids) {
    return pack.steps(Phase.Part.BEFORE).stream()
        .mapToInt(s -> ids.indexOf("step." + s.id()))
        .max()
        .orElse(-1);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void sayingTheUsualThingToTheEndSignsItOff(Seeded.Case random) {
    RunSheet sheet = RunSheetWriter.write(plan(pack(random)));
    List<RunEvent> events = new ArrayList<>();
    Signature mechanic = new Signature(new java.util.UUID(1, 1), "M", false);
    Signature lead = new Signature(new java.util.UUID(2, 2), "L", true);
    RunState state = Replay.of(sheet, events);
    for (int i = 0; i < 500 && !state.signedOff(); i++) {
      boolean look = state.permits().contains(EventKind.SECOND_LOOK);
      events.add(
          LogLine.event(
              new java.util.UUID(9, i),
              state.currentStep(),
              state.permits().get(0),
              state.nextFastener(),
              null,
              null,
              "2 mm, as usual",
              state.permits().contains(EventKind.FOUND) ? Finding.GOOD : null,
              null,
              null,
              null,
              null,
              null,
              null,
              look ? lead : mechanic,
              null,
              EntryTime.at(java.time.Instant.EPOCH.plusSeconds(i))));
      state = Replay.of(sheet, events);
    }
    assertThat(state.signedOff()).isTrue();
    assertThat(state.doneSteps()).hasSameSizeAs(sheet.steps());
    assertThat(state.entries()).noneMatch(e -> e.notCounted() != null);
    RunState again = Replay.of(sheet, events);
    assertThat(again).isEqualTo(state);
    List<RunEvent> twice = new ArrayList<>(events);
    twice.addAll(events);
    assertThat(Replay.of(sheet, twice)).as("a resend changes nothing").isEqualTo(state);
  }

  private static RunSheet ofOneJoint(Map<String, Object> joint) {
    Map<String, Object> document = SamplePack.document();
    document.put("steps", new ArrayList<>());
    document.put("checks", new ArrayList<>());
    document.put("joints", SamplePack.list(joint));
    document.put("order", SamplePack.list());
    return RunSheetWriter.write(
        JobPlan.of(
            SamplePack.read(document),
            Circumstances.of(List.of(AtTheBench.click("a", 4.0)), TODAY)));
  }

  @Test
  void aPassBeforeTheLastIsPulledNoHigherThanTheFinalBandEnds() {
    Map<String, Object> joint = SamplePack.joint("plate", "M6", 4, "CIRCLE", 5.0);
    Map<String, Object> staged = SamplePack.value(5, "N.m", "MANUAL");
    staged.remove("value");
    staged.put("form", "STAGED");
    staged.put("stages", List.of(4.99, 5.0));
    joint.put("values", SamplePack.list(staged));
    joint.put("aim", "UPPER_THIRD");
    joint.put("critical", true);
    List<RunStep> pulls =
        ofOneJoint(joint).steps().stream().filter(s -> s.kind() == StepKind.TIGHTEN).toList();
    RunStep before = pulls.get(pulls.size() - 2);
    assertThat(before.percent()).isCloseTo(99.8, within(1e-9));
    assertThat(before.band().maxNm()).as("5.08 N·m × 104.8 % is more").isEqualTo(5.25);
  }

  /** The wrench of 4 % cannot tell 25.1 from 24.2 N·m, whatever the slot would carry. */
  @Test
  void aPullOfAPinnedNutMayStandAsFarAboveItsBandAsItsToolMayBeOff() {
    Map<String, Object> nut = SamplePack.joint("nut", "M10", 1, "ROW", 22.0);
    nut.put("surface", Map.of("lock", "CASTLE_PIN"));
    nut.put(
        "values", SamplePack.list(SamplePack.value(22, "N.m", "MANUAL"), SamplePack.maximum(24.5)));
    RunStep pull =
        ofOneJoint(nut).steps().stream()
            .filter(s -> s.kind() == StepKind.TIGHTEN)
            .findFirst()
            .orElseThrow();
    assertThat(pull.mayStandToNm()).isCloseTo(24.2 * 1.04, within(1e-9));
  }

  @Test
  void aPlanThatIsNotReadyIsNotLaidOut() {
    Map<String, Object> bare =
        Map.of(
            "id",
            "j",
            "title",
            "J",
            "thread",
            "M8",
            "count",
            1,
            "surface",
            Map.of(),
            "slots",
            List.of("the manual"));
    JobPack pack =
        SamplePack.read(
            Map.of(
                "format",
                "unimetric-pack",
                "version",
                1,
                "key",
                "k",
                "title",
                "T",
                "summary",
                "S",
                "machineKind",
                "ATV",
                "fits",
                "F",
                "joints",
                List.of(bare)));
    assertThatThrownBy(() -> RunSheetWriter.write(plan(pack)))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("No value yet");
  }
}
