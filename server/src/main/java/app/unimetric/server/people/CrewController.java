package app.unimetric.server.people;

import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The people of the workshop as leads see them. */
@RestController
class CrewController {
  private final Crew crew;
  private final People people;
  private final Devices devices;

  CrewController(Crew crew, People people, Devices devices) {
    this.crew = crew;
    this.people = people;
    this.devices = devices;
  }

  /**
   * @param hasPin whether the person can sign on another's tablet
   * @param devices where the person is signed in now
   * @param changes newest first
   */
  record CrewMember(
      UUID id,
      String name,
      Role role,
      Person.State state,
      @Nullable Instant invitedUntil,
      boolean hasPin,
      int devices,
      int version,
      List<PersonChange> changes) {}

  /** An invitation: its word is told this once. */
  record CrewPage(List<CrewMember> people, Crew.@Nullable Invited invited) {}

  /**
   * @param id made by the sender
   */
  record NewPerson(UUID id, String name, Role role) {}

  /**
   * @param version of the person as last seen
   */
  record PersonEdit(int version, @Nullable Role role, @Nullable Boolean out) {}

  @GetMapping("/api/crew")
  CrewPage crew(@AuthenticationPrincipal SignedIn person) {
    lead(person);
    return page(null);
  }

  @PostMapping("/api/crew")
  CrewPage add(@RequestBody NewPerson p, @AuthenticationPrincipal SignedIn person) {
    lead(person);
    return page(crew.add(p.id(), p.name(), p.role(), person.signature()));
  }

  @PostMapping("/api/crew/{id}/role")
  CrewPage role(
      @PathVariable UUID id,
      @RequestBody PersonEdit edit,
      @AuthenticationPrincipal SignedIn person) {
    lead(person);
    Role role = edit.role();
    if (role != null) {
      crew.giveRole(id, edit.version(), role, person.signature());
    }
    return page(null);
  }

  /** Takes password and PIN away and tells a new word to begin with. */
  @PostMapping("/api/crew/{id}/reset")
  CrewPage reset(
      @PathVariable UUID id,
      @RequestBody PersonEdit edit,
      @AuthenticationPrincipal SignedIn person) {
    lead(person);
    return page(crew.reset(id, edit.version(), person.signature()));
  }

  @PostMapping("/api/crew/{id}/lock")
  CrewPage lock(
      @PathVariable UUID id,
      @RequestBody PersonEdit edit,
      @AuthenticationPrincipal SignedIn person) {
    lead(person);
    crew.shutOut(id, edit.version(), !Boolean.FALSE.equals(edit.out()), person.signature());
    return page(null);
  }

  @PostMapping("/api/crew/{id}/retirement")
  CrewPage retire(
      @PathVariable UUID id,
      @RequestBody PersonEdit edit,
      @AuthenticationPrincipal SignedIn person) {
    lead(person);
    crew.retire(id, edit.version(), !Boolean.FALSE.equals(edit.out()), person.signature());
    return page(null);
  }

  private static void lead(SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead brings people in and decides what they may do.");
    }
  }

  private CrewPage page(Crew.@Nullable Invited invited) {
    return new CrewPage(
        people.all().stream()
            .map(
                p ->
                    new CrewMember(
                        p.id(),
                        p.name(),
                        p.role(),
                        p.state(),
                        p.invitedUntil(),
                        p.pinHash() != null,
                        devices.of(p.name(), "").size(),
                        p.version(),
                        crew.changes(p.id())))
            .toList(),
        invited);
  }
}
