package app.unimetric.server.log;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.server.problem.Refusal;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
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
  private final RecordMapper mapper;
  private final Records records;

  LogController(RecordMapper mapper, Records records) {
    this.mapper = mapper;
    this.records = records;
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
    static Built of(AsBuilt a) {
      return new Built(
          a.sheet(),
          a.run(),
          a.joints(),
          a.found(),
          a.people(),
          a.startedBy(),
          a.startedAt(),
          a.run().readings().size(),
          deviations(a),
          a.run().corrected().size(),
          a.summary(),
          a.run().secondLook());
    }

    private static int deviations(AsBuilt a) {
      return (int) a.run().readings().stream().filter(Entry::isDeviation).count();
    }
  }

  /** A whole record. */
  record LogRecord(LogLine line, Built asBuilt) {}

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

  @GetMapping
  List<LogLine> lines(@RequestParam(defaultValue = "") String q) {
    new Problems()
        .require(q.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .orThrow();
    return mapper.search(q.strip()).stream().map(r -> line(r, records.read(r))).toList();
  }

  @GetMapping("/{jobId}")
  LogRecord one(@PathVariable UUID jobId) {
    RecordRow row = mapper.byJob(jobId);
    if (row == null) {
      throw Refusal.notFound("A signed record of this job");
    }
    AsBuilt asBuilt = records.read(row);
    return new LogRecord(line(row, asBuilt), Built.of(asBuilt));
  }

  private static LogLine line(RecordRow r, AsBuilt a) {
    return new LogLine(
        r.jobId(),
        r.number(),
        r.title(),
        r.machineId(),
        r.machineName(),
        r.machineModel(),
        r.signedBy(),
        r.signedAt(),
        a.run().readings().size(),
        Built.deviations(a),
        a.run().corrected().size());
  }
}
