package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.Judged;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.core.problem.InvalidInput;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.core.ResolvableType;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Works out again what is to be kept, so that no verdict is taken from outside. */
@Component
public class FitJudge {
  private static final int LONGEST_STATE = 4000;
  private final Map<FitCall, FitAsked<?>> calls = new EnumMap<>(FitCall.class);
  private final JsonMapper json;

  FitJudge(List<FitAsked<?>> calls, JsonMapper json) {
    calls.forEach(c -> this.calls.put(c.call(), c));
    this.json = json;
  }

  /**
   * @param state the address part that shows it again
   * @param request as the call takes it
   * @throws InvalidInput where it is not what the call takes
   */
  public WorkedFit work(FitCall call, String state, JsonNode request) {
    if (!state.startsWith("?") || state.length() > LONGEST_STATE) {
      throw InvalidInput.at("state", "is not an address of the fit desk.");
    }
    FitAsked<?> asked = calls.get(call);
    if (asked == null) {
      throw InvalidInput.at("call", "is no calculation of fit.");
    }
    Judged judged = judge(asked, request);
    return new WorkedFit(call, state, judged.inShort(), judged.reasons());
  }

  /** What a calculation takes, as its class says. */
  @SuppressWarnings("unchecked")
  private static <R> Class<R> takenBy(FitAsked<R> asked) {
    return (Class<R>)
        Objects.requireNonNull(
            ResolvableType.forInstance(asked).as(FitAsked.class).resolveGeneric(0));
  }

  private <R> Judged judge(FitAsked<R> asked, JsonNode request) {
    try {
      return asked.judge(json.treeToValue(request, takenBy(asked)));
    } catch (JacksonException e) {
      throw InvalidInput.at("request", "is not what this calculation takes.");
    }
  }
}
