package app.unimetric.server.card;

import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
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
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The job card as PDF. */
@Hidden
@RestController
class CardController {
  private final Jobs jobs;
  private final Fleet fleet;
  private final Clock clock;
  private final String publicUrl;

  CardController(
      Jobs jobs, Fleet fleet, Clock clock, @Value("${unimetric.public-url}") String publicUrl) {
    this.jobs = jobs;
    this.fleet = fleet;
    this.clock = clock;
    this.publicUrl = publicUrl;
  }

  @GetMapping("/api/jobs/{id}/card.pdf")
  ResponseEntity<byte[]> card(@PathVariable UUID id, HttpServletRequest request) {
    Job job = jobs.job(id);
    LocalDate day = LocalDate.now(clock);
    String here =
        publicUrl.isBlank()
            ? request.getScheme() + "://" + request.getServerName() + ":" + request.getServerPort()
            : publicUrl;
    String html =
        JobCard.html(
            job,
            fleet.machine(job.machineId()),
            jobs.plan(job, day),
            here + "/jobs/" + id + "/sheet",
            day);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename("job-" + job.number() + ".pdf").build().toString())
        .body(pdf(html));
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
