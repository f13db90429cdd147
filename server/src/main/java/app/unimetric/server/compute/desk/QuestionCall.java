package app.unimetric.server.compute.desk;

import app.unimetric.core.ask.JointQuestion;
import app.unimetric.core.ask.Question;
import app.unimetric.core.ask.QuestionText;
import app.unimetric.core.ask.SettingQuestion;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Resolver;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.tool.Adapter;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import app.unimetric.server.compute.joint.JointCall;
import app.unimetric.server.compute.joint.JointFields;
import app.unimetric.server.compute.joint.TorqueFields;
import app.unimetric.server.compute.tool.SettingCall;
import app.unimetric.server.compute.torque.AskCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** A whole question in one line, answered by the call it amounts to. */
@ComputeCall
public final class QuestionCall {

  @Schema(name = "QuestionRequest", example = "{\"text\": \"M8 8.8 into cast aluminium 12 mm\"}")
  public record Request(@Schema(description = "at most 200 characters") String text) {}

  @Schema(name = "JointQuestion", description = "the joint call it amounts to, with its answer")
  public record Joint(JointCall.Request request, JointCall.Response answer, String thread) {}

  @Schema(name = "SettingQuestion", description = "the setting call it amounts to")
  public record SettingAnswer(SettingCall.Request request, SettingCall.Response answer) {}

  @Schema(
      name = "WantedSetting",
      description = "band and aim a tool is wanted for, N·m; the tool's span when one was named")
  public record Wanted(
      double bandMinNm,
      double bandMaxNm,
      @Nullable Double aimNm,
      @Nullable Double capNm,
      @Nullable Double spanMinNm,
      @Nullable Double spanMaxNm,
      boolean adapter) {}

  @Schema(name = "QuestionResponse", description = "one of torque, joint and setting by its kind")
  public record Response(
      Question.Kind kind,
      AskCall.@Nullable Response torque,
      @Nullable Joint joint,
      @Nullable SettingAnswer setting,
      @Nullable Wanted wanted,
      @Schema(description = "unit it was asked to be told in") @Nullable TorqueUnit toldIn,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "A whole question in one line: a torque, a joint or a setting")
  @PostMapping("/question")
  Response question(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Question q = Fields.at("text", () -> QuestionText.parse(r.text()));
    List<String> reasons = new ArrayList<>(q.cautions());
    reasons.addAll(q.assumed());
    StatedValue torque = q.torque();
    AskCall.Response asked = torque == null ? null : AskCall.answer(torque, why);
    Joint joint = q.kind() == Question.Kind.JOINT ? joint(q, why) : null;
    SettingAnswer setting = q.kind() == Question.Kind.SETTING ? setting(q, reasons, why) : null;
    return new Response(
        q.kind(),
        asked,
        joint,
        setting,
        torque == null ? null : wanted(q, torque),
        q.wanted(),
        reasons,
        why ? List.of() : null);
  }

  private static @Nullable Wanted wanted(Question q, StatedValue torque) {
    Resolution resolved = Resolver.resolve(List.of(torque), JointContext.plain());
    TorqueBand band = resolved.band();
    Question.ToolSpan tool = q.tool();
    return band == null
        ? null
        : new Wanted(
            band.minNm(),
            band.maxNm(),
            resolved.aimNm(),
            resolved.capNm(),
            tool == null ? null : (Double) tool.minNm(),
            tool == null ? null : (Double) tool.maxNm(),
            q.extensionMm() != null);
  }

  private static Joint joint(Question q, boolean why) {
    JointQuestion asked = q.joint();
    if (asked == null) {
      throw Fields.missingAt("text");
    }
    JointCall.Request request =
        new JointCall.Request(JointFields.of(asked), TorqueFields.NONE.with(asked.torque()));
    JointCall.Response answer = Fields.at("text", () -> JointCall.answer(request, why));
    return new Joint(request, answer, asked.thread().designation());
  }

  private static SettingAnswer setting(Question q, List<String> reasons, boolean why) {
    SettingQuestion asked = Fields.at("text", q::setting);
    TorqueBand band = Objects.requireNonNull(asked.wanted().band());
    TorqueTool tool = asked.tool();
    Adapter adapter = asked.adapter();
    reasons.addAll(asked.reasons());
    SettingCall.Request request =
        new SettingCall.Request(
            band.minNm(),
            band.maxNm(),
            asked.wanted().aimNm(),
            asked.wanted().capNm(),
            new SettingCall.Tool(tool.minNm(), tool.maxNm(), null, null, tool.unit(), null),
            adapter == null
                ? null
                : new SettingCall.Extension(
                    adapter.leverMm(), adapter.extensionMm(), adapter.angleDeg()));
    return new SettingAnswer(request, Fields.at("text", () -> SettingCall.answer(request, why)));
  }
}
