package app.unimetric.server.sheet;

import app.unimetric.core.plan.WorkedFit;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.compute.fit.FitJudge;
import app.unimetric.server.fit.KeptFits;
import app.unimetric.server.fit.Taken;
import app.unimetric.server.job.Job;
import app.unimetric.server.people.SignedIn;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers to the questions of fit of a job; what was worked out is kept for its machine too. */
@Service
class SheetFits {
  private final Sheets sheets;
  private final FitJudge judge;
  private final KeptFits kept;

  SheetFits(Sheets sheets, FitJudge judge, KeptFits kept) {
    this.sheets = sheets;
    this.judge = judge;
    this.kept = kept;
  }

  @Transactional
  Job answer(Job job, SheetController.NewFit f, Instant at, SignedIn person) {
    SheetController.NewWorkedFit now = f.worked();
    UUID sameAs = f.sameAs();
    if (now == null && sameAs != null) {
      KeptFits.Before before = kept.before(sameAs, job.machineId());
      WorkedFit then = before.kept().fit();
      now =
          new SheetController.NewWorkedFit(
              then.call(), then.state(), before.request(), Taken.FOUND);
    }
    return answer(job, f, now, at, person);
  }

  private Job answer(
      Job job,
      SheetController.NewFit f,
      SheetController.@Nullable NewWorkedFit w,
      Instant at,
      SignedIn person) {
    WorkedFit worked = w == null ? null : judge.work(w.call(), w.state(), w.request());
    SheetSaying.FitAnswered said =
        new SheetSaying.FitAnswered(
            f.question(),
            worked == null ? f.fits() : worked.fits(f.fits()),
            f.note().strip(),
            worked);
    SheetChecks.fit(said, sheets.sheet(job).pack(), person.isLead());
    Job changed = sheets.say(job, f.id(), f.version(), said, at, person.signature());
    if (w != null && worked != null) {
      kept.keep(
          new KeptFits.Measured(
              f.id(), job.machineId(), job.id(), w.taken(), w.request(), said.note()),
          worked,
          at,
          person.signature());
    }
    return changed;
  }
}
