package app.unimetric.server.lot;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.log.Records;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.run.RunLog;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Looks back from the lot of a product to the joints it went on, when it turns out bad. */
@RestController
class LotController {
  private static final int LONGEST = 200;
  private final Records records;
  private final RunLog runs;
  private final Jobs jobs;
  private final Fleet fleet;

  LotController(Records records, RunLog runs, Jobs jobs, Fleet fleet) {
    this.records = records;
    this.runs = runs;
    this.jobs = jobs;
    this.fleet = fleet;
  }

  /**
   * A job in which a product of the lot was used.
   *
   * @param signed whether there is a record of it; otherwise it is under way or was given up
   * @param joints on which it went, each with the product's name
   */
  record LotUse(
      UUID jobId,
      int number,
      String title,
      UUID machineId,
      String machineName,
      boolean signed,
      boolean cancelled,
      List<LotJoint> joints) {}

  /**
   * A joint with product of the lot on its threads.
   *
   * @param product its name as it stood on the bottle or tub
   */
  record LotJoint(String title, boolean critical, String product) {}

  /**
   * The jobs in which a product of a lot went on a joint: those not signed first, then records, the
   * newest first.
   *
   * @param lot as printed on the bottle or tub; capitals do not count
   */
  @GetMapping("/api/lots")
  List<LotUse> uses(@RequestParam String lot) {
    new Problems()
        .require(
            lot.length() <= LONGEST && lot.codePoints().anyMatch(Character::isLetterOrDigit),
            "lot",
            "must have a letter or figure and at most 200 characters, as printed on the bottle.")
        .orThrow();
    return Stream.concat(
            runs.unsigned().stream().flatMap(built -> use(built, lot, false)),
            records.naming(lot).stream().flatMap(built -> use(built, lot, true)))
        .toList();
  }

  private Stream<LotUse> use(AsBuilt built, String lot, boolean signed) {
    List<LotJoint> joints =
        built.wettedFrom(lot).entrySet().stream()
            .map(e -> new LotJoint(e.getKey().title(), e.getKey().critical(), e.getValue().name()))
            .toList();
    return joints.isEmpty() ? Stream.empty() : Stream.of(use(built, signed, joints));
  }

  private LotUse use(AsBuilt built, boolean signed, List<LotJoint> joints) {
    Job job = jobs.job(built.jobId());
    Machine machine = fleet.machine(job.machineId());
    return new LotUse(
        job.id(),
        job.number(),
        job.title(),
        machine.id(),
        machine.name(),
        signed,
        job.cancelled(),
        joints);
  }
}
