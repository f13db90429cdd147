package app.unimetric.server.crib;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.LeftEmpty;
import app.unimetric.core.quantity.LengthText;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.table.Changes;
import app.unimetric.core.tool.ToolColumn;
import app.unimetric.core.tool.ToolLine;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A torque tool as it is typed; figures as they stand on the tool, in its own unit.
 *
 * @param unit code of its scale
 * @param min lower end of its trusted span; empty for a fifth of the maximum (ISO 6789-1)
 * @param graduation distance of two marks; empty where it can be set to anything
 * @param deviation percent; empty for the usual one of its type
 * @param presets the only values it offers, apart by spaces; empty when adjustable
 * @param adapterLever from the drive to mid-grip, with its unit; empty without an adapter
 * @param adapterExtension from the drive to the fastener, with its unit
 * @param adapterAngle degrees from straight out; empty for 0
 */
record TypedTool(
    String name,
    ToolType type,
    String unit,
    String min,
    String max,
    String graduation,
    String deviation,
    String presets,
    boolean leftHand,
    String adapterLever,
    String adapterExtension,
    String adapterAngle) {
  private static final int MOST_PRESETS = 100;

  static TypedTool of(ToolRow t) {
    double factor = TorqueUnit.ofCode(t.unit()).orElseThrow().newtonMetres();
    return new TypedTool(
        t.name(),
        t.type(),
        t.unit(),
        typed(t.minNm() / factor),
        typed(t.maxNm() / factor),
        typed(t.graduation()),
        typed(t.deviationPercent()),
        String.join(" ", t.presets().stream().map(TypedTool::typed).toList()),
        t.leftHand(),
        typed(t.adapterLeverMm()),
        typed(t.adapterExtensionMm()),
        typed(t.adapterAngleDeg()));
  }

  /** A line of a sheet. */
  static TypedTool of(ToolLine line) {
    ToolType type = line.type();
    if (type == null) {
      throw new IllegalArgumentException(line.name());
    }
    return new TypedTool(
        line.name(),
        type,
        line.unit().code(),
        line.figure(ToolColumn.MIN),
        line.figure(ToolColumn.MAX),
        line.figure(ToolColumn.GRADUATION),
        line.figure(ToolColumn.DEVIATION),
        line.figure(ToolColumn.PRESETS),
        line.leftHand(),
        line.figure(ToolColumn.ADAPTER_LEVER),
        line.figure(ToolColumn.ADAPTER_EXTENSION),
        line.figure(ToolColumn.ADAPTER_ANGLE));
  }

  /** What is other than before, from what to what. */
  List<String> changesFrom(TypedTool before) {
    return new Changes()
        .of("name", before.name, name)
        .of("type", before.type.words(), type.words())
        .of("unit", before.unit, unit)
        .of("from", before.min, min)
        .of("to", before.max, max)
        .of("graduation", before.graduation, graduation)
        .of("deviation, %", before.deviation, deviation)
        .of("presets", before.presets, presets)
        .of("rated left-handed", yes(before.leftHand), yes(leftHand))
        .of("adapter, drive to grip", before.adapterLever, adapterLever)
        .of("adapter, drive to fastener", before.adapterExtension, adapterExtension)
        .of("adapter angle", before.adapterAngle, adapterAngle)
        .words();
  }

  private static String yes(boolean is) {
    return is ? "yes" : "no";
  }

  /**
   * @throws app.unimetric.core.problem.InvalidInput with each field that is not as it should be
   */
  ToolRow row(UUID id, int cyclesBefore, int version) {
    Problems problems = new Problems();
    TorqueUnit scale = TorqueUnit.ofCode(unit).orElse(null);
    problems.require(scale != null, "unit", "is not one of the torque units.");
    Double most = problems.under("", () -> DecimalText.parse(max, "max"));
    Double least = problems.under("", () -> figure(min, "min"));
    Double mark = problems.under("", () -> figure(graduation, "graduation"));
    Double off = problems.under("", () -> figure(deviation, "deviation"));
    List<Double> only = problems.under("", this::figures);
    Double lever = problems.under("", () -> length(adapterLever, "adapterLever"));
    Double reach = problems.under("", () -> length(adapterExtension, "adapterExtension"));
    Double turned = problems.under("", () -> figure(adapterAngle.replace("-", ""), "adapterAngle"));
    problems.require(
        adapterLever.isBlank() == adapterExtension.isBlank(),
        adapterLever.isBlank() ? "adapterLever" : "adapterExtension",
        "is missing: an adapter needs both lengths, drive to mid-grip and drive to fastener.");
    problems.orThrow();
    if (scale == null || most == null || only == null) {
      throw new IllegalStateException();
    }
    double factor = scale.newtonMetres();
    Double lower = LeftEmpty.none(least);
    Double angle = LeftEmpty.none(turned);
    return new ToolRow(
        id,
        name.strip().replaceAll("\\s+", " "),
        type,
        (lower == null ? lowest(only, most) : lower) * factor,
        most * factor,
        LeftEmpty.none(off),
        LeftEmpty.none(mark),
        scale.code(),
        only,
        cyclesBefore,
        LeftEmpty.none(lever),
        LeftEmpty.none(reach),
        angle == null ? null : adapterAngle.strip().startsWith("-") ? -angle : angle,
        leftHand,
        version);
  }

  private static double lowest(List<Double> presets, double max) {
    return presets.stream().min(Double::compare).orElse(TorqueTool.usualMinimum(max));
  }

  private List<Double> figures() {
    List<Double> figures = new ArrayList<>();
    for (String one : presets.strip().split("[\\s;/·]+")) {
      if (!one.isEmpty() && figures.size() <= MOST_PRESETS) {
        figures.add(DecimalText.parse(one, "presets"));
      }
    }
    return figures;
  }

  private static Double figure(String typed, String field) {
    return LeftEmpty.or(typed, () -> DecimalText.parse(typed, field));
  }

  private static Double length(String typed, String field) {
    return LeftEmpty.or(typed, () -> LengthText.parseMm(typed, field));
  }

  private static String typed(@Nullable Double figure) {
    return figure == null ? "" : Figure.rounded(figure, 4);
  }
}
