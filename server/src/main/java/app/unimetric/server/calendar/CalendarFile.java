package app.unimetric.server.calendar;

import app.unimetric.core.quantity.Figure;
import app.unimetric.server.recheck.Recheck;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.net.URI;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Re-checks as iCalendar (RFC 5545): a day each, since that is what a rule names; what falls due by
 * distance alone has no day and stands in no calendar.
 */
final class CalendarFile {
  private CalendarFile() {}

  /**
   * @param address of the workshop, for who reads the calendar
   */
  static String of(List<Recheck> rechecks, Instant now, String address) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Unimetric//Re-checks//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    for (Recheck recheck : rechecks) {
      LocalDate day = recheck.onDate();
      if (day != null) {
        calendar.add(event(recheck, day, now, address));
      }
    }
    StringWriter out = new StringWriter();
    try {
      // A calendar without an event is none by the standard, and yet nothing may be due.
      new CalendarOutputter(false).output(calendar, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static VEvent event(Recheck r, LocalDate day, Instant now, String address) {
    VEvent event = new VEvent(false);
    event.add(new Uid(r.id() + "@unimetric"));
    event.add(new DtStamp(now));
    event.add(new DtStart<>(day));
    event.add(new Summary(r.machineName() + ": look again at " + r.joints()));
    event.add(new Description(words(r)));
    event.add(new Url(URI.create(address + "/machines/" + r.machineId() + "#rechecks")));
    event.add(ImmutableTransp.TRANSPARENT);
    return event;
  }

  private static String words(Recheck r) {
    StringBuilder words = new StringBuilder(r.why());
    if (r.afterFirstRide()) {
      words.append(" After the first ride.");
    }
    Double dueAt = r.dueAt();
    if (dueAt != null && dueAt <= 0) {
      // The meter that counted it was replaced since, and had come further than that.
      words.append(" By its meter it is due already.");
    } else if (dueAt != null) {
      words.append(" Or at ").append(Figure.rounded(dueAt, 1)).append(' ').append(r.meterSign());
      words.append(", whichever comes first.");
    }
    return words
        .append(" From ")
        .append(r.jobTitle())
        .append(", job ")
        .append(r.jobNumber())
        .append(". The maker's document governs.")
        .toString();
  }
}
