package app.unimetric.server.sheet;

import app.unimetric.core.plan.WorkedFit;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.compute.fit.FitJudge;
import app.unimetric.server.fit.KeptFits;
import app.unimetric.server.fit.Taken;
import app.unimetric.server.job.Job;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
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
  private final Clock clock;

  SheetFits(Sheets sheets, FitJudge judge, KeptFits kept, Clock clock) {
    this.sheets = sheets;
    this.judge = judge;
    this.kept = kept;
    this.clock = clock;
  }

  @Transactional
  Job answer(Job job, SheetController.NewFit f, Instant at, SignedIn person) {
    UUID sameAs = f.sameAs();
    if (f.worked() != null || sameAs == null) {
      return answer(job, f, f.worked(), f.note().strip(), at, person);
    }
    KeptFits.Before before = kept.before(sameAs, job.machineId());
    WorkedFit then = before.kept().fit();
    String note =
        ("As measured on "
                + LocalDate.ofInstant(before.kept().at(), clock.getZone())
                + ". "
                + f.note().strip())
            .strip();
    return answer(
        job,
        f,
        new SheetController.NewWorkedFit(then.call(), then.state(), before.request(), Taken.FOUND),
        note,
        at,
        person);
  }

  private Job answer(
      Job job,
      SheetController.NewFit f,
      SheetController.@Nullable NewWorkedFit w,
      String note,
      Instant at,
      SignedIn person) {
    WorkedFit worked = w == null ? null : judge.work(w.call(), w.state(), w.request());
    SheetSaying.FitAnswered said =
        new SheetSaying.FitAnswered(
            f.question(), worked == null ? f.fits() : worked.fits(f.fits()), note, worked);
    SheetChecks.fit(said, sheets.sheet(job).pack(), person.isLead());
    Job changed = sheets.say(job, f.id(), f.version(), said, at, person.signature());
    if (w != null && worked != null) {
      kept.keep(
          new KeptFits.Measured(
              f.id(), job.machineId(), job.id(), f.question(), w.taken(), w.request(), said.note()),
          worked,
          at,
          person.signature());
    }
    return changed;
  }
}
