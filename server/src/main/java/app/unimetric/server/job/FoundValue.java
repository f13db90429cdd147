package app.unimetric.server.job;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.pack.StatedValue;
import app.unimetric.core.spec.SpecSource;
import app.unimetric.core.spec.TorqueText;
import java.time.Instant;
import java.util.UUID;

/** A value somebody looked up for one joint, as typed. */
record FoundValue(
    UUID id,
    String jointId,
    String typed,
    SpecSource source,
    String document,
    FrictionCondition condition,
    String enteredBy,
    Instant enteredAt) {
  StatedValue stated() {
    return new StatedValue(TorqueText.parse(typed).from(source, condition), document);
  }
}
