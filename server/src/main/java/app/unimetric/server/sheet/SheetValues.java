package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.book.KnownValue;
import app.unimetric.server.book.StatedBook;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What is written down on a sheet lands in the store of stated values, and so does taking it back.
 */
@Component
class SheetValues {
  private final StatedBook book;
  private final Fleet fleet;

  SheetValues(StatedBook book, Fleet fleet) {
    this.book = book;
    this.fleet = fleet;
  }

  /** A value that was looked up for a joint is known for its model from now on. */
  void keep(Job job, UUID id, SheetSaying.ValueFound v, JobPack pack, Signature by, Instant at) {
    for (PackJoint joint : pack.joints()) {
      if (joint.isNamed(v.jointId())) {
        book.add(
            fleet.machine(job.machineId()),
            new KnownValue(
                id,
                joint.valuePlace(),
                joint.fastener().thread().designation(),
                v.typed(),
                v.source(),
                v.document(),
                v.condition(),
                job.id(),
                by.name(),
                by.id(),
                at));
        return;
      }
    }
  }

  /** A value that was wrong is taken back for the model too. */
  void takeBack(
      Job job, UUID id, SheetSaying.Withdrawn w, JobPack stated, Signature by, Instant at) {
    Machine machine = fleet.machine(job.machineId());
    for (KnownValue v : book.of(machine)) {
      boolean meant =
          v.id().toString().equals(w.valueId())
              || stated.everyJoint().keySet().stream()
                  .map(joint -> JobOpening.idOnSheet(job.id(), joint, v).toString())
                  .anyMatch(w.valueId()::equals);
      if (meant) {
        book.takeBack(id, v.id(), w.reason(), at, by);
      }
    }
  }
}
