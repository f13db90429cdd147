package app.unimetric.core.recheck;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When one re-check falls due; of distance, date and hours whichever comes first.
 *
 * @param rule the rule's key
 * @param why in words
 * @param afterFirstRide due once the machine has moved
 * @param onDate day, null when time does not matter
 * @param atKm odometer, km, null when unknown
 * @param atHours hour meter, h, null when unknown
 */
public record RecheckDue(
    String rule,
    String why,
    boolean afterFirstRide,
    @Nullable LocalDate onDate,
    @Nullable Double atKm,
    @Nullable Double atHours) {

  /** How a due re-check stands today. */
  public enum Urgency {
    WAITING,
    DUE,
    OVERDUE
  }

  /**
   * Days after the due date until a re-check counts as overdue, so that a weekend is not an alarm.
   */
  private static final int GRACE_DAYS = 7;

  private static final double GRACE_KM = 50;
  private static final double GRACE_HOURS = 5;

  /** The re-checks that follow from fitting something with these meter readings. */
  public static List<RecheckDue> from(
      List<RecheckRule> rules,
      LocalDate fittedOn,
      @Nullable Double odometerKm,
      @Nullable Double hours) {
    return rules.stream()
        .map(
            r ->
                new RecheckDue(
                    r.key(),
                    r.why(),
                    r.afterFirstRide(),
                    r.days() == null ? null : fittedOn.plusDays(r.days()),
                    sum(odometerKm, r.km()),
                    sum(hours, r.hours())))
        .toList();
  }

  /**
   * Where this re-check stands.
   *
   * @param odometerKm the latest reading, km, null when there is none
   * @param hours the latest hour reading
   * @param movedSince whether the machine has moved since fitting
   */
  public Urgency urgency(
      LocalDate today, @Nullable Double odometerKm, @Nullable Double hours, boolean movedSince) {
    boolean overdue =
        (onDate != null && today.isAfter(onDate.plusDays(GRACE_DAYS)))
            || past(odometerKm, atKm, GRACE_KM)
            || past(hours, atHours, GRACE_HOURS);
    boolean due =
        (afterFirstRide && movedSince)
            || (onDate != null && !today.isBefore(onDate))
            || past(odometerKm, atKm, 0)
            || past(hours, atHours, 0);
    return overdue ? Urgency.OVERDUE : due ? Urgency.DUE : Urgency.WAITING;
  }

  private static boolean past(@Nullable Double now, @Nullable Double at, double grace) {
    return now != null && at != null && now >= at + grace;
  }

  private static @Nullable Double sum(@Nullable Double a, @Nullable Double b) {
    return a == null || b == null ? null : Double.valueOf(a + b);
  }
}
