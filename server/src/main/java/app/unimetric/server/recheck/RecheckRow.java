package app.unimetric.server.recheck;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.recheck.MovedCause;
import app.unimetric.core.recheck.RecheckDue;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

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
    MeterKind meter,
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
    @Nullable Integer followJobNumber,
    @Nullable UUID lookJobId,
    @Nullable Integer lookJobNumber) {

  /** The joints it is about, as their plan calls them; empty for all. */
  List<String> joints(JsonMapper json) {
    return json.readValue(jointIds, new TypeReference<List<String>>() {});
  }

  /** Where it stands; a meter replaced since goes on counting from what the old one said. */
  RecheckDue.Urgency urgency(LocalDate today) {
    Double then = meterThen;
    Double now = meterNow == null ? null : (Double) (meterNow + counted);
    boolean moved = then != null && now != null && now > then;
    return new RecheckDue(rule, why, afterFirstRide, onDate, atKm, atHours)
        .urgency(today, meter.km(now), meter.hours(now), moved);
  }

  /** The reading of today's meter at which it falls due; null when its meter does not matter. */
  @Nullable Double dueAt() {
    Double hours = meter.hours(atHours);
    Double due =
        hours != null || atKm == null || !meter.isDistance() ? hours : (Double) meter.ofKm(atKm);
    return due == null ? null : (Double) (due - counted);
  }
}
