package app.unimetric.server.sheet;

import app.unimetric.server.job.Jobs;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A job kept as it was done, for the make, model and years of its machine. */
@RestController
class ModelPackController {
  private final ModelKeeping keeping;
  private final ModelPacks models;
  private final Jobs jobs;
  private final Clock clock;

  ModelPackController(ModelKeeping keeping, ModelPacks models, Jobs jobs, Clock clock) {
    this.keeping = keeping;
    this.models = models;
    this.jobs = jobs;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   * @param yearFrom first year it holds for; the machine's own when missing
   * @param yearTo last year it holds for; the machine's own when missing
   */
  record NewModelPack(UUID id, @Nullable Integer yearFrom, @Nullable Integer yearTo) {}

  @PostMapping("/api/jobs/{id}/model-pack")
  ModelKeeping.Kept keep(
      @PathVariable UUID id,
      @RequestBody NewModelPack p,
      @AuthenticationPrincipal SignedIn person) {
    return keeping.keep(
        jobs.job(id), p.id(), p.yearFrom(), p.yearTo(), clock.instant(), person.signature());
  }

  /** A lead says that all may work by it. */
  @PostMapping("/api/model-packs/{id}/confirmation")
  void confirm(@PathVariable UUID id, @AuthenticationPrincipal SignedIn person) {
    if (!person.isLead()) {
      throw Refusal.forbidden("A lead confirms it for the others; ask one, or have them sign in.");
    }
    models.confirm(id, clock.instant(), person.signature());
  }
}
