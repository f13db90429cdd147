package app.unimetric.server.recheck;

import app.unimetric.core.recheck.MovedCause;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.machine.Machine;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A re-check as stored, with its machine's meter and what was found.
 *
 * @param jointIds JSON list
 * @param counted what meters replaced since had counted beyond those that took their place
 */
record RecheckRow(
    UUID id,
    UUID machineId,
    String machineName,
    Machine.Meter meter,
    UUID jobId,
    int jobNumber,
    String jobTitle,
    String rule,
    String why,
    String jointIds,
    String joints,
    boolean afterFirstRide,
    @Nullable LocalDate onDate,
    @Nullable Double atKm,
    @Nullable Double atHours,
    @Nullable Double meterThen,
    Instant madeAt,
    @Nullable Double meterNow,
    double counted,
    @Nullable String outcome,
    @Nullable String note,
    @Nullable String foundBy,
    @Nullable Instant foundAt,
    @Nullable String movedJoint,
    @Nullable MovedCause cause,
    @Nullable String loadWords,
    @Nullable UUID followJobId,
    @Nullable Integer followJobNumber) {

  /** Where it stands; a meter replaced since goes on counting from what the old one said. */
  RecheckDue.Urgency urgency(LocalDate today) {
    Double then = meterThen;
    Double now = meterNow == null ? null : (Double) (meterNow + counted);
    boolean moved = then != null && now != null && now > then;
    return new RecheckDue(rule, why, afterFirstRide, onDate, atKm, atHours)
        .urgency(
            today,
            meter == Machine.Meter.KM ? now : null,
            meter == Machine.Meter.HOURS ? now : null,
            moved);
  }

  /** The reading of today's meter at which it falls due, km; null when distance does not matter. */
  @Nullable Double dueAtKm() {
    return atKm == null ? null : (Double) (atKm - counted);
  }

  /** Likewise for hours. */
  @Nullable Double dueAtHours() {
    return atHours == null ? null : (Double) (atHours - counted);
  }
}
