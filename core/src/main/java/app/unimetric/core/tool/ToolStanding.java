package app.unimetric.core.tool;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a tool stands after all that happened to it. A calibration that held clears everything; a
 * check in the shop clears nothing, but one that failed puts the tool out (ISO 6789-1: due again
 * after a drop or an overload). A certificate from before it was harmed clears nothing either.
 *
 * @param calibratedOn day of the last calibration that held; null when none did
 * @param out why it is out of use; null when it is not
 * @param lastGood when it was last known to be good; null when never
 * @param retired whether it is in the crib no longer
 * @param spans when it was out of use
 */
public record ToolStanding(
    @Nullable LocalDate calibratedOn,
    @Nullable String out,
    @Nullable Instant lastGood,
    boolean retired,
    List<Span> spans) {

  /**
   * A time out of use.
   *
   * @param until null while it lasts
   */
  public record Span(Instant from, @Nullable Instant until, String why) {
    /** Whether a moment falls within it. */
    public boolean holds(Instant moment) {
      return !moment.isBefore(from) && (until == null || moment.isBefore(until));
    }
  }

  public ToolStanding {
    spans = List.copyOf(spans);
  }

  /** By its log, oldest first. */
  public static ToolStanding of(List<ToolEntry> log) {
    LocalDate calibratedOn = null;
    Instant lastGood = null;
    boolean retired = false;
    Instant outFrom = null;
    LocalDate outOn = null;
    String out = null;
    List<Span> spans = new ArrayList<>();
    for (ToolEntry e : log) {
      switch (e.kind()) {
        case RETIRED -> retired = true;
        case BACK -> retired = false;
        case CALIBRATED, CHECKED, DROPPED, OVERLOADED -> {
          boolean harmed =
              e.kind() == ToolEntry.Kind.DROPPED || e.kind() == ToolEntry.Kind.OVERLOADED;
          boolean renewed = e.kind() == ToolEntry.Kind.CALIBRATED && e.passed();
          if (harmed || !e.passed()) {
            outFrom = outFrom == null ? e.at() : outFrom;
            outOn = outOn == null || e.on().isAfter(outOn) ? e.on() : outOn;
            out = why(e);
          } else if (renewed) {
            calibratedOn =
                calibratedOn == null || e.on().isAfter(calibratedOn) ? e.on() : calibratedOn;
            if (outOn != null && e.on().isBefore(outOn)) {
              continue;
            }
            if (outFrom != null) {
              spans.add(new Span(outFrom, e.at(), String.valueOf(out)));
            }
            outFrom = null;
            outOn = null;
            out = null;
          }
          if (!harmed && e.passed() && out == null) {
            lastGood = later(lastGood, goodAt(e));
          }
        }
      }
    }
    if (outFrom != null) {
      spans.add(new Span(outFrom, null, String.valueOf(out)));
    }
    return new ToolStanding(calibratedOn, out, lastGood, retired, spans);
  }

  /** A certificate says what the tool was like on its own day, whenever it was written down. */
  private static Instant goodAt(ToolEntry e) {
    return e.kind() == ToolEntry.Kind.CALIBRATED
        ? e.on().atStartOfDay(ZoneOffset.UTC).toInstant()
        : e.at();
  }

  private static Instant later(@Nullable Instant a, Instant b) {
    return a == null || b.isAfter(a) ? b : a;
  }

  private static String why(ToolEntry e) {
    return switch (e.kind()) {
      case DROPPED, OVERLOADED ->
          e.kind().words() + " on " + e.on() + "; it must be calibrated before it is used again";
      case CALIBRATED -> "it failed its calibration of " + e.on();
      default -> "it failed its check of " + e.on() + "; it must be calibrated";
    };
  }
}
