package app.unimetric.server.recheck;

import app.unimetric.core.recheck.RecheckDue;
import io.swagger.v3.oas.annotations.media.Schema;
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
 * @param dueAt reading of the meter it has now at which it falls due; missing when that does not
 *     matter
 * @param meterNow the machine's latest reading
 * @param meterSign what both are of: km, mi or h
 * @param targets what each joint is checked at; empty in lists of many machines
 * @param outcome HELD or MOVED once settled
 * @param lookJobId the job in which it is looked at, or was; null where none is open
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
    @Nullable Double dueAt,
    @Nullable Double meterNow,
    String meterSign,
    RecheckDue.Urgency standing,
    List<Target> targets,
    @Nullable String outcome,
    @Nullable String note,
    @Nullable String foundBy,
    @Nullable Instant foundAt,
    @Nullable Moved moved,
    @Nullable UUID lookJobId,
    @Nullable Integer lookJobNumber) {

  /**
   * What a joint is checked at.
   *
   * @param target its band
   * @param setting what was set on which tool; empty when it had none
   * @param cured whether a product had set on it: then it is not nipped up
   */
  @Schema(name = "RecheckTarget")
  public record Target(
      String jointId, String title, String target, String setting, boolean cured) {}

  /**
   * What moved and what came of it.
   *
   * @param joint its title
   * @param cause in words
   * @param load what the movement means, in words; null when no angle was noted
   * @param jobId the job opened to do it again; null when it is only looked at again
   */
  @Schema(name = "RecheckMoved")
  public record Moved(
      String joint,
      String cause,
      @Nullable String load,
      @Nullable UUID jobId,
      @Nullable Integer jobNumber) {}

  static Recheck of(
      RecheckRow r,
      List<String> jointIds,
      LocalDate today,
      List<Target> targets,
      @Nullable Moved moved) {
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
        r.dueAt(),
        r.meterNow(),
        r.meter().sign(),
        r.urgency(today),
        targets,
        r.outcome(),
        r.note(),
        r.foundBy(),
        r.foundAt(),
        moved,
        r.lookJobId(),
        r.lookJobNumber());
  }
}
