package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What a person types to find a job, and what stands first then. */
@InWorkshop
class FinderTest {
  private final Visitor bram;

  FinderTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private List<String> found(String machine, String typed) {
    JsonNode machines = bram.get("/api/machines?q=" + machine.replace(" ", "%20")).body();
    List<String> titles = new ArrayList<>();
    bram.get(
            "/api/machines/"
                + machines.get(0).path("id").asString()
                + "/offered-jobs?q="
                + URLEncoder.encode(typed, StandardCharsets.UTF_8))
        .body()
        .forEach(j -> titles.add(j.path("title").asString()));
    return titles;
  }

  @ParameterizedTest
  @CsvSource({
    // words and parts
    "Patrol 1, pads,            Front brake pads",
    "Patrol 1, rear wheel,      Rear wheel out and in",
    "Patrol 1, chain,           Chain and sprockets",
    "Patrol 1, drain plug,      Oil change and drain plug",
    "Patrol 1, banjo,           Brake hose with banjo bolts",
    "Patrol 1, crash,           Fit crash bars (upper)",
    "Mule 1,   tie rod,         Tie-rod ends",
    "Mule 1,   winch,           Winch plate and winch",
    "Haul 1,   hanger,          Derailleur and hanger",
    "Haul 1,   cleats,          Cleats",
    // abbreviations
    "Haul 1,   bb press,        Press-in bottom bracket",
    "Haul 1,   mech,            Derailleur and hanger",
    // slips of the finger
    "Haul 1,   derailer,        Derailleur and hanger",
    "Haul 1,   hedset,          Headset",
    "Patrol 1, mirors,          Mirrors",
    "Patrol 1, exaust,          Exhaust slip-on",
    "Patrol 1, clucth cover,    Clutch cover",
    "Mule 1,   skidplate,       Skid plates"
  })
  void whatWasMeantStandsFirst(String machine, String typed, String title) {
    assertThat(found(machine, typed)).first().isEqualTo(title);
  }

  @Test
  void anAbbreviationFindsAllItStandsFor() {
    assertThat(found("Haul 1", "bb"))
        .contains("Press-in bottom bracket", "Outboard threaded cups")
        .hasSizeBetween(4, 6);
  }

  @Test
  void whatIsNoJobFindsNone() {
    assertThat(found("Haul 1", "zzqx")).isEmpty();
  }
}
