package app.unimetric.server.sheet;

import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.fit.KeptFits;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.pack.ModelPacks;
import app.unimetric.server.settings.Settings;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The sheet of a job as its page shows it. */
@Component
class SheetPages {
  private final Sheets sheets;
  private final Fleet fleet;
  private final ModelPacks models;
  private final KeptFits fits;
  private final Settings settings;
  private final Clock clock;

  SheetPages(
      Sheets sheets,
      Fleet fleet,
      ModelPacks models,
      KeptFits fits,
      Settings settings,
      Clock clock) {
    this.sheets = sheets;
    this.fleet = fleet;
    this.models = models;
    this.fits = fits;
    this.settings = settings;
    this.clock = clock;
  }

  JobSheet page(Job job) {
    return page(job, sheets.sheet(job));
  }

  JobSheet page(Job job, Sheet sheet) {
    JobPlan plan = sheets.plan(sheet, LocalDate.now(clock));
    UUID model = job.modelPackId();
    return JobSheet.of(
        job,
        fleet.machine(job.machineId()),
        plan,
        sheet,
        sheets.cost(sheet, plan),
        model == null ? null : models.pack(model),
        isWorkedOut(plan) ? fits.ofMachine(job.machineId()) : List.of(),
        settings.rulesInWords(clock.getZone()));
  }

  /** The joints of a long sheet from this one on, as many as come in one piece. */
  JobSheet.MoreJoints moreJoints(Job job, int from) {
    new Problems().require(from >= 0, "from", "must not be negative.").orThrow();
    Sheet sheet = sheets.sheet(job);
    return JobSheet.MoreJoints.of(job, sheets.plan(sheet, LocalDate.now(clock)), sheet, from);
  }

  private static boolean isWorkedOut(JobPlan plan) {
    return plan.pack().preparation().fits().stream().anyMatch(f -> !f.takesAnybodysWord());
  }
}
