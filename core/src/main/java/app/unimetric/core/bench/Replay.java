package app.unimetric.core.bench;

import app.unimetric.core.pack.Phase;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.pcollections.Empty;
import org.pcollections.OrderedPMap;
import org.pcollections.PMap;
import org.pcollections.PVector;

/**
 * A job's log played over its run sheet. The same sheet and log always come to the same state; what
 * does not fit is kept as evidence and says why it did not count. A replay never changes: one more
 * event makes another, at a cost that does not grow with what was said before.
 */
public final class Replay {
  /** What is said of a tool that turned. */
  private static final Set<EventKind> PULLS =
      EnumSet.of(EventKind.CLICKED, EventKind.READING, EventKind.HELD, EventKind.MOVED);

  private static final PMap<Integer, UUID> NOTHING = OrderedPMap.empty();

  private final RunSheet sheet;
  private final ToolsOut out;

  /** Of each joint that is climbed to hold, its slip tests from the lowest torque up. */
  private final Map<String, List<RunStep>> slipTests;

  private PMap<UUID, Integer> indexOf = Empty.map();
  private PVector<Entry> entries = Empty.vector();
  private PVector<Marked> marked = Empty.vector();

  /**
   * For each step, the entry that settles each fastener; fastener 0 stands for the step as a whole.
   */
  private PMap<String, PMap<Integer, UUID>> settled = Empty.map();

  private PMap<String, Integer> rounds = Empty.map();

  /** For each step, what waits there: to be redone or decided, or for a nut to be turned on. */
  private PMap<String, UUID> pending = Empty.map();

  /** For each joint, the tool taken up instead of the one laid out. */
  private PMap<String, OtherTool> amended = OrderedPMap.empty();

  private boolean signedOff;

  /** An earlier entry that a later one marked as corrected or let stand. */
  private record Marked(int by, int index) {}

  private Replay(RunSheet sheet, ToolsOut out, Map<String, List<RunStep>> slipTests) {
    this.sheet = sheet;
    this.out = out;
    this.slipTests = slipTests;
  }

  private Replay(Replay before) {
    this(before.sheet, before.out, before.slipTests);
    indexOf = before.indexOf;
    entries = before.entries;
    marked = before.marked;
    settled = before.settled;
    rounds = before.rounds;
    pending = before.pending;
    amended = before.amended;
    signedOff = before.signedOff;
  }

  /**
   * A run of which nothing was said yet.
   *
   * @param out tools that were out of use for a time: what was done with one meanwhile does not
   *     count
   */
  public static Replay begin(RunSheet sheet, ToolsOut out) {
    return new Replay(
        sheet,
        out,
        sheet.steps().stream()
            .filter(s -> s.kind() == StepKind.SLIP_TEST)
            .collect(Collectors.groupingBy(s -> String.valueOf(s.jointId()))));
  }

  /** The state after these events in server order. An event met twice counts once. */
  public static RunState of(RunSheet sheet, List<RunEvent> events) {
    return of(sheet, events, ToolsOut.NONE);
  }

  /** The state after these events in server order. An event met twice counts once. */
  public static RunState of(RunSheet sheet, List<RunEvent> events, ToolsOut out) {
    return begin(sheet, out).with(events).state();
  }

  /** This replay and what was said next, in server order. An event met twice counts once. */
  public Replay with(List<RunEvent> events) {
    Replay replay = new Replay(this);
    for (RunEvent event : events) {
      if (!replay.indexOf.containsKey(event.id())) {
        replay.take(event);
      }
    }
    return replay;
  }

  /** The same log under what is known now of tools out of use; played anew only if that changed. */
  public Replay under(ToolsOut now) {
    return now.equals(out)
        ? this
        : begin(sheet, now).with(entries.stream().map(Entry::event).toList());
  }

  /** What was said under this id; empty when nothing was. */
  public Optional<RunEvent> find(UUID id) {
    return Optional.ofNullable(indexOf.get(id)).map(i -> entries.get(i).event());
  }

  /** The tools out of use it was played under. */
  public ToolsOut toolsOut() {
    return out;
  }

  /** How many entries there are. */
  public int size() {
    return entries.size();
  }

  /**
   * What somebody has not seen who knows the first entries.
   *
   * @param known how many of them; of more than there are nothing is taken as known
   */
  public RunNews since(int known) {
    int from = known < 0 || known > entries.size() ? 0 : known;
    List<Entry> changed = new ArrayList<>();
    for (int i = marked.size() - 1; i >= 0 && marked.get(i).by() >= from; i--) {
      int index = marked.get(i).index();
      if (index < from) {
        changed.add(entries.get(index));
      }
    }
    // A tree's own sublist is made by taking away all that comes before it.
    List<Entry> told = new ArrayList<>(entries.size() - from);
    for (int i = from; i < entries.size(); i++) {
      told.add(entries.get(i));
    }
    return new RunNews(from, told, changed);
  }

  private void take(RunEvent event) {
    RunStep step = current();
    String refusal = refusal(event, step);
    indexOf = indexOf.plus(event.id(), entries.size());
    if (refusal != null || step == null) {
      add(Entry.notCounted(event, refusal));
      return;
    }
    switch (event.kind()) {
      case NOTE -> add(Entry.of(event, 0, null));
      case CORRECTION -> correct(event, (Said.Correction) event.said());
      case DEVIATION_ACCEPTED, LEFT -> letStand(event, step, String.valueOf(event.reason()));
      case AMENDED -> amend(event, step, (Said.Amended) event.said());
      case BEGUN_AGAIN -> beginJointAgain(event, step);
      default -> StepRule.of(step).take(event, this, step);
    }
  }

  private @Nullable String refusal(RunEvent event, @Nullable RunStep step) {
    if (signedOff || step == null) {
      return "The job is signed off; nothing more is added to it.";
    }
    if (event.kind() == EventKind.NOTE) {
      return null;
    }
    if (event.said() instanceof Said.Correction correction) {
      return refuseCorrection(correction);
    }
    if (!event.stepId().equals(step.id())) {
      return "Another step is in hand: " + step.title() + ".";
    }
    String failed = step.isDoneWithATool() ? out.why(step.toolId(), event.time().doneAt()) : null;
    if (failed != null && PULLS.contains(event.kind())) {
      return toolOut(step, failed);
    }
    StepRule rule = StepRule.of(step);
    if (!rule.permits(this, step).contains(event.kind())) {
      return waiting(step) == null
          ? "This does not fit the step in hand."
          : rule.advice(this, step);
    }
    if (event.said() instanceof Said.Amended taken) {
      return otherTool(step, taken).isPresent()
          ? null
          : "That tool was not laid out for this joint when the job started.";
    }
    Integer next = nextFastener(step);
    if (next != null && !next.equals(event.fastener())) {
      return "The next one is fastener " + next + ".";
    }
    boolean lets = event.kind() == EventKind.DEVIATION_ACCEPTED || event.kind() == EventKind.LEFT;
    if (lets && rule.isCritical(this, step) && !event.answeredBy().lead()) {
      return rule.onlyALead();
    }
    return rule.refuses(event, this, step);
  }

  private static String toolOut(RunStep step, String why) {
    return step.toolName() + " is out of use: " + why + ". Take another tool for this joint.";
  }

  private @Nullable String refuseCorrection(Said.Correction correction) {
    Integer index = indexOf.get(correction.corrects());
    Entry original = index == null ? null : entries.get(index);
    if (original == null || original.verdict() == null) {
      return "There is no counted entry to correct.";
    }
    if (original.correctedBy() != null) {
      return "That entry was corrected already; correct the later one.";
    }
    if (original.curve() != null) {
      return "No other figure changes what its curve tells. " + original.curve().words();
    }
    RunStep step = sheet.step(first(original.event()).stepId()).orElse(null);
    if (step != null
        && step.kind() == StepKind.SLIP_TEST
        && SlipTestStep.isClimbedBeyond(this, step)) {
      return "It was drawn tighter since: nobody can test it at that torque any more. What was tested later counts.";
    }
    if (correction.typed() != null && (step == null || step.kind() != StepKind.TIGHTEN)) {
      return "That entry carries no torque; strike it and do it again.";
    }
    return null;
  }

  private void amend(RunEvent event, RunStep step, Said.Amended taken) {
    add(Entry.of(event, round(step), null));
    otherTool(step, taken)
        .ifPresent(t -> amended = amended.plus(String.valueOf(step.jointId()), t));
  }

  private Optional<OtherTool> otherTool(RunStep step, Said.Amended taken) {
    RunJoint joint = jointOf(step);
    return joint == null ? Optional.empty() : joint.otherTool(taken.toolId());
  }

  /** The fastener in hand goes through all passes of its joint again, and then the round does. */
  void beginAgain(RunEvent event, RunStep step) {
    int fastener = StepRule.fastenerOf(event);
    add(Entry.of(event, round(step), null));
    waitsNoMore(step);
    for (RunStep other : sheet.steps()) {
      if (other.jointId() == null || !other.jointId().equals(step.jointId())) {
        continue;
      }
      if (other.turnsEach()) {
        done(other, done(other).minus(fastener));
      } else if (other.kind() == StepKind.CHECK_PASS) {
        done(other, NOTHING);
      }
    }
  }

  /**
   * What had set by then on the threads is cleaned off and put on again before its passes; so is
   * what was on a clamp that is taken apart because it slips, with the paste on what it clamps.
   */
  private void beginJointAgain(RunEvent event, RunStep step) {
    add(Entry.of(event, round(step), null));
    RunJoint joint = Objects.requireNonNull(jointOf(step));
    CureClock clock = clock(joint, event.time().doneAt()).orElse(null);
    boolean set = clock != null && clock.late();
    boolean slips = waiting(step) != null;
    waitsNoMore(step);
    for (RunStep other : sheet.steps()) {
      boolean wetting = other.kind() == StepKind.SURFACE || other.kind() == StepKind.HAND;
      boolean pulled = other.perFastener() || other.kind() == StepKind.SLIP_TEST;
      boolean its = joint.id().equals(other.jointId());
      if (its && (pulled || (set || slips) && wetting) || slips && prepares(other, joint)) {
        done(other, NOTHING);
      }
    }
  }

  /** Whether surfaces are prepared at a step: for this joint, or for none by itself. */
  private static boolean prepares(RunStep step, RunJoint joint) {
    return step.kind() == StepKind.WORK
        && step.group().equals(Phase.PREPARE.words())
        && (step.jointId() == null || step.jointId().equals(joint.id()));
  }

  /** Settles a fastener, or the step as a whole by 0, where its answer is as it should be. */
  void settle(RunStep step, int fastener, UUID eventId, Verdict verdict) {
    if (verdict.isDeviation()) {
      waits(step, eventId);
      return;
    }
    UUID waiting = pending.get(step.id());
    if (waiting != null && StepRule.fastenerOf(first(entry(waiting).event())) == fastener) {
      waitsNoMore(step);
    }
    settle(step, fastener, eventId);
    StepRule.of(step).settled(this, step);
  }

  void settle(RunStep step, int fastener, UUID eventId) {
    done(step, done(step).plus(fastener, eventId));
  }

  /** Lets an entry wait at its step. */
  void waits(RunStep step, UUID eventId) {
    pending = pending.plus(step.id(), eventId);
  }

  void waitsNoMore(RunStep step) {
    pending = pending.minus(step.id());
  }

  /** All of a step is tried once more. */
  void nextRound(RunStep step) {
    rounds = rounds.plus(step.id(), round(step) + 1);
    done(step, NOTHING);
  }

  void signOff() {
    signedOff = true;
  }

  /** What an entry is about: of a correction the entry that was first made. */
  RunEvent first(RunEvent event) {
    RunEvent now = event;
    for (UUID before = now.corrects(); before != null; before = now.corrects()) {
      now = entry(before).event();
    }
    return now;
  }

  private void letStand(RunEvent event, RunStep step, String reason) {
    UUID id = pending.get(step.id());
    if (id == null) {
      return;
    }
    int index = indexOf(id);
    mark(index, entries.get(index).accepted(reason));
    add(Entry.of(event, round(step), null));
    waitsNoMore(step);
    settle(step, StepRule.fastenerOf(first(entry(id).event())), id);
  }

  /**
   * The original stays, marked; the correction takes its place or leaves the fastener to be redone.
   */
  private void correct(RunEvent event, Said.Correction correction) {
    int index = indexOf(correction.corrects());
    Entry original = entries.get(index);
    mark(index, original.corrected(event.id()));
    RunEvent first = first(original.event());
    RunStep step = inHand(sheet.step(first.stepId()).orElseThrow());
    int fastener = StepRule.fastenerOf(first);
    reopen(step, fastener, original.event().id());
    Double torque = event.torqueNm();
    if (torque == null) {
      add(Entry.of(event, original.round(), null));
      return;
    }
    Verdict verdict = Verdict.of(torque, step.band());
    add(Entry.judged(event, original.round(), step, null, torque, verdict));
    // Below its band the fastener is open and turned on at the bench; above it that clears nothing.
    if (!verdict.isDeviation() || verdict == Verdict.ABOVE) {
      settle(step, fastener, event.id(), verdict);
    }
  }

  /** Opens what an entry had settled, and all that was told from it. */
  private void reopen(RunStep step, int fastener, UUID corrected) {
    done(step)
        .forEach(
            (n, id) -> {
              if (id.equals(corrected)) {
                done(step, done(step).minus(n));
              }
            });
    if (step.kind() == StepKind.NEXT_SLOT) {
      done(step, done(step).minus(fastener));
    }
    // How far a nut may go on was told from the corrected torque.
    sheet.steps().stream()
        .filter(s -> s.kind() == StepKind.NEXT_SLOT && s != step)
        .filter(s -> String.valueOf(s.jointId()).equals(step.jointId()))
        .forEach(
            s -> {
              done(s, done(s).minus(fastener));
              waitsNoMore(s);
            });
    // What was held against the corrected figure is measured again.
    sheet.steps().stream()
        .filter(s -> step.id().equals(s.comparesWith()))
        .forEach(s -> done(s, NOTHING));
    if (corrected.equals(pending.get(step.id()))) {
      waitsNoMore(step);
    }
  }

  Entry entry(UUID id) {
    return entries.get(indexOf(id));
  }

  Entry entry(int index) {
    return entries.get(index);
  }

  int indexOf(UUID id) {
    return indexOf.getOrDefault(id, 0);
  }

  List<Entry> entries() {
    return entries;
  }

  RunSheet sheet() {
    return sheet;
  }

  void add(Entry entry) {
    entries = entries.plus(entry);
  }

  private void mark(int index, Entry now) {
    entries = entries.with(index, now);
    marked = marked.plus(new Marked(entries.size(), index));
  }

  /** The entry that settles each fastener of a step; 0 stands for the step as a whole. */
  PMap<Integer, UUID> done(RunStep step) {
    return settled.getOrDefault(step.id(), NOTHING);
  }

  private void done(RunStep step, PMap<Integer, UUID> now) {
    settled = settled.plus(step.id(), now);
  }

  int round(RunStep step) {
    return rounds.getOrDefault(step.id(), 1);
  }

  /** What waits at a step; null where nothing does. */
  @Nullable Entry waiting(RunStep step) {
    UUID id = pending.get(step.id());
    return id == null ? null : entry(id);
  }

  /** The slip tests of a joint, from the lowest torque up; none where it is not climbed. */
  List<RunStep> slipTests(@Nullable String jointId) {
    return jointId == null ? List.of() : slipTests.getOrDefault(jointId, List.of());
  }

  @Nullable RunJoint jointOf(RunStep step) {
    return step.jointId() == null ? null : sheet.joint(step.jointId()).orElse(null);
  }

  /** What was found before where it is measured again; null elsewhere. */
  @Nullable String foundBefore(RunStep step) {
    UUID before =
        step.comparesWith() == null
            ? null
            : settled.getOrDefault(step.comparesWith(), NOTHING).get(0);
    return before == null ? null : entry(before).event().reason();
  }

  /** Whether work on the joint of a step has begun and nothing waits there. */
  boolean isBegun(RunStep step) {
    String joint = step.jointId();
    return joint != null
        && waiting(step) == null
        && sheet.steps().stream()
            .filter(s -> joint.equals(s.jointId()))
            .filter(s -> s.perFastener() || s.kind() == StepKind.SURFACE)
            .anyMatch(s -> !done(s).isEmpty());
  }

  private boolean complete(RunStep step) {
    return StepRule.of(step).isComplete(this, step);
  }

  private @Nullable RunStep current() {
    RunStep laidOut = sheet.steps().stream().filter(s -> !complete(s)).findFirst().orElse(null);
    return laidOut == null ? null : inHand(laidOut);
  }

  /** A step with the tool that is in hand now. */
  private RunStep inHand(RunStep laidOut) {
    OtherTool tool = laidOut.isDoneWithATool() ? amended.get(laidOut.jointId()) : null;
    return tool == null ? laidOut : laidOut.with(tool);
  }

  private @Nullable Integer nextFastener(RunStep step) {
    if (!step.perFastener()) {
      return null;
    }
    Set<Integer> done = done(step).keySet();
    return step.order().stream().filter(n -> !done.contains(n)).findFirst().orElse(null);
  }

  /** Where the run stands. */
  public RunState state() {
    RunStep step = signedOff ? null : current();
    Set<String> doneSteps = new HashSet<>();
    sheet.steps().stream().filter(this::complete).forEach(s -> doneSteps.add(s.id()));
    List<String> inOrder =
        sheet.steps().stream().map(RunStep::id).filter(doneSteps::contains).toList();
    return new RunState(
        step == null ? null : step.id(),
        step == null ? null : nextFastener(step),
        step == null ? 1 : round(step),
        step == null ? null : waiting(step),
        inOrder,
        step == null ? List.of() : List.copyOf(done(step).keySet()),
        step == null ? Map.of() : percents(step),
        step == null ? List.of() : answers(step),
        step == null ? null : shown(step),
        step == null || !amended.containsKey(step.jointId()) || !step.isDoneWithATool()
            ? null
            : step,
        toolsTaken(),
        entries,
        clocks(),
        signedOff);
  }

  private List<PermittedAnswer> answers(RunStep step) {
    StepRule rule = StepRule.of(step);
    return rule.permits(this, step).stream()
        .map(kind -> new PermittedAnswer(kind, rule.words(kind, this, step)))
        .toList();
  }

  private StepShown shown(RunStep step) {
    String failed = step.isDoneWithATool() ? out.whyNow(step.toolId()) : null;
    return new StepShown(
        waiting(step) == null ? null : StepRule.of(step).advice(this, step),
        failed == null ? null : toolOut(step, failed),
        step.kind() == StepKind.NEXT_SLOT
            ? NextSlotStep.due(this, step, Objects.requireNonNullElse(nextFastener(step), 0))
            : null,
        foundBefore(step),
        movedInRound(step),
        SlipTestStep.climb(this, step));
  }

  private List<Integer> movedInRound(RunStep step) {
    return done(step).entrySet().stream()
        .filter(e -> entry(e.getValue()).verdict() == Verdict.MOVED)
        .map(Map.Entry::getKey)
        .filter(n -> n > 0)
        .toList();
  }

  private Map<String, String> toolsTaken() {
    Map<String, String> taken = new LinkedHashMap<>();
    amended.forEach((joint, tool) -> taken.put(joint, tool.toolId()));
    return taken;
  }

  private List<CureClock> clocks() {
    List<CureClock> clocks = new ArrayList<>();
    for (RunJoint joint : sheet.joints()) {
      clock(joint, finalAt(joint)).ifPresent(clocks::add);
    }
    return List.copyOf(clocks);
  }

  /** How what was put on a joint sets, by the sheet of what was taken; empty where nothing does. */
  private Optional<CureClock> clock(RunJoint joint, @Nullable Instant finalAt) {
    OnThread.Cure cure = joint.onThread().cure();
    Instant wetted = cure == null ? null : doneAt(joint, StepKind.SURFACE);
    return cure == null || wetted == null
        ? Optional.empty()
        : Optional.of(CureClock.of(joint, cure.of(taken(joint)), wetted, finalAt));
  }

  /** The bottle or tub that was taken for a joint; null where nobody said. */
  private @Nullable ProductTaken taken(RunJoint joint) {
    return sheet.steps().stream()
        .filter(s -> s.kind() == StepKind.SURFACE && joint.id().equals(s.jointId()))
        .flatMap(s -> done(s).values().stream())
        .map(id -> ProductTaken.saidBy(entry(id).event().said(), joint))
        .filter(Objects::nonNull)
        .findFirst()
        .orElse(null);
  }

  /** When the last fastener was at its end, by torque or by angle; null while one is open. */
  private @Nullable Instant finalAt(RunJoint joint) {
    boolean turned =
        sheet.steps().stream()
            .anyMatch(s -> s.kind() == StepKind.ANGLE && joint.id().equals(s.jointId()));
    return doneAt(joint, turned ? StepKind.ANGLE : StepKind.TIGHTEN);
  }

  /** When the last step of a kind was done on a joint; null while one is open. */
  private @Nullable Instant doneAt(RunJoint joint, StepKind kind) {
    Instant last = null;
    for (RunStep step : sheet.steps()) {
      if (step.kind() != kind || !joint.id().equals(step.jointId())) {
        continue;
      }
      if (!complete(step)) {
        return null;
      }
      for (UUID id : done(step).values()) {
        Instant at = entry(id).event().time().doneAt();
        last = last == null || at.isAfter(last) ? at : last;
      }
    }
    return last;
  }

  /** The highest share each fastener of the joint in hand has reached so far. */
  Map<Integer, Double> percents(RunStep step) {
    Map<Integer, Double> reached = new TreeMap<>();
    if (step.kind() == StepKind.TRY) {
      step.order().forEach(n -> reached.put(n, step.percent()));
      return reached;
    }
    for (RunStep s : sheet.steps()) {
      if (s.kind() == StepKind.TIGHTEN
          && s.jointId() != null
          && s.jointId().equals(step.jointId())) {
        done(s).keySet().forEach(n -> reached.merge(n, s.percent(), Math::max));
      }
    }
    return reached;
  }
}
