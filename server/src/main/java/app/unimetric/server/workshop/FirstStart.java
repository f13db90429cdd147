package app.unimetric.server.workshop;

import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.SecondLook;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Aim;
import app.unimetric.documents.settings.WorkshopSettings;
import app.unimetric.server.people.OpenSession;
import app.unimetric.server.people.People;
import app.unimetric.server.people.Role;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The few questions of an empty workshop, and its first lead. */
@RestController
@RequestMapping("/api/workshop")
class FirstStart {
  private final FirstKey key;
  private final People people;
  private final Settings settings;
  private final OpenSession sessions;
  private final TransactionTemplate transaction;
  private final Clock clock;

  FirstStart(
      FirstKey key,
      People people,
      Settings settings,
      OpenSession sessions,
      TransactionTemplate transaction,
      Clock clock) {
    this.transaction = transaction;
    this.key = key;
    this.people = people;
    this.settings = settings;
    this.sessions = sessions;
    this.clock = clock;
  }

  /**
   * @param key told where the workshop was started
   * @param unit code of the one torques are read in
   * @param alone whether one person works here
   * @param lead name of the first lead
   */
  record Beginning(
      String key,
      String name,
      String unit,
      String zone,
      boolean alone,
      Aim aim,
      String lead,
      String password,
      String pin) {}

  /** What can be chosen from before anybody has signed in. */
  record Choices(List<String> zones, String zone, List<SettingsController.AimChoice> aims) {}

  @GetMapping
  Choices choices() {
    return new Choices(
        ZoneId.getAvailableZoneIds().stream().filter(z -> z.contains("/")).sorted().toList(),
        clock.getZone().getId(),
        java.util.Arrays.stream(Aim.values())
            .map(a -> new SettingsController.AimChoice(a, a.words()))
            .toList());
  }

  /** Who began, to be signed in at once. */
  record Begun(String lead) {}

  @PostMapping
  Begun begin(@RequestBody Beginning b, HttpServletRequest http, HttpServletResponse response) {
    if (!people.nobody()) {
      throw Refusal.conflict(
          "Somebody has begun with this workshop already: sign in, or ask a lead to add you.",
          Map.of());
    }
    people.tryKey(key.is(b.key()));
    if (!key.is(b.key())) {
      throw InvalidInput.at(
          "key", "is not the one shown where the workshop was started; copy it from there.");
    }
    SignedIn lead = Objects.requireNonNull(transaction.execute(status -> begun(b)));
    sessions.open(lead, http, response);
    return new Begun(lead.name());
  }

  private SignedIn begun(Beginning b) {
    Problems problems = new Problems();
    TorqueUnit unit = TorqueUnit.ofCode(b.unit()).orElse(null);
    problems.require(unit != null, "unit", "is not one of the torque units.");
    Policy usual = Policy.USUAL.withAim(b.aim());
    WorkshopSettings begun =
        problems.under(
            "",
            () ->
                new WorkshopSettings(
                    b.name().strip(),
                    unit == null ? TorqueUnit.NEWTON_METRE : unit,
                    b.zone(),
                    b.alone() ? usual.withSecondLook(SecondLook.ALONE) : usual,
                    WorkshopSettings.Doors.USUAL,
                    WorkshopSettings.USUAL.currency(),
                    WorkshopSettings.USUAL.decimals(),
                    WorkshopSettings.USUAL.benchC(),
                    WorkshopSettings.USUAL.ofLeads()));
    SignedIn lead =
        problems.under("lead", () -> people.add(b.lead(), Role.LEAD, b.password(), b.pin()));
    problems.orThrow();
    if (lead == null || begun == null) {
      throw new IllegalStateException();
    }
    settings.change(UUID.randomUUID(), 0, begun, clock.instant(), lead.signature());
    return lead;
  }
}
