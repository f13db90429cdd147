package app.unimetric.core.bench;

import app.unimetric.core.device.Curve;
import app.unimetric.core.device.CurveVerdict;
import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.fastener.CastleNut;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.recheck.MovedCause;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
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
import java.util.stream.Stream;
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
  /** What arithmetic may lose. */
  private static final double ROUNDING = 1e-9;

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
      add(Entry.plain(event, 0, refusal));
      return;
    }
    switch (event.kind()) {
      case NOTE -> add(Entry.plain(event, 0, null));
      case CORRECTION -> correct(event);
      case DEVIATION_ACCEPTED, LEFT -> accept(event, step);
      case SLOT_AHEAD -> slotAhead(event, step);
      case AMENDED -> amend(event, step);
      case SLACKENED -> beginAgain(event, step);
      case BEGUN_AGAIN -> beginJointAgain(event, step);
      case REPLACED -> replaced(event, step);
      default -> confirm(event, step);
    }
  }

  private @Nullable String refusal(RunEvent event, @Nullable RunStep step) {
    if (signedOff || step == null) {
      return "The job is signed off; nothing more is added to it.";
    }
    if (event.kind() == EventKind.NOTE) {
      return null;
    }
    if (event.kind() == EventKind.CORRECTION) {
      return refuseCorrection(event);
    }
    if (!event.stepId().equals(step.id())) {
      return "Another step is in hand: " + step.title() + ".";
    }
    String failed = step.isDoneWithATool() ? out.why(step.toolId(), event.time().doneAt()) : null;
    if (failed != null && PULLS.contains(event.kind())) {
      return toolOut(step, failed);
    }
    if (!permits(step).contains(event.kind())) {
      return waitsAt(step) ? waiting(step) : "This does not fit the step in hand.";
    }
    if (event.kind() == EventKind.AMENDED) {
      return otherTool(step, event).isPresent()
          ? null
          : "That tool was not laid out for this joint when the job started.";
    }
    Integer next = nextFastener(step);
    if (next != null && !next.equals(event.fastener())) {
      return "The next one is fastener " + next + ".";
    }
    SlotAhead ahead = event.slot();
    Castellation nut = step.castellation();
    if (ahead != null && nut != null && ahead.turnDeg() >= nut.stepDeg()) {
      return nut.words() + " The next slot is never as far as that: count them and look again.";
    }
    if (step.kind() == StepKind.TRY && event.kind() == EventKind.MOVED && event.moved() == null) {
      return "Say why it moved, as far as it is known; that it was not found is an answer too.";
    }
    boolean lets = event.kind() == EventKind.DEVIATION_ACCEPTED || event.kind() == EventKind.LEFT;
    if (lets && isCritical(step) && !event.answeredBy().lead()) {
      return step.jointId() == null || step.judged() || step.kind() == StepKind.SLIP_TEST
          ? "On a critical job only a lead leaves what is not as it should be."
          : "On a critical joint only a lead lets a reading outside the band stand.";
    }
    String found = event.reason();
    boolean again = event.kind() == EventKind.BEGUN_AGAIN && waitsAt(step);
    if (again && (found == null || found.isBlank())) {
      return "Say in a few words why it slipped and what was done about it.";
    }
    Measure measure = step.measure();
    boolean figureMeant =
        event.kind() == EventKind.MEASURED
            || event.kind() == EventKind.FOUND && event.finding() != Finding.BAD;
    if (figureMeant && measure != null && !measure.accepts(found == null ? "" : found)) {
      return "Type the figure in " + measure.unit() + " first; words may follow.";
    }
    if (figureMeant && measure != null && measure.asksLimit() && event.limit() == null) {
      return "Read the limit off the part first and type it, in " + measure.unit() + ".";
    }
    return event.kind() == EventKind.SECOND_LOOK ? refuseLook(event) : null;
  }

  private static String toolOut(RunStep step, String why) {
    return step.toolName() + " is out of use: " + why + ". Take another tool for this joint.";
  }

  private String waiting(RunStep step) {
    List<EventKind> permits = permits(step);
    if (step.judged()) {
      return "What was found is not as it should be: put it right and look again, replace it, or leave it with a reason.";
    }
    if (step.kind() == StepKind.SLIP_TEST) {
      return "It slips at the last torque below the limit: no tighter. Take it apart, find out why and begin again, or leave it with a reason.";
    }
    if (step.kind() == StepKind.NEXT_SLOT) {
      return permits.contains(EventKind.DONE)
          ? "Turn it on to the slot first, or take it off for another washer."
          : "At the next slot it would carry more than it may: take it off for another washer, and never back.";
    }
    UUID waiting = pending.get(step.id());
    CurveVerdict curve = waiting == null ? null : entry(waiting).curve();
    if (curve != null) {
      return curve.words();
    }
    if (permits.contains(EventKind.REPLACED)) {
      return "This torque is more than the fastener carries: take it out, look at thread and part, put in a new one.";
    }
    return permits.contains(EventKind.SLACKENED)
        ? "Turning again does not make an over-tightened fastener right: slacken it fully, look at thread and part, begin again."
        : "A reading outside its limits waits: redo it or let it stand with a reason.";
  }

  private @Nullable String refuseCorrection(RunEvent event) {
    Integer index = indexOf.get(event.corrects());
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
    RunStep step = sheet.step(corrected(original.event().id()).stepId()).orElse(null);
    if (step != null && step.kind() == StepKind.SLIP_TEST && isClimbedBeyond(step)) {
      return "It was drawn tighter since: nobody can test it at that torque any more. What was tested later counts.";
    }
    if (event.value() != null && (step == null || step.kind() != StepKind.TIGHTEN)) {
      return "That entry carries no torque; strike it and do it again.";
    }
    return null;
  }

  private @Nullable String refuseLook(RunEvent event) {
    Signature witness = event.answeredBy();
    Instant last =
        entries.stream()
            .filter(
                e ->
                    e.torqueNm() != null
                        && e.notCounted() == null
                        && e.event().by().id().equals(witness.id()))
            .map(e -> e.event().time().doneAt())
            .max(Comparator.naturalOrder())
            .orElse(null);
    Integer pause = sheet.lookAgainMinutes();
    if (last == null) {
      return null;
    }
    if (pause == null) {
      return witness.name() + " tightened here; the second look is another person's.";
    }
    Duration since = Duration.between(last, event.time().doneAt());
    long left = pause - since.toMinutes();
    return left <= 0
        ? null
        : "Your last tightening was "
            + since.toMinutes()
            + " min ago. Do something else for another "
            + left
            + " min and look then: fresh eyes see what tired ones passed over.";
  }

  private void amend(RunEvent event, RunStep step) {
    add(Entry.plain(event, round(step), null));
    otherTool(step, event)
        .ifPresent(t -> amended = amended.plus(String.valueOf(step.jointId()), t));
  }

  private Optional<OtherTool> otherTool(RunStep step, RunEvent event) {
    String joint = step.jointId();
    return joint == null
        ? Optional.empty()
        : sheet.joint(joint).flatMap(j -> j.otherTool(event.toolId()));
  }

  private void confirm(RunEvent event, RunStep step) {
    int fastener = fastenerOf(event);
    Double torque = event.kind() == EventKind.CLICKED ? step.settingNm() : event.torqueNm();
    CurveVerdict curve = against(event, step).orElse(null);
    Verdict verdict =
        switch (event.kind()) {
          case HELD -> Verdict.HELD;
          case MOVED -> Verdict.MOVED;
          case CLICKED, READING ->
              curve != null
                  ? Verdict.BAD
                  : torque == null ? Verdict.DONE : Verdict.of(torque, step.band());
          case MEASURED -> Verdict.of(measured(event, step));
          case FOUND -> found(event, step);
          case HOLDS -> Verdict.GOOD;
          case SLIPS -> step.percent() == RunStep.FULL_PERCENT ? Verdict.BAD : Verdict.MOVED;
          default -> Verdict.DONE;
        };
    RunJoint joint = step.jointId() == null ? null : sheet.joint(step.jointId()).orElse(null);
    add(Entry.judged(event, round(step), step, joint, torque, verdict, curve));
    UUID said = pending.get(step.id());
    boolean atSlot = step.kind() == StepKind.NEXT_SLOT;
    settle(step, fastener, atSlot && said != null ? said : event.id(), verdict);
    if (event.kind() == EventKind.SIGNED_OFF) {
      signedOff = true;
    }
  }

  /** What is in line is there; what is not is turned on to its slot first, or not at all. */
  private void slotAhead(RunEvent event, RunStep step) {
    SlotAhead ahead = event.slot();
    if (ahead == null) {
      return;
    }
    int fastener = fastenerOf(event);
    Double there = thereNm(ahead, step, dueSlot(step, fastener));
    Verdict verdict = atSlot(there, step);
    add(Entry.judged(event, round(step), step, null, there, verdict, null));
    if (ahead.isAligned() && !verdict.isDeviation()) {
      settle(step, fastener, event.id(), verdict);
    } else {
      pending = pending.plus(step.id(), event.id());
    }
  }

  /** Only the most it may carry is judged: what it was pulled to was judged there. */
  private static Verdict atSlot(@Nullable Double thereNm, RunStep step) {
    if (thereNm == null || step.band() == null) {
      return Verdict.DONE;
    }
    return Verdict.of(thereNm, step.band()) == Verdict.ABOVE ? Verdict.ABOVE : Verdict.INSIDE;
  }

  private static @Nullable Double thereNm(SlotAhead ahead, RunStep step, DueSlot due) {
    Castellation nut = step.castellation();
    Double now = due.torqueNowNm();
    Double stated = ahead.nmPerDegree();
    Double rises = stated == null ? due.nmPerDegree() : stated;
    if (nut == null || now == null || rises == null && !ahead.isAligned()) {
      return null;
    }
    double nmPerDegree = rises == null ? 0 : rises;
    return CastleNut.ahead(nut, ahead.turnDeg(), now, nmPerDegree, null).torqueThereNm();
  }

  /** What the last pull of a pinned nut tells; a turn by an angle tells no torque. */
  private DueSlot dueSlot(RunStep step, int fastener) {
    RunJoint joint = jointOf(step);
    List<RunStep> pulls =
        sheet.steps().stream()
            .filter(s -> s.turnsEach() && s.kind() != StepKind.NEXT_SLOT)
            .filter(s -> joint.id().equals(s.jointId()))
            .toList();
    RunStep pulled = pulls.isEmpty() ? null : pulls.get(pulls.size() - 1);
    UUID id = pulled == null ? null : done(pulled).get(fastener);
    Entry last = id == null ? null : entry(id);
    String curve = last == null ? null : last.event().curve();
    double before = pulls.size() < 2 ? 0 : pulls.get(pulls.size() - 2).percent();
    UUID said = pending.get(step.id());
    return new DueSlot(
        last == null ? null : last.torqueNm(),
        last == null || curve == null
            ? null
            : Curve.parse(curve)
                .risesNmPerDegree(DuePull.startNm(joint.aimNm(), before, leftBefore(last)))
                .orElse(null),
        said == null ? null : DueSlot.advice(step, entry(said)));
  }

  /** What an earlier pull of the same pass had brought, below its band; null where none had. */
  private @Nullable Double leftBefore(Entry reading) {
    for (int i = indexOf.getOrDefault(reading.event().id(), 0) - 1; i >= 0; i--) {
      Entry e = entries.get(i);
      boolean same =
          e.event().stepId().equals(reading.event().stepId())
              && Objects.equals(e.event().fastener(), reading.event().fastener());
      if (same && e.counts()) {
        return e.verdict() == Verdict.BELOW ? e.torqueNm() : null;
      }
    }
    return null;
  }

  /** What the curve of a pull tells against its fastener, beside its like of the same pass. */
  private Optional<CurveVerdict> against(RunEvent event, RunStep step) {
    String written = event.curve();
    if (written == null || event.kind() != EventKind.READING) {
      return Optional.empty();
    }
    Double aim =
        step.jointId() == null
            ? null
            : sheet.joint(step.jointId()).map(RunJoint::aimNm).orElse(null);
    int fastener = fastenerOf(event);
    double reached = percents(step).getOrDefault(fastener, 0.0);
    UUID waiting = pending.get(step.id());
    Double left =
        waiting == null || fastenerOf(corrected(waiting)) != fastener
            ? null
            : entry(waiting).torqueNm();
    List<Curve> others =
        done(step).values().stream()
            .map(id -> entry(id).event().curve())
            .filter(Objects::nonNull)
            .map(Curve::parse)
            .toList();
    return CurveVerdict.of(Curve.parse(written), DuePull.startNm(aim, reached, left), others);
  }

  private RunJoint jointOf(RunStep step) {
    return sheet.joint(String.valueOf(step.jointId())).orElseThrow();
  }

  private Verdict found(RunEvent event, RunStep step) {
    Finding finding = event.finding();
    return Verdict.of(finding == null ? Finding.GOOD : finding, measured(event, step));
  }

  /** What is bad is replaced and settles the step; a fastener that was renewed begins again. */
  private void replaced(RunEvent event, RunStep step) {
    if (step.kind() == StepKind.TIGHTEN) {
      beginAgain(event, step);
      return;
    }
    add(new Entry(event, round(step), null, null, Verdict.PUT_RIGHT, null, null, null, null));
    pending = pending.minus(step.id());
    settle(step, 0, event.id());
  }

  /** The fastener in hand goes through all passes of its joint again, and then the round does. */
  private void beginAgain(RunEvent event, RunStep step) {
    int fastener = fastenerOf(event);
    add(Entry.plain(event, round(step), null));
    pending = pending.minus(step.id());
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
    add(Entry.plain(event, round(step), null));
    RunJoint joint = jointOf(step);
    Instant wetted = joint.cure() == null ? null : doneAt(joint, StepKind.SURFACE);
    boolean set = wetted != null && CureClock.of(joint, wetted, event.time().doneAt()).late();
    boolean slips = waitsAt(step);
    pending = pending.minus(step.id());
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

  private Measure.Judged measured(RunEvent event, RunStep step) {
    Measure measure = step.measure();
    String written = event.reason();
    String foundAt = step.comparesWith();
    if (measure == null || written == null) {
      return Measure.Judged.NOTED;
    }
    Double limit = event.limit();
    if (foundAt == null) {
      return (measure.asksLimit() && limit != null ? measure.limitedTo(limit) : measure)
          .standing(written);
    }
    UUID before = settled.getOrDefault(foundAt, NOTHING).get(0);
    String found = before == null ? null : entry(before).event().reason();
    return found == null ? Measure.Judged.NOTED : measure.cameBack(found, written);
  }

  private void settle(RunStep step, int fastener, UUID eventId, Verdict verdict) {
    if (verdict.isDeviation()) {
      pending = pending.plus(step.id(), eventId);
      return;
    }
    UUID waiting = pending.get(step.id());
    if (waiting != null && fastenerOf(corrected(waiting)) == fastener) {
      pending = pending.minus(step.id());
    }
    settle(step, fastener, eventId);
    Map<Integer, UUID> done = done(step);
    if (step.isTried()
        && done.size() == step.order().size()
        && anyMoved(done)
        && !isTakenApart(step, done)) {
      rounds = rounds.plus(step.id(), round(step) + 1);
      done(step, NOTHING);
    }
  }

  private boolean anyMoved(Map<Integer, UUID> done) {
    return done.values().stream().anyMatch(id -> entry(id).verdict() == Verdict.MOVED);
  }

  /** Whether what moved is taken apart and done again: then it is not tried until nothing moves. */
  private boolean isTakenApart(RunStep step, Map<Integer, UUID> done) {
    RunJoint joint = jointOf(step);
    return done.values().stream()
        .map(id -> entry(id).event().moved())
        .anyMatch(m -> m != null && m.follows(joint) == MovedCause.Follows.TAKE_APART);
  }

  /** Whether a reading of this step waits; after a correction an earlier step may be in hand. */
  private boolean waitsAt(RunStep step) {
    return pending.containsKey(step.id());
  }

  /** What an entry is about: of a correction the entry that was first made. */
  private RunEvent corrected(UUID id) {
    RunEvent event = entry(id).event();
    for (UUID before = event.corrects(); before != null; before = event.corrects()) {
      event = entry(before).event();
    }
    return event;
  }

  private static int fastenerOf(RunEvent event) {
    Integer number = event.fastener();
    return number == null ? 0 : number;
  }

  private void accept(RunEvent event, RunStep step) {
    UUID id = pending.get(step.id());
    String reason = event.reason();
    if (id == null || reason == null) {
      return;
    }
    int index = indexOf.getOrDefault(id, 0);
    mark(index, entries.get(index).accepted(reason));
    add(Entry.plain(event, round(step), null));
    pending = pending.minus(step.id());
    settle(step, fastenerOf(corrected(id)), id);
  }

  /**
   * The original stays, marked; the correction takes its place or leaves the fastener to be redone.
   */
  private void correct(RunEvent event) {
    int index = indexOf.getOrDefault(event.corrects(), 0);
    Entry original = entries.get(index);
    mark(index, original.corrected(event.id()));
    RunEvent first = corrected(original.event().id());
    RunStep step = inHand(sheet.step(first.stepId()).orElseThrow());
    int fastener = fastenerOf(first);
    done(step)
        .forEach(
            (n, id) -> {
              if (id.equals(original.event().id())) {
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
              pending = pending.minus(s.id());
            });
    // What was held against the corrected figure is measured again.
    sheet.steps().stream()
        .filter(s -> step.id().equals(s.comparesWith()))
        .forEach(s -> done(s, NOTHING));
    if (original.event().id().equals(pending.get(step.id()))) {
      pending = pending.minus(step.id());
    }
    Double torque = event.torqueNm();
    if (torque == null) {
      add(Entry.plain(event, original.round(), null));
      return;
    }
    Verdict verdict = Verdict.of(torque, step.band());
    add(Entry.judged(event, original.round(), step, null, torque, verdict, null));
    // Below its band the fastener is open and turned on at the bench; above it that clears nothing.
    if (!verdict.isDeviation() || verdict == Verdict.ABOVE) {
      settle(step, fastener, event.id(), verdict);
    }
  }

  private Entry entry(UUID id) {
    return entries.get(indexOf.getOrDefault(id, 0));
  }

  private void add(Entry entry) {
    entries = entries.plus(entry);
  }

  private void mark(int index, Entry now) {
    entries = entries.with(index, now);
    marked = marked.plus(new Marked(entries.size(), index));
  }

  private PMap<Integer, UUID> done(RunStep step) {
    return settled.getOrDefault(step.id(), NOTHING);
  }

  private void done(RunStep step, PMap<Integer, UUID> now) {
    settled = settled.plus(step.id(), now);
  }

  private void settle(RunStep step, int fastener, UUID eventId) {
    done(step, done(step).plus(fastener, eventId));
  }

  private int round(RunStep step) {
    return rounds.getOrDefault(step.id(), 1);
  }

  private boolean complete(RunStep step) {
    Map<Integer, UUID> done = done(step);
    boolean settled =
        step.perFastener() ? done.keySet().containsAll(step.order()) : done.containsKey(0);
    return settled || isNotNeeded(step);
  }

  /** Once a clamp holds, no torque of its climb beyond that is pulled; it is gone round at that. */
  private boolean isNotNeeded(RunStep step) {
    String joint = step.jointId();
    Double held = joint == null ? null : heldAt(joint);
    if (held == null) {
      return false;
    }
    return switch (step.kind()) {
      case TIGHTEN, SLIP_TEST -> step.percent() > held;
      case CHECK_PASS -> step.percent() != held;
      default -> false;
    };
  }

  private boolean isClimbedBeyond(RunStep test) {
    return sheet.steps().stream()
        .filter(s -> s.kind() == StepKind.TIGHTEN && s.percent() > test.percent())
        .anyMatch(s -> String.valueOf(test.jointId()).equals(s.jointId()) && !done(s).isEmpty());
  }

  /** The share at which a climb ended: it held there, or was left slipping at the last. */
  private @Nullable Double heldAt(String jointId) {
    for (RunStep test : slipTests.getOrDefault(jointId, List.of())) {
      UUID said = done(test).get(0);
      if (said != null && entry(said).verdict() != Verdict.MOVED) {
        return test.percent();
      }
    }
    return null;
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

  private boolean isCritical(RunStep step) {
    String joint = step.jointId();
    if (step.kind() == StepKind.MEASURE || step.judged()) {
      return sheet.critical();
    }
    return joint != null && sheet.joint(joint).map(RunJoint::critical).orElse(false);
  }

  private List<EventKind> permits(RunStep step) {
    if (step.judged()) {
      return waitsAt(step)
          ? List.of(EventKind.FOUND, EventKind.REPLACED, EventKind.LEFT)
          : List.of(EventKind.FOUND);
    }
    return switch (step.kind()) {
      case WORK, SURFACE, HAND, FUNCTION_CHECK -> List.of(EventKind.DONE);
      case MEASURE ->
          waitsAt(step)
              ? List.of(EventKind.MEASURED, EventKind.DEVIATION_ACCEPTED)
              : List.of(EventKind.MEASURED);
      case TIGHTEN -> orBegunAgain(step, orAmended(step, tightening(step)));
      case ANGLE -> orBegunAgain(step, List.of(EventKind.DONE));
      case NEXT_SLOT -> toTheSlot(step);
      case SLIP_TEST ->
          waitsAt(step)
              ? List.of(EventKind.BEGUN_AGAIN, EventKind.LEFT)
              : orBegunAgain(step, List.of(EventKind.HOLDS, EventKind.SLIPS));
      case CHECK_PASS ->
          orBegunAgain(step, orAmended(step, List.of(EventKind.HELD, EventKind.MOVED)));
      case TRY -> orAmended(step, List.of(EventKind.HELD, EventKind.MOVED));
      case SECOND_LOOK -> List.of(EventKind.SECOND_LOOK);
      case SIGN_OFF -> List.of(EventKind.SIGNED_OFF);
    };
  }

  private List<EventKind> toTheSlot(RunStep step) {
    UUID said = pending.get(step.id());
    if (said == null) {
      return orBegunAgain(step, List.of(EventKind.SLOT_AHEAD));
    }
    return entry(said).isDeviation()
        ? List.of(EventKind.SLACKENED, EventKind.SLOT_AHEAD)
        : List.of(EventKind.DONE, EventKind.SLOT_AHEAD, EventKind.SLACKENED);
  }

  private List<EventKind> orBegunAgain(RunStep step, List<EventKind> permits) {
    String joint = step.jointId();
    boolean begun =
        joint != null
            && !waitsAt(step)
            && sheet.steps().stream()
                .filter(s -> joint.equals(s.jointId()))
                .filter(s -> s.perFastener() || s.kind() == StepKind.SURFACE)
                .anyMatch(s -> !done(s).isEmpty());
    return begun
        ? Stream.concat(permits.stream(), Stream.of(EventKind.BEGUN_AGAIN)).toList()
        : permits;
  }

  private List<EventKind> orAmended(RunStep step, List<EventKind> permits) {
    String joint = step.jointId();
    boolean pulls = permits.contains(EventKind.READING) || permits.contains(EventKind.HELD);
    boolean others =
        pulls
            && joint != null
            && sheet.joint(joint).filter(j -> !j.otherTools().isEmpty()).isPresent();
    return others
        ? Stream.concat(permits.stream(), Stream.of(EventKind.AMENDED)).toList()
        : permits;
  }

  /**
   * Below its band a fastener is turned on. Above it, turning again clears nothing: it is slackened
   * and begins again, or renewed where its thread may have given; only what the tool's own
   * deviation accounts for may stand with a reason.
   */
  private List<EventKind> tightening(RunStep step) {
    EventKind usual = step.settingNm() == null ? EventKind.DONE : EventKind.CLICKED;
    if (!waitsAt(step)) {
      return List.of(usual, EventKind.READING);
    }
    Double most = step.mayStandToNm();
    UUID waiting = pending.get(step.id());
    Entry over = waiting == null ? null : entry(waiting);
    CurveVerdict curve = over == null ? null : over.curve();
    if (curve != null) {
      return curve.shape().mayBeRight()
          ? List.of(EventKind.SLACKENED, EventKind.REPLACED)
          : List.of(EventKind.REPLACED);
    }
    Double torque = over == null ? null : over.torqueNm();
    if (most == null || torque == null || over == null || over.verdict() != Verdict.ABOVE) {
      return List.of(usual, EventKind.READING, EventKind.DEVIATION_ACCEPTED);
    }
    Double ceiling =
        step.jointId() == null
            ? null
            : sheet.joint(step.jointId()).map(RunJoint::ceilingNm).orElse(null);
    if (ceiling != null && torque > ceiling) {
      return List.of(EventKind.REPLACED);
    }
    return torque <= most * (1 + ROUNDING)
        ? List.of(EventKind.SLACKENED, EventKind.DEVIATION_ACCEPTED)
        : List.of(EventKind.SLACKENED);
  }

  /** Where the run stands. */
  public RunState state() {
    RunStep step = signedOff ? null : current();
    Set<String> doneSteps = new HashSet<>();
    sheet.steps().stream().filter(this::complete).forEach(s -> doneSteps.add(s.id()));
    List<String> inOrder =
        sheet.steps().stream().map(RunStep::id).filter(doneSteps::contains).toList();
    UUID waiting = step == null ? null : pending.get(step.id());
    return new RunState(
        step == null ? null : step.id(),
        step == null ? null : nextFastener(step),
        step == null ? 1 : round(step),
        waiting == null ? null : entry(waiting),
        inOrder,
        step == null ? List.of() : List.copyOf(done(step).keySet()),
        step == null ? Map.of() : percents(step),
        step == null ? List.of() : permits(step),
        step == null || step.kind() != StepKind.NEXT_SLOT
            ? null
            : dueSlot(step, Objects.requireNonNullElse(nextFastener(step), 0)),
        step == null || !amended.containsKey(step.jointId()) || !step.isDoneWithATool()
            ? null
            : step,
        toolsTaken(),
        step == null || !step.isDoneWithATool() || out.whyNow(step.toolId()) == null
            ? null
            : toolOut(step, String.valueOf(out.whyNow(step.toolId()))),
        entries,
        clocks(),
        signedOff);
  }

  private Map<String, String> toolsTaken() {
    Map<String, String> taken = new LinkedHashMap<>();
    amended.forEach((joint, tool) -> taken.put(joint, tool.toolId()));
    return taken;
  }

  private List<CureClock> clocks() {
    List<CureClock> clocks = new ArrayList<>();
    for (RunJoint joint : sheet.joints()) {
      Instant wetted = joint.cure() == null ? null : doneAt(joint, StepKind.SURFACE);
      if (wetted != null) {
        clocks.add(CureClock.of(joint, wetted, finalAt(joint)));
      }
    }
    return List.copyOf(clocks);
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
  private Map<Integer, Double> percents(RunStep step) {
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
