package app.unimetric.tablet;

import app.unimetric.core.bench.OtherTool;
import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.bench.StepKind;
import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.Side;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A run sheet as the server sends it. */
final class RunSheetReader {
  private RunSheetReader() {}

  static RunSheet read(JsonObject o) {
    Fields f = new Fields(o);
    return new RunSheet(
        f.text("title"),
        f.flag("critical"),
        f.texts("cautions"),
        f.list("joints", RunSheetReader::joint),
        f.list("steps", RunSheetReader::step),
        f.wholeOrNull("lookAgainMinutes"));
  }

  private static RunJoint joint(JsonValue value) {
    Fields f = new Fields(value.asObject());
    return new RunJoint(
        f.text("id"),
        f.text("title"),
        f.text("thread"),
        f.whole("count"),
        f.one("layout", Layout.values()),
        f.list("positions", RunSheetReader::position),
        f.flag("critical"),
        f.text("stated"),
        band(f.objectOrNull("band")),
        f.numberOrNull("aimNm"),
        f.numberOrNull("ceilingNm"),
        f.text("compound"),
        f.text("direction"),
        f.flag("leftHand"),
        f.list("otherTools", RunSheetReader::otherTool),
        cure(f.objectOrNull("cure")),
        f.flagSince("cured"));
  }

  private static FastenerPosition position(JsonValue value) {
    Fields f = new Fields(value.asObject());
    return new FastenerPosition(f.whole("number"), f.number("x"), f.number("y"));
  }

  private static RunJoint.@Nullable Cure cure(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new RunJoint.Cure(
        f.text("product"), f.numberOrNull("fixtureMinutes"), f.numberOrNull("fullCureMinutes"));
  }

  private static OtherTool otherTool(JsonValue value) {
    Fields f = new Fields(value.asObject());
    Map<String, OtherTool.SetTo> steps = new LinkedHashMap<>();
    for (JsonObject.Member member : f.object("steps")) {
      Fields set = new Fields(member.getValue().asObject());
      steps.put(
          member.getName(),
          new OtherTool.SetTo(
              reading(set.objectOrNull("reading")),
              set.numberOrNull("settingNm"),
              set.numberOrNull("mayStandToNm")));
    }
    return new OtherTool(f.text("toolId"), f.text("name"), f.text("words"), steps);
  }

  private static RunStep step(JsonValue value) {
    Fields f = new Fields(value.asObject());
    return new RunStep(
        f.text("id"),
        f.one("kind", StepKind.values()),
        f.text("group"),
        f.text("title"),
        f.text("text"),
        f.textOrNull("jointId"),
        f.number("percent"),
        f.list("order", JsonValue::asInt),
        band(f.objectOrNull("band")),
        reading(f.objectOrNull("reading")),
        f.numberOrNull("settingNm"),
        f.textOrNull("toolId"),
        f.textOrNull("toolName"),
        f.flag("hold"),
        f.texts("traps"),
        measure(f.objectOrNull("measure")),
        f.textOrNull("comparesWith"),
        f.flag("judged"),
        f.numberOrNull("mayStandToNm"),
        castellation(f.objectOrNull("castellation")));
  }

  private static @Nullable Castellation castellation(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new Castellation(f.whole("slots"), f.whole("holes"));
  }

  private static @Nullable TorqueBand band(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return TorqueBand.of(f.number("minNm"), f.number("maxNm"));
  }

  private static @Nullable ScaleReading reading(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new ScaleReading(f.number("figure"), unit(f.text("unit")), f.numberOrNull("graduation"));
  }

  private static @Nullable Measure measure(@Nullable JsonObject o) {
    if (o == null) {
      return null;
    }
    Fields f = new Fields(o);
    return new Measure(
        f.text("what"),
        f.textOrNull("unit"),
        f.numberOrNull("min"),
        f.numberOrNull("max"),
        f.textOrNull("limit"),
        f.numberOrNull("within"),
        f.oneOrNull("onPart", Measure.End.values()),
        f.oneOrNull("side", Side.values()));
  }

  /** A unit by its code. */
  static TorqueUnit unit(String code) {
    return TorqueUnit.ofCode(code).orElseThrow();
  }
}
