package app.unimetric.server.workshop;

import app.unimetric.core.pack.School;
import app.unimetric.core.stated.Aim;
import app.unimetric.documents.settings.Right;
import app.unimetric.documents.settings.WorkshopSettings;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.settings.SettingsChange;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the workshop decided for itself, on screen. */
@RestController
class SettingsController {
  private final Settings settings;
  private final Clock clock;

  SettingsController(Settings settings, Clock clock) {
    this.settings = settings;
    this.clock = clock;
  }

  /** A place to aim at within a band. */
  record AimChoice(Aim code, String words) {}

  /** One way of doing something. */
  record SchoolChoice(String id, String words) {}

  /** Where good people differ; the usual way first. */
  record SchoolQuestion(School code, String question, List<SchoolChoice> choices) {}

  /** What may be kept to leads. */
  record RightChoice(Right code, String words) {}

  /**
   * @param usual what a workshop begins with
   * @param zones all there are
   * @param changes newest first
   */
  record SettingsPage(
      SettingsFields now,
      SettingsFields usual,
      int version,
      List<AimChoice> aims,
      List<SchoolQuestion> schools,
      List<RightChoice> rights,
      List<String> zones,
      List<SettingsChange> changes) {}

  /**
   * @param id made by the sender
   * @param version of the settings as last seen
   */
  record NewSettings(UUID id, int version, SettingsFields settings) {}

  @GetMapping("/api/settings")
  SettingsPage settings() {
    Settings.Dated now = settings.current();
    return new SettingsPage(
        SettingsFields.of(now.settings()),
        SettingsFields.of(WorkshopSettings.USUAL),
        now.version(),
        Arrays.stream(Aim.values()).map(a -> new AimChoice(a, a.words())).toList(),
        School.all().stream()
            .map(
                s ->
                    new SchoolQuestion(
                        s,
                        s.question(),
                        s.choices().stream()
                            .map(c -> new SchoolChoice(c.id(), c.words()))
                            .toList()))
            .toList(),
        Right.all().stream().map(r -> new RightChoice(r, r.words())).toList(),
        ZoneId.getAvailableZoneIds().stream().filter(z -> z.contains("/")).sorted().toList(),
        settings.changes());
  }

  @PostMapping("/api/settings")
  SettingsPage change(@RequestBody NewSettings n, @AuthenticationPrincipal SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead decides what holds for the workshop.");
    }
    settings.change(
        n.id(), n.version(), n.settings().settings(), clock.instant(), person.signature());
    return settings();
  }
}
