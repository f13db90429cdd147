package app.unimetric.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.io.StringReader;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import org.junit.jupiter.api.Test;

/** Re-checks in anybody's calendar, as a file and under an address that can be revoked. */
@InWorkshop
class CalendarTest {
  private final Workshop workshop;
  private final Visitor ilse;

  CalendarTest(Workshop workshop) {
    this.workshop = workshop;
    ilse = Visitor.signedIn(workshop, "Ilse");
  }

  private static Calendar parsed(Answer answer) throws IOException, ParserException {
    assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
    assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
        .startsWith("text/calendar");
    return new CalendarBuilder().build(new StringReader(answer.raw().body()));
  }

  private static String text(Component event, String name) {
    return event.getProperty(name).map(p -> ((Property) p).getValue()).orElse("");
  }

  @Test
  void aStrictParserReadsEveryRecheckThatHasADay() throws IOException, ParserException {
    Calendar calendar = parsed(ilse.get("/api/calendar/rechecks.ics"));
    assertThat(calendar.validate().hasErrors()).isFalse();
    List<? extends Component> events = calendar.getComponents();
    assertThat(events).isNotEmpty();
    assertThat(events)
        .extracting(e -> text(e, Property.UID))
        .doesNotHaveDuplicates()
        .allMatch(uid -> uid.endsWith("@unimetric"));
    Component event = events.get(0);
    assertThat(text(event, Property.SUMMARY)).matches(".+: look again at .+");
    assertThat(text(event, Property.DTSTART)).matches("\\d{8}");
    assertThat(text(event, Property.URL)).contains("/machines/").endsWith("#rechecks");
  }

  @Test
  void aFeedIsReadWithoutSigningInUntilItIsRevoked() throws IOException, ParserException {
    UUID id = UUID.randomUUID();
    Answer made = ilse.post("/api/calendar/feeds", Map.of("id", id, "name", "Ilse's phone"));
    assertThat(made.status()).as(made.detail()).isEqualTo(200);
    String address = made.body().path("address").asString();
    String path = address.substring(address.indexOf("/calendar/"));
    Visitor anybody = new Visitor(workshop);
    assertThat(parsed(anybody.get(path)).getComponents()).isNotEmpty();
    Answer listed = ilse.get("/api/calendar/feeds");
    assertThat(listed.raw().body())
        .contains("Ilse's phone")
        .contains("lastReadAt")
        .doesNotContain(path.substring(10, 40));
    assertThat(ilse.post("/api/calendar/feeds", Map.of("id", id, "name", "again")).status())
        .isEqualTo(409);

    Answer refused = Visitor.signedIn(workshop, "Bram").delete("/api/calendar/feeds/" + id);
    assertThat(refused.status()).isEqualTo(403);
    assertThat(anybody.get(path).status()).isEqualTo(200);
    assertThat(ilse.delete("/api/calendar/feeds/" + id).status()).isEqualTo(200);
    assertThat(anybody.get(path).status()).isEqualTo(404);
    assertThat(ilse.get("/api/calendar/feeds").raw().body()).doesNotContain("Ilse's phone");
  }

  @Test
  void aFeedOfSomebodyWhoIsShutOutIsReadNoLonger() throws SQLException {
    Answer made =
        Visitor.signedIn(workshop, "Bram")
            .post("/api/calendar/feeds", Map.of("id", UUID.randomUUID(), "name", "bench"));
    String address = made.body().path("address").asString();
    String path = address.substring(address.indexOf("/calendar/"));
    Visitor anybody = new Visitor(workshop);
    assertThat(anybody.get(path).status()).isEqualTo(200);
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute("UPDATE person SET shut_out = true WHERE name = 'Bram'");
      assertThat(anybody.get(path).status()).isEqualTo(404);
      statement.execute("UPDATE person SET shut_out = false WHERE name = 'Bram'");
    }
    assertThat(anybody.get(path).status()).isEqualTo(200);
  }

  @Test
  void nobodyGuessesOrMakesOneWithoutARole() {
    Visitor anybody = new Visitor(workshop);
    assertThat(anybody.get("/api/calendar/rechecks.ics").status()).isEqualTo(401);
    assertThat(anybody.get("/calendar/" + "A".repeat(43) + ".ics").status()).isEqualTo(404);
    assertThat(
            Visitor.signedIn(workshop, "Visitor")
                .post("/api/calendar/feeds", Map.of("id", UUID.randomUUID(), "name", "mine"))
                .status())
        .isEqualTo(403);
    assertThat(
            ilse.post("/api/calendar/feeds", Map.of("id", UUID.randomUUID(), "name", " ")).status())
        .isEqualTo(400);
  }
}
