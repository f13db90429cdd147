package app.unimetric.server.machine;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.LeftEmpty;
import app.unimetric.core.quantity.MassText;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Parts fitted to a machine, and those that came off. */
@RestController
class PartsController {
  private final Parts parts;
  private final Clock clock;

  PartsController(Parts parts, Clock clock) {
    this.parts = parts;
    this.clock = clock;
  }

  /**
   * @param kept what came off, also what is gone since
   * @param mass what the machine carries more or less; missing while nothing was weighed twice
   */
  record PartsOfMachine(List<FittedPart> fitted, List<KeptPart> kept, @Nullable String mass) {}

  /**
   * A part fitted and one that came off, as typed.
   *
   * @param id made by the sender
   * @param fittedMass with its unit; empty when it was not weighed
   * @param offFittedId what came off, where it was fitted here
   */
  record PartSwap(
      UUID id,
      String fitted,
      String fittedMass,
      String off,
      @Nullable UUID offFittedId,
      String offMass,
      String place) {}

  /**
   * @param id made by the sender
   * @param gone whether it is no longer kept
   */
  record PartPlace(UUID id, String place, boolean gone) {}

  @GetMapping("/api/machines/{id}/parts")
  PartsOfMachine parts(@PathVariable UUID id) {
    List<KeptPart> kept = parts.kept(id);
    return new PartsOfMachine(parts.fitted(id), kept, Parts.massWords(kept));
  }

  @PostMapping("/api/machines/{id}/parts")
  PartsOfMachine swap(
      @PathVariable UUID id, @RequestBody PartSwap s, @AuthenticationPrincipal SignedIn person) {
    Problems problems = new Problems();
    Double on = problems.under("", () -> mass(s.fittedMass(), "fittedMass"));
    Double off = problems.under("", () -> mass(s.offMass(), "offMass"));
    problems.orThrow();
    parts.swap(
        id,
        new Parts.Swap(
            s.id(),
            s.fitted(),
            LeftEmpty.none(on),
            s.off(),
            s.offFittedId(),
            LeftEmpty.none(off),
            s.place()),
        LocalDate.now(clock),
        clock.instant(),
        person.signature());
    return parts(id);
  }

  @PostMapping("/api/parts/{id}/place")
  PartsOfMachine place(
      @PathVariable UUID id, @RequestBody PartPlace p, @AuthenticationPrincipal SignedIn person) {
    return parts(parts.move(p.id(), id, p.place(), p.gone(), clock.instant(), person.signature()));
  }

  private static Double mass(String typed, String field) {
    return LeftEmpty.or(typed, () -> MassText.parseG(typed, field));
  }
}
