package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.pack.PackDraft;
import app.unimetric.documents.shape.LookAgain;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.ShapeMerge;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.documents.shape.WayBack;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.book.KnownValue;
import app.unimetric.server.book.StatedBook;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.KeptPart;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.machine.Parts;
import app.unimetric.server.pack.ModelPack;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.pack.Packs;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Opens jobs: from the catalogue, as they were last done on a model, several in one visit, or from
 * nothing. What is known of the model's values comes along.
 */
@Service
public class JobOpening {
  private static final int LONGEST_TITLE = 200;
  private static final int MOST_JOBS = 10;
  private final Jobs jobs;
  private final Packs packs;
  private final ModelPacks models;
  private final Fleet fleet;
  private final StatedBook book;
  private final SheetMapper sheet;
  private final Settings settings;
  private final Parts parts;
  private final Sheets sheets;

  JobOpening(
      Jobs jobs,
      Packs packs,
      ModelPacks models,
      Fleet fleet,
      StatedBook book,
      SheetMapper sheet,
      Settings settings,
      Parts parts,
      Sheets sheets) {
    this.jobs = jobs;
    this.packs = packs;
    this.models = models;
    this.fleet = fleet;
    this.book = book;
    this.sheet = sheet;
    this.settings = settings;
    this.parts = parts;
    this.sheets = sheets;
  }

  /**
   * A job of the catalogue or of the shop.
   *
   * @param id made by the sender; a resend finds the job already there
   */
  @Transactional
  public Job open(UUID id, UUID machineId, String packKey, Instant at, Signature by) {
    Machine machine = fleet.inUse(machineId);
    Optional<ModelPack> model = models.of(machine, packKey, by);
    String document = document(packKey, model, by);
    JobPack pack = packs.read(document);
    new Problems()
        .require(
            pack.suits(machine.kind(), machine.designation()),
            "packKey",
            "is not written for this machine.")
        .orThrow();
    UUID modelId = model.map(ModelPack::id).orElse(null);
    if (jobs.open(id, machine.id(), pack.title(), document, modelId, at, by)) {
      Shaping shaping = Shaping.of(document);
      model.ifPresent(
          m -> {
            asLastDone(id, shaping, List.of(), m, at, by);
            answer(id, SheetDocument.answers(m.answers()), at, by);
          });
      if (model.isEmpty()) {
        answer(id, settings.policy().schools().answers(pack), at, by);
      }
      remember(id, machine, packs.read(shaping.document()));
    }
    return jobs.job(id);
  }

  /**
   * Several jobs as one.
   *
   * @param id made by the sender; a resend finds the job already there
   * @param packKeys of the jobs, in the order they were ticked
   */
  @Transactional
  public Job visit(UUID id, UUID machineId, List<String> packKeys, Instant at, Signature by) {
    Machine machine = fleet.inUse(machineId);
    new Problems()
        .require(
            packKeys.size() > 1 && packKeys.size() <= MOST_JOBS,
            "packKeys",
            "must name 2 to 10 jobs.")
        .require(
            packKeys.stream().distinct().count() == packKeys.size(),
            "packKeys",
            "name one job twice.")
        .orThrow();
    Map<String, ModelPack> kept = new LinkedHashMap<>();
    models.of(machine, by).stream()
        .filter(m -> packKeys.contains(m.baseKey()))
        .forEach(m -> kept.put(m.baseKey(), m));
    List<JobPack> single =
        packKeys.stream()
            .map(key -> packs.read(document(key, Optional.ofNullable(kept.get(key)), by)))
            .toList();
    new Problems()
        .require(
            single.stream().allMatch(p -> p.suits(machine.kind(), machine.designation())),
            "packKeys",
            "name a job that is not written for this machine.")
        .orThrow();
    String title = single.stream().map(JobPack::title).collect(Collectors.joining(" + "));
    String document =
        packs.whole(
            PackDraft.visit(ownKey("visit", id), shortened(title), machine.kind(), packKeys),
            by,
            key -> Optional.ofNullable(kept.get(key)).map(ModelPack::document));
    if (jobs.open(id, machine.id(), shortened(title), document, null, at, by)) {
      Shaping shaping = Shaping.of(document);
      Map<String, Answers> answers = new HashMap<>();
      kept.forEach(
          (key, m) -> {
            asLastDone(id, shaping, List.of("together", key, "document"), m, at, by);
            answers.put(key, SheetDocument.answers(m.answers()));
          });
      JobPack pack = packs.read(shaping.document());
      answer(
          id,
          answers.isEmpty() ? settings.policy().schools().answers(pack) : pack.gathered(answers),
          at,
          by);
      remember(id, machine, pack);
    }
    return jobs.job(id);
  }

  /** What a job is opened with: what is on offer to all, else as the shop kept it. */
  private String document(String packKey, Optional<ModelPack> model, Signature by) {
    return model.isPresent() && !packs.isOffered(packKey, by)
        ? model.get().document()
        : packs.offered(packKey, by).document();
  }

  /**
   * A job that no pack is for.
   *
   * @param id made by the sender; a resend finds the job already there
   */
  @Transactional
  public Job fromNothing(UUID id, UUID machineId, String typed, Instant at, Signature by) {
    Machine machine = fleet.inUse(machineId);
    String title = typed.strip();
    new Problems()
        .require(!title.isEmpty(), "title", "is missing: say in a few words what is done.")
        .require(title.length() <= LONGEST_TITLE, "title", "is longer than 200 characters.")
        .orThrow();
    String document = PackDraft.fromNothing(ownKey("own", id), title, machine.kind());
    jobs.open(id, machine.id(), title, document, null, at, by);
    return jobs.job(id);
  }

  /**
   * The way back from a signed job: what it fitted comes off, the originals go on again.
   *
   * @param id made by the sender; a resend finds the job already there
   */
  @Transactional
  public Job back(UUID id, Job before, Instant at, Signature by) {
    Machine machine = fleet.inUse(before.machineId());
    List<KeptPart> originals = parts.keptFor(machine.id(), before.id());
    String fitted = parts.fittedBy(before.id());
    String document =
        WayBack.of(
            sheets.document(before),
            fitted.isEmpty() ? before.title() : fitted,
            originals.stream().map(p -> new WayBack.Original(p.name(), p.place())).toList());
    JobPack pack = packs.read(document);
    if (jobs.open(id, machine.id(), pack.title(), document, null, at, by)) {
      parts.goesBack(id, before.id(), originals);
      answer(id, sheets.answers(before), at, by);
      List<KnownValue> known =
          book.of(machine).stream().filter(v -> !v.source().isPartsOwn()).toList();
      remember(id, known, pack);
    }
    return jobs.job(id);
  }

  /**
   * The job of looking again at joints of a signed one, by what was said on its sheet.
   *
   * @param id made by the sender, of no job yet
   * @param jointIds of the joints that are due; empty for all
   * @param leftAtNm at what torque those were left that were climbed to hold, N·m, by their ids
   */
  @Transactional
  public Job lookAgain(
      UUID id,
      Job before,
      List<String> jointIds,
      Map<String, Double> leftAtNm,
      Instant at,
      Signature by) {
    Machine machine = fleet.inUse(before.machineId());
    String document = LookAgain.of(sheets.document(before), jointIds, leftAtNm);
    if (!jobs.open(id, machine.id(), packs.read(document).title(), document, null, at, by)) {
      throw Refusal.conflict(
          "This id is another job's already; open it under a new one.", Map.of());
    }
    sheets.carryOver(before, id);
    return jobs.job(id);
  }

  private static String ownKey(String kind, UUID id) {
    return kind + "-" + id.toString().substring(0, 13);
  }

  private static String shortened(String title) {
    return title.length() <= LONGEST_TITLE ? title : title.substring(0, LONGEST_TITLE - 1) + "…";
  }

  /** The job as it was last done on this model, as changes to what the catalogue says today. */
  private void asLastDone(
      UUID jobId, Shaping shaping, List<String> within, ModelPack model, Instant at, Signature by) {
    String before = model.catalogue();
    if (before == null) {
      return;
    }
    List<ShapeEdit> edits =
        shaping
            .find(within)
            .map(now -> ShapeMerge.of(before, model.document(), now.toString()))
            .map(merge -> shaping.toBecome(within, merge.document()))
            .orElse(List.of());
    if (edits.isEmpty()) {
      return;
    }
    UUID id = idOf(jobId, "model " + model.baseKey());
    shaping.take(id, edits, null);
    say(jobId, id, new SheetSaying.Shaped(edits, null, ""), at, by);
  }

  private void answer(UUID jobId, Answers answers, Instant at, Signature by) {
    if (!answers.equals(Answers.NONE)) {
      say(jobId, idOf(jobId, "answers"), new SheetSaying.Chosen(answers), at, by);
    }
  }

  /** Every value known for the model stands on the sheet, in the name of who wrote it down. */
  private void remember(UUID jobId, Machine machine, JobPack pack) {
    remember(jobId, book.of(machine), pack);
  }

  private void remember(UUID jobId, List<KnownValue> known, JobPack pack) {
    pack.everyJoint()
        .forEach(
            (jointId, joint) ->
                StatedBook.about(known, pack.valuePlaces(joint.called(jointId)))
                    .forEach(v -> remember(jobId, jointId, v)));
  }

  /** What is known for the model comes to joints that came into a job after it was opened. */
  void remember(Job job, JobPack stated, List<PackJoint> came) {
    if (!came.isEmpty()) {
      remember(job, stated, came, v -> true);
    }
  }

  /** What came into the book since a job was opened; what was typed on its sheet is there. */
  int catchUp(Job job, JobPack stated) {
    return remember(job, stated, stated.joints(), v -> !sheet.isOnSheet(job.id(), v.id()));
  }

  private int remember(
      Job job, JobPack stated, List<PackJoint> joints, Predicate<KnownValue> which) {
    int written = 0;
    List<KnownValue> known = book.of(fleet.machine(job.machineId()));
    for (PackJoint joint : joints) {
      for (KnownValue v : StatedBook.about(known, stated.valuePlaces(joint))) {
        written += which.test(v) && remember(job.id(), joint.packId(), v) ? 1 : 0;
      }
    }
    return written;
  }

  private boolean remember(UUID jobId, String jointId, KnownValue v) {
    UUID id = idOnSheet(jobId, jointId, v.id());
    if (sheet.exists(id)) {
      return false;
    }
    sheet.append(
        id,
        jobId,
        SheetSaying.Kind.VALUE.name(),
        SheetDocument.write(
            new SheetSaying.ValueFound(
                jointId, v.typed(), v.source(), v.document(), v.condition(), v.thread())),
        new Signature(v.saidById(), v.saidBy(), false),
        v.saidAt());
    return true;
  }

  private void say(UUID jobId, UUID id, SheetSaying said, Instant at, Signature by) {
    sheet.append(id, jobId, said.kind().name(), SheetDocument.write(said), by, at);
  }

  /** The id under which a known value stands on a sheet, at one of its joints. */
  static UUID idOnSheet(UUID jobId, String jointId, UUID valueId) {
    return idOf(jobId, jointId + " " + valueId);
  }

  private static UUID idOf(UUID jobId, String what) {
    return UUID.nameUUIDFromBytes((jobId + " " + what).getBytes(StandardCharsets.UTF_8));
  }
}
