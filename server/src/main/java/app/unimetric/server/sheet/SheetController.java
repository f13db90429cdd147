package app.unimetric.server.sheet;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Side;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Source;
import app.unimetric.documents.settings.Right;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.fit.Taken;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Job sheets up to the moment the job starts. */
@RestController
class SheetController {
  private final Sheets sheets;
  private final Jobs jobs;
  private final JobOpening opening;
  private final SheetValues values;
  private final SheetPages pages;
  private final SheetFits fits;
  private final Settings settings;
  private final Clock clock;

  SheetController(
      Sheets sheets,
      Jobs jobs,
      JobOpening opening,
      SheetValues values,
      SheetPages pages,
      SheetFits fits,
      Settings settings,
      Clock clock) {
    this.sheets = sheets;
    this.jobs = jobs;
    this.opening = opening;
    this.values = values;
    this.pages = pages;
    this.fits = fits;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   */
  record NewJob(UUID id, UUID machineId, String packKey) {}

  @PostMapping("/api/jobs")
  JobSheet open(@RequestBody NewJob job, @AuthenticationPrincipal SignedIn person) {
    return page(
        opening.open(
            job.id(), job.machineId(), job.packKey(), clock.instant(), person.signature()));
  }

  /**
   * Several jobs in one visit.
   *
   * @param id made by the sender
   * @param packKeys of the jobs, in the order they were ticked
   */
  record NewVisit(UUID id, UUID machineId, List<String> packKeys) {}

  @PostMapping("/api/visits")
  JobSheet visit(@RequestBody NewVisit visit, @AuthenticationPrincipal SignedIn person) {
    return page(
        opening.visit(
            visit.id(), visit.machineId(), visit.packKeys(), clock.instant(), person.signature()));
  }

  /**
   * A job that no pack is for.
   *
   * @param id made by the sender
   * @param title what is done, in a few words
   */
  record NewOwnJob(UUID id, UUID machineId, String title) {}

  @PostMapping("/api/own-jobs")
  JobSheet fromNothing(@RequestBody NewOwnJob job, @AuthenticationPrincipal SignedIn person) {
    return page(
        opening.fromNothing(
            job.id(), job.machineId(), job.title(), clock.instant(), person.signature()));
  }

  /**
   * @param id made by the sender
   */
  record NewWayBack(UUID id) {}

  @PostMapping("/api/jobs/{id}/back")
  JobSheet back(
      @PathVariable UUID id,
      @RequestBody NewWayBack back,
      @AuthenticationPrincipal SignedIn person) {
    Job before = jobs.job(id);
    if (!jobs.isSigned(before)) {
      throw Refusal.conflict(
          "Only a signed job has a way back; cancel this one instead.", Map.of());
    }
    if (sheets.pack(before).isLookAgain()) {
      throw Refusal.conflict("That job fitted nothing; go back from the one that did.", Map.of());
    }
    return page(opening.back(back.id(), before, clock.instant(), person.signature()));
  }

  @GetMapping("/api/jobs/{id}/sheet")
  JobSheet sheet(@PathVariable UUID id) {
    return page(jobs.job(id));
  }

  @GetMapping("/api/jobs/{id}/sheet/joints")
  JobSheet.MoreJoints joints(@PathVariable UUID id, @RequestParam int from) {
    return pages.moreJoints(jobs.job(id), from);
  }

  /**
   * Which value of a joint holds.
   *
   * @param id made by the sender
   * @param valueId of the value that holds
   * @param readAs the unit the figure is to be read in, when the stated one is a slip
   * @param version of the job as last seen
   */
  record NewDecision(
      UUID id,
      String jointId,
      String valueId,
      @Nullable TorqueUnit readAs,
      String reason,
      int version) {}

  @PostMapping("/api/jobs/{id}/decisions")
  JobSheet decide(
      @PathVariable UUID id, @RequestBody NewDecision d, @AuthenticationPrincipal SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead decides which value holds; ask one, or have them sign in.");
    }
    Job job = jobs.job(id);
    SheetSaying.DecisionMade said =
        new SheetSaying.DecisionMade(d.jointId(), d.valueId(), d.readAs(), d.reason().strip());
    SheetChecks.decision(said, sheets.sheet(job).pack());
    return said(job, d.id(), d.version(), said, person);
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
      Source source,
      String document,
      @Nullable FrictionCondition condition,
      int version) {}

  @PostMapping("/api/jobs/{id}/values")
  JobSheet find(
      @PathVariable UUID id, @RequestBody NewValue v, @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    Sheet sheet = sheets.sheet(job);
    JobPack pack = sheet.pack();
    SheetSaying.ValueFound said =
        new SheetSaying.ValueFound(
            v.jointId(),
            v.typed(),
            v.source(),
            v.document(),
            v.condition() == null ? FrictionCondition.UNKNOWN : v.condition(),
            threadOf(pack, v.jointId()));
    SheetChecks.value(said, pack);
    JobSheet page = said(job, v.id(), v.version(), said, person);
    values.keep(job, v.id(), said, sheet, person.signature(), clock.instant());
    return page;
  }

  /**
   * @param id made by the sender
   * @param reason what was wrong with it
   * @param version of the job as last seen
   */
  record NewWithdrawal(UUID id, String valueId, String reason, int version) {}

  @PostMapping("/api/jobs/{id}/withdrawals")
  JobSheet withdraw(
      @PathVariable UUID id,
      @RequestBody NewWithdrawal w,
      @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    SheetSaying.Withdrawn said = new SheetSaying.Withdrawn(w.valueId(), w.reason().strip());
    SheetChecks.withdrawal(said, sheets.sheet(job), person);
    JobSheet page = said(job, w.id(), w.version(), said, person);
    values.takeBack(
        job, w.id(), said, sheets.sheet(job).stated(), person.signature(), clock.instant());
    return page;
  }

  /**
   * @param id made by the sender
   * @param reason why no torque tool reaches
   * @param version of the job as last seen
   */
  record NewByFeel(UUID id, String jointId, String reason, int version) {}

  @PostMapping("/api/jobs/{id}/by-feel")
  JobSheet byFeel(
      @PathVariable UUID id, @RequestBody NewByFeel f, @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    SheetSaying.ByFeel said = new SheetSaying.ByFeel(f.jointId(), f.reason().strip());
    SheetChecks.byFeel(said, sheets.sheet(job).pack());
    return said(job, f.id(), f.version(), said, person);
  }

  /**
   * @param id made by the sender
   * @param toolId the tool to use; null gives the choice back to the planner
   * @param version of the job as last seen
   */
  record NewTool(UUID id, String jointId, @Nullable String toolId, int version) {}

  @PostMapping("/api/jobs/{id}/tools")
  JobSheet chooseTool(
      @PathVariable UUID id, @RequestBody NewTool t, @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    SheetSaying.ToolChosen said = new SheetSaying.ToolChosen(t.jointId(), t.toolId());
    SheetChecks.tool(said, sheets.plan(job, today()));
    return said(job, t.id(), t.version(), said, person);
  }

  /**
   * @param id made by the sender
   * @param reason why it is not done
   * @param version of the job as last seen
   */
  record NewCancelling(UUID id, String reason, int version) {}

  /** Not under way, anybody who works may cancel; once something was taken apart a lead does. */
  @PostMapping("/api/jobs/{id}/cancelling")
  JobSheet cancel(
      @PathVariable UUID id,
      @RequestBody NewCancelling c,
      @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    SheetSaying.Cancelled said = new SheetSaying.Cancelled(c.reason().strip());
    SheetChecks.cancelling(said);
    if (!sheets.saidBefore(c.id())) {
      jobs.mustBeOpen(job);
    }
    settings.check(Right.CANCEL_JOBS, person.isLead());
    if (jobs.isStarted(job) && !person.isLead()) {
      throw Refusal.forbidden(
          "The work has begun: a lead cancels it, once the machine is safe to stand.");
    }
    return said(job, c.id(), c.version(), said, person);
  }

  /**
   * @param id made by the sender
   */
  record NewDeskNote(UUID id, String jointId, String state, String summary) {}

  @PostMapping("/api/jobs/{id}/desk-notes")
  JobSheet note(
      @PathVariable UUID id, @RequestBody NewDeskNote n, @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    SheetSaying.DeskNoted said = new SheetSaying.DeskNoted(n.jointId(), n.state(), n.summary());
    SheetChecks.deskNote(said, sheets.sheet(job).pack());
    return said(job, n.id(), null, said, person);
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
    Job job = jobs.job(id);
    if (sheets.saidBefore(m.id())) {
      return page(job);
    }
    List<String> order = SheetChecks.moved(sheets.plan(job, today()), m.jointId(), m.place());
    return said(job, m.id(), m.version(), new SheetSaying.Arranged(order), person);
  }

  /**
   * @param id made by the sender
   * @param version of the job as last seen
   */
  record GivenBack(UUID id, int version) {}

  @PostMapping("/api/jobs/{id}/arrangement/planner")
  JobSheet giveBack(
      @PathVariable UUID id, @RequestBody GivenBack g, @AuthenticationPrincipal SignedIn person) {
    return said(jobs.job(id), g.id(), g.version(), new SheetSaying.Arranged(List.of()), person);
  }

  /**
   * @param id made by the sender
   * @param question as the sheet asks it
   * @param fits counts where it was not worked out
   * @param worked how it was worked out; missing where somebody's word stands
   * @param sameAs what was measured on this machine before and still is so; instead of worked
   * @param version of the job as last seen
   */
  record NewFit(
      UUID id,
      String question,
      boolean fits,
      String note,
      @Nullable NewWorkedFit worked,
      @Nullable UUID sameAs,
      int version) {}

  /**
   * @param state the address part of the fit desk that shows it again
   * @param request as the call takes it
   */
  record NewWorkedFit(FitCall call, String state, JsonNode request, Taken taken) {}

  @PostMapping("/api/jobs/{id}/fits")
  JobSheet answer(
      @PathVariable UUID id, @RequestBody NewFit f, @AuthenticationPrincipal SignedIn person) {
    return page(fits.answer(jobs.job(id), f, clock.instant(), person));
  }

  /**
   * What was answered to the job's own questions.
   *
   * @param id made by the sender
   * @param options the answer to each question by their ids
   * @param sides on which sides it is done; empty for both, or where it is not done once a side
   * @param version of the job as last seen
   */
  record NewChoice(UUID id, Map<String, String> options, List<Side> sides, int version) {}

  @PostMapping("/api/jobs/{id}/choices")
  JobSheet choose(
      @PathVariable UUID id, @RequestBody NewChoice c, @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    Answers answers = new Answers(c.options(), c.sides());
    sheets.sheet(job).choices().check(answers);
    return said(job, c.id(), c.version(), new SheetSaying.Chosen(answers), person);
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
    SheetSaying.Quoted said = new SheetSaying.Quoted(JobCost.amount(q.amount(), "amount"));
    return said(jobs.job(id), q.id(), q.version(), said, person);
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
    SheetSaying.PartNamed said = new SheetSaying.PartNamed(p.name().strip());
    SheetChecks.part(said);
    return said(jobs.job(id), p.id(), p.version(), said, person);
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
    PlanPrint card = PlanPrint.of(sheets.plan(job, today()));
    return said(job, p.id(), null, new SheetSaying.CardPrinted(card), person);
  }

  private JobSheet said(
      Job job, UUID id, @Nullable Integer version, SheetSaying said, SignedIn person) {
    return page(sheets.say(job, id, version, said, clock.instant(), person.signature()));
  }

  private static @Nullable String threadOf(JobPack pack, String jointId) {
    return pack.joints().stream()
        .filter(j -> j.isNamed(jointId))
        .map(j -> j.fastener().thread().designation())
        .findFirst()
        .orElse(null);
  }

  private LocalDate today() {
    return LocalDate.now(clock);
  }

  private JobSheet page(Job job) {
    return pages.page(job);
  }
}
