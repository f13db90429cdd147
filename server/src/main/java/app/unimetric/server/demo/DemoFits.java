package app.unimetric.server.demo;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.FitCall;
import app.unimetric.server.compute.fit.FitJudge;
import app.unimetric.server.fit.KeptFits;
import app.unimetric.server.fit.Taken;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was measured at the fit desk of the demo depot. */
@Component
final class DemoFits {
  private final KeptFits fits;
  private final FitJudge judge;
  private final JsonMapper json;

  DemoFits(KeptFits fits, FitJudge judge, JsonMapper json) {
    this.fits = fits;
    this.judge = judge;
    this.json = json;
  }

  /** A stem that stood too low on its steerer, and how it was left. */
  void stem(UUID machine, Signature by, Instant at) {
    keep(
        machine,
        Taken.FOUND,
        FitCall.STEERER_STACK,
        "?steererMm=58.5&spacersAboveMm=8",
        "{'steererMm': 58.5, 'stemHeightMm': 40, 'spacersBelowMm': [10], 'spacersAboveMm': [8],"
            + " 'takeUpMm': 0.2}",
        by,
        at);
    keep(
        machine,
        Taken.LEFT,
        FitCall.STEERER_STACK,
        "?steererMm=58.5&spacersAboveMm=8+3",
        "{'steererMm': 58.5, 'stemHeightMm': 40, 'spacersBelowMm': [10], 'spacersAboveMm': [8, 3],"
            + " 'takeUpMm': 0.2}",
        by,
        at.plusSeconds(2400));
  }

  /** A rotor with a dent. */
  void rotor(UUID machine, Signature by, Instant at) {
    keep(
        machine,
        Taken.FOUND,
        FitCall.RUNOUT,
        "?readingsMm=0+0.01+0+0.24+0.02+0+0.01+0",
        "{'readingsMm': [0, 0.01, 0, 0.24, 0.02, 0, 0.01, 0], 'limitMm': 0.15}",
        by,
        at);
  }

  private void keep(
      UUID machine,
      Taken taken,
      FitCall call,
      String state,
      String request,
      Signature by,
      Instant at) {
    JsonNode measured = json.readTree(request.replace('\'', '"'));
    fits.keep(
        new KeptFits.Measured(UUID.randomUUID(), machine, null, null, taken, measured, ""),
        judge.work(call, state, measured),
        at,
        by);
  }
}
