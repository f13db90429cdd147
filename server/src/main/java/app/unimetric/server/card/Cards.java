package app.unimetric.server.card;

import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.paper.Paper;
import app.unimetric.server.run.RunLog;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.sheet.Sheets;
import app.unimetric.server.sheet.SincePrint;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The cards of jobs on paper. */
@Service
public class Cards {
  private final Sheets sheets;
  private final Paper paper;
  private final Fleet fleet;
  private final RunLog runs;
  private final Settings settings;
  private final Clock clock;

  Cards(Sheets sheets, Paper paper, Fleet fleet, RunLog runs, Settings settings, Clock clock) {
    this.sheets = sheets;
    this.paper = paper;
    this.fleet = fleet;
    this.runs = runs;
    this.settings = settings;
    this.clock = clock;
  }

  /**
   * The card of a job, PDF.
   *
   * @param since an earlier print: what it no longer tells is marked; null for none
   * @param here address of the workshop, for who reads the paper with a tablet
   */
  public byte[] pdf(Job job, @Nullable UUID since, String here) {
    LocalDate day = LocalDate.now(clock);
    JobPlan plan = sheets.plan(job, day);
    List<PlanPrint.Change> changes =
        since == null
            ? List.of()
            : sheets.since(job, since, plan).map(SincePrint::changes).orElse(List.of());
    return paper.pdf(
        "job-card",
        JobCard.of(
            job,
            fleet.machine(job.machineId()),
            plan,
            settings.rulesInWords(clock.getZone()),
            here + "/jobs/" + job.id() + "/sheet",
            day,
            sheets.partFitted(job),
            sheets.fitsInWords(job),
            runs.find(job.id()).map(Cards::standing).orElse(null),
            changes));
  }

  private static String standing(RunLog.Run run) {
    return (run.state().signedOff() ? "Done and signed" : "Under way")
        + ": begun by "
        + run.startedBy()
        + ". The bench keeps to the sheet as it was then; this card shows how it would be planned now.";
  }
}
