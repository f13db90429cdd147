package app.unimetric.server.sheet;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.server.pack.Packs;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.StringNode;

/**
 * Plans and shapes every job of the catalogue once after the start, beside everything else, so that
 * the first person to change a sheet does not wait until the code is compiled.
 */
@Component
@ConditionalOnProperty("unimetric.warm-up")
class FirstSheet {
  private static final List<String> TITLE = List.of("title");
  private final Packs packs;
  private final Clock clock;

  FirstSheet(Packs packs, Clock clock) {
    this.packs = packs;
    this.clock = clock;
  }

  @EventListener(ApplicationReadyEvent.class)
  void afterStart() {
    Thread beside = new Thread(this::planAll, "first-sheet");
    beside.setDaemon(true);
    beside.setPriority(Thread.MIN_PRIORITY);
    beside.start();
  }

  void planAll() {
    Circumstances empty = Circumstances.of(List.of(), LocalDate.now(clock));
    for (JobPack pack : packs.all()) {
      Shaping shaping = Shaping.of(packs.offered(pack.key()).document());
      shaping.take(
          UUID.randomUUID(),
          List.of(
              new ShapeEdit.Put(
                  TITLE, StringNode.valueOf(pack.title()), StringNode.valueOf(pack.title() + "."))),
          null);
      shaping.check();
      JobPlan.of(pack.answered(Answers.NONE), empty);
    }
  }
}
