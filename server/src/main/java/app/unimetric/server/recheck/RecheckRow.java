package app.unimetric.server.recheck;

import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.machine.Machine;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A re-check as stored, with its machine's meter and what was found. */
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
    String joints,
    boolean afterFirstRide,
    @Nullable LocalDate onDate,
    @Nullable Double atKm,
    @Nullable Double atHours,
    @Nullable Double meterThen,
    Instant madeAt,
    @Nullable Double meterNow,
    @Nullable String outcome,
    @Nullable String note,
    @Nullable String foundBy,
    @Nullable Instant foundAt) {

  RecheckDue.Standing standing(LocalDate today) {
    Double then = meterThen;
    Double now = meterNow;
    boolean moved = then != null && now != null && now > then;
    return new RecheckDue(rule, why, afterFirstRide, onDate, atKm, atHours)
        .standing(
            today,
            meter == Machine.Meter.KM ? now : null,
            meter == Machine.Meter.HOURS ? now : null,
            moved);
  }
}
