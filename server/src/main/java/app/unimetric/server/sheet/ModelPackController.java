package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.ModelPack;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** A job kept as it was done, for the make, model and years of its machine. */
@RestController
class ModelPackController {
  private static final int FIRST_YEAR = 1900;
  private static final int LAST_YEAR = 2200;
  private final ModelPacks models;
  private final Packs packs;
  private final Sheets sheets;
  private final Jobs jobs;
  private final Fleet fleet;
  private final Clock clock;

  ModelPackController(
      ModelPacks models, Packs packs, Sheets sheets, Jobs jobs, Fleet fleet, Clock clock) {
    this.models = models;
    this.packs = packs;
    this.sheets = sheets;
    this.jobs = jobs;
    this.fleet = fleet;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   * @param yearFrom first year it holds for; the machine's own when missing
   * @param yearTo last year it holds for; the machine's own when missing
   */
  record NewModelPack(UUID id, @Nullable Integer yearFrom, @Nullable Integer yearTo) {}

  /**
   * What was kept.
   *
   * @param titles of the jobs that open like this from now on
   * @param forAll whether everybody finds it so; else its writer, until a lead confirms it
   */
  record Kept(List<UUID> ids, List<String> titles, String model, boolean forAll) {}

  @PostMapping("/api/jobs/{id}/model-pack")
  @Transactional
  public Kept keep(
      @PathVariable UUID id,
      @RequestBody NewModelPack p,
      @AuthenticationPrincipal SignedIn person) {
    Job job = jobs.job(id);
    Machine machine = fleet.machine(job.machineId());
    int from = p.yearFrom() == null ? machine.modelYear() : p.yearFrom();
    int to = p.yearTo() == null ? machine.modelYear() : p.yearTo();
    new Problems()
        .require(
            from >= FIRST_YEAR && from <= to && to <= LAST_YEAR,
            "yearFrom",
            "must be a year, and not after the last one.")
        .require(
            from <= machine.modelYear() && machine.modelYear() <= to,
            "yearTo",
            "leave out this machine's own year.")
        .orThrow();
    Sheet sheet = sheets.sheet(job);
    Keeping keeping = new Keeping(p.id(), machine, from, to, sheet.answers(), person.signature());
    Shaping shaping = sheet.shaping();
    JsonNode together = shaping.find(List.of("together")).orElse(null);
    if (together == null) {
      keep(keeping, "", shaping.tree());
    } else {
      together.forEach(j -> keep(keeping, j.path("pack").asString("") + ".", j.path("document")));
    }
    return keeping.kept(machine);
  }

  /** What is kept of one job, and what all of them have in common. */
  private static final class Keeping {
    private final UUID id;
    private final Machine machine;
    private final int from;
    private final int to;
    private final Answers answers;
    private final Signature by;
    private final Map<UUID, String> titles = new HashMap<>();

    Keeping(UUID id, Machine machine, int from, int to, Answers answers, Signature by) {
      this.id = id;
      this.machine = machine;
      this.from = from;
      this.to = to;
      this.answers = answers;
      this.by = by;
    }

    Kept kept(Machine machine) {
      return new Kept(
          List.copyOf(titles.keySet()),
          List.copyOf(titles.values()),
          machine.designation() + " " + (from == to ? from : from + "–" + to),
          by.lead());
    }

    /** Answers of one job of a visit have its key before their questions. */
    Answers answersOf(String before) {
      Map<String, String> own = new HashMap<>();
      answers
          .options()
          .forEach(
              (option, answer) -> {
                if (option.startsWith(before)) {
                  own.put(option.substring(before.length()), answer);
                }
              });
      return new Answers(own, answers.sides());
    }
  }

  private void keep(Keeping k, String before, JsonNode document) {
    String key = document.path("key").asString();
    UUID id = UUID.nameUUIDFromBytes((k.id + key).getBytes(StandardCharsets.UTF_8));
    k.titles.put(id, document.path("title").asString());
    models.add(
        new ModelPack(
            id,
            key,
            k.machine.make(),
            k.machine.model(),
            k.from,
            k.to,
            document.toString(),
            packs.isOffered(key) ? packs.offered(key).document() : null,
            SheetDocument.write(new SheetSaying.Chosen(k.answersOf(before))),
            k.by.name(),
            k.by.id(),
            clock.instant(),
            null));
    if (k.by.lead()) {
      models.confirm(id, clock.instant(), k.by);
    }
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
