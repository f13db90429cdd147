package app.unimetric.server.whole;

import app.unimetric.server.database.DiskRoom;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.web.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The whole workshop in one file, for a lead. */
@RestController
class WholeController {
  private final WholeOut out;
  private final WholeIn in;
  private final DiskRoom room;
  private final Clock clock;
  private final PublicAddress address;

  WholeController(WholeOut out, WholeIn in, DiskRoom room, Clock clock, PublicAddress address) {
    this.out = out;
    this.in = in;
    this.room = room;
    this.clock = clock;
    this.address = address;
  }

  /**
   * Everything that other programs can read.
   *
   * @param cards whether the cards of signed jobs are painted too
   */
  @GetMapping(path = "/api/workshop/everything.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> out(
      @RequestParam(defaultValue = "false") boolean cards,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest request) {
    mustBeLead(person);
    String here = address.of(request);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename("workshop-" + LocalDate.now(clock) + ".zip")
                .build()
                .toString())
        .body(to -> out.write(to, cards, here));
  }

  @PostMapping(
      path = "/api/workshop/everything",
      consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  WholeIn.Brought in(@RequestBody byte[] file, @AuthenticationPrincipal SignedIn person) {
    mustBeLead(person);
    room.mustHoldMore();
    return in.bring(file, clock.instant(), person.signature());
  }

  private static void mustBeLead(SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead takes the whole workshop out or in; ask one.");
    }
  }
}
