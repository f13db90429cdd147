package app.unimetric.tablet;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.bench.Tray;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A run on a device: the log as far as the server told it, and what was said here since. What comes
 * of the two together is provisional until the server has taken it; the replay is the core's own.
 */
final class TabletRun {
  private final RunSheet sheet;
  private final Replay told;

  private TabletRun(RunSheet sheet, Replay told) {
    this.sheet = sheet;
    this.told = told;
  }

  /**
   * @param page with the sheet, the tools out of use and the entries of the log
   */
  static TabletRun of(String page) {
    Fields f = Fields.of(Json.parse(page));
    RunSheet sheet = Reads.runSheet(f.object("sheet"));
    Replay begun = Replay.begin(sheet, Reads.toolsOut(f.object("toolsOut")));
    return new TabletRun(sheet, begun.with(f.list("entries", TabletRun::event)));
  }

  /** The same run after the server told more. */
  TabletRun with(String entries) {
    return new TabletRun(sheet, told.with(Fields.list(Json.parse(entries), TabletRun::event)));
  }

  private static RunEvent event(JsonValue entry) {
    return Reads.runEvent(Fields.of(entry).object("event"));
  }

  /**
   * Where it stands with what waits here.
   *
   * @param waiting what was said, each with who said it, perhaps a witness, and when
   * @return the state, the trays and, once due, the summary; or the problem with the last one said
   */
  String standing(String waiting) {
    List<RunEvent> said;
    try {
      said = Fields.list(Json.parse(waiting), TabletRun::said);
    } catch (InvalidInput wrong) {
      Problem first = wrong.problems().get(0);
      JsonObject told =
          new JsonObject().add("field", first.field()).add("message", first.message());
      return new JsonObject().add("problem", told).toString();
    }
    RunState state = told.with(said).state();
    JsonObject answer =
        new JsonObject()
            .add("state", Writes.runState(state))
            .add("trays", Put.list(Tray.of(sheet, state), Writes::tray));
    Summary summary = Summary.whenDue(sheet, state);
    if (summary != null) {
      answer.add("summary", Writes.summary(summary));
    }
    return answer.toString();
  }

  private static RunEvent said(JsonValue waiting) {
    Fields f = Fields.of(waiting);
    Fields entry = f.object("entry");
    return new RunEvent(
        UUID.fromString(entry.text("id")),
        entry.text("stepId"),
        entry.wholeOrNull("fastener"),
        Reads.said(entry.object("said")),
        Reads.signature(f.object("by")),
        f.objectOrNull("witness", Reads::signature),
        EntryTime.at(Instant.parse(f.text("at"))));
  }
}
