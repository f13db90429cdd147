package app.unimetric.server.calendar;

import app.unimetric.server.people.SignedIn;
import app.unimetric.server.recheck.Rechecks;
import app.unimetric.server.web.PublicAddress;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Re-checks in calendars. */
@RestController
class CalendarController {
  private static final MediaType CALENDAR =
      new MediaType("text", "calendar", StandardCharsets.UTF_8);
  private final Feeds feeds;
  private final Rechecks rechecks;
  private final PublicAddress address;
  private final Clock clock;

  CalendarController(Feeds feeds, Rechecks rechecks, PublicAddress address, Clock clock) {
    this.feeds = feeds;
    this.rechecks = rechecks;
    this.address = address;
    this.clock = clock;
  }

  /**
   * A calendar to subscribe to.
   *
   * @param id made by the sender
   * @param name whose it is for
   */
  record NewFeed(UUID id, String name) {}

  /**
   * A calendar with its address, which is told this once.
   *
   * @param address whoever has it reads the calendar
   */
  record NewAddress(Feed feed, String address) {}

  @GetMapping("/api/calendar/feeds")
  List<Feed> all() {
    return feeds.all();
  }

  @PostMapping("/api/calendar/feeds")
  NewAddress make(
      @RequestBody NewFeed feed,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest request) {
    Feeds.Made made = feeds.make(feed.id(), feed.name(), person.signature(), clock.instant());
    return new NewAddress(made.feed(), address.of(request) + "/calendar/" + made.secret() + ".ics");
  }

  @DeleteMapping("/api/calendar/feeds/{id}")
  List<Feed> revoke(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    return feeds.revoke(id, person.signature(), clock.instant());
  }

  @Hidden
  @GetMapping("/api/calendar/rechecks.ics")
  ResponseEntity<byte[]> file(HttpServletRequest request) {
    return calendar(request);
  }

  /** For programs that read calendars: they sign in nowhere. */
  @Hidden
  @GetMapping("/calendar/{secret:[A-Za-z0-9_-]{43}}.ics")
  ResponseEntity<byte[]> feed(@PathVariable String secret, HttpServletRequest request) {
    feeds.mustBeOpen(secret, clock.instant());
    return calendar(request);
  }

  private ResponseEntity<byte[]> calendar(HttpServletRequest request) {
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .cacheControl(CacheControl.noCache())
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("look-again.ics").build().toString())
        .body(
            CalendarFile.of(
                    rechecks.open(LocalDate.now(clock)), clock.instant(), address.of(request))
                .getBytes(StandardCharsets.UTF_8));
  }
}
