package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.StepKind;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.SettingOrder;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackOption;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Side;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every job of the catalogue: to the schema, planable, complete. */
class CatalogueTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
  private static final PackReader READER = new PackReader();

  static Stream<Path> documents() throws IOException {
    try (Stream<Path> found = Files.list(Path.of("src/main/resources/packs"))) {
      return found.sorted().toList().stream();
    }
  }

  private static JobPack read(Path document) {
    try {
      return READER.take(Files.readString(document), CatalogueTest::document);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Optional<String> document(String key) {
    try {
      return Optional.of(Files.readString(Path.of("src/main/resources/packs", key + ".json")));
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  @Test
  void aBottomBracketStandsInsideItsCrank() {
    JobPack open = read(Path.of("src/main/resources/packs/bi-bb-press.json"));
    JobPack pinched = open.answered(Answers.NONE);
    assertThat(pinched.joints())
        .extracting(PackJoint::id)
        .containsExactly("bi-crank-pinch.cap", "bi-crank-pinch.pinch");
    assertThat(pinched.steps())
        .filteredOn(s -> s.title().equals("Clamp it in the stand"))
        .hasSize(1);
    JobPack bolted = open.answered(new Answers(Map.of("crank", "self"), List.of()));
    assertThat(bolted.joints())
        .extracting(PackJoint::id)
        .containsExactly("bi-crank-self.bolt", "bi-crank-self.cap");
    assertThat(bolted.steps()).noneMatch(s -> s.id().startsWith("bi-crank-pinch."));
  }

  @Test
  void holdsSixtyJobsForThreeKindsOfMachine() throws IOException {
    List<JobPack> packs = documents().map(CatalogueTest::read).toList();
    assertThat(packs).hasSizeGreaterThanOrEqualTo(60);
    assertThat(packs).extracting(JobPack::key).doesNotHaveDuplicates();
    for (MachineKind kind : MachineKind.values()) {
      assertThat(packs).filteredOn(p -> p.machineKind() == kind).hasSizeGreaterThanOrEqualTo(10);
    }
  }

  @ParameterizedTest
  @MethodSource("documents")
  void isComplete(Path document) {
    JobPack pack = read(document);
    assertThat(pack.models()).as("for general use").isEmpty();
    assertThat(pack.joints())
        .allSatisfy(
            j -> {
              assertThat(j.torque().values()).as("no torque of its own").isEmpty();
              assertThat(j.torque().slots().isEmpty())
                  .as("where to look its value up, but for what is set to its check")
                  .isEqualTo(j.turning().isSetByCheckAlone());
              assertThat(j.fastener().drive()).as("drive of " + j.id()).isNotBlank();
              assertThat(j.situation().lock()).isNotNull();
            });
    boolean critical = pack.joints().stream().anyMatch(j -> j.duty().isCritical());
    assertThat(pack.checks().isEmpty() && critical)
        .as("a critical joint has a hold point")
        .isFalse();
    assertThat(pack.minutes()).isBetween(8.0, 240.0);
    assertThat(pack.cautions()).anyMatch(c -> c.contains("maker's document"));
    assertThat(pack.matches(pack.words().get(0))).isTrue();
    assertThat(pack.steps())
        .extracting(PackStep::phase)
        .contains(Phase.SECURE, Phase.CLEAN, Phase.DRY_FIT)
        .containsAnyOf(Phase.REMOVE, Phase.LOOSEN, Phase.DRY_QUESTIONS);
    assertThat(pack.preparation().asFound()).as("what must come back the same").isNotEmpty();
    assertThat(pack.preparation().inspections()).isNotEmpty();
  }

  /** What people get wrong in these jobs; each is told somewhere. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "switch plunger",
        "spring and bush",
        "tyre arrow",
        "sensor ring face",
        "axle handle direction",
        "longer bolt toward the exhaust",
        "face recess of the rotor outward",
        "chainring mark and pin",
        "nut with the relief",
        "double-threaded bolt",
        "o-ring",
        "not over the brake hose",
        "re-pulled after settling, then trimmed",
        "pad spring seated",
        "pump before it moves",
        "left pedal is left-hand",
        "reservoir level before pistons",
        "no prying on pads that stay",
        "support the engine before its last mount",
        "carried over from the old part",
        "quantity per side",
        "dust-cap face out",
        "clock position of the peg",
        "cranks free of load",
        "hole each belongs in",
        "rubber bushes are tightened only at ride height",
        "never paste in the threads",
        "eye protection"
      })
  void theTrapsOfTheTradeAreTold(String trap) throws IOException {
    List<String> told = new ArrayList<>();
    for (Path document : documents().toList()) {
      told.add(Files.readString(document).toLowerCase(Locale.ROOT));
    }
    assertThat(told).anyMatch(t -> t.contains(trap));
  }

  @ParameterizedTest
  @MethodSource("documents")
  void wheelsAreBrokenLooseOnTheGroundAndBrakesPumpedBeforeItMoves(Path document) {
    JobPack pack = read(document);
    List<String> ids =
        Stream.of(Phase.Part.BEFORE, Phase.Part.AFTER)
            .flatMap(part -> pack.steps(part).stream())
            .map(PackStep::id)
            .toList();
    if (ids.contains("lift") && ids.contains("loose")) {
      assertThat(ids.indexOf("loose")).isLessThan(ids.indexOf("lift"));
    }
    boolean pistonsMoved =
        pack.steps().stream().anyMatch(s -> s.text().contains("Hang the caliper"))
            && pack.joints().stream().anyMatch(j -> j.id().equals("caliper"));
    if (pistonsMoved) {
      assertThat(pack.steps())
          .filteredOn(s -> s.phase() == Phase.CHECK)
          .anyMatch(s -> s.hold() && s.title().startsWith("Pump the "));
    }
  }

  /** Every job for every kind of machine it asks about, on both sides and on one. */
  static Stream<Arguments> variants() throws IOException {
    return documents().flatMap(d -> answered(read(d)).stream()).map(CatalogueTest::named);
  }

  private static Arguments named(Map.Entry<Answers, JobPack> variant) {
    Answers a = variant.getKey();
    return Arguments.of(
        Named.of(
            variant.getValue().key() + " " + a.options().values() + a.sides(), variant.getValue()));
  }

  private static List<Map.Entry<Answers, JobPack>> answered(JobPack pack) {
    List<Map<String, String>> all = new ArrayList<>(List.of(Map.of()));
    for (PackOption option : pack.choices().options()) {
      List<Map<String, String>> longer = new ArrayList<>();
      for (Map<String, String> before : all) {
        for (PackOption.Answer answer : option.answers()) {
          Map<String, String> more = new LinkedHashMap<>(before);
          more.put(option.id(), answer.id());
          longer.add(more);
        }
      }
      all = longer;
    }
    List<Map.Entry<Answers, JobPack>> variants = new ArrayList<>();
    for (Map<String, String> options : all) {
      for (List<Side> sides :
          pack.choices().isSided()
              ? List.of(List.<Side>of(), List.of(Side.RIGHT))
              : List.of(List.<Side>of())) {
        Answers answers = new Answers(options, sides);
        variants.add(Map.entry(answers, pack.answered(answers)));
      }
    }
    return variants;
  }

  @ParameterizedTest
  @MethodSource("variants")
  void everyRowOfTasksKeepsToItsRules(JobPack pack) {
    JobPlan plan = JobPlan.of(pack, Circumstances.of(crib(), TODAY));
    List<Task> row = plan.work().tasks();
    assertThat(plan.cycle()).isEmpty();
    assertThat(row).doesNotHaveDuplicates();
    for (OrderRule rule : pack.order()) {
      int done = last(rule.before(), row);
      int waits =
          switch (rule.binding()) {
            case HANG -> first(rule.after(), row, t -> true);
            case TOUCH ->
                first(rule.after(), row, t -> t.jointId() == null || t.kind().isAboveFingerTight());
            case FINAL ->
                first(rule.after(), row, t -> t.jointId() == null || t.kind() == TaskKind.FINAL);
          };
      assertThat(waits).as("%s", rule).isGreaterThan(done);
    }
    for (PackJoint joint : pack.joints()) {
      List<TaskKind> kinds =
          row.stream().filter(t -> joint.id().equals(t.jointId())).map(Task::kind).toList();
      assertThat(kinds).containsOnlyOnce(TaskKind.START, TaskKind.FINAL);
      assertThat(kinds.contains(TaskKind.SNUG)).isEqualTo(kinds.contains(TaskKind.CHECK_ROUND));
      if (joint.undoing() != null) {
        assertThat(first(joint.undoId(), row, t -> true))
            .isBetween(0, first(joint.id(), row, t -> true));
      }
    }
    pack.steps().stream()
        .filter(s -> s.phase() != Phase.FIRST_RIDE)
        .forEach(s -> assertThat(row).contains(s.task()));
  }

  private static int first(String id, List<Task> row, Predicate<Task> of) {
    for (int i = 0; i < row.size(); i++) {
      if (isOf(row.get(i), id) && of.test(row.get(i))) {
        return i;
      }
    }
    throw new AssertionError(id + " is not in the row");
  }

  private static int last(String id, List<Task> row) {
    int last = -1;
    for (int i = 0; i < row.size(); i++) {
      last = isOf(row.get(i), id) ? i : last;
    }
    return last;
  }

  private static boolean isOf(Task task, String id) {
    return id.equals(task.jointId()) || id.equals(task.stepId());
  }

  /** What each job puts on new; nothing was there before that could be undone. */
  private static final Map<String, List<String>> FRESH =
      Map.of(
          "bi-axle-rack", List.of("rack"),
          "atv-hubs-wide", List.of("spacer"),
          "atv-winch-plate", List.of("winch", "fairlead"),
          "mc-crash-bars-upper", List.of("connector", "frame"),
          "mc-crash-bars-lower", List.of("frame", "joint"),
          "mc-flywheel-weight", List.of("weight"),
          "mc-handguards", List.of("clamp"),
          "mc-lowering", List.of("stud", "counter", "bracket"),
          "mc-sump-plate", List.of("bracket"));

  /** Rule 1, closure: whatever is put on new has nothing to be undone; all else comes off first. */
  @ParameterizedTest
  @MethodSource("documents")
  void whatIsDoneWasUndoneUnlessItIsNew(Path document) {
    JobPack pack = read(document);
    assertThat(pack.joints())
        .filteredOn(j -> j.undoing() == null)
        .extracting(PackJoint::id)
        .isSubsetOf(FRESH.getOrDefault(pack.key(), List.of()));
  }

  /**
   * Rule 1: a wheel, a cover, a plate or a chain that comes off is put back by a joint or a step.
   */
  @ParameterizedTest
  @MethodSource("variants")
  void whatComesOffComesBack(JobPack pack) {
    Map<String, List<String>> back =
        Map.of(
            "wheel", List.of("axle", "lugs", "quick clamp", "wheel"),
            "crank", List.of("crank", "pinch", "cap"),
            "cover", List.of("cover", "guard"),
            "chain off", List.of("chain"),
            "muffler", List.of("muffler"),
            "caliper", List.of("caliper"));
    String returned =
        (pack.joints().stream().map(PackJoint::title).collect(Collectors.joining(" "))
                + " "
                + pack.steps().stream()
                    .filter(s -> s.phase().compareTo(Phase.CLEAN) > 0)
                    .map(PackStep::title)
                    .collect(Collectors.joining(" ")))
            .toLowerCase(Locale.ROOT);
    for (PackStep step : pack.steps()) {
      if (step.kind() != TaskKind.REMOVE) {
        continue;
      }
      String title = step.title().toLowerCase(Locale.ROOT);
      back.forEach(
          (part, words) -> {
            if (title.startsWith(part) && title.matches(".*\\b(off|out)\\b.*")) {
              assertThat(words)
                  .as("%s of %s", step.title(), pack.key())
                  .anyMatch(returned::contains);
            }
          });
    }
  }

  /**
   * Rule 2, options first: every job asks something, the usual answer first, in a sentence each.
   */
  @ParameterizedTest
  @MethodSource("documents")
  void everyJobAsksWhatItsMachineIsLike(Path document) {
    JobPack pack = read(document);
    assertThat(pack.choices().options().size() + (pack.choices().isSided() ? 1 : 0)).isPositive();
    for (PackOption option : pack.choices().options()) {
      assertThat(option.question()).endsWith("?");
      assertThat(option.answers()).hasSizeBetween(2, 4).doesNotHaveDuplicates();
    }
    assertThat(pack.answered(Answers.NONE))
        .as("the usual machine")
        .isEqualTo(pack.answered(new Answers(pack.choices().settled(Answers.NONE), List.of())));
  }

  /** Rule 2: no question is asked whose answer changes nothing. */
  @ParameterizedTest
  @MethodSource("documents")
  void everyAnswerMatters(Path document) {
    JobPack pack = read(document);
    List<String> decided =
        pack.choices().when().values().stream()
            .flatMap(List::stream)
            .map(c -> c.optionId())
            .toList();
    assertThat(decided).containsAll(pack.choices().options().stream().map(PackOption::id).toList());
  }

  /** Rule 2: two machines that differ in kind are two different plans. */
  @ParameterizedTest
  @MethodSource("documents")
  void otherAnswersMakeAnotherJob(Path document) {
    List<List<String>> rows =
        answered(read(document)).stream()
            .map(Map.Entry::getValue)
            .map(
                p ->
                    Stream.of(
                            p.joints().stream().map(PackJoint::id),
                            p.steps().stream().map(PackStep::id),
                            p.parts().stream().map(part -> part.name() + part.count()))
                        .flatMap(s -> s)
                        .toList())
            .distinct()
            .toList();
    assertThat(rows).hasSizeGreaterThan(1);
  }

  /** Rule 3, sides: both means every joint once a side, its parts too, counted per side. */
  @ParameterizedTest
  @MethodSource("documents")
  void bothSidesAreTwiceTheOne(Path document) {
    JobPack pack = read(document);
    if (!pack.choices().isSided()) {
      return;
    }
    JobPack both = pack.answered(Answers.NONE);
    JobPack right = pack.answered(new Answers(Map.of(), List.of(Side.RIGHT)));
    assertThat(both.joints().stream().filter(j -> j.side() == Side.LEFT).map(PackJoint::packId))
        .containsExactlyElementsOf(
            right.joints().stream().filter(j -> j.side() != null).map(PackJoint::packId).toList());
    for (OneTimePart part : right.oneTimeParts()) {
      both.oneTimeParts().stream()
          .filter(p -> p.name().equals(part.name()))
          .forEach(p -> assertThat(p.count()).as(part.name()).isIn(part.count(), 2 * part.count()));
    }
  }

  /** Rule 4, around: a bottom bracket needs the crank, fork legs and discs need the front wheel. */
  @ParameterizedTest
  @CsvSource({
    "bi-bb-cartridge, bi-crank-pinch.pinch",
    "bi-bb-outboard,  bi-crank-pinch.pinch",
    "bi-bb-press,     bi-crank-pinch.pinch",
    "bi-bb-together,  bi-crank-pinch.pinch",
    "mc-fork-legs,    mc-wheel-front.axle",
    "mc-disc-front,   mc-wheel-front.axle"
  })
  void whatAJobStandsInsideIsUndoneBeforeAndDoneAfter(String key, String outer) {
    JobPack pack = packOf(key).answered(Answers.NONE);
    List<Task> row = JobPlan.of(pack, Circumstances.of(crib(), TODAY)).work().tasks();
    List<String> own =
        pack.joints().stream()
            .map(PackJoint::id)
            .filter(id -> !pack.layout().isAround(id))
            .toList();
    int undone = first("undo." + outer, row, t -> true);
    int done = first(outer, row, t -> true);
    for (String id : own) {
      assertThat(first(id, row, t -> true)).isBetween(undone, done);
      assertThat(last(id, row)).isLessThan(done);
    }
  }

  /** Rule 5, kinds of fixing: a press is a press, with no thread standing in for it. */
  @ParameterizedTest
  @ValueSource(strings = {"bi-bb-press", "bi-bb-together", "bi-headset"})
  void aPressIsAPress(String key) {
    assertThat(answered(packOf(key)))
        .anySatisfy(
            v -> assertThat(v.getValue().steps()).anyMatch(s -> s.kind() == TaskKind.PRESS));
    assertThat(packOf(key).joints()).noneMatch(j -> j.title().contains("Press"));
  }

  @ParameterizedTest
  @MethodSource("documents")
  void aStrapIsPulledLeftToSettlePulledAgainAndTrimmed(Path document) {
    List<PackStep> straps =
        read(document).steps().stream().filter(s -> s.kind() == TaskKind.STRAP).toList();
    if (!straps.isEmpty()) {
      assertThat(straps.stream().map(s -> s.title() + " " + s.text()).collect(Collectors.joining()))
          .matches("(?is).*(pulled again|re-pulled|settled).*trim.*");
    }
  }

  /**
   * Rule 6, sub-assemblies: what is put together on the bench is whole before the machine is open.
   */
  @ParameterizedTest
  @ValueSource(strings = {"mc-lowering", "mc-sump-plate", "mc-flywheel-weight", "atv-winch-plate"})
  void theBenchPartIsAGroupOfItsOwn(String key) {
    assertThat(packOf(key).assemblies())
        .anyMatch(a -> a.title().matches(".*(bench|Brackets on the plate|Winch on).*"));
  }

  /** Rule 7, bench states: rubber at ride height is a hold point at its joint. */
  @ParameterizedTest
  @MethodSource("variants")
  void rubberIsPulledAtRideHeight(JobPack pack) {
    for (PackJoint joint : pack.joints()) {
      if (joint.traps().stream().anyMatch(t -> t.contains("only at ride height"))) {
        assertThat(pack.steps())
            .as(pack.key() + " " + joint.id())
            .anyMatch(s -> s.hold() && s.title().matches(".*(wheels|ride height).*"));
      }
    }
  }

  /** Rule 8: what the text says moves over from the old part is a line the plan counts. */
  @ParameterizedTest
  @MethodSource("documents")
  void whatMovesOverIsCounted(Path document) {
    JobPack pack = read(document);
    boolean told =
        pack.choices().options().stream()
            .flatMap(o -> o.answers().stream())
            .anyMatch(
                a ->
                    a.words()
                        .toLowerCase(Locale.ROOT)
                        .matches(".*(carried over|move[sd]? over).*"));
    if (told) {
      assertThat(pack.parts(PartRole.CARRIED_OVER)).isNotEmpty();
    }
  }

  /** Rule 9: what comes tightened in a new part is checked, not assumed. */
  @ParameterizedTest
  @ValueSource(strings = {"bi-crank-self", "bi-crank-collar"})
  void aCapThatComesTightenedIsVerified(String key) {
    assertThat(packOf(key).steps()).anyMatch(s -> s.id().equals("cap-verified"));
  }

  /**
   * Rule 10: every job tells that its threads are begun by fingers, and each joint has that task.
   */
  @ParameterizedTest
  @MethodSource("documents")
  void threadsBeginByFingers(Path document) throws IOException {
    assertThat(Files.readString(document).toLowerCase(Locale.ROOT))
        .containsAnyOf("by fingers", "by hand");
  }

  private static JobPack packOf(String key) {
    return read(Path.of("src/main/resources/packs", key + ".json"));
  }

  @ParameterizedTest
  @MethodSource("documents")
  void isNotReadyWithoutValuesAndPlannedWithThem(Path document) {
    JobPack pack = read(document).answered(Answers.NONE);
    JobPlan bare = JobPlan.of(pack, Circumstances.of(crib(), TODAY));
    assertThat(bare.ready()).isFalse();
    assertThat(bare.blockers())
        .filteredOn(b -> b.kind() == Blocker.Kind.MISSING_VALUE)
        .hasSize(
            (int) pack.joints().stream().filter(j -> !j.turning().isSetByCheckAlone()).count());

    JobPlan plan = JobPlan.of(pack.with(found(pack)), Circumstances.of(crib(), TODAY));
    assertThat(plan.cycle()).isEmpty();
    assertThat(plan.blockers()).as(plan.blockers().toString()).isEmpty();
    Map<String, String> settings = new LinkedHashMap<>();
    plan.joints()
        .forEach(
            j ->
                settings.put(
                    j.joint().id(),
                    j.tool().tool().id() + " " + j.tool().setting().reading().figure()));
    assertThat(plan.settingChanges())
        .isEqualTo(SettingOrder.changes(List.copyOf(settings.keySet()), settings))
        .isEqualTo(plan.settingChangesAtLeast());
    checkRun(pack, RunSheetWriter.write(plan));
  }

  /** Every trap at a step, hold points before the end, no compound after its joint is snug. */
  private static void checkRun(JobPack pack, RunSheet sheet) {
    List<String> shown = sheet.steps().stream().flatMap(s -> s.traps().stream()).toList();
    pack.steps().forEach(s -> assertThat(shown).containsAll(s.traps()));
    pack.joints().forEach(j -> assertThat(shown).containsAll(j.traps()));
    assertThat(sheet.steps())
        .filteredOn(s -> s.kind() == StepKind.MEASURE)
        .hasSize(
            pack.preparation().asFound().size()
                + pack.preparation().inspections().size()
                + (int)
                    pack.preparation().asFound().stream().filter(m -> m.within() != null).count()
                + (pack.parts(PartRole.ORIGINAL_KEPT).isEmpty() ? 0 : 1));
    List<RunStep> steps = sheet.steps();
    assertThat(steps.get(steps.size() - 1).kind()).isEqualTo(StepKind.SIGN_OFF);
    for (PackJoint joint : pack.joints()) {
      int lastSurface = -1;
      int firstTurn = Integer.MAX_VALUE;
      for (int i = 0; i < steps.size(); i++) {
        if (joint.id().equals(steps.get(i).jointId())) {
          lastSurface = steps.get(i).kind() == StepKind.SURFACE ? i : lastSurface;
          boolean turns = steps.get(i).kind() == StepKind.TIGHTEN;
          firstTurn = turns ? Math.min(firstTurn, i) : firstTurn;
        }
      }
      assertThat(lastSurface).isLessThan(firstTurn);
    }
    if (sheet.critical()) {
      assertThat(steps).anyMatch(s -> s.kind() == StepKind.FUNCTION_CHECK && s.hold());
      assertThat(steps).anyMatch(s -> s.kind() == StepKind.SECOND_LOOK && s.hold());
    }
  }

  /** A value for each slot that the thread can carry: 60 % of yield of a middling class. */
  private static Map<String, List<DocumentedValue>> found(JobPack pack) {
    Map<String, List<DocumentedValue>> found = new LinkedHashMap<>();
    for (PackJoint joint : pack.joints()) {
      ScrewThread thread = joint.fastener().thread();
      PropertyClass marked = joint.fastener().propertyClass();
      PropertyClass material = marked == null ? PropertyClass.C8_8 : marked;
      double nm =
          AssemblyPreload.at(
                  0.6, material.yieldMPa(thread), thread, Head.HEX.face(thread), Friction.of(0.12))
              .torqueNm();
      double rounded = Math.min(Math.max(Math.rint(nm * 2) / 2, 0.5), 250);
      StatedValue value = StatedValue.of(rounded, TorqueUnit.NEWTON_METRE, Source.MANUAL);
      found.put(joint.id(), List.of(new DocumentedValue("found", value, "Test manual")));
    }
    return found;
  }

  private static List<CribTool> crib() {
    List<CribTool> crib = new ArrayList<>();
    double[][] spans = {{0.2, 2}, {1, 6}, {4, 25}, {20, 110}, {60, 300}};
    for (double[] span : spans) {
      crib.add(
          new CribTool(
              "to " + span[1],
              "to " + span[1],
              ToolType.CLICK,
              new TorqueTool(span[0], span[1], 3.0, null, TorqueUnit.NEWTON_METRE, List.of()),
              TODAY.minusDays(30),
              100,
              null));
    }
    return crib;
  }
}
