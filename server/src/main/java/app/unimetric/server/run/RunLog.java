package app.unimetric.server.run;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunNews;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.ToolsOut;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.run.KeptRun;
import app.unimetric.server.event.RunMoved;
import app.unimetric.server.event.ToolsUsed;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.people.People;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.run.PlayedRuns.Played;
import app.unimetric.server.sheet.Sheets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** What was said at the bench is appended; where a run stands is the core's replay of it. */
@Service
public class RunLog {
  private static final int MOST_AT_ONCE = 200;
  private static final int LONGEST_DEVICE = 100;
  private static final Set<EventKind> PULLS =
      EnumSet.of(EventKind.CLICKED, EventKind.READING, EventKind.HELD, EventKind.MOVED);

  private final RunMapper mapper;
  private final PlayedRuns played;
  private final Jobs jobs;
  private final Sheets sheets;
  private final People people;
  private final SignOff signOff;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transaction;

  RunLog(
      RunMapper mapper,
      PlayedRuns played,
      Jobs jobs,
      Sheets sheets,
      People people,
      SignOff signOff,
      ApplicationEventPublisher events,
      TransactionTemplate transaction) {
    this.transaction = transaction;
    this.mapper = mapper;
    this.played = played;
    this.jobs = jobs;
    this.sheets = sheets;
    this.people = people;
    this.signOff = signOff;
    this.events = events;
  }

  /** A run with its state. */
  public record Run(
      RunSheet sheet,
      RunState state,
      ToolsOut toolsOut,
      String startedBy,
      UUID startedById,
      Instant startedAt) {
    private static Run of(Played p) {
      return new Run(
          p.sheet(),
          p.replay().state(),
          p.replay().toolsOut(),
          p.startedBy(),
          p.startedById(),
          p.startedAt());
    }
  }

  /** A run after something was said, with what is new in it for who said it. */
  public record Moved(Run run, RunNews news) {}

  /**
   * Starts a job, if the sheet it is based on is still the one on file; starting twice changes
   * nothing.
   */
  @Transactional
  public Run start(UUID jobId, int version, LocalDate today, Instant at, Signature by) {
    Job job = jobs.job(jobId);
    if (mapper.byJob(jobId) == null) {
      jobs.mustBeOpen(job);
      if (job.version() != version) {
        throw Refusal.stale(version, job.version());
      }
      JobPlan plan = sheets.plan(job, today);
      if (!plan.ready()) {
        throw Refusal.conflict(
            "The job is not ready: " + plan.blockers().get(0).message(), Map.of());
      }
      mapper.start(jobId, KeptRun.SHEET.write(RunSheetWriter.write(plan)), by, at);
    }
    return run(jobId);
  }

  /**
   * @throws Refusal when the job was not started
   */
  public Run run(UUID jobId) {
    return find(jobId).orElseThrow(() -> Refusal.notFound("A run of this job"));
  }

  /**
   * A run with what is new in it.
   *
   * @param known how many of its entries are known
   */
  public Moved since(UUID jobId, int known) {
    return played
        .find(jobId)
        .map(p -> new Moved(Run.of(p), p.replay().since(known)))
        .orElseThrow(() -> Refusal.notFound("A run of this job"));
  }

  public Optional<Run> find(UUID jobId) {
    return played.find(jobId).map(Run::of);
  }

  /** Jobs that were begun and are not signed, as they stand; those given up among them. */
  public List<AsBuilt> unsigned() {
    List<AsBuilt> unsigned = new ArrayList<>();
    for (UUID jobId : mapper.unsigned()) {
      Run run = run(jobId);
      unsigned.add(
          new AsBuilt(
              jobId,
              run.sheet(),
              run.state(),
              run.startedBy(),
              run.startedById(),
              run.startedAt()));
    }
    return unsigned;
  }

  /** Joints that some entries were about and that still stand by them. */
  public record Touched(UUID jobId, List<RunJoint> joints) {}

  /** What entries at the bench tightened, job by job. */
  public List<Touched> touched(List<UUID> entryIds) {
    Set<UUID> meant = Set.copyOf(entryIds);
    List<Touched> touched = new ArrayList<>();
    for (UUID jobId : mapper.jobsOf(entryIds.stream().map(UUID::toString).toArray(String[]::new))) {
      Run run = run(jobId);
      Set<String> joints = new LinkedHashSet<>();
      run.state().entries().stream()
          .filter(e -> meant.contains(e.event().id()) && e.counts())
          .forEach(
              e ->
                  run.sheet()
                      .step(e.event().stepId())
                      .map(RunStep::jointId)
                      .ifPresent(joints::add));
      if (!joints.isEmpty()) {
        touched.add(
            new Touched(
                jobId,
                run.sheet().joints().stream().filter(j -> joints.contains(j.id())).toList()));
      }
    }
    return touched;
  }

  /**
   * Takes what a device says, in its order. A resend changes nothing; a gap in its counter is
   * refused with the number expected.
   *
   * @param sentAt by the device's clock; null when it does not say
   * @param known how many entries of the run the device has; 0 for none
   * @param today the day in the workshop, for what a signature begins
   * @param who tells whose word it is, of who is said to say it
   */
  public Moved say(
      UUID jobId,
      String device,
      @Nullable Instant sentAt,
      int known,
      List<EntrySent> said,
      Instant receivedAt,
      LocalDate today,
      Function<@Nullable UUID, Signature> who) {
    Map<UUID, Signature> witnesses = witnesses(jobId, said);
    return Objects.requireNonNull(
        transaction.execute(
            status ->
                append(jobId, device, sentAt, known, said, receivedAt, today, who, witnesses)));
  }

  /** PINs are looked at before anything is held: of entries that are there already, none is. */
  private Map<UUID, Signature> witnesses(UUID jobId, List<EntrySent> said) {
    Map<UUID, Signature> witnesses = new HashMap<>();
    for (EntrySent one : said) {
      EntrySent.Witness given = one.witness();
      if (given != null && takesWitness(one.kind()) && !isThere(jobId, one.id())) {
        witnesses.put(one.id(), people.witness(given.name(), given.pin()));
      }
    }
    return witnesses;
  }

  private boolean isThere(UUID jobId, UUID entryId) {
    return played.find(jobId).flatMap(p -> p.replay().find(entryId)).isPresent();
  }

  private Moved append(
      UUID jobId,
      String device,
      @Nullable Instant sentAt,
      int known,
      List<EntrySent> said,
      Instant receivedAt,
      LocalDate today,
      Function<@Nullable UUID, Signature> who,
      Map<UUID, Signature> witnesses) {
    new Problems()
        .require(
            !device.isBlank() && device.length() <= LONGEST_DEVICE,
            "device",
            "must have 1 to 100 characters.")
        .require(
            !said.isEmpty() && said.size() <= MOST_AT_ONCE, "events", "must hold 1 to 200 entries.")
        .orThrow();
    Held held = mapper.hold(jobId);
    Played before = held == null ? null : played.find(jobId).orElse(null);
    if (held == null || before == null) {
      throw Refusal.notFound("A run of this job");
    }
    if (held.cancelled()) {
      jobs.mustBeOpen(jobs.job(jobId));
    }
    RunState stood = before.replay().state();
    List<RunEvent> fresh = new ArrayList<>();
    List<EventLine> lines = new ArrayList<>();
    int next = mapper.lastCounter(jobId, device) + 1;
    for (int i = 0; i < said.size(); i++) {
      EntryTime time = EntryTime.of(said.get(i).doneAt(), sentAt, receivedAt, before.startedAt());
      Signature by = who.apply(said.get(i).by());
      RunEvent event = unlessThere(before.replay(), fresh, said.get(i), i, time, by, witnesses);
      if (event != null) {
        if (said.get(i).counter() != next) {
          throw outOfOrder(next);
        }
        fresh.add(event);
        lines.add(new EventLine(event.id(), next++, KeptRun.ENTRY.write(event)));
      }
    }
    Played now = fresh.isEmpty() ? before : before.on(fresh, append(jobId, device, lines));
    countUses(before.sheet(), fresh, stood.toolsTaken());
    played.keep(jobId, now);
    if (!fresh.isEmpty()) {
      events.publishEvent(new RunMoved(jobId, now.replay().size()));
    }
    Run run = Run.of(now);
    if (!stood.signedOff() && run.state().signedOff()) {
      signOff.close(jobs.job(jobId), run, today);
    }
    return new Moved(run, now.replay().since(known));
  }

  /** What was said; null where it stands in the log, or earlier in the same sending, already. */
  private @Nullable RunEvent unlessThere(
      Replay log,
      List<RunEvent> fresh,
      EntrySent said,
      int index,
      EntryTime time,
      Signature by,
      Map<UUID, Signature> witnesses) {
    RunEvent there =
        fresh.stream()
            .filter(e -> e.id().equals(said.id()))
            .findFirst()
            .or(() -> log.find(said.id()))
            .orElse(null);
    if (there == null) {
      return made(index, () -> said.by(by, witnesses.get(said.id()), time));
    }
    if (!there.saysTheSameAs(made(index, () -> said.by(by, null, time)))) {
      throw usedForAnother();
    }
    return null;
  }

  private long append(UUID jobId, String device, List<EventLine> lines) {
    List<Long> orders = mapper.append(jobId, device, lines);
    if (orders.size() != lines.size()) {
      throw usedForAnother();
    }
    return Collections.max(orders);
  }

  private static Refusal outOfOrder(int next) {
    return Refusal.conflict(
        "Entries of this device are missing or out of order; number " + next + " comes next.",
        Map.of("expectedCounter", next));
  }

  private static RunEvent made(int index, Supplier<RunEvent> event) {
    Problems problems = new Problems();
    RunEvent made = problems.under("events[" + index + "]", event);
    problems.orThrow();
    return Objects.requireNonNull(made);
  }

  private static Refusal usedForAnother() {
    return Refusal.conflict(
        "An entry with this id says something else already; give a new one its own id.", Map.of());
  }

  private static boolean takesWitness(EventKind kind) {
    return kind == EventKind.SECOND_LOOK
        || kind == EventKind.DEVIATION_ACCEPTED
        || kind == EventKind.LEFT;
  }

  /** Whatever came of it, the tool was pulled. */
  private void countUses(RunSheet sheet, List<RunEvent> fresh, Map<String, String> taken) {
    Map<String, String> inHand = new HashMap<>(taken);
    List<ToolsUsed.Use> uses = new ArrayList<>();
    for (RunEvent event : fresh) {
      RunStep step = sheet.step(event.stepId()).orElse(null);
      String joint = step == null ? null : step.jointId();
      String other = event.toolTaken();
      if (joint != null) {
        sheet
            .joint(joint)
            .flatMap(j -> j.otherTool(other))
            .ifPresent(t -> inHand.put(joint, t.toolId()));
      }
      String tool = step == null ? null : inHand.getOrDefault(joint, step.toolId());
      if (tool != null && PULLS.contains(event.kind())) {
        uses.add(new ToolsUsed.Use(event.id(), UUID.fromString(tool), event.time().doneAt()));
      }
    }
    if (!uses.isEmpty()) {
      events.publishEvent(new ToolsUsed(uses));
    }
  }
}
