package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.shelf.Stock;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sheets of jobs: an append-only log each, and the plan that comes of it. */
@Service
public class Sheets {
  private static final Set<SheetSaying.Kind> STANDS_AGAIN =
      EnumSet.of(
          SheetSaying.Kind.VALUE,
          SheetSaying.Kind.DECISION,
          SheetSaying.Kind.WITHDRAWAL,
          SheetSaying.Kind.CHOICE,
          SheetSaying.Kind.BY_FEEL,
          SheetSaying.Kind.TOOL);
  private final SheetMapper mapper;
  private final Jobs jobs;
  private final Crib crib;
  private final Stock stock;
  private final Settings settings;

  Sheets(SheetMapper mapper, Jobs jobs, Crib crib, Stock stock, Settings settings) {
    this.mapper = mapper;
    this.jobs = jobs;
    this.crib = crib;
    this.stock = stock;
    this.settings = settings;
  }

  Sheet sheet(Job job) {
    return new Sheet(job.pack(), mapper.ofJob(job.id()), jobs::read);
  }

  /** The document of a job as it was shaped, JSON. */
  public String document(Job job) {
    return sheet(job).shaping().document();
  }

  /** What was answered to the questions of a job. */
  public Answers answers(Job job) {
    return sheet(job).answers();
  }

  /** The pack of a job with its questions answered and the values found for it. */
  public JobPack pack(Job job) {
    return sheet(job).pack();
  }

  /** The plan of a job as things stand. */
  public JobPlan plan(Job job, LocalDate today) {
    return plan(sheet(job), today);
  }

  JobPlan plan(Job job, Around around) {
    return plan(sheet(job), around);
  }

  JobPlan plan(Sheet sheet, LocalDate today) {
    return plan(sheet, around(today));
  }

  /** What the plan of any job depends on as things stand. */
  Around around(LocalDate today) {
    return new Around(crib.tools(), crib.handTools(), stock.shelf(), settings.policy(), today);
  }

  private static JobPlan plan(Sheet sheet, Around around) {
    return JobPlan.of(
        sheet.pack(),
        new Circumstances(
            sheet.decisions(),
            around.crib(),
            around.handTools(),
            around.shelf(),
            sheet.fits(),
            sheet.handOrder(),
            sheet.byFeel(),
            sheet.toolChoices(),
            around.policy(),
            around.today()));
  }

  JobCost cost(Sheet sheet, JobPlan plan) {
    return JobCost.of(plan.pack(), stock.ratePerHour(), stock.prices(), sheet.quote());
  }

  /** What the job fits, with the part by name where somebody said it. */
  public String partFitted(Job job) {
    return sheet(job).partFitted();
  }

  /** The questions of fit of a job, each with what was found last. */
  public List<String> fitsInWords(Job job) {
    Sheet sheet = sheet(job);
    return sheet.pack().preparation().fitChecks().stream()
        .map(q -> q + sheet.fitOf(q).map(a -> ": " + a.words()).orElse(""))
        .toList();
  }

  /** What is new since one print; empty when there is no such print. */
  public Optional<SincePrint> since(Job job, UUID printId, JobPlan plan) {
    return sheet(job).since(printId, PlanPrint.of(plan));
  }

  /**
   * Writes one thing down, once however often it is sent.
   *
   * @param id made by the sender
   * @param version of the job as last seen; null for what two may say at once without harm
   * @throws app.unimetric.server.problem.Refusal with both versions when somebody was quicker
   */
  @Transactional
  public Job say(
      Job job, UUID id, @Nullable Integer version, SheetSaying said, Instant at, Signature by) {
    if (mapper.exists(id)) {
      return job;
    }
    if (job.cancelled()) {
      jobs.mustBeOpen(job);
    }
    if (version != null) {
      jobs.raiseVersion(job, version);
    }
    mapper.append(id, job.id(), said.kind().name(), SheetDocument.write(said), by, at);
    return jobs.job(job.id());
  }

  /**
   * What was said on an earlier job's sheet of values, tools and questions stands on another's too,
   * in the name of who said it then.
   */
  void carryOver(Job before, UUID jobId) {
    Map<String, String> values = new HashMap<>();
    for (SheetRow row : mapper.ofJob(before.id())) {
      if (!STANDS_AGAIN.contains(row.kind())) {
        continue;
      }
      UUID id = UUID.nameUUIDFromBytes((jobId + " " + row.id()).getBytes(StandardCharsets.UTF_8));
      values.put(row.id().toString(), id.toString());
      SheetSaying said = SheetDocument.read(row.kind(), row.document());
      mapper.sayAgain(id, jobId, row.id(), SheetDocument.write(about(said, values)));
    }
  }

  /** What is said of a value is said of the same one on the other sheet. */
  private static SheetSaying about(SheetSaying said, Map<String, String> values) {
    if (said instanceof SheetSaying.DecisionMade d) {
      return new SheetSaying.DecisionMade(
          d.jointId(), values.getOrDefault(d.valueId(), d.valueId()), d.readAs(), d.reason());
    }
    return said instanceof SheetSaying.Withdrawn w
        ? new SheetSaying.Withdrawn(values.getOrDefault(w.valueId(), w.valueId()), w.reason())
        : said;
  }

  /** Whether an entry with this id was taken before. */
  boolean saidBefore(UUID id) {
    return mapper.exists(id);
  }
}
