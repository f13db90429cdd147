package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.sheet.Sheets;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log of signed work. */
@RestController
@RequestMapping("/api/log")
class LogController {
  private static final int LONGEST_SEARCH = 200;
  private static final int FIRST_YEAR = 1970;
  private static final int LAST_YEAR = 2199;
  private final RecordMapper mapper;
  private final Records records;
  private final Jobs jobs;
  private final Sheets sheets;

  LogController(RecordMapper mapper, Records records, Jobs jobs, Sheets sheets) {
    this.mapper = mapper;
    this.records = records;
    this.jobs = jobs;
    this.sheets = sheets;
  }

  /** One line of the log. */
  record LogLine(
      UUID jobId,
      int number,
      String title,
      UUID machineId,
      String machineName,
      String machineModel,
      String signedBy,
      Instant signedAt,
      int readings,
      int deviations,
      int corrections) {}

  /**
   * What was done, as it stood when it was signed.
   *
   * @param people names of all who made an entry
   * @param readings torques that count
   * @param deviations of them, those outside their band
   * @param corrections entries that correct earlier ones
   * @param secondLook null where none was asked
   */
  @Schema(name = "AsBuilt")
  record Built(
      RunSheet sheet,
      RunState run,
      List<AsBuilt.JointAsBuilt> joints,
      List<AsBuilt.Found> found,
      List<String> people,
      String startedBy,
      Instant startedAt,
      int readings,
      int deviations,
      int corrections,
      Summary summary,
      @Nullable Entry secondLook) {
    static Built of(AsBuilt a, RecordCount count) {
      return new Built(
          a.sheet(),
          a.run(),
          a.joints(),
          a.found(),
          a.people(),
          a.startedBy(),
          a.startedAt(),
          count.readings(),
          count.deviations(),
          count.corrections(),
          a.summary(),
          a.run().secondLook());
    }
  }

  /**
   * A whole record.
   *
   * @param jobs of a visit, each with what was done for it; none where it was one job
   */
  record LogRecord(LogLine line, Built asBuilt, List<VisitJob> jobs) {}

  /**
   * One job of a visit: what two jobs share stands in both.
   *
   * @param stepIds of the run sheet
   */
  record VisitJob(String title, List<String> jointIds, List<String> stepIds) {
    static List<VisitJob> of(JobPack visit, RunSheet sheet) {
      return visit.layout().together().stream().map(job -> of(visit, job, sheet)).toList();
    }

    private static VisitJob of(JobPack visit, JobPack job, RunSheet sheet) {
      List<PackJoint> joints =
          visit.joints().stream().filter(j -> visit.jobsOf(j).contains(job.title())).toList();
      Set<String> ids = joints.stream().map(PackJoint::id).collect(Collectors.toSet());
      Set<String> titles = new HashSet<>(job.doings());
      joints.forEach(j -> titles.add(j.title()));
      return new VisitJob(
          job.title(),
          List.copyOf(ids),
          sheet.steps().stream()
              .filter(
                  s -> s.jointId() == null ? titles.contains(s.title()) : ids.contains(s.jointId()))
              .map(RunStep::id)
              .toList());
    }
  }

  /** A job that was not done, or not done further, and why. */
  record CancelledLine(
      UUID jobId,
      int number,
      String title,
      String machineName,
      String machineModel,
      String by,
      Instant at,
      String reason) {}

  @GetMapping("/cancelled")
  List<CancelledLine> cancelled(@RequestParam(defaultValue = "") String q) {
    new Problems()
        .require(q.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .orThrow();
    return mapper.cancelled(q.strip()).stream()
        .map(
            c ->
                new CancelledLine(
                    c.jobId(),
                    c.number(),
                    c.title(),
                    c.machineName(),
                    c.machineModel(),
                    c.cancelledBy(),
                    c.cancelledAt(),
                    SheetDocument.cancelling(c.document()).reason()))
        .toList();
  }

  /**
   * Signed records, the newest first, 200 at most.
   *
   * @param q in the head of a record, or beginnings of words that stand in it
   * @param from first day it may be signed on
   * @param until last day it may be signed on
   * @param outside only with a torque outside its band
   * @param corrected only with an entry that a later one corrects
   */
  @GetMapping
  List<LogLine> lines(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate until,
      @RequestParam(defaultValue = "false") boolean outside,
      @RequestParam(defaultValue = "false") boolean corrected) {
    new Problems()
        .require(q.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .require(
            isDay(from) && isDay(until),
            "from",
            "must be a day between 1970 and 2199, as the last.")
        .orThrow();
    return records.search(new LogSearch(q.strip(), from, until, outside, corrected)).stream()
        .map(LogController::line)
        .toList();
  }

  @GetMapping("/{jobId}")
  LogRecord one(@PathVariable UUID jobId) {
    ListedRecord row = mapper.listed(jobId);
    AsBuilt asBuilt = records.find(jobId).orElse(null);
    if (row == null || asBuilt == null) {
      throw Refusal.notFound("A signed record of this job");
    }
    RecordCount count = RecordCount.of(jobId, asBuilt);
    return new LogRecord(
        line(row.counted(count)),
        Built.of(asBuilt, count),
        VisitJob.of(sheets.pack(jobs.job(jobId)), asBuilt.sheet()));
  }

  private static boolean isDay(@Nullable LocalDate day) {
    return day == null || day.getYear() >= FIRST_YEAR && day.getYear() <= LAST_YEAR;
  }

  private static LogLine line(ListedRecord r) {
    return new LogLine(
        r.jobId(),
        r.number(),
        r.title(),
        r.machineId(),
        r.machineName(),
        r.machineModel(),
        r.signedBy(),
        r.signedAt(),
        orNone(r.readings()),
        orNone(r.deviations()),
        orNone(r.corrections()));
  }

  private static int orNone(@Nullable Integer count) {
    return count == null ? 0 : count;
  }
}
