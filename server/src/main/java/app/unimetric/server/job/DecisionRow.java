package app.unimetric.server.job;

import app.unimetric.core.plan.Decision;
import app.unimetric.core.quantity.TorqueUnit;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A lead's decision as stored. */
record DecisionRow(
    UUID id,
    String jointId,
    int valueIndex,
    @Nullable String readAs,
    String reason,
    String decidedBy,
    Instant decidedAt) {
  Decision decision() {
    String code = readAs;
    return new Decision(
        jointId,
        valueIndex,
        code == null ? null : TorqueUnit.ofCode(code).orElse(null),
        reason,
        decidedBy);
  }
}
