package app.unimetric.server.recheck;

import app.unimetric.core.recheck.RecheckDue;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something to look at again.
 *
 * @param joints the joints it is about, in words
 * @param meterNow the machine's latest reading, km or h
 * @param outcome HELD or MOVED once settled
 */
public record Recheck(
    UUID id,
    UUID machineId,
    String machineName,
    UUID jobId,
    int jobNumber,
    String jobTitle,
    String why,
    String joints,
    boolean afterFirstRide,
    @Nullable LocalDate onDate,
    @Nullable Double atKm,
    @Nullable Double atHours,
    @Nullable Double meterNow,
    RecheckDue.Standing standing,
    @Nullable String outcome,
    @Nullable String note,
    @Nullable String foundBy,
    @Nullable Instant foundAt) {

  static Recheck of(RecheckRow r, LocalDate today) {
    return new Recheck(
        r.id(),
        r.machineId(),
        r.machineName(),
        r.jobId(),
        r.jobNumber(),
        r.jobTitle(),
        r.why(),
        r.joints(),
        r.afterFirstRide(),
        r.onDate(),
        r.atKm(),
        r.atHours(),
        r.meterNow(),
        r.standing(today),
        r.outcome(),
        r.note(),
        r.foundBy(),
        r.foundAt());
  }
}
