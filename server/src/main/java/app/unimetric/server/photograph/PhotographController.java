package app.unimetric.server.photograph;

import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.photograph.Moment;
import app.unimetric.core.photograph.Photograph;
import app.unimetric.server.people.OnTablet;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.run.RunLog;
import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photographs of a job. */
@RestController
class PhotographController {
  private static final Duration FOR_GOOD = Duration.ofDays(365);
  private final Photographs photographs;
  private final RunLog runs;
  private final OnTablet onTablet;
  private final Clock clock;

  PhotographController(Photographs photographs, RunLog runs, OnTablet onTablet, Clock clock) {
    this.photographs = photographs;
    this.runs = runs;
    this.onTablet = onTablet;
    this.clock = clock;
  }

  /**
   * One photograph, without its bytes.
   *
   * @param at the step it was taken at, in words
   * @param moment when in the job that is
   * @param momentWords the same in words
   * @param takenAt on the workshop's clock
   * @param afterSignature whether it came when the job was signed already: the record does not name
   *     it
   */
  record ShownPhotograph(
      UUID id,
      String stepId,
      String at,
      Moment moment,
      String momentWords,
      String words,
      String by,
      Instant takenAt,
      boolean afterSignature,
      String sha256,
      int widthPx,
      int heightPx) {}

  @GetMapping("/api/jobs/{id}/photographs")
  List<ShownPhotograph> all(@PathVariable UUID id) {
    RunLog.Run run = runs.run(id);
    return photographs.of(id).stream().map(p -> shown(p, run.sheet(), run.state())).toList();
  }

  private static ShownPhotograph shown(Photograph p, RunSheet sheet, RunState state) {
    Entry signature = state.signature();
    Moment moment = Moment.of(sheet, p.stepId());
    return new ShownPhotograph(
        p.id(),
        p.stepId(),
        sheet.step(p.stepId()).map(s -> s.group() + ": " + s.title()).orElse(""),
        moment,
        moment.words(),
        p.words(),
        p.by().name(),
        p.time().doneAt(),
        signature != null && p.time().receivedAt().isAfter(signature.event().time().receivedAt()),
        p.sha256(),
        p.widthPx(),
        p.heightPx());
  }

  /**
   * Takes a photograph; one sent again changes nothing.
   *
   * @param photographId made by the device
   * @param step at which it was taken
   * @param words what it shows
   * @param takenAt by the device's clock
   * @param sentAt by the device's clock
   * @param by who took it, where that is not whose session it is; must have signed on at the device
   */
  @PutMapping(
      path = "/api/jobs/{id}/photographs/{photographId}",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  List<ShownPhotograph> take(
      @PathVariable UUID id,
      @PathVariable UUID photographId,
      @RequestParam String step,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(required = false) @Nullable Instant takenAt,
      @RequestParam(required = false) @Nullable Instant sentAt,
      @RequestParam(required = false) @Nullable UUID by,
      @RequestBody(
              content =
                  @Content(
                      mediaType = MediaType.IMAGE_JPEG_VALUE,
                      schema = @Schema(type = "string", format = "binary")))
          @org.springframework.web.bind.annotation.RequestBody
          byte[] bytes,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest http) {
    photographs.take(
        id,
        new Photographs.Sent(photographId, step, words.strip(), takenAt, sentAt, bytes),
        clock.instant(),
        onTablet.whoSays(person, by, http.getSession(false)));
    return all(id);
  }

  @Hidden
  @GetMapping("/api/photographs/{id}.jpg")
  ResponseEntity<byte[]> jpeg(@PathVariable UUID id) {
    return image(photographs.jpeg(id));
  }

  @Hidden
  @GetMapping("/api/photographs/{id}/small.jpg")
  ResponseEntity<byte[]> smallJpeg(@PathVariable UUID id) {
    return image(photographs.smallJpeg(id));
  }

  private static ResponseEntity<byte[]> image(byte[] bytes) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(FOR_GOOD).cachePrivate().immutable())
        .body(bytes);
  }
}
