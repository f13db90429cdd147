package app.unimetric.documents.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.documents.Versioned;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** A fit as it is stored: what was measured, how it was typed, and what it came to that day. */
public final class FitDocument {
  private static final Versioned<Kept> KEPT = new Versioned<>("fit", Kept.class, List.of());

  private record Kept(
      FitCall call,
      String state,
      JsonNode request,
      @Nullable FitVerdict verdict,
      List<String> said) {}

  private FitDocument() {}

  /**
   * @param request as the call took it
   */
  public static String write(WorkedFit fit, JsonNode request) {
    return KEPT.write(new Kept(fit.call(), fit.state(), request, fit.verdict(), fit.said()));
  }

  /** What was measured, as the call took it; of any version. */
  public static JsonNode request(String text) {
    return KEPT.read(text).request();
  }

  /** Reads a document of any version. */
  public static WorkedFit read(String text) {
    Kept k = KEPT.read(text);
    return new WorkedFit(k.call(), k.state(), k.verdict(), k.said());
  }
}
