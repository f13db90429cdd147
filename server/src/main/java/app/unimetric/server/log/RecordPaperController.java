package app.unimetric.server.log;

import app.unimetric.documents.run.OpenRecord;
import app.unimetric.server.paper.Paper;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.photograph.Photographs;
import app.unimetric.server.web.PublicAddress;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Signed records on paper and in open files, and what is added to them. */
@RestController
@RequestMapping("/api/log")
class RecordPaperController {
  private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
  private final RecordPapers papers;
  private final Paper paper;
  private final Photographs photographs;
  private final PublicAddress address;
  private final Clock clock;

  RecordPaperController(
      RecordPapers papers,
      Paper paper,
      Photographs photographs,
      PublicAddress address,
      Clock clock) {
    this.papers = papers;
    this.paper = paper;
    this.photographs = photographs;
    this.address = address;
    this.clock = clock;
  }

  /**
   * Something to add to a signed record.
   *
   * @param id made by the sender
   */
  record NewAddendum(UUID id, String words) {}

  /** A record that has a fingerprint. */
  record Fingerprinted(UUID jobId, int number, String title, String machineName) {}

  @GetMapping("/{jobId}/paper")
  RecordPaper paper(@PathVariable UUID jobId) {
    return papers.paper(jobId);
  }

  @PostMapping("/{jobId}/addenda")
  RecordPaper add(
      @PathVariable UUID jobId,
      @RequestBody NewAddendum addendum,
      @AuthenticationPrincipal SignedIn person) {
    return papers.add(addendum.id(), jobId, addendum.words(), person.signature(), clock.instant());
  }

  /**
   * Which record a paper is of.
   *
   * @param digits the first eight or more of its fingerprint
   */
  @GetMapping("/fingerprints")
  List<Fingerprinted> fingerprints(@RequestParam String digits) {
    return papers.withFingerprint(digits).stream()
        .map(r -> new Fingerprinted(r.jobId(), r.number(), r.title(), r.machineName()))
        .toList();
  }

  @Hidden
  @GetMapping("/{jobId}/record.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable UUID jobId, HttpServletRequest request) {
    RecordPapers.Open open = papers.open(jobId);
    String here = address.of(request) + "/log/" + jobId;
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(HttpHeaders.CONTENT_DISPOSITION, named(open, "pdf", true))
        .body(
            paper.pdf(
                "record", RecordSheet.of(open, here, clock.getZone(), photographs::smallJpeg)));
  }

  @Hidden
  @GetMapping("/{jobId}/record.json")
  ResponseEntity<byte[]> json(@PathVariable UUID jobId) {
    RecordPapers.Open open = papers.open(jobId);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(HttpHeaders.CONTENT_DISPOSITION, named(open, "json", false))
        .body(open.row().json().getBytes(StandardCharsets.UTF_8));
  }

  @Hidden
  @GetMapping("/{jobId}/record.csv")
  ResponseEntity<byte[]> csv(@PathVariable UUID jobId) {
    RecordPapers.Open open = papers.open(jobId);
    return ResponseEntity.ok()
        .contentType(CSV)
        .header(HttpHeaders.CONTENT_DISPOSITION, named(open, "csv", false))
        .body(OpenRecord.csv(open.built()).getBytes(StandardCharsets.UTF_8));
  }

  private static String named(RecordPapers.Open open, String kind, boolean inline) {
    ContentDisposition.Builder how =
        inline ? ContentDisposition.inline() : ContentDisposition.attachment();
    return how.filename("record-" + open.line().number() + "." + kind).build().toString();
  }
}
