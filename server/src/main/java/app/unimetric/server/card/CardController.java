package app.unimetric.server.card;

import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Policy;
import app.unimetric.server.compute.PlanCall;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.SheetEntries;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.problem.Refusal;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
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
  private final SheetEntries entries;
  private final Fleet fleet;
  private final Clock clock;
  private final String publicUrl;

  CardController(
      Jobs jobs,
      SheetEntries entries,
      Fleet fleet,
      Clock clock,
      @Value("${unimetric.public-url}") String publicUrl) {
    this.jobs = jobs;
    this.entries = entries;
    this.fleet = fleet;
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
    JobPlan plan = jobs.plan(job, day);
    SheetEntries.SincePrint news = since == null ? null : entries.since(id, since, plan);
    String html =
        JobCard.html(
            job,
            fleet.machine(job.machineId()),
            plan,
            here + "/jobs/" + id + "/sheet",
            day,
            jobs.partFitted(job, plan.pack()),
            news == null ? List.of() : news.changes());
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("job-" + job.number() + ".pdf").build().toString())
        .body(pdf(html));
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
        .body(PlanCall.of(jobs.plan(job, LocalDate.now(clock)), Policy.USUAL, true));
  }

  /** The drawing of one joint, as the card paints it. */
  @GetMapping(path = "/api/jobs/{id}/joints/{jointId}/drawing.svg", produces = "image/svg+xml")
  String drawing(@PathVariable UUID id, @PathVariable String jointId) {
    return jobs.plan(jobs.job(id), LocalDate.now(clock)).joints().stream()
        .filter(j -> j.joint().id().equals(jointId))
        .map(j -> JointSketch.svg(j.joint().layout(), j.positions()))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("This joint"));
  }

  private static byte[] pdf(String html) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      new PdfRendererBuilder()
          .useFastMode()
          .useSVGDrawer(new BatikSVGDrawer())
          .useFont(() -> font("DejaVuSans"), "DejaVu")
          .useFont(
              () -> font("DejaVuSans-Bold"),
              "DejaVu",
              700,
              com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle.NORMAL,
              true)
          .withHtmlContent(html, "about:blank")
          .toStream(out)
          .run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static InputStream font(String name) {
    try {
      return new ClassPathResource("fonts/" + name + ".ttf").getInputStream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
