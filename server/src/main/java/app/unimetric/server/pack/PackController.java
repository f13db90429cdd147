package app.unimetric.server.pack;

import app.unimetric.server.people.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Job packs brought in. */
@RestController
class PackController {
  private final Packs packs;
  private final JsonMapper json;

  PackController(Packs packs, JsonMapper json) {
    this.packs = packs;
    this.json = json;
  }

  /** What became of a pack brought in. */
  @Schema(name = "TakenPack")
  record Taken(String key, String title, int version, int joints) {}

  @PostMapping("/api/packs")
  Taken in(@RequestBody Map<String, Object> document, @AuthenticationPrincipal SignedIn person) {
    Packs.Taken taken = packs.take(json.writeValueAsString(document), person.signature());
    return new Taken(
        taken.pack().key(), taken.pack().title(), taken.version(), taken.pack().joints().size());
  }
}
