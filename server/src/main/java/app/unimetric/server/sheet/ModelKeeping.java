package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.book.ModelYears;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.ModelPack;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.pack.Packs;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/**
 * Keeps a job as it was shaped for the make, model and years of its machine, its answers and values
 * with it; of a visit, each of its jobs.
 */
@Service
class ModelKeeping {
  private final ModelPacks models;
  private final Packs packs;
  private final Sheets sheets;
  private final SheetValues values;
  private final Fleet fleet;

  ModelKeeping(ModelPacks models, Packs packs, Sheets sheets, SheetValues values, Fleet fleet) {
    this.models = models;
    this.packs = packs;
    this.sheets = sheets;
    this.values = values;
    this.fleet = fleet;
  }

  /**
   * What was kept.
   *
   * @param titles of the jobs that open like this from now on
   * @param forAll whether everybody finds it so; else its writer, until a lead confirms it
   * @param notKept titles of what was added to a visit itself and so belongs to none of its jobs
   */
  record Kept(
      List<UUID> ids, List<String> titles, String model, boolean forAll, List<String> notKept) {}

  /**
   * @param id made by the sender; a resend keeps nothing twice
   * @param yearFrom first year it holds for; the machine's own when null
   * @param yearTo last year it holds for; the machine's own when null
   */
  @Transactional
  Kept keep(
      Job job,
      UUID id,
      @Nullable Integer yearFrom,
      @Nullable Integer yearTo,
      Instant at,
      Signature by) {
    Machine machine = fleet.machine(job.machineId());
    ModelYears years = ModelYears.about(machine, yearFrom, yearTo);
    Sheet sheet = sheets.sheet(job);
    Shaping shaping = sheet.shaping();
    List<String> notKept = new ArrayList<>();
    List<JsonNode> documents = new ArrayList<>();
    JsonNode together = shaping.find(List.of("together")).orElse(null);
    if (together == null) {
      documents.add(shaping.tree());
    } else {
      together.forEach(j -> documents.add(j.path("document")));
      for (String list : List.of("joints", "steps", "checks")) {
        shaping.tree().path(list).forEach(n -> notKept.add(n.path("title").asString("")));
      }
    }
    List<UUID> ids = new ArrayList<>();
    List<String> titles = new ArrayList<>();
    for (JsonNode document : documents) {
      String key = document.path("key").asString();
      ids.add(UUID.nameUUIDFromBytes((id + key).getBytes(StandardCharsets.UTF_8)));
      titles.add(document.path("title").asString());
      models.add(pack(ids.get(ids.size() - 1), document, machine, years, sheet, at, by));
    }
    if (by.lead()) {
      ids.forEach(one -> models.confirm(one, at, by));
    }
    if (!years.equals(ModelYears.of(machine))) {
      values.keepFor(years, job, id, sheet, by, at);
    }
    return new Kept(ids, titles, machine.designation() + " " + years.words(), by.lead(), notKept);
  }

  private ModelPack pack(
      UUID id,
      JsonNode document,
      Machine machine,
      ModelYears years,
      Sheet sheet,
      Instant at,
      Signature by) {
    String key = document.path("key").asString();
    JobPack stated = sheet.stated();
    return new ModelPack(
        id,
        key,
        machine.make(),
        machine.model(),
        years.from(),
        years.to(),
        document.toString(),
        packs.isOffered(key, by) ? packs.offered(key, by).document() : null,
        SheetDocument.write(new SheetSaying.Chosen(stated.answersOf(key, sheet.answers()))),
        by.name(),
        by.id(),
        at,
        null);
  }
}
