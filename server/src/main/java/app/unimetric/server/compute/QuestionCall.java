package app.unimetric.server.compute;

import app.unimetric.core.ask.Question;
import app.unimetric.core.ask.QuestionText;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.spec.JointContext;
import app.unimetric.core.spec.Resolution;
import app.unimetric.core.spec.Resolver;
import app.unimetric.core.spec.SpecValue;
import app.unimetric.core.thread.MetricThread;
import app.unimetric.core.tool.TypicalLever;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** A whole question in one line, answered by the call it amounts to. */
final class QuestionCall {
  private QuestionCall() {}

  @Schema(name = "QuestionRequest", example = "{\"text\": \"M8 8.8 into cast aluminium 12 mm\"}")
  record Request(@Schema(description = "at most 200 characters") String text) {}

  @Schema(name = "JointQuestion", description = "the joint call it amounts to, with its answer")
  record Joint(JointCall.Request request, JointCall.Response answer, String thread) {}

  @Schema(name = "SettingQuestion", description = "the setting call it amounts to")
  record SettingQuestion(SettingCall.Request request, SettingCall.Response answer) {}

  @Schema(
      name = "WantedSetting",
      description = "band and aim a tool is wanted for, N·m; the tool's span when one was named")
  record Wanted(
      double bandMinNm,
      double bandMaxNm,
      @Nullable Double aimNm,
      @Nullable Double capNm,
      @Nullable Double spanMinNm,
      @Nullable Double spanMaxNm,
      boolean adapter) {}

  @Schema(name = "QuestionResponse", description = "one of torque, joint and setting by its kind")
  record Response(
      Question.Kind kind,
      AskCall.@Nullable Response torque,
      @Nullable Joint joint,
      @Nullable SettingQuestion setting,
      @Nullable Wanted wanted,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    Question q = Fields.at("text", () -> QuestionText.parse(r.text()));
    List<String> reasons = new ArrayList<>(q.assumed());
    SpecValue torque = q.torque();
    AskCall.Response asked = torque == null ? null : AskCall.answer(torque, why);
    Joint joint = q.kind() == Question.Kind.JOINT ? joint(q, why) : null;
    SettingQuestion setting =
        q.kind() == Question.Kind.SETTING ? setting(q, torque, reasons, why) : null;
    return new Response(
        q.kind(),
        asked,
        joint,
        setting,
        torque == null ? null : wanted(q, torque),
        reasons,
        why ? List.of() : null);
  }

  private static @Nullable Wanted wanted(Question q, SpecValue torque) {
    Resolution resolved = Resolver.resolve(List.of(torque), JointContext.plain());
    TorqueBand band = resolved.band();
    Question.ToolSpan tool = q.tool();
    double unitNm = tool == null ? 1 : tool.unit().newtonMetres();
    return band == null
        ? null
        : new Wanted(
            band.minNm(),
            band.maxNm(),
            resolved.aimNm(),
            resolved.capNm(),
            tool == null ? null : (Double) (tool.min() * unitNm),
            tool == null ? null : (Double) (tool.max() * unitNm),
            q.extensionMm() != null);
  }

  private static Joint joint(Question q, boolean why) {
    MetricThread thread = q.thread();
    if (thread == null) {
      throw Fields.missingAt("text");
    }
    TorqueBand band = q.torque() == null ? null : q.torque().statedNm();
    Double single = band != null && band.minNm() == band.maxNm() ? (Double) band.minNm() : null;
    double engaged = q.engagementMm() == null ? thread.nominalDiameterMm() : q.engagementMm();
    JointCall.Request request =
        new JointCall.Request(
            new ThreadCall.Request(thread.nominalDiameterMm(), thread.pitchMm()),
            q.material() == null ? "8.8" : q.material().mark(),
            null,
            null,
            null,
            q.condition() == null ? FrictionCondition.UNKNOWN : q.condition(),
            null,
            q.head(),
            null,
            single,
            band == null || single != null
                ? null
                : new JointFields.Span(band.minNm(), band.maxNm()),
            null,
            null,
            q.female() == null
                ? null
                : new JointFields.EngagementFields(engaged, q.female(), null, null),
            null,
            null,
            null,
            null);
    JointCall.Response answer = Fields.at("text", () -> JointCall.answer(request, why));
    return new Joint(request, answer, thread.designation());
  }

  private static SettingQuestion setting(
      Question q, @Nullable SpecValue torque, List<String> reasons, boolean why) {
    Question.ToolSpan tool = q.tool();
    if (torque == null) {
      throw InvalidInput.at("text", "Add the torque wanted, such as “10-12 Nm”.");
    }
    if (tool == null) {
      throw InvalidInput.at("text", "Add the tool by its span, such as “on the 5-25 tool”.");
    }
    Resolution wanted = Resolver.resolve(List.of(torque), JointContext.plain());
    TorqueBand band = wanted.band();
    if (band == null) {
      throw InvalidInput.at("text", "This has no figure to set; add one such as “10-12 Nm”.");
    }
    reasons.add(
        String.format(
            Locale.ROOT,
            "The band is %.1f–%.1f N·m, the aim %.1f.",
            band.minNm(),
            band.maxNm(),
            wanted.aimNm() == null ? band.middleNm() : wanted.aimNm()));
    TorqueUnit unit = tool.unit();
    double maxNm = tool.max() * unit.newtonMetres();
    SettingCall.Extension extension = null;
    if (q.extensionMm() != null) {
      Double lever = q.leverMm();
      if (lever == null) {
        lever = TypicalLever.ofMaximum(maxNm);
        reasons.add(
            "A lever of "
                + lever.intValue()
                + " mm is assumed, typical of this size; measure from drive centre to mid-grip and add “lever 230 mm”.");
      }
      extension =
          new SettingCall.Extension(
              lever, q.extensionMm(), q.angleDeg() == null ? 0 : q.angleDeg());
    }
    SettingCall.Request request =
        new SettingCall.Request(
            band.minNm(),
            band.maxNm(),
            wanted.aimNm(),
            wanted.capNm(),
            new SettingCall.Tool(tool.min() * unit.newtonMetres(), maxNm, null, null, unit, null),
            extension);
    return new SettingQuestion(request, Fields.at("text", () -> SettingCall.answer(request, why)));
  }
}
