package app.unimetric.tablet;

import app.unimetric.core.bench.CureClock;
import app.unimetric.core.bench.DueSlot;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.MovedFastener;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.SlotAhead;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.bench.Tray;
import app.unimetric.core.device.CurveVerdict;
import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Where a run stands, as the server says it. */
final class StateWriter {
  private StateWriter() {}

  static JsonObject write(RunState s) {
    JsonObject o = new JsonObject();
    put(o, "currentStep", s.currentStep());
    put(o, "nextFastener", s.nextFastener());
    o.add("round", s.round());
    put(o, "pending", s.pending(), StateWriter::entry);
    o.add("doneSteps", list(s.doneSteps(), Json::value));
    o.add("doneFasteners", list(s.doneFasteners(), n -> Json.value((int) n)));
    JsonObject percents = new JsonObject();
    s.percentByFastener().forEach((n, percent) -> percents.add(String.valueOf(n), percent));
    o.add("percentByFastener", percents);
    o.add("permits", list(s.permits(), k -> Json.value(k.name())));
    put(o, "dueSlot", s.dueSlot(), StateWriter::dueSlot);
    put(o, "stepAmended", s.stepAmended(), StateWriter::step);
    JsonObject taken = new JsonObject();
    s.toolsTaken().forEach(taken::add);
    o.add("toolsTaken", taken);
    put(o, "toolOut", s.toolOut());
    o.add("entries", list(s.entries(), StateWriter::entry));
    o.add("clocks", list(s.clocks(), StateWriter::clock));
    o.add("signedOff", s.signedOff());
    return o;
  }

  static JsonObject write(Summary s) {
    return new JsonObject()
        .add("outOfBand", list(s.outOfBand(), StateWriter::entry))
        .add("foundBad", list(s.foundBad(), StateWriter::entry))
        .add("left", list(s.left(), StateWriter::entry))
        .add("moved", list(s.moved(), StateWriter::entry))
        .add("byFeel", list(s.byFeel(), Json::value))
        .add("startedAgain", list(s.startedAgain(), StateWriter::entry))
        .add("corrected", list(s.corrected(), StateWriter::entry))
        .add("clean", s.isClean());
  }

  static JsonArray trays(List<Tray> trays) {
    return list(
        trays,
        t -> {
          JsonObject o = new JsonObject();
          put(o, "side", t.side() == null ? null : t.side().name());
          return o.add("words", t.words()).add("holds", list(t.holds(), Json::value));
        });
  }

  private static JsonObject entry(Entry e) {
    JsonObject o = new JsonObject();
    o.add("event", event(e.event()));
    o.add("round", e.round());
    put(o, "shown", e.shown());
    put(o, "torqueNm", e.torqueNm());
    put(o, "verdict", e.verdict() == null ? null : e.verdict().name());
    put(o, "notCounted", e.notCounted());
    put(o, "acceptedReason", e.acceptedReason());
    put(o, "correctedBy", e.correctedBy() == null ? null : e.correctedBy().toString());
    put(o, "curve", e.curve(), StateWriter::curve);
    o.add("reading", e.isReading());
    o.add("deviation", e.isDeviation());
    return o;
  }

  private static JsonObject curve(CurveVerdict c) {
    return new JsonObject().add("shape", c.shape().name()).add("words", c.words());
  }

  private static JsonObject event(RunEvent e) {
    JsonObject o = new JsonObject();
    o.add("id", e.id().toString());
    o.add("stepId", e.stepId());
    o.add("kind", e.kind().name());
    put(o, "fastener", e.fastener());
    put(o, "value", e.value());
    put(o, "unit", e.unit() == null ? null : e.unit().code());
    put(o, "reason", e.reason());
    put(o, "finding", e.finding() == null ? null : e.finding().name());
    put(o, "limit", e.limit());
    put(o, "toolId", e.toolId());
    put(o, "corrects", e.corrects() == null ? null : e.corrects().toString());
    put(o, "curve", e.curve());
    put(o, "moved", e.moved(), StateWriter::moved);
    put(o, "slot", e.slot(), StateWriter::slot);
    o.add("by", signature(e.by()));
    put(o, "witness", e.witness(), StateWriter::signature);
    JsonObject time = new JsonObject();
    time.add("doneAt", e.time().doneAt().toString());
    time.add("receivedAt", e.time().receivedAt().toString());
    time.add("deviceAheadSeconds", e.time().deviceAheadSeconds());
    time.add("clockWrong", e.time().isClockWrong());
    o.add("time", time);
    return o;
  }

  private static JsonObject moved(MovedFastener m) {
    JsonObject o = new JsonObject().add("cause", m.cause().name());
    put(o, "angleDeg", m.angleDeg());
    put(o, "gripMm", m.gripMm());
    return o;
  }

  private static JsonObject slot(SlotAhead s) {
    JsonObject o = new JsonObject().add("turnDeg", s.turnDeg());
    put(o, "nmPerDegree", s.nmPerDegree());
    return o.add("aligned", s.isAligned());
  }

  private static JsonObject dueSlot(DueSlot s) {
    JsonObject o = new JsonObject();
    put(o, "torqueNowNm", s.torqueNowNm());
    put(o, "nmPerDegree", s.nmPerDegree());
    put(o, "advice", s.advice());
    return o;
  }

  private static JsonObject castellation(Castellation c) {
    return new JsonObject().add("slots", c.slots()).add("holes", c.holes());
  }

  private static JsonObject signature(Signature s) {
    return new JsonObject()
        .add("id", s.id().toString())
        .add("name", s.name())
        .add("lead", s.lead());
  }

  private static JsonObject clock(CureClock c) {
    JsonObject o = new JsonObject();
    o.add("jointId", c.jointId());
    o.add("title", c.title());
    o.add("product", c.product());
    o.add("wettedAt", c.wettedAt().toString());
    put(o, "finalBy", c.finalBy() == null ? null : c.finalBy().toString());
    put(o, "finalAt", c.finalAt() == null ? null : c.finalAt().toString());
    o.add("late", c.late());
    put(o, "ridableFrom", c.ridableFrom() == null ? null : c.ridableFrom().toString());
    o.add("words", c.words());
    return o;
  }

  private static JsonObject step(RunStep s) {
    JsonObject o = new JsonObject();
    o.add("id", s.id());
    o.add("kind", s.kind().name());
    o.add("group", s.group());
    o.add("title", s.title());
    o.add("text", s.text());
    put(o, "jointId", s.jointId());
    o.add("percent", s.percent());
    o.add("order", list(s.order(), n -> Json.value((int) n)));
    put(o, "band", s.band(), StateWriter::band);
    put(o, "reading", s.reading(), StateWriter::reading);
    put(o, "settingNm", s.settingNm());
    put(o, "toolId", s.toolId());
    put(o, "toolName", s.toolName());
    o.add("hold", s.hold());
    o.add("traps", list(s.traps(), Json::value));
    put(o, "measure", s.measure(), StateWriter::measure);
    put(o, "comparesWith", s.comparesWith());
    o.add("judged", s.judged());
    put(o, "mayStandToNm", s.mayStandToNm());
    put(o, "castellation", s.castellation(), StateWriter::castellation);
    o.add("doneWithATool", s.isDoneWithATool());
    return o;
  }

  private static JsonObject band(TorqueBand b) {
    return new JsonObject().add("minNm", b.minNm()).add("maxNm", b.maxNm());
  }

  private static JsonObject reading(ScaleReading r) {
    JsonObject o = new JsonObject();
    o.add("figure", r.figure());
    o.add("unit", unit(r.unit()));
    put(o, "graduation", r.graduation());
    o.add("onScale", r.onScale());
    o.add("text", r.text());
    return o;
  }

  private static JsonObject measure(Measure m) {
    JsonObject o = new JsonObject();
    o.add("what", m.what());
    put(o, "unit", m.unit());
    put(o, "min", m.min());
    put(o, "max", m.max());
    put(o, "limit", m.limit());
    put(o, "within", m.within());
    put(o, "onPart", m.onPart() == null ? null : m.onPart().name());
    put(o, "side", m.side() == null ? null : m.side().name());
    return o;
  }

  private static String unit(TorqueUnit unit) {
    return unit.code();
  }

  private static <T> JsonArray list(Collection<T> of, Function<T, JsonValue> write) {
    JsonArray array = new JsonArray();
    of.forEach(one -> array.add(write.apply(one)));
    return array;
  }

  private static <T> void put(
      JsonObject o, String name, @Nullable T value, Function<T, JsonValue> write) {
    if (value != null) {
      o.add(name, write.apply(value));
    }
  }

  private static void put(JsonObject o, String name, @Nullable String value) {
    put(o, name, value, Json::value);
  }

  private static void put(JsonObject o, String name, @Nullable Double value) {
    put(o, name, value, Json::value);
  }

  private static void put(JsonObject o, String name, @Nullable Integer value) {
    put(o, name, value, (Integer n) -> Json.value((int) n));
  }
}
