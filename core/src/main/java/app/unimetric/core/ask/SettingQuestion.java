package app.unimetric.core.ask;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Resolver;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.tool.Adapter;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.core.tool.TypicalLever;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A setting asked for in one line, worked out as far as the line says.
 *
 * @param wanted band and aim the torque comes to
 * @param tool the tool named by its span
 * @param adapter null when none was named
 * @param reasons what was taken for granted, in words
 */
public record SettingQuestion(
    Resolution wanted, TorqueTool tool, @Nullable Adapter adapter, List<String> reasons) {
  public SettingQuestion {
    reasons = List.copyOf(reasons);
  }

  static SettingQuestion of(Question q) {
    StatedValue torque = q.torque();
    Question.ToolSpan span = q.tool();
    if (torque == null) {
      throw InvalidInput.at("text", "Add the torque wanted, such as “10-12 Nm”.");
    }
    if (span == null) {
      throw InvalidInput.at("text", "Add the tool by its span, such as “on the 5-25 tool”.");
    }
    Resolution wanted = Resolver.resolve(List.of(torque), JointContext.plain());
    TorqueBand band = wanted.band();
    Double aim = wanted.aimNm();
    if (band == null || aim == null) {
      throw InvalidInput.at("text", "This has no figure to set; add one such as “10-12 Nm”.");
    }
    List<String> reasons = new ArrayList<>();
    reasons.add(
        "The band is "
            + Figure.fixed(band.minNm(), 1)
            + "–"
            + Figure.fixed(band.maxNm(), 1)
            + " N·m, the aim "
            + Figure.fixed(aim, 1)
            + ".");
    TorqueTool tool =
        new TorqueTool(span.minNm(), span.maxNm(), null, null, span.unit(), List.of());
    return new SettingQuestion(wanted, tool, adapter(q, span, reasons), reasons);
  }

  private static @Nullable Adapter adapter(
      Question q, Question.ToolSpan span, List<String> reasons) {
    Double extension = q.extensionMm();
    if (extension == null) {
      return null;
    }
    Double lever = q.leverMm();
    if (lever == null) {
      lever = TypicalLever.ofMaximum(span.maxNm());
      reasons.add(
          "A lever of "
              + Figure.rounded(lever, 0)
              + " mm is assumed, typical of this size; measure from drive centre to mid-grip and add “lever 230 mm”.");
    }
    return new Adapter(lever, extension, q.angleDeg() == null ? 0 : q.angleDeg());
  }
}
