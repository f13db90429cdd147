package app.unimetric.tablet;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.bench.Tray;
import app.unimetric.core.problem.InvalidInput;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

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
    Fields f = new Fields(Json.parse(page).asObject());
    RunSheet sheet = RunSheetReader.read(f.object("sheet"));
    Replay begun = Replay.begin(sheet, EntryReader.toolsOut(f.object("toolsOut")));
    return new TabletRun(sheet, begun.with(events(f.list("entries", v -> v))));
  }

  /** The same run after the server told more. */
  TabletRun with(String entries) {
    List<JsonValue> more = new ArrayList<>();
    Json.parse(entries).asArray().forEach(more::add);
    return new TabletRun(sheet, told.with(events(more)));
  }

  private static List<RunEvent> events(List<JsonValue> entries) {
    return entries.stream()
        .map(v -> EntryReader.event(v.asObject().get("event").asObject()))
        .toList();
  }

  /**
   * Where it stands with what waits here.
   *
   * @param waiting what was said, each with who said it, perhaps a witness, and when
   * @return the state, the trays and, once due, the summary; or the problem with the last one said
   */
  String standing(String waiting) {
    List<RunEvent> said = new ArrayList<>();
    JsonArray all = Json.parse(waiting).asArray();
    try {
      all.forEach(one -> said.add(said(one.asObject())));
    } catch (InvalidInput wrong) {
      return new JsonObject().add("problem", wrong.problems().get(0).message()).toString();
    }
    RunState state = told.with(said).state();
    JsonObject answer =
        new JsonObject()
            .add("state", StateWriter.write(state))
            .add("trays", StateWriter.trays(Tray.of(sheet, state)));
    Summary summary = Summary.whenDue(sheet, state);
    if (summary != null) {
      answer.add("summary", StateWriter.write(summary));
    }
    return answer.toString();
  }

  private static RunEvent said(JsonObject o) {
    Fields f = new Fields(o);
    return EntryReader.saying(f.object("said"))
        .by(
            EntryReader.signature(f.object("by")),
            EntryReader.witness(f.objectOrNull("witness")),
            EntryTime.at(Instant.parse(f.text("at"))));
  }
}
