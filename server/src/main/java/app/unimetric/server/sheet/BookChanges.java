package app.unimetric.server.sheet;

import app.unimetric.core.pack.PackJoint;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.event.ValuesChanged;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.ListedJob;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * A plan follows its book: a value that holds no longer is taken back on every sheet not yet
 * started, with the reason, and what took its place stands there. What was started keeps what it
 * was started with.
 */
@Component
class BookChanges {
  private final Jobs jobs;
  private final Sheets sheets;
  private final JobOpening opening;
  private final SheetMapper mapper;
  private final Fleet fleet;

  BookChanges(Jobs jobs, Sheets sheets, JobOpening opening, SheetMapper mapper, Fleet fleet) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.opening = opening;
    this.mapper = mapper;
    this.fleet = fleet;
  }

  @EventListener
  void follow(ValuesChanged changed) {
    for (ListedJob open : jobs.open()) {
      if (open.started()) {
        continue;
      }
      Machine machine = fleet.machine(open.machineId());
      ValuesChanged.Model model =
          new ValuesChanged.Model(
              machine.make().toLowerCase(Locale.ROOT), machine.model().toLowerCase(Locale.ROOT));
      if (changed.models().contains(model)) {
        follow(jobs.job(open.id()), changed);
      }
    }
  }

  private void follow(Job job, ValuesChanged changed) {
    Sheet sheet = sheets.sheet(job);
    boolean touched = false;
    for (Map.Entry<UUID, String> gone : changed.gone().entrySet()) {
      touched |= takeBack(job, gone.getKey(), gone.getKey(), gone.getValue(), changed);
      for (PackJoint joint : sheet.stated().joints()) {
        UUID onSheet = JobOpening.idOnSheet(job.id(), joint.packId(), gone.getKey());
        touched |= takeBack(job, gone.getKey(), onSheet, gone.getValue(), changed);
      }
    }
    touched |= opening.catchUp(job, sheet.stated()) > 0;
    if (touched) {
      jobs.raiseVersion(job);
    }
  }

  private boolean takeBack(
      Job job, UUID value, UUID onSheet, String reason, ValuesChanged changed) {
    UUID id =
        UUID.nameUUIDFromBytes(
            ("gone " + job.id() + onSheet + value).getBytes(StandardCharsets.UTF_8));
    if (!mapper.isOnSheet(job.id(), onSheet) || mapper.exists(id)) {
      return false;
    }
    SheetSaying said = new SheetSaying.Withdrawn(onSheet.toString(), reason);
    mapper.append(
        id, job.id(), said.kind().name(), SheetDocument.write(said), changed.by(), changed.at());
    return true;
  }
}
