package app.unimetric.server.job;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackDifference;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.ModelPack;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.pack.OwnPack;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.people.SignedIn;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What may be done on a machine. */
@RestController
class JobController {
  private static final int LONGEST_SEARCH = 200;
  private final Packs packs;
  private final ModelPacks models;
  private final Fleet fleet;

  JobController(Packs packs, ModelPacks models, Fleet fleet) {
    this.packs = packs;
    this.models = models;
    this.fleet = fleet;
  }

  /**
   * A kind of job that suits a machine.
   *
   * @param lastDone the shop's own way on this model; missing where it is the catalogue's
   * @param brought who brought it; missing where it is the catalogue's
   */
  record OfferedJob(
      String key,
      String title,
      String summary,
      int joints,
      double minutes,
      @Nullable LastDone lastDone,
      @Nullable BroughtPack brought) {}

  /**
   * A pack that somebody brought.
   *
   * @param packKey its key, without what tells it from the catalogue's
   * @param confirmedBy the lead who confirmed it for all; missing while it is its bringer's alone
   * @param besides whether the catalogue has a job of this key, which stays on offer
   * @param differs from the catalogue's, what is left out first; empty where there is none
   */
  record BroughtPack(
      String packKey,
      int version,
      String by,
      Instant at,
      @Nullable String confirmedBy,
      boolean besides,
      List<PackDifference> differs) {}

  /**
   * Who kept a job as it was done on this model, and when.
   *
   * @param confirmedBy the lead who confirmed it for all; missing while it is its writer's alone
   */
  record LastDone(UUID id, String by, Instant at, @Nullable String confirmedBy) {}

  @GetMapping("/api/machines/{id}/offered-jobs")
  List<OfferedJob> offered(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "") String q,
      @AuthenticationPrincipal SignedIn person) {
    new Problems()
        .require(q.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .orThrow();
    Machine machine = fleet.machine(id);
    Map<String, ModelPack> own = new LinkedHashMap<>();
    models.of(machine, person.signature()).forEach(m -> own.put(m.baseKey(), m));
    List<OfferedJob> offered = new ArrayList<>();
    own.values().stream()
        .filter(m -> m.catalogue() == null)
        .map(m -> packs.read(m.document()))
        .filter(p -> q.isBlank() || p.matches(q))
        .forEach(p -> offered.add(offered(p.key(), p, own.get(p.key()), null)));
    Map<String, Packs.Brought> brought = new LinkedHashMap<>();
    packs.brought(person.signature()).stream()
        .filter(b -> b.pack().suits(machine.kind(), machine.designation()))
        .forEach(b -> brought.put(b.key(), b));
    for (JobPack pack : packs.offered(machine.kind(), machine.designation(), q)) {
      Packs.Brought newer = brought.remove(pack.key());
      Packs.Brought beside = brought.remove(pack.key() + OwnPack.OWN);
      offered.add(
          newer == null
              ? offered(pack.key(), pack, own.get(pack.key()), null)
              : offered(newer, own));
      if (beside != null) {
        offered.add(offered(beside, own));
      }
    }
    brought.values().stream()
        .filter(b -> q.isBlank() || b.pack().matches(q))
        .forEach(b -> offered.add(offered(b, own)));
    return offered.stream()
        .sorted(Comparator.comparing((OfferedJob o) -> o.lastDone() == null))
        .toList();
  }

  private static OfferedJob offered(Packs.Brought b, Map<String, ModelPack> own) {
    return offered(b.key(), b.pack(), own.get(b.key()), brought(b));
  }

  private static BroughtPack brought(Packs.Brought b) {
    JobPack original = b.original();
    return new BroughtPack(
        b.own().key(),
        b.own().version(),
        b.own().addedBy(),
        b.own().addedAt(),
        b.own().confirmedBy(),
        original != null,
        original == null ? List.of() : b.pack().differsFrom(original));
  }

  private static OfferedJob offered(
      String key, JobPack pack, @Nullable ModelPack model, @Nullable BroughtPack brought) {
    JobPack usual = pack.answered(Answers.NONE);
    return new OfferedJob(
        key,
        pack.title(),
        pack.summary(),
        usual.joints().size(),
        usual.minutes(),
        model == null
            ? null
            : new LastDone(model.id(), model.saidBy(), model.saidAt(), model.confirmedBy()),
        brought);
  }
}
