package app.unimetric.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

@InWorkshop
class DemoDepotTest {
  private final Visitor asta;

  DemoDepotTest(Workshop workshop) {
    asta = Visitor.signedIn(workshop, "Asta");
  }

  @Test
  void hasAtLeastEightMachinesOfThreeKindsAndThreePeopleWhoWork() {
    JsonNode machines = asta.get("/api/machines").body();
    assertThat(machines.size()).isGreaterThanOrEqualTo(8);
    assertThat(
            StreamSupport.stream(machines.spliterator(), false)
                .map(m -> m.path("kind").asString())
                .collect(Collectors.toSet()))
        .containsExactlyInAnyOrder("MOTORCYCLE", "ATV", "BICYCLE");
    assertThat(asta.get("/api/people").body().size()).isGreaterThanOrEqualTo(3);
  }

  @Test
  void todayAndTheLogAreAlive() {
    JsonNode today = asta.get("/api/today").body();
    assertThat(today.path("jobs").size()).isPositive();
    assertThat(today.path("due").size()).isPositive();
    assertThat(today.path("due").get(0).path("standing").asString()).isEqualTo("OVERDUE");
    assertThat(today.path("tools").size()).isPositive();
    assertThat(asta.get("/api/log").body().size()).isGreaterThanOrEqualTo(3);
    assertThat(asta.get("/api/log?q=crash").body().size()).isPositive();
  }
}
