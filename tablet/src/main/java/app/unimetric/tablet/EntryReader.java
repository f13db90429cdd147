package app.unimetric.tablet;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Finding;
import app.unimetric.core.bench.MovedFastener;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.Saying;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.SlotAhead;
import app.unimetric.core.bench.ToolsOut;
import app.unimetric.core.recheck.MovedCause;
import app.unimetric.core.tool.ToolStanding.Span;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is in a log as the server sends it, and what waits to come into it. */
final class EntryReader {
  private EntryReader() {}

  static RunEvent event(JsonObject o) {
    Fields f = new Fields(o);
    String unit = f.textOrNull("unit");
    return new RunEvent(
        UUID.fromString(f.text("id")),
        f.text("stepId"),
        f.one("kind", EventKind.values()),
        f.wholeOrNull("fastener"),
        f.numberOrNull("value"),
        unit == null ? null : RunSheetReader.unit(unit),
        f.textOrNull("reason"),
        f.oneOrNull("finding", Finding.values()),
        f.numberOrNull("limit"),
        f.textOrNull("toolId"),
        id(f.textOrNull("corrects")),
        f.textOrNull("curve"),
        moved(f.objectOrNull("moved")),
        slot(f.objectOrNull("slot")),
        signature(f.object("by")),
        witness(f.objectOrNull("witness")),
        time(f.object("time")));
  }

  static Saying saying(JsonObject o) {
    Fields f = new Fields(o);
    String unit = f.textOrNull("unit");
    return new Saying(
        UUID.fromString(f.text("id")),
        f.text("stepId"),
        f.one("kind", EventKind.values()),
        f.wholeOrNull("fastener"),
        f.textOrNull("typed"),
        unit == null ? null : RunSheetReader.unit(unit),
        f.textOrNull("reason"),
        f.oneOrNull("finding", Finding.values()),
        f.textOrNull("limit"),
        f.textOrNull("toolId"),
        id(f.textOrNull("corrects")),
        f.textOrNull("curve"),
        typedMovement(f.objectOrNull("moved")),
        typedSlot(f.objectOrNull("slot")));
  }

  private static @Nullable MovedFastener moved(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new MovedFastener(
        f.one("cause", MovedCause.values()), f.numberOrNull("angleDeg"), f.numberOrNull("gripMm"));
  }

  private static Saying.@Nullable TypedMovement typedMovement(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new Saying.TypedMovement(
        f.one("cause", MovedCause.values()), f.textOrNull("angleDeg"), f.textOrNull("gripMm"));
  }

  private static @Nullable SlotAhead slot(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new SlotAhead(f.number("turnDeg"), f.numberOrNull("nmPerDegree"));
  }

  private static Saying.@Nullable TypedSlot typedSlot(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new Saying.TypedSlot(f.text("turnDeg"), f.textOrNull("nmPerDegree"));
  }

  static Signature signature(JsonObject o) {
    Fields f = new Fields(o);
    return new Signature(UUID.fromString(f.text("id")), f.text("name"), f.flag("lead"));
  }

  static @Nullable Signature witness(@Nullable JsonObject o) {
    return o == null ? null : signature(o);
  }

  static ToolsOut toolsOut(JsonObject o) {
    Map<String, List<Span>> spans = new LinkedHashMap<>();
    Fields f = new Fields(o);
    for (String tool : o.names()) {
      spans.put(tool, f.list(tool, EntryReader::span));
    }
    return new ToolsOut(spans);
  }

  private static Span span(JsonValue value) {
    Fields f = new Fields(value.asObject());
    String until = f.textOrNull("until");
    return new Span(
        Instant.parse(f.text("from")), until == null ? null : Instant.parse(until), f.text("why"));
  }

  private static EntryTime time(JsonObject o) {
    Fields f = new Fields(o);
    return new EntryTime(
        Instant.parse(f.text("doneAt")),
        Instant.parse(f.text("receivedAt")),
        (long) f.number("deviceAheadSeconds"));
  }

  private static @Nullable UUID id(@Nullable String written) {
    return written == null ? null : UUID.fromString(written);
  }
}
