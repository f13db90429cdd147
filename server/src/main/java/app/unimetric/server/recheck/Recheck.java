package app.unimetric.server.recheck;

import app.unimetric.core.recheck.RecheckDue;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something to look at again.
 *
 * @param jointIds the joints it is about
 * @param joints their titles of that day
 * @param atKm reading of the meter it has now
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
    List<String> jointIds,
    String joints,
    boolean afterFirstRide,
    @Nullable LocalDate onDate,
    @Nullable Double atKm,
    @Nullable Double atHours,
    @Nullable Double meterNow,
    RecheckDue.Urgency standing,
    @Nullable String outcome,
    @Nullable String note,
    @Nullable String foundBy,
    @Nullable Instant foundAt) {

  static Recheck of(RecheckRow r, List<String> jointIds, LocalDate today) {
    return new Recheck(
        r.id(),
        r.machineId(),
        r.machineName(),
        r.jobId(),
        r.jobNumber(),
        r.jobTitle(),
        r.why(),
        jointIds,
        r.joints(),
        r.afterFirstRide(),
        r.onDate(),
        r.dueAtKm(),
        r.dueAtHours(),
        r.meterNow(),
        r.urgency(today),
        r.outcome(),
        r.note(),
        r.foundBy(),
        r.foundAt());
  }
}
