package app.unimetric.server.sheet;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.book.KnownValue;
import app.unimetric.server.book.ModelYears;
import app.unimetric.server.book.StatedBook;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Objects;
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
  void keep(Job job, UUID id, SheetSaying.ValueFound v, Sheet sheet, Signature by, Instant at) {
    for (PackJoint joint : sheet.pack().joints()) {
      if (joint.isNamed(v.jointId())) {
        Machine machine = fleet.machine(job.machineId());
        book.add(
            machine,
            ModelYears.of(machine),
            new KnownValue(
                id,
                sheet.stated().valuePlaces(joint).get(0),
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
                  .map(joint -> JobOpening.idOnSheet(job.id(), joint, v.id()).toString())
                  .anyMatch(w.valueId()::equals);
      if (meant) {
        // Said again for more years, it is wrong there too.
        for (KnownValue same : book.same(machine, v)) {
          book.takeBack(idOf(id, same.id()), same.id(), w.reason(), at, by);
        }
      }
    }
  }

  /**
   * The values a sheet goes by are known for more years of its model from now on, in the name of
   * who says that they hold there.
   */
  void keepFor(ModelYears years, Job job, UUID id, Sheet sheet, Signature by, Instant at) {
    Machine machine = fleet.machine(job.machineId());
    JobPack pack = sheet.pack();
    for (Sheet.Said<SheetSaying.ValueFound> v : sheet.valuesFound()) {
      pack.joints().stream()
          .filter(j -> j.isNamed(v.what().jointId()))
          .findFirst()
          .ifPresent(
              joint ->
                  book.add(
                      machine,
                      years,
                      new KnownValue(
                          idOf(id, v.id()),
                          sheet.stated().valuePlaces(joint).get(0),
                          Objects.requireNonNullElse(
                              v.what().statedFor(), joint.fastener().thread().designation()),
                          v.what().typed(),
                          v.what().source(),
                          v.what().document(),
                          v.what().condition(),
                          job.id(),
                          by.name(),
                          by.id(),
                          at)));
    }
  }

  private static UUID idOf(UUID said, UUID value) {
    return UUID.nameUUIDFromBytes((said + " " + value).getBytes(StandardCharsets.UTF_8));
  }
}
