package app.unimetric.server.sheet;

import app.unimetric.core.pack.PackJoint;
import app.unimetric.server.book.SisterValue;
import app.unimetric.server.book.StatedBook;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.problem.Refusal;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Values of sister models, offered as such for a joint of a job. */
@RestController
class SisterValuesController {
  private final Jobs jobs;
  private final Sheets sheets;
  private final StatedBook book;
  private final Fleet fleet;

  SisterValuesController(Jobs jobs, Sheets sheets, StatedBook book, Fleet fleet) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.book = book;
    this.fleet = fleet;
  }

  @GetMapping("/api/jobs/{id}/joints/{jointId}/sister-values")
  List<SisterValue> sisters(@PathVariable UUID id, @PathVariable String jointId) {
    Job job = jobs.job(id);
    Sheet sheet = sheets.sheet(job);
    PackJoint joint =
        sheet.pack().joints().stream()
            .filter(j -> j.isNamed(jointId))
            .findFirst()
            .orElseThrow(() -> Refusal.notFound("This joint"));
    return book.sisters(fleet.machine(job.machineId()), sheet.stated().valuePlaces(joint));
  }
}
