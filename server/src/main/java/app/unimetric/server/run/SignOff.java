package app.unimetric.server.run;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.server.event.SignedOff;
import app.unimetric.server.job.Job;
import app.unimetric.server.sheet.Sheets;
import java.time.LocalDate;
import java.util.Objects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** The end of a run: says what was done to all whom it concerns. */
@Component
class SignOff {
  private final Sheets sheets;
  private final ApplicationEventPublisher events;

  SignOff(Sheets sheets, ApplicationEventPublisher events) {
    this.sheets = sheets;
    this.events = events;
  }

  void close(Job job, RunLog.Run run, LocalDate day) {
    Entry signature = Objects.requireNonNull(run.state().signature());
    RunEvent signed = signature.event();
    events.publishEvent(
        new SignedOff(
            job.id(),
            job.number(),
            job.machineId(),
            sheets.pack(job),
            sheets.partFitted(job),
            new AsBuilt(
                job.id(),
                run.sheet(),
                run.state(),
                run.startedBy(),
                run.startedById(),
                run.startedAt()),
            signed.by(),
            signed.time().receivedAt(),
            day));
  }
}
