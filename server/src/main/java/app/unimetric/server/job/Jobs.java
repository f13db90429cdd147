package app.unimetric.server.job;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.StatedValue;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.Decision;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.shelf.Stock;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs, their packs and what was decided on them. */
@Service
public class Jobs {
  private static final int LONGEST_REASON = 1000;
  private final JobMapper mapper;
  private final PackDocuments packs;
  private final PackCatalogue catalogue;
  private final Fleet fleet;
  private final Crib crib;
  private final Stock stock;
  private final SheetEntries sheets;

  Jobs(
      JobMapper mapper,
      PackDocuments packs,
      PackCatalogue catalogue,
      Fleet fleet,
      Crib crib,
      Stock stock,
      SheetEntries sheets) {
    this.mapper = mapper;
    this.packs = packs;
    this.catalogue = catalogue;
    this.fleet = fleet;
    this.crib = crib;
    this.stock = stock;
    this.sheets = sheets;
  }

  /** A pack as taken, with the version it got. */
  public record TakenPack(JobPack pack, int version) {}

  /**
   * Takes a pack as the newest version of its key; a broken one is refused whole with the place of
   * each error, and one that changes nothing makes no new version. Jobs already opened keep theirs.
   */
  @Transactional
  public TakenPack addPack(String document, String by) {
    JobPack pack = packs.read(document);
    int newest = mapper.packVersion(pack.key());
    String before = mapper.packText(pack.key());
    if (before != null && packs.read(before).equals(pack)) {
      return new TakenPack(pack, newest);
    }
    if (mapper.addPack(pack.key(), newest + 1, document, by) == 0) {
      throw Refusal.stale(newest, mapper.packVersion(pack.key()));
    }
    return new TakenPack(pack, newest + 1);
  }

  /** Jobs that suit a machine and match what was typed: those written for its model first. */
  List<JobPack> offered(Machine machine, String text) {
    List<JobPack> own = mapper.packs().stream().map(packs::read).toList();
    return Stream.concat(
            own.stream(),
            catalogue.entries().stream()
                .map(PackCatalogue.Entry::pack)
                .filter(p -> own.stream().noneMatch(o -> o.key().equals(p.key()))))
        .filter(p -> p.suits(machine.kind(), machine.model()))
        .filter(p -> text.isBlank() || p.matches(text))
        .toList();
  }

  public Job job(UUID id) {
    Job job = mapper.byId(id);
    if (job == null) {
      throw Refusal.notFound("This job");
    }
    return job;
  }

  public List<Job> open() {
    return mapper.open();
  }

  /** Jobs whose run began after a moment, the newest first. */
  public List<Job> startedSince(Instant moment) {
    return mapper.startedSince(moment);
  }

  public List<Job> ofMachine(UUID machineId) {
    return mapper.ofMachine(machineId);
  }

  /**
   * Opens a job with its own copy of the pack.
   *
   * @param id made by the sender; a resend finds the job already there
   */
  @Transactional
  public Job open(UUID id, UUID machineId, String packKey, Instant at, String by) {
    Machine machine = fleet.machine(machineId);
    String own = mapper.packText(packKey);
    String document = own == null ? catalogue.document(packKey) : own;
    if (document == null) {
      throw Refusal.notFound("This kind of job");
    }
    JobPack pack = packs.read(document);
    new Problems()
        .require(
            pack.suits(machine.kind(), machine.model()),
            "packKey",
            "is not written for this machine.")
        .orThrow();
    mapper.add(id, machineId, pack.title(), document, by, at);
    return job(id);
  }

  public JobPlan plan(Job job, LocalDate today) {
    List<Decision> decisions =
        mapper.decisions(job.id()).stream().map(DecisionRow::decision).toList();
    Map<String, List<StatedValue>> found = new LinkedHashMap<>();
    for (FoundValue value : mapper.values(job.id())) {
      found.computeIfAbsent(value.jointId(), id -> new ArrayList<>()).add(value.stated());
    }
    return JobPlan.of(
        packs.read(job.pack()).with(found),
        new Circumstances(
            decisions,
            crib.tools(),
            crib.handTools(),
            stock.shelf(),
            sheets.fits(job.id()),
            sheets.handOrder(job.id()),
            Policy.USUAL,
            today));
  }

  /** Moves a joint to another place of the working order; a resend changes nothing. */
  @Transactional
  Job move(
      UUID jobId,
      UUID id,
      String jointId,
      int place,
      int version,
      LocalDate today,
      Instant at,
      String by) {
    Job job = job(jobId);
    if (sheets.arrangedBefore(id)) {
      return job;
    }
    List<String> order = SheetEntries.moved(plan(job, today), jointId, place);
    raise(job, version);
    sheets.arrange(id, jobId, order, at, by);
    return job(jobId);
  }

  /** Gives the order back to the planner; a resend changes nothing. */
  @Transactional
  Job giveBackOrder(UUID jobId, UUID id, int version, Instant at, String by) {
    Job job = job(jobId);
    if (sheets.arrangedBefore(id)) {
      return job;
    }
    raise(job, version);
    sheets.arrange(id, jobId, List.of(), at, by);
    return job(jobId);
  }

  /** Writes down whether something fits; a resend changes nothing. */
  @Transactional
  Job answer(UUID jobId, Fit fit, int version) {
    Job job = job(jobId);
    if (sheets.answeredBefore(jobId, fit.id())) {
      return job;
    }
    sheets.answer(jobId, fit, packs.read(job.pack()).preparation().fitChecks());
    raise(job, version);
    return job(jobId);
  }

  /** Writes down what was quoted for the job; a resend changes nothing. */
  @Transactional
  Job quote(UUID jobId, UUID id, BigDecimal amount, int version, Instant at, String by) {
    Job job = job(jobId);
    if (sheets.quotedBefore(id)) {
      return job;
    }
    raise(job, version);
    sheets.quote(id, jobId, amount, at, by);
    return job(jobId);
  }

  /** Writes down which part is fitted; a resend changes nothing. */
  @Transactional
  Job namePart(UUID jobId, UUID id, String name, int version, Instant at, String by) {
    Job job = job(jobId);
    if (sheets.namedBefore(id)) {
      return job;
    }
    raise(job, version);
    sheets.namePart(id, jobId, name, at, by);
    return job(jobId);
  }

  /** What the job fits, with the part by name where somebody said it. */
  public String partFitted(Job job, JobPack pack) {
    String named = sheets.part(job.id());
    return named == null ? pack.fits() : pack.fits() + ": " + named;
  }

  private void raise(Job job, int version) {
    if (mapper.raiseVersion(job.id(), version) == 0) {
      throw Refusal.stale(version, job.version());
    }
  }

  /** Writes down a value somebody looked up; a resend changes nothing. */
  @Transactional
  Job find(UUID jobId, FoundValue value, int version) {
    Job job = job(jobId);
    if (mapper.values(jobId).stream().anyMatch(v -> v.id().equals(value.id()))) {
      return job;
    }
    Problems problems =
        new Problems()
            .require(
                packs.read(job.pack()).joints().stream()
                    .anyMatch(j -> j.id().equals(value.jointId())),
                "jointId",
                "names no joint of this job.")
            .require(
                !value.document().isBlank() && value.document().length() <= 200,
                "document",
                "is missing: say where it stands, in at most 200 characters.");
    problems.under("", value::stated);
    problems.orThrow();
    raise(job, version);
    mapper.addValue(jobId, value);
    return job(jobId);
  }

  List<DeskNote> deskNotes(UUID jobId) {
    return mapper.deskNotes(jobId);
  }

  /** Keeps what was worked out at the desk with a joint; a resend changes nothing. */
  void note(UUID jobId, DeskNote note) {
    Job job = job(jobId);
    new Problems()
        .require(
            packs.read(job.pack()).joints().stream().anyMatch(j -> j.id().equals(note.jointId())),
            "jointId",
            "names no joint of this job.")
        .require(
            note.state().startsWith("?") && note.state().length() <= LONGEST_REASON,
            "state",
            "is not a desk's address.")
        .require(
            !note.summary().isBlank() && note.summary().length() <= LONGEST_REASON,
            "summary",
            "must have 1 to 1 000 characters.")
        .orThrow();
    mapper.addDeskNote(jobId, note);
  }

  /** Writes a lead's decision down. */
  @Transactional
  public Job decide(
      UUID jobId,
      UUID id,
      String jointId,
      int valueIndex,
      @Nullable TorqueUnit readAs,
      String reason,
      int version,
      Instant at,
      SignedIn by) {
    Job job = job(jobId);
    List<DecisionRow> before = mapper.decisions(jobId);
    if (before.stream().anyMatch(d -> d.id().equals(id))) {
      return job;
    }
    if (!by.isLead()) {
      throw Refusal.forbidden("A lead decides which value holds; ask one, or have them sign in.");
    }
    int values =
        packs.read(job.pack()).joints().stream()
                .filter(j -> j.id().equals(jointId))
                .mapToInt(j -> j.values().size())
                .sum()
            + (int) mapper.values(jobId).stream().filter(v -> v.jointId().equals(jointId)).count();
    new Problems()
        .require(values > 0, "jointId", "names no joint of this job.")
        .require(
            valueIndex >= 0 && valueIndex < values, "valueIndex", "names no value of this joint.")
        .require(
            !reason.isBlank(), "reason", "is missing: say in a few words why this value holds.")
        .require(
            reason.length() <= LONGEST_REASON,
            "reason",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
    raise(job, version);
    mapper.addDecision(
        jobId,
        new DecisionRow(
            id,
            jointId,
            valueIndex,
            readAs == null ? null : readAs.code(),
            reason.strip(),
            by.name(),
            at));
    return job(jobId);
  }
}
