package app.unimetric.server.card;

import app.unimetric.server.compute.plan.PlanCall;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.sheet.Sheets;
import app.unimetric.server.web.PublicAddress;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
  private final Cards cards;
  private final Clock clock;
  private final PublicAddress address;

  CardController(Jobs jobs, Sheets sheets, Cards cards, Clock clock, PublicAddress address) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.cards = cards;
    this.clock = clock;
    this.address = address;
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
    String here = address.of(request);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("job-" + job.number() + ".pdf").build().toString())
        .body(cards.pdf(job, since, here));
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
