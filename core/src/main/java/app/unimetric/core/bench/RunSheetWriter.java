package app.unimetric.core.bench;

import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Task;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Preparation;
import app.unimetric.core.pack.SetToCheck;
import app.unimetric.core.pack.Undoing;
import app.unimetric.core.plan.Ceiling;
import app.unimetric.core.plan.Climb;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Needs;
import app.unimetric.core.plan.NextSlot;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.Wetting;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Lays a plan out step by step, each task of its order as a step with what is to be set, said and
 * looked at; the sign-off closes it.
 */
public final class RunSheetWriter {
  private static final double SNUG_SLACK = 10;
  private static final String IN_PASSES = "Tighten in passes";
  private static final String SLIP_BY_HAND =
      "Mark it across its edge and test it with the load its maker states; where none is stated, press and twist it by hand as hard as riding does.";
  private static final String SLIP_OF_A_CONTROL =
      "Pull the lever as hard as in braking: it must not move on the bar.";
  private static final String LOOK_AGAIN = "Look again";
  private static final String WITNESS_LINE =
      " A click alone proves nothing here: its witness line must be unbroken.";
  private static final String TAKE_APART = " What moves is taken apart, not nipped up.";
  private static final String TAKE_OUT_AGAIN =
      "They are in dry: take one out at a time, wet it, turn it back in by fingers.";

  private final JobPlan plan;
  private final List<RunStep> steps = new ArrayList<>();

  private RunSheetWriter(JobPlan plan) {
    this.plan = plan;
  }

  /**
   * Lays out a plan that is ready.
   *
   * @throws InvalidInput when something still stands in the way
   */
  public static RunSheet write(JobPlan plan) {
    if (!plan.ready()) {
      throw InvalidInput.at("", "The job is not ready: " + plan.blockers().get(0).message());
    }
    return new RunSheetWriter(plan).run();
  }

  private RunSheet run() {
    Map<String, PlannedJoint> joints = new HashMap<>();
    plan.joints().forEach(j -> joints.put(j.id(), j));
    Map<String, RunStep> named = named();
    for (Task task : plan.work().tasks()) {
      PlannedJoint joint = joints.get(task.jointId());
      RunStep step = named.get(task.stepId());
      if (joint != null) {
        task(joint, task);
      } else if (step != null) {
        steps.add(step);
      }
    }
    step(
        "sign-off",
        StepKind.SIGN_OFF,
        "Sign off",
        "Sign off",
        String.join(
            " ",
            Stream.concat(
                    Stream.of("Your name stands under what was done."),
                    plan.pack().steps(Phase.Part.RIDE).stream()
                        .map(r -> "First ride: " + r.title() + ". " + r.text()))
                .toList()),
        true);
    return new RunSheet(
        plan.pack().title(),
        plan.joints().stream().anyMatch(j -> j.joint().duty().isCritical()),
        plan.pack().cautions(),
        plan.joints().stream().map(this::joint).toList(),
        steps,
        plan.policy().secondLook().selfAfterMinutes());
  }

  /** All that is no work on a joint, by its name among the tasks. */
  private Map<String, RunStep> named() {
    Map<String, RunStep> named = new HashMap<>();
    plan.pack().steps().forEach(s -> named.put(s.taskId(), work(s)));
    plan.pack().joints().forEach(j -> undo(j, named));
    Preparation asked = plan.pack().preparation();
    measures("found", Phase.AS_FOUND, asked.asFound(), named);
    measures("inspect", Phase.CLEAN, asked.inspections(), named);
    asLeft(named);
    plan.pack()
        .checks()
        .forEach(
            c ->
                named.put(
                    c.taskId(),
                    RunStep.plain(
                            c.taskId(),
                            StepKind.FUNCTION_CHECK,
                            "Function checks",
                            c.title(),
                            c.text(),
                            null,
                            true,
                            List.of())
                        .asJudged()));
    carriedOverAndKept(named);
    Integer alone = plan.policy().secondLook().selfAfterMinutes();
    named.put(
        "second-look",
        RunStep.plain(
            "second-look",
            StepKind.SECOND_LOOK,
            "Second look",
            alone == null ? "Second look by another person" : "Second look after a pause",
            alone == null
                ? "Someone who did not tighten looks at every critical joint: seated, locked, nothing missed."
                : "Do something else for "
                    + alone
                    + " minutes, then look at every critical joint as if somebody else had done it: seated, locked, nothing missed. The record says that the same person looked.",
            null,
            true,
            List.of()));
    return named;
  }

  /** What is moved over cannot be passed silently; where originals lie is written down. */
  private void carriedOverAndKept(Map<String, RunStep> named) {
    named.put(
        JobPack.CARRIED_OVER,
        RunStep.plain(
                JobPack.CARRIED_OVER,
                StepKind.WORK,
                Phase.DRY_FIT.words(),
                "Moved over from the old part",
                plan.pack().partsInWords(PartRole.CARRIED_OVER)
                    + ". Look into the old part once more before it goes away.",
                null,
                true,
                List.of())
            .asJudged());
    named.put(
        JobPack.KEPT,
        RunStep.plain(
                JobPack.KEPT,
                StepKind.MEASURE,
                "As left",
                "Originals kept",
                plan.pack().partsInWords(PartRole.ORIGINAL_KEPT) + ": write down where they lie.",
                null,
                false,
                List.of())
            .measuring(Measure.of("where the originals lie"), null));
  }

  private static void undo(PackJoint joint, Map<String, RunStep> named) {
    Undoing undoing = joint.undoing();
    if (undoing != null) {
      String text =
          Stream.of(
                  joint.fastener().isLeftHand()
                      ? "Left-hand thread, loosen " + joint.fastener().hand().loosen() + "."
                      : null,
                  undoing.text(),
                  Tray.wordsFor(joint.side()))
              .filter(Objects::nonNull)
              .collect(Collectors.joining(" "));
      named.put(
          joint.undoId(),
          RunStep.plain(
              joint.undoId(),
              StepKind.WORK,
              Phase.LOOSEN.words(),
              joint.title(),
              text,
              null,
              false,
              List.of()));
    }
  }

  private static void measures(
      String prefix, Phase phase, List<Measure> measures, Map<String, RunStep> named) {
    for (int i = 0; i < measures.size(); i++) {
      Measure m = measures.get(i);
      String id = prefix + "." + (i + 1);
      RunStep step =
          RunStep.plain(
                  id,
                  StepKind.MEASURE,
                  phase.words(),
                  m.what(),
                  phase == Phase.AS_FOUND ? foundText(m) : inspectText(m),
                  null,
                  false,
                  List.of())
              .measuring(m, null);
      named.put(id, phase == Phase.AS_FOUND ? step : step.asJudged());
    }
  }

  private static String foundText(Measure m) {
    String back =
        m.within() != null
            ? "; it must come back " + m.withinWords() + "."
            : m.unit() == null ? "; it must come back the same." : ".";
    return "Write it down as it is now"
        + back
        + (m.limitWords().isEmpty() ? "" : " Limit: " + m.limitWords() + ".");
  }

  private static String inspectText(Measure m) {
    return m.limitWords().isEmpty()
        ? "Write down what you see; worn or damaged parts do not go back."
        : "Limit: " + m.limitWords() + ".";
  }

  /** What must come back the same is measured once more. */
  private void asLeft(Map<String, RunStep> named) {
    List<Measure> asFound = plan.pack().preparation().asFound();
    for (int i = 0; i < asFound.size(); i++) {
      Measure m = asFound.get(i);
      String id = "left." + (i + 1);
      named.put(
          id,
          RunStep.plain(
                  id,
                  StepKind.MEASURE,
                  "As left",
                  m.what(),
                  "As found, " + m.withinWords() + ".",
                  null,
                  false,
                  List.of())
              .measuring(m, "found." + (i + 1)));
    }
  }

  private void step(
      String id, StepKind kind, String group, String title, String text, boolean hold) {
    steps.add(RunStep.plain(id, kind, group, title, text, null, hold, List.of()));
  }

  /** A hold point is answered good or not good, as a look is. */
  private static RunStep work(PackStep s) {
    PackStep.Beside beside = s.beside();
    RunStep step =
        RunStep.plain(
            s.taskId(),
            StepKind.WORK,
            s.phase().words(),
            s.title(),
            s.text(),
            beside == null ? null : beside.jointId(),
            s.hold(),
            s.traps());
    return s.kind().isJudged() || s.hold() ? step.asJudged() : step;
  }

  private void task(PlannedJoint joint, Task task) {
    switch (task.kind()) {
      case WET -> surface(joint);
      case START -> byHand(joint);
      case TRY -> steps.add(tried(joint, joint.passes().get(task.pass())));
      default -> passes(joint, joint.passes().get(task.pass()), task.pass());
    }
  }

  /** A torque of a climb is tested for slip at once; round goes the one that held. */
  private void passes(PlannedJoint j, Pass pass, int index) {
    Climb climb = j.climb();
    if (pass.kind() == PassKind.SET_TO_CHECK) {
      setToCheck(j).ifPresent(steps::add);
      return;
    }
    if (climb != null && pass.kind() == PassKind.CIRCULAR_CHECK) {
      for (int i = 0; i < j.passes().size(); i++) {
        Pass climbed = j.passes().get(i);
        if (climbed.kind() == PassKind.CLIMB) {
          steps.add(pass(j, new Pass(climbed.percent(), pass.order(), pass.kind()), i));
        }
      }
      return;
    }
    steps.add(pass(j, pass, index));
    if (index == j.passes().size() - 1) {
      j.nextSlot().ifPresent(slot -> steps.add(nextSlot(j, slot, pass)));
      feltAgain(j).forEach(steps::add);
    }
    if (climb != null && pass.kind() == PassKind.CLIMB) {
      steps.add(
          RunStep.slipTest(
              "slip." + j.id() + "." + index,
              IN_PASSES,
              j.joint().title() + ": does it hold?",
              slipText(j.joint())
                  + (pass.percent() == Pass.FULL_PERCENT
                      ? " This is the last torque below the limit of "
                          + Figure.rounded(climb.limitNm(), 2)
                          + " N·m. If it still slips, stop: wrong diameter, missing paste, or a worn part."
                      : " It holds: no tighter than this. It slips: on to the next torque."),
              j.id(),
              pass.percent()));
    }
  }

  private static Optional<RunStep> setToCheck(PlannedJoint j) {
    return Optional.ofNullable(j.joint().turning().setToCheck())
        .map(
            set ->
                RunStep.plain(
                        "set." + j.id(),
                        StepKind.SET_TO_CHECK,
                        IN_PASSES,
                        j.joint().title() + ": set to its check",
                        set.text(),
                        j.id(),
                        true,
                        j.joint().traps())
                    .asJudged());
  }

  /** What sets play is felt again once the clamp that a rule puts after it is tight. */
  private List<RunStep> feltAgain(PlannedJoint clamp) {
    List<RunStep> felt = new ArrayList<>();
    for (OrderRule rule : plan.pack().order()) {
      for (PlannedJoint set : plan.joints()) {
        SetToCheck check = set.joint().turning().setToCheck();
        if (check != null && set.id().equals(rule.before()) && clamp.id().equals(rule.after())) {
          felt.add(
              RunStep.plain(
                      "felt." + set.id() + "." + clamp.id(),
                      StepKind.SET_TO_CHECK,
                      IN_PASSES,
                      set.joint().title() + ": felt again",
                      check.againText(),
                      set.id(),
                      true,
                      List.of())
                  .asJudged());
        }
      }
    }
    return felt;
  }

  private static RunStep nextSlot(PlannedJoint j, NextSlot slot, Pass last) {
    return RunStep.nextSlot(
        "slot." + j.id(),
        IN_PASSES,
        j.joint().title() + ": to the next slot",
        slot.words(),
        j.id(),
        last.order(),
        slot.from(j.band()),
        slot.nut());
  }

  private static String slipText(PackJoint joint) {
    String stated = joint.torque().slipTest();
    if (!stated.isEmpty()) {
      return stated.endsWith(".") ? stated : stated + ".";
    }
    return joint.duty().is(Trait.CONTROL) ? SLIP_OF_A_CONTROL : SLIP_BY_HAND;
  }

  private void surface(PlannedJoint j) {
    Wetting moment = plan.work().wettings().get(j.id());
    boolean startedDry = moment != null && moment.isStartedDry();
    String text =
        Stream.of(
                startedDry ? TAKE_OUT_AGAIN : "",
                String.join(" ", j.compound().preparation()),
                takeWords(onThread(j).laidOut()),
                j.compound().where(),
                moment == null ? "" : moment.words())
            .filter(t -> !t.isBlank())
            .collect(Collectors.joining(" "));
    steps.add(
        RunStep.plain(
            "surface." + j.joint().id(),
            StepKind.SURFACE,
            Phase.PREPARE.words(),
            j.joint().title() + ": " + j.compound().advice().words(),
            text,
            j.joint().id(),
            false,
            j.compound().never()));
  }

  private static String takeWords(@Nullable ProductTaken laidOut) {
    return laidOut == null ? "" : "Take " + laidOut.words() + ".";
  }

  private void byHand(PlannedJoint j) {
    String text =
        j.joint().pattern().count() == 1
            ? "Start it by fingers, a few turns, no tool."
            : "Start all "
                + j.joint().pattern().count()
                + " by fingers, a few turns each, no tool.";
    steps.add(
        RunStep.plain(
            "hand." + j.joint().id(),
            StepKind.HAND,
            "Start all by hand",
            j.joint().title(),
            text,
            j.joint().id(),
            false,
            j.joint().traps()));
  }

  private RunStep pass(PlannedJoint j, Pass pass, int index) {
    if (pass.kind() == PassKind.ANGLE) {
      return angle(j, pass, index);
    }
    boolean check = pass.kind() == PassKind.CIRCULAR_CHECK;
    TorqueBand band = passBand(j, pass);
    ToolChoice choice = j.tool();
    CribTool tool = choice == null ? null : choice.tool();
    Setting setting = band == null || choice == null ? null : setting(j, pass, band, choice);
    return new RunStep(
        passId(j, pass, index),
        check ? StepKind.CHECK_PASS : StepKind.TIGHTEN,
        pass.kind() == PassKind.SNUG ? "Snug all" : IN_PASSES,
        j.joint().title(),
        isTurnedOn(j, index)
            ? "The torque before the turn. One smooth pull to the click, then stop."
            : text(pass, setting, tool)
                + (isLastPull(pass, setting) ? plan.policy().afterLastPull(j.joint()) : ""),
        j.joint().id(),
        pass.percent(),
        pass.order(),
        band,
        setting == null ? null : setting.reading(),
        applied(setting),
        tool == null ? null : tool.id(),
        tool == null ? null : tool.name(),
        false,
        List.of(),
        null,
        null,
        false,
        mayStandTo(j, band, tool),
        null);
  }

  /** What no torque proves is looked at; the rest is tried as it is. */
  private static RunStep tried(PlannedJoint j, Pass pass) {
    ToolChoice choice = j.tool();
    String id = "try." + j.id();
    if (choice == null || !j.isTriedByTorque()) {
      return RunStep.plain(
              id,
              StepKind.WORK,
              LOOK_AGAIN,
              j.joint().title(),
              lookedAt(j.joint()),
              j.joint().id(),
              false,
              List.of())
          .asJudged();
    }
    return new RunStep(
        id,
        StepKind.TRY,
        LOOK_AGAIN,
        j.joint().title(),
        "Pull slowly to the click, once each: it held, or it moved."
            + (j.isCured() || j.joint().situation().lock().isPrevailing() ? WITNESS_LINE : "")
            + (j.isCured() ? TAKE_APART : ""),
        j.joint().id(),
        pass.percent(),
        pass.order(),
        j.band(),
        choice.setting().reading(),
        applied(choice.setting()),
        choice.tool().id(),
        choice.tool().name(),
        false,
        List.of(),
        null,
        null,
        false,
        null,
        null);
  }

  private static String lookedAt(PackJoint joint) {
    Role role = joint.duty().role();
    if (joint.isPinned() && role != Role.ADJUST && role != Role.PIVOT) {
      return "Its pin holds it, so no torque proves it. Look and try by hand: pin in, both legs bent, nut and washer on their seat, nothing loose.";
    }
    return switch (role) {
      case ADJUST ->
          "Its torque proves nothing once it is held. Rock it and turn it: no play, and it turns freely.";
      case PIVOT ->
          "It must still turn. Move it by hand as far as it goes: it turns freely, has no play, and its witness line is unbroken.";
      case CLAMP, LOCK ->
          "No torque proves it. Look at its witness line and its seat and try it by hand: nothing has turned, nothing is loose.";
    };
  }

  private static boolean isTurnedOn(PlannedJoint j, int index) {
    return index + 1 < j.passes().size() && j.passes().get(index + 1).kind() == PassKind.ANGLE;
  }

  private static RunStep angle(PlannedJoint j, Pass pass, int index) {
    return new RunStep(
        "angle." + j.id() + "." + index,
        StepKind.ANGLE,
        IN_PASSES,
        j.joint().title(),
        "Mark each head and turn it on in one pull by the angle stated: "
            + j.stated()
            + ". No torque tool from here on.",
        j.joint().id(),
        pass.percent(),
        pass.order(),
        null,
        null,
        null,
        null,
        null,
        false,
        List.of(),
        null,
        null,
        false,
        null,
        null);
  }

  /** How each other tool that would do is set for the passes of a joint. */
  private List<OtherTool> otherTools(PlannedJoint j) {
    ToolChoice chosen = j.tool();
    if (chosen == null) {
      return List.of();
    }
    List<OtherTool> others = new ArrayList<>();
    for (ToolChoice other : j.tools()) {
      if (!other.usable() || other.equals(chosen) || !climbsAll(j, other)) {
        continue;
      }
      Map<String, OtherTool.SetTo> set = new HashMap<>();
      for (int i = 0; i < j.passes().size(); i++) {
        Pass pass = j.passes().get(i);
        TorqueBand band = passBand(j, pass);
        if (band != null && pass.kind() != PassKind.HAND && pass.kind() != PassKind.ANGLE) {
          Setting setting = setting(j, pass, band, other);
          OtherTool.SetTo to =
              new OtherTool.SetTo(
                  setting == null ? null : setting.reading(),
                  applied(setting),
                  mayStandTo(j, band, other.tool()));
          set.put(passId(j, pass, i), to);
          if (pass.kind() == PassKind.CLIMB) {
            set.put(roundId(j, i), to);
          }
        }
      }
      others.add(
          new OtherTool(other.tool().id(), other.tool().name(), other.costAgainst(chosen), set));
    }
    return others;
  }

  private static String passId(PlannedJoint j, Pass pass, int index) {
    return switch (pass.kind()) {
      case TRY -> "try." + j.id();
      case CIRCULAR_CHECK -> roundId(j, index);
      default -> "pass." + j.id() + "." + index;
    };
  }

  private static String roundId(PlannedJoint j, int index) {
    return "round." + j.id() + "." + index;
  }

  /** Whether a tool can be set to every torque of a climb: none of them is tried by feel. */
  private static boolean climbsAll(PlannedJoint j, ToolChoice tool) {
    Climb climb = j.climb();
    return climb == null
        || climb.torquesNm().stream().allMatch(nm -> climb.setting(tool, nm).isPresent());
  }

  /**
   * Above the band by no more than the tool may be off: nobody can tell it from the band's end. In
   * a climb no higher than the limit of the parts; of a pinned nut up to the most it may carry,
   * since on its way to the slot it would come there anyway.
   */
  private static @Nullable Double mayStandTo(
      PlannedJoint j, @Nullable TorqueBand band, @Nullable CribTool tool) {
    if (band == null || tool == null) {
      return null;
    }
    double most = band.maxNm() * (1 + tool.tool().deviation());
    Double atSlot =
        Objects.equals(band, j.band()) ? j.nextSlot().map(NextSlot::maxNm).orElse(null) : null;
    if (atSlot != null) {
      return Math.max(most, atSlot);
    }
    Climb climb = j.climb();
    return climb == null ? most : Math.min(most, climb.limitNm());
  }

  private static @Nullable Double applied(@Nullable Setting setting) {
    Setting.Applied applied = setting == null ? null : setting.applied();
    return applied == null ? null : Double.valueOf(applied.nominalNm());
  }

  /** A pass before the last may lie anywhere near its share; only the last must meet the band. */
  private static @Nullable TorqueBand passBand(PlannedJoint j, Pass pass) {
    TorqueBand last = j.band();
    Double aim = j.aimNm();
    if (last == null || aim == null) {
      return null;
    }
    Climb climb = j.climb();
    if (climb != null && pass.kind() != PassKind.SNUG) {
      return climb.round(climb.torqueNm(pass));
    }
    if (pass.percent() == 100) {
      return last;
    }
    double slack = pass.kind() == PassKind.SNUG ? SNUG_SLACK : Pass.SLACK_PERCENT;
    double low = aim * Math.max(0, pass.percent() - slack) / 100;
    double high = Math.min(aim * (pass.percent() + slack) / 100, last.maxNm());
    return TorqueBand.of(Math.min(low, high), high);
  }

  /** What is set on the chosen tool for a pass; null where no tool reaches so low. */
  public static @Nullable ScaleReading settingOf(PlannedJoint j, Pass pass) {
    TorqueBand band = passBand(j, pass);
    ToolChoice choice = j.tool();
    Setting setting = band == null || choice == null ? null : setting(j, pass, band, choice);
    return setting == null ? null : setting.reading();
  }

  private static @Nullable Setting setting(
      PlannedJoint j, Pass pass, TorqueBand band, ToolChoice choice) {
    Climb climb = j.climb();
    if (climb != null && pass.kind() != PassKind.SNUG) {
      return climb.setting(choice, climb.torqueNm(pass)).orElse(null);
    }
    if (pass.percent() == 100) {
      return choice.setting();
    }
    CribTool tool = choice.tool();
    Setting s = Setting.choose(band, null, null, tool.tool(), tool.adapter());
    return s.isPossible() ? s : null;
  }

  private static boolean isLastPull(Pass pass, @Nullable Setting setting) {
    return setting != null
        && (pass.kind() == PassKind.CROSS || pass.kind() == PassKind.ALTERNATE)
        && pass.percent() == 100;
  }

  private static String text(Pass pass, @Nullable Setting setting, @Nullable CribTool tool) {
    String share = pass.share();
    return switch (pass.kind()) {
      case SNUG ->
          setting == null
              ? "Snug with a short lever until seated, about "
                  + share
                  + "; the torque tool does not reach this low."
              : "Snug all in this order, about " + share + ".";
      case CLIMB -> "Even, each to this torque and no further; then it is tested for slip.";
      case CIRCULAR_CHECK ->
          "Once round at full torque. One slow pull each: it clicks without moving, or it moved.";
      default ->
          setting == null
              ? "About "
                  + share
                  + " by feel; "
                  + (tool == null
                      ? "no torque tool reaches here, so it is recorded as unverified."
                      : "the torque tool does not reach this low.")
              : pass.percent() == 100
                  ? "Final torque. One smooth pull to the click, then stop."
                  : "Pass at " + share + ".";
    };
  }

  private RunJoint joint(PlannedJoint j) {
    PackJoint p = j.joint();
    Ceiling ceiling = j.ceiling();
    return new RunJoint(
        p.id(),
        p.title(),
        p.fastener().words(),
        p.pattern().count(),
        p.pattern().layout(),
        j.positions(),
        p.duty().isCritical(),
        j.stated(),
        j.band(),
        j.aimNm(),
        ceiling == null ? null : ceiling.torqueNm(),
        onThread(j),
        p.fastener().hand().tighten(),
        p.fastener().isLeftHand(),
        otherTools(j));
  }

  private OnThread onThread(PlannedJoint j) {
    Needs.ProductNeed product = plan.needs().productOf(j.id());
    return new OnThread(
        j.compound().advice().words() + (j.joint().isTried() ? ", as it is" : ""),
        product == null || product.name() == null
            ? null
            : new ProductTaken(product.name(), product.lot()),
        product == null ? null : cure(product),
        j.isCured());
  }

  private static OnThread.@Nullable Cure cure(Needs.ProductNeed product) {
    return !product.compound().isAnaerobic()
        ? null
        : new OnThread.Cure(
            product.name() == null ? product.compound().words() : product.name(),
            product.fixtureMinutes(),
            product.fullCureMinutes());
  }
}
