package app.unimetric.server.bench;

import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.PackDocuments;
import app.unimetric.server.log.AsBuilt;
import app.unimetric.server.log.Records;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.people.People;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.recheck.Rechecks;
import app.unimetric.server.shelf.Stock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Runs of jobs: what was said is appended, where they stand is the core's replay. */
@Service
public class Runs {
  private static final int MOST_AT_ONCE = 200;
  private static final int LONGEST_DEVICE = 100;
  private final RunMapper mapper;
  private final Jobs jobs;
  private final PackDocuments packs;
  private final Fleet fleet;
  private final People people;
  private final Records records;
  private final Rechecks rechecks;
  private final Stock stock;
  private final JsonMapper json;

  Runs(
      RunMapper mapper,
      Jobs jobs,
      PackDocuments packs,
      Fleet fleet,
      People people,
      Records records,
      Rechecks rechecks,
      Stock stock,
      JsonMapper json) {
    this.mapper = mapper;
    this.jobs = jobs;
    this.packs = packs;
    this.fleet = fleet;
    this.people = people;
    this.records = records;
    this.rechecks = rechecks;
    this.stock = stock;
    this.json = json;
  }

  /** A run with its state. */
  public record Run(RunSheet sheet, RunState state, String startedBy, Instant startedAt) {}

  /**
   * Starts a job, if the sheet it is based on is still the one on file; starting twice changes
   * nothing.
   */
  @Transactional
  public Run start(UUID jobId, int version, LocalDate today, Instant at, String by) {
    Job job = jobs.job(jobId);
    if (mapper.byJob(jobId) == null) {
      if (job.version() != version) {
        throw Refusal.stale(version, job.version());
      }
      JobPlan plan = jobs.plan(job, today);
      if (!plan.ready()) {
        throw Refusal.conflict(
            "The job is not ready: " + plan.blockers().get(0).message(), Map.of());
      }
      mapper.start(jobId, json.writeValueAsString(RunSheetWriter.write(plan)), by, at);
    }
    return run(jobId);
  }

  public Run run(UUID jobId) {
    return find(jobId).orElseThrow(() -> Refusal.notFound("A run of this job"));
  }

  public Optional<Run> find(UUID jobId) {
    RunRow row = mapper.byJob(jobId);
    return row == null ? Optional.empty() : Optional.of(replay(row));
  }

  private Run replay(RunRow row) {
    RunSheet sheet = json.readValue(row.sheet(), RunSheet.class);
    List<RunEvent> events =
        mapper.events(row.jobId()).stream().map(e -> json.readValue(e, RunEvent.class)).toList();
    return new Run(sheet, Replay.of(sheet, events), row.startedBy(), row.startedAt());
  }

  /**
   * Takes what a device says, in its order. A resend changes nothing; a gap in its counter is
   * refused with the number expected.
   */
  @Transactional
  public Run say(
      UUID jobId, String device, List<Said> said, Instant at, ZoneId zone, Signature by) {
    new Problems()
        .require(
            !device.isBlank() && device.length() <= LONGEST_DEVICE,
            "device",
            "must have 1 to 100 characters.")
        .require(
            !said.isEmpty() && said.size() <= MOST_AT_ONCE, "events", "must hold 1 to 200 entries.")
        .orThrow();
    RunRow row = mapper.lock(jobId);
    if (row == null) {
      throw Refusal.notFound("A run of this job");
    }
    boolean open = !replay(row).state().signedOff();
    for (int i = 0; i < said.size(); i++) {
      append(jobId, device, said.get(i), i, at, by);
    }
    Run run = replay(row);
    if (open && run.state().signedOff()) {
      close(jobId, run, zone);
    }
    return run;
  }

  private void append(UUID jobId, String device, Said said, int index, Instant at, Signature by) {
    if (mapper.exists(said.id())) {
      return;
    }
    int expected = mapper.lastCounter(jobId, device) + 1;
    if (said.counter() != expected) {
      throw Refusal.conflict(
          "Entries of this device are missing or out of order; number " + expected + " comes next.",
          Map.of("expectedCounter", expected));
    }
    Problems problems = new Problems();
    RunEvent event = problems.under("events[" + index + "]", () -> event(said, at, by));
    problems.orThrow();
    mapper.append(said.id(), jobId, device, said.counter(), json.writeValueAsString(event));
  }

  private RunEvent event(Said said, Instant at, Signature by) {
    String typed = said.typed();
    Double value = typed == null ? null : (Double) DecimalText.parse(typed, "typed");
    Said.Witness given = said.witness();
    Signature witness =
        given == null || !takesWitness(said.kind())
            ? null
            : people.witness(given.name(), given.pin());
    return new RunEvent(
        said.id(),
        said.stepId(),
        said.kind(),
        said.fastener(),
        value,
        said.unit(),
        said.reason(),
        said.corrects(),
        by,
        witness,
        at);
  }

  private static boolean takesWitness(EventKind kind) {
    return kind == EventKind.SECOND_LOOK || kind == EventKind.DEVIATION_ACCEPTED;
  }

  /** Record, fitted part and re-checks, all at the moment of signing. */
  private void close(UUID jobId, Run run, ZoneId zone) {
    Job job = jobs.job(jobId);
    JobPack pack = packs.read(job.pack());
    Machine machine = fleet.machine(job.machineId());
    RunEvent signed = signature(run.state());
    LocalDate day = LocalDate.ofInstant(signed.at(), zone);
    records.sign(asBuilt(jobId, run), signed.by().name(), signed.at());
    fleet.fit(machine.id(), jobId, jobs.partFitted(job, pack), day);
    stock.use(pack.oneTimeParts(), "used in job " + job.number(), signed.at(), signed.by().name());
    for (Policy.RecheckGroup group : Policy.USUAL.rechecks(pack)) {
      for (RecheckDue due :
          RecheckDue.from(List.of(group.rule()), day, machine.km(), machine.hours())) {
        rechecks.add(machine, jobId, due, String.join(", ", group.joints()), signed.at());
      }
    }
  }

  private static RunEvent signature(RunState state) {
    return state.entries().stream()
        .map(Entry::event)
        .filter(e -> e.kind() == EventKind.SIGNED_OFF)
        .findFirst()
        .orElseThrow();
  }

  private static AsBuilt asBuilt(UUID jobId, Run run) {
    List<Entry> entries = run.state().entries();
    List<Entry> readings =
        entries.stream()
            .filter(e -> e.torqueNm() != null && e.notCounted() == null && e.correctedBy() == null)
            .toList();
    return new AsBuilt(
        jobId,
        run.sheet(),
        run.state(),
        entries.stream().map(e -> e.event().by().name()).distinct().toList(),
        run.startedBy(),
        run.startedAt(),
        readings.size(),
        (int)
            readings.stream().filter(e -> e.verdict() != null && e.verdict().isDeviation()).count(),
        (int) entries.stream().filter(e -> e.correctedBy() != null).count());
  }

  /** Where a job stands, in words for lists. */
  public Standing standing(Job job) {
    Optional<Run> run = find(job.id());
    if (run.isEmpty()) {
      return new Standing(Station.PLAN, "Not started", 0, null);
    }
    RunState state = run.get().state();
    if (state.signedOff()) {
      return new Standing(Station.RECORD, "Signed off", 100, state.ridableFrom());
    }
    int percent = 100 * state.doneSteps().size() / run.get().sheet().steps().size();
    @Nullable String current = state.currentStep();
    String words =
        current == null
            ? ""
            : run.get().sheet().step(current).map(s -> s.group() + ": " + s.title()).orElse("");
    return new Standing(Station.BENCH, words, percent, state.ridableFrom());
  }

  /** The station of the flow a job has reached. */
  public enum Station {
    PLAN,
    BENCH,
    RECORD
  }

  /**
   * @param percent of the steps done
   * @param ridableFrom when all that cures has cured; null when nothing does or it is not known
   */
  public record Standing(
      Station station, String words, int percent, @Nullable Instant ridableFrom) {}
}
