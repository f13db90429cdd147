package app.unimetric.server.job;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.ModelPack;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.people.SignedIn;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
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
   */
  record OfferedJob(
      String key,
      String title,
      String summary,
      int joints,
      double minutes,
      @Nullable LastDone lastDone) {}

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
    Stream<JobPack> fromNothing =
        own.values().stream()
            .filter(m -> m.catalogue() == null)
            .map(m -> packs.read(m.document()))
            .filter(p -> q.isBlank() || p.matches(q));
    return Stream.concat(
            fromNothing, packs.offered(machine.kind(), machine.designation(), q).stream())
        .map(p -> offered(p, own.get(p.key())))
        .sorted(Comparator.comparing((OfferedJob o) -> o.lastDone() == null))
        .toList();
  }

  private OfferedJob offered(JobPack pack, @Nullable ModelPack model) {
    JobPack usual = pack.answered(Answers.NONE);
    return new OfferedJob(
        pack.key(),
        pack.title(),
        pack.summary(),
        usual.joints().size(),
        usual.minutes(),
        model == null
            ? null
            : new LastDone(model.id(), model.saidBy(), model.saidAt(), model.confirmedBy()));
  }
}
