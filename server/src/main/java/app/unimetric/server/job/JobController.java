package app.unimetric.server.job;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.spec.SpecSource;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Jobs up to the moment they start. */
@RestController
class JobController {
  private static final int LONGEST_SEARCH = 200;
  private final Jobs jobs;
  private final SheetEntries entries;
  private final Fleet fleet;
  private final Clock clock;

  JobController(Jobs jobs, SheetEntries entries, Fleet fleet, Clock clock) {
    this.jobs = jobs;
    this.entries = entries;
    this.fleet = fleet;
    this.clock = clock;
  }

  /** A kind of job that suits a machine. */
  record OfferedJob(String key, String title, String summary, int joints, double minutes) {}

  /**
   * @param id made by the sender
   */
  record NewJob(UUID id, UUID machineId, String packKey) {}

  /**
   * Which value of a joint holds.
   *
   * @param id made by the sender
   * @param readAs the unit the figure is to be read in, when the stated one is a slip
   * @param version of the job as last seen
   */
  record NewDecision(
      UUID id,
      String jointId,
      int valueIndex,
      @Nullable TorqueUnit readAs,
      String reason,
      int version) {}

  @GetMapping("/api/machines/{id}/offered-jobs")
  List<OfferedJob> offered(@PathVariable UUID id, @RequestParam(defaultValue = "") String q) {
    new Problems()
        .require(q.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .orThrow();
    return jobs.offered(fleet.machine(id), q).stream()
        .map(p -> new OfferedJob(p.key(), p.title(), p.summary(), p.joints().size(), p.minutes()))
        .toList();
  }

  @PostMapping("/api/jobs")
  JobSheet open(@RequestBody NewJob job, @AuthenticationPrincipal SignedIn person) {
    return sheet(
        jobs.open(job.id(), job.machineId(), job.packKey(), clock.instant(), person.name()));
  }

  @GetMapping("/api/jobs/{id}/sheet")
  JobSheet sheet(@PathVariable UUID id) {
    return sheet(jobs.job(id));
  }

  @PostMapping("/api/jobs/{id}/decisions")
  JobSheet decide(
      @PathVariable UUID id, @RequestBody NewDecision d, @AuthenticationPrincipal SignedIn person) {
    return sheet(
        jobs.decide(
            id,
            d.id(),
            d.jointId(),
            d.valueIndex(),
            d.readAs(),
            d.reason(),
            d.version(),
            clock.instant(),
            person));
  }

  /**
   * A value looked up for a joint.
   *
   * @param id made by the sender
   * @param typed as it stands there, with its unit
   * @param version of the job as last seen
   */
  record NewValue(
      UUID id,
      String jointId,
      String typed,
      SpecSource source,
      String document,
      @Nullable FrictionCondition condition,
      int version) {}

  @PostMapping("/api/jobs/{id}/values")
  JobSheet find(
      @PathVariable UUID id, @RequestBody NewValue v, @AuthenticationPrincipal SignedIn person) {
    FrictionCondition condition = v.condition() == null ? FrictionCondition.UNKNOWN : v.condition();
    return sheet(
        jobs.find(
            id,
            new FoundValue(
                v.id(),
                v.jointId(),
                v.typed(),
                v.source(),
                v.document(),
                condition,
                person.name(),
                clock.instant()),
            v.version()));
  }

  /**
   * @param id made by the sender
   */
  record NewDeskNote(UUID id, String jointId, String state, String summary) {}

  @PostMapping("/api/jobs/{id}/desk-notes")
  JobSheet note(
      @PathVariable UUID id, @RequestBody NewDeskNote n, @AuthenticationPrincipal SignedIn person) {
    jobs.note(
        id,
        new DeskNote(n.id(), n.jointId(), n.state(), n.summary(), person.name(), clock.instant()));
    return sheet(jobs.job(id));
  }

  /**
   * @param id made by the sender
   * @param place where the joint is to stand, from 0
   * @param version of the job as last seen
   */
  record Move(UUID id, String jointId, int place, int version) {}

  @PostMapping("/api/jobs/{id}/arrangement")
  JobSheet move(
      @PathVariable UUID id, @RequestBody Move m, @AuthenticationPrincipal SignedIn person) {
    return sheet(
        jobs.move(
            id,
            m.id(),
            m.jointId(),
            m.place(),
            m.version(),
            LocalDate.now(clock),
            clock.instant(),
            person.name()));
  }

  /**
   * @param id made by the sender
   * @param version of the job as last seen
   */
  record GivenBack(UUID id, int version) {}

  @PostMapping("/api/jobs/{id}/arrangement/planner")
  JobSheet giveBack(
      @PathVariable UUID id, @RequestBody GivenBack g, @AuthenticationPrincipal SignedIn person) {
    return sheet(jobs.giveBackOrder(id, g.id(), g.version(), clock.instant(), person.name()));
  }

  /**
   * @param id made by the sender
   * @param question as the sheet asks it
   * @param version of the job as last seen
   */
  record NewFit(UUID id, String question, boolean fits, String note, int version) {}

  @PostMapping("/api/jobs/{id}/fits")
  JobSheet answer(
      @PathVariable UUID id, @RequestBody NewFit f, @AuthenticationPrincipal SignedIn person) {
    return sheet(
        jobs.answer(
            id,
            new Fit(
                f.id(), f.question(), f.fits(), f.note().strip(), person.name(), clock.instant()),
            f.version()));
  }

  /**
   * @param id made by the sender
   * @param amount as typed, in the workshop's currency
   * @param version of the job as last seen
   */
  record NewQuote(UUID id, String amount, int version) {}

  @PostMapping("/api/jobs/{id}/quote")
  JobSheet quote(
      @PathVariable UUID id, @RequestBody NewQuote q, @AuthenticationPrincipal SignedIn person) {
    return sheet(
        jobs.quote(
            id,
            q.id(),
            JobCost.amount(q.amount(), "amount"),
            q.version(),
            clock.instant(),
            person.name()));
  }

  /**
   * @param id made by the sender
   * @param name what stands on the part or its box
   * @param version of the job as last seen
   */
  record NewPart(UUID id, String name, int version) {}

  @PostMapping("/api/jobs/{id}/part")
  JobSheet part(
      @PathVariable UUID id, @RequestBody NewPart p, @AuthenticationPrincipal SignedIn person) {
    return sheet(
        jobs.namePart(id, p.id(), p.name().strip(), p.version(), clock.instant(), person.name()));
  }

  /**
   * @param id made by the sender
   */
  record NewPrint(UUID id) {}

  /** Keeps what the card says that is printed now, so that later changes can be told. */
  @PostMapping("/api/jobs/{id}/prints")
  JobSheet print(
      @PathVariable UUID id, @RequestBody NewPrint p, @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    entries.print(id, p.id(), jobs.plan(job, LocalDate.now(clock)), clock.instant(), person.name());
    return sheet(job);
  }

  private JobSheet sheet(Job job) {
    JobPlan plan = jobs.plan(job, LocalDate.now(clock));
    return JobSheet.of(
        job,
        fleet.machine(job.machineId()),
        plan,
        entries.part(job.id()),
        entries.cost(job.id(), plan),
        entries.fits(job.id()),
        entries.sinceLastPrint(job.id(), plan),
        jobs.deskNotes(job.id()));
  }
}
