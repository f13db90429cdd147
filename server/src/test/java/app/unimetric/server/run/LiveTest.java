package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Who has a bench open hears of what another says, whichever server takes it. */
@InWorkshop
class LiveTest {
  private final Workshop workshop;
  private final Visitor bram;

  LiveTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private static CompletableFuture<String> hears(BufferedReader stream, Predicate<String> what) {
    return CompletableFuture.supplyAsync(
            () -> {
              try {
                StringBuilder event = new StringBuilder();
                for (String line = stream.readLine(); line != null; line = stream.readLine()) {
                  event.append(line).append('\n');
                  if (line.isEmpty()) {
                    if (what.test(event.toString())) {
                      return event.toString();
                    }
                    event.setLength(0);
                  }
                }
                throw new AssertionError("the stream ended");
              } catch (IOException e) {
                throw new AssertionError(e);
              }
            })
        .orTimeout(20, TimeUnit.SECONDS);
  }

  private static BufferedReader open(Visitor visitor, UUID job, String device) {
    return new BufferedReader(
        new InputStreamReader(
            visitor.stream("/api/jobs/" + job + "/run/live?device=" + device),
            StandardCharsets.UTF_8));
  }

  @Test
  void isToldOfWhatAnotherServerTookAndOfWhoElseIsThere() throws IOException {
    JobRun job = JobRun.skidPlate(bram);
    try (Workshop second = workshop.another(Map.of("unimetric.demo", "true"))) {
      Visitor ilse = Visitor.signedIn(second, "Ilse");
      try (BufferedReader there = open(ilse, job.id, "tablet-of-ilse")) {
        assertThat(hears(there, e -> e.contains("look")).join()).contains("look");
        CompletableFuture<String> moved = hears(there, e -> e.contains("moved"));
        Map<String, Object> note = job.said("NOTE", job.run().path("state"));
        note.put("reason", "a scratch on the guard");
        assertThat(job.send(note).status()).isEqualTo(200);
        assertThat(moved.join()).contains("{\"entries\":1}");
        JsonNode since = ilse.get("/api/jobs/" + job.id + "/run/events?known=0").body();
        assertThat(since.path("state").path("entries")).hasSize(1);
        CompletableFuture<String> people =
            hears(there, e -> e.contains("people") && e.contains("Bram"));
        try (BufferedReader here = open(bram, job.id, "tablet-of-bram")) {
          assertThat(people.join()).contains("Ilse").contains("tablet-of-bram");
          assertThat(hears(here, e -> e.contains("people") && e.contains("Ilse")).join())
              .contains("tablet-of-ilse");
          for (Visitor asking : List.of(bram, ilse)) {
            assertThat(atTheBench(asking, job))
                .as("whichever server is asked")
                .containsExactly("Bram", "Ilse");
          }
        }
      }
    }
  }

  private static List<String> atTheBench(Visitor asking, JobRun job) {
    for (JsonNode lift : asking.get("/api/today").body().path("jobs")) {
      if (lift.path("jobId").asString().equals(job.id.toString())) {
        return lift.path("atIt").valueStream().map(JsonNode::asString).toList();
      }
    }
    throw new AssertionError("the job is on no lift");
  }

  @Test
  void nobodyListensWithoutSigningInOrToAJobThatIsNotThere() {
    UUID none = UUID.randomUUID();
    assertThat(new Visitor(workshop).get("/api/jobs/" + none + "/run/live?device=a").status())
        .isEqualTo(401);
    assertThat(bram.get("/api/jobs/" + none + "/run/live?device=a").status()).isEqualTo(404);
    assertThat(bram.get("/api/jobs/" + none + "/run/live?device=a%20b").status()).isEqualTo(400);
  }
}
