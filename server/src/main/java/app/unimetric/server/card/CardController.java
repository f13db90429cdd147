package app.unimetric.server.card;

import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.server.compute.plan.PlanCall;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.run.RunLog;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.sheet.Sheets;
import app.unimetric.server.sheet.SincePrint;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The job card as PDF. */
@Hidden
@RestController
class CardController {
  private final Jobs jobs;
  private final Sheets sheets;
  private final CardPaper paper;
  private final Fleet fleet;
  private final RunLog runs;
  private final Settings settings;
  private final Clock clock;
  private final String publicUrl;

  CardController(
      Jobs jobs,
      Sheets sheets,
      CardPaper paper,
      Fleet fleet,
      RunLog runs,
      Settings settings,
      Clock clock,
      @Value("${unimetric.public-url}") String publicUrl) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.paper = paper;
    this.fleet = fleet;
    this.runs = runs;
    this.settings = settings;
    this.clock = clock;
    this.publicUrl = publicUrl;
  }

  /**
   * The card of a job.
   *
   * @param since an earlier print: what it no longer tells is marked
   */
  @GetMapping("/api/jobs/{id}/card.pdf")
  ResponseEntity<byte[]> card(
      @PathVariable UUID id,
      @RequestParam(required = false) @Nullable UUID since,
      HttpServletRequest request) {
    Job job = jobs.job(id);
    LocalDate day = LocalDate.now(clock);
    String here =
        publicUrl.isBlank()
            ? request.getScheme() + "://" + request.getServerName() + ":" + request.getServerPort()
            : publicUrl;
    JobPlan plan = sheets.plan(job, day);
    List<PlanPrint.Change> changes =
        since == null
            ? List.of()
            : sheets.since(job, since, plan).map(SincePrint::changes).orElse(List.of());
    JobCard card =
        JobCard.of(
            job,
            fleet.machine(job.machineId()),
            plan,
            settings.rulesInWords(clock.getZone()),
            here + "/jobs/" + id + "/sheet",
            day,
            sheets.partFitted(job),
            sheets.fitsInWords(job),
            runs.find(id).map(CardController::standing).orElse(null),
            changes);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("job-" + job.number() + ".pdf").build().toString())
        .body(paper.pdf(card));
  }

  private static String standing(RunLog.Run run) {
    return (run.state().signedOff() ? "Done and signed" : "Under way")
        + ": begun by "
        + run.startedBy()
        + ". The bench keeps to the sheet as it was then; this card shows how it would be planned now.";
  }

  /** The plan as the plan call answers it. */
  @GetMapping("/api/jobs/{id}/plan.json")
  ResponseEntity<PlanCall.Response> plan(@PathVariable UUID id) {
    Job job = jobs.job(id);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("plan-" + job.number() + ".json")
                .build()
                .toString())
        .body(PlanCall.of(sheets.plan(job, LocalDate.now(clock)), true));
  }

  /** The drawing of one joint, as the card paints it. */
  @GetMapping(path = "/api/jobs/{id}/joints/{jointId}/drawing.svg", produces = "image/svg+xml")
  String drawing(@PathVariable UUID id, @PathVariable String jointId) {
    return sheets.plan(jobs.job(id), LocalDate.now(clock)).joints().stream()
        .filter(j -> j.joint().id().equals(jointId))
        .map(j -> JointSketch.svg(j.joint().pattern().layout(), j.positions()))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("This joint"));
  }
}
