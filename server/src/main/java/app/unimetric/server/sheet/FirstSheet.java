package app.unimetric.server.sheet;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.Packs;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.StringNode;

/**
 * Plans, shapes and writes out every job of the catalogue a few times after the start, and plans
 * those that wait, beside everything else and storing nothing, so that the first person to open
 * Today or change a sheet does not wait until the code is compiled.
 */
@Component
@ConditionalOnProperty("unimetric.warm-up")
class FirstSheet {
  private static final int ROUNDS = 3;
  private static final UUID NOBODY = new UUID(0, 0);
  private final Packs packs;
  private final Sheets sheets;
  private final Outlooks outlooks;
  private final Jobs jobs;
  private final JsonMapper json;
  private final Clock clock;

  FirstSheet(
      Packs packs, Sheets sheets, Outlooks outlooks, Jobs jobs, JsonMapper json, Clock clock) {
    this.packs = packs;
    this.sheets = sheets;
    this.outlooks = outlooks;
    this.jobs = jobs;
    this.json = json;
    this.clock = clock;
  }

  @EventListener(ApplicationReadyEvent.class)
  void afterStart() {
    Thread beside = new Thread(this::writeAll, "first-sheet");
    beside.setDaemon(true);
    beside.setPriority(Thread.MIN_PRIORITY);
    beside.start();
  }

  private void writeAll() {
    outlooks.of(jobs.open().stream().filter(j -> !j.started()).toList(), LocalDate.now(clock));
    for (int i = 0; i < ROUNDS; i++) {
      packs.all().forEach(this::write);
    }
  }

  private void write(JobPack pack) {
    String document = packs.offered(pack.key(), null).document();
    SheetSaying.Shaped renamed =
        new SheetSaying.Shaped(
            List.of(
                new ShapeEdit.Put(
                    List.of("title"),
                    StringNode.valueOf(pack.title()),
                    StringNode.valueOf(pack.title() + "."))),
            null,
            "");
    Shaping shaping = Shaping.of(document);
    shaping.take(NOBODY, renamed.edits(), null);
    shaping.check();
    Sheet sheet =
        new Sheet(
            document,
            List.of(
                new SheetRow(
                    NOBODY,
                    renamed.kind(),
                    SheetDocument.write(renamed),
                    "",
                    null,
                    clock.instant())),
            packs::read);
    JobPlan plan = sheets.plan(sheet, LocalDate.now(clock));
    json.writeValueAsString(
        JobSheet.of(
            new Job(NOBODY, 0, NOBODY, "", document, "", null, clock.instant(), false, null, 0),
            new Machine(
                NOBODY,
                "",
                pack.machineKind(),
                "",
                "",
                0,
                "",
                "",
                "",
                MeterKind.KM,
                "",
                "",
                0,
                null,
                null,
                null),
            plan,
            sheet,
            sheets.cost(sheet, plan),
            null,
            List.of(),
            ""));
  }
}
