package app.unimetric.server.pack;

import app.unimetric.server.database.DiskRoom;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Job packs brought in. */
@RestController
class PackController {
  private final Packs packs;
  private final JsonMapper json;
  private final DiskRoom room;
  private final Clock clock;

  PackController(Packs packs, JsonMapper json, DiskRoom room, Clock clock) {
    this.room = room;
    this.packs = packs;
    this.json = json;
    this.clock = clock;
  }

  /**
   * What became of a pack brought in.
   *
   * @param confirmed whether everybody may open it; else its bringer alone, until a lead looked
   */
  @Schema(name = "TakenPack")
  record Taken(String key, String title, int version, int joints, boolean confirmed) {}

  /**
   * @param by the lead who answers for it
   */
  record ConfirmedPack(String key, int version, String by) {}

  /** A lead says that all may work by a version that somebody brought. */
  @PostMapping("/api/packs/{key}/versions/{version}/confirmation")
  ConfirmedPack confirm(
      @PathVariable String key,
      @PathVariable int version,
      @AuthenticationPrincipal SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead confirms it for the others; ask one, or have them sign in.");
    }
    packs.confirm(key, version, clock.instant(), person.signature());
    return new ConfirmedPack(key, version, person.name());
  }

  @PostMapping("/api/packs")
  Taken in(@RequestBody Map<String, Object> document, @AuthenticationPrincipal SignedIn person) {
    Packs.Taken taken =
        packs.take(json.writeValueAsString(document), person.signature(), clock.instant());
    return new Taken(
        taken.pack().key(),
        taken.pack().title(),
        taken.version(),
        taken.pack().joints().size(),
        taken.confirmed());
  }
}
