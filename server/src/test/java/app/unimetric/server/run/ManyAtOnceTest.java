package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Many who say or try the same at one moment neither hang nor keep each other out. */
@InWorkshop
class ManyAtOnceTest {
  private static final int MANY = 40;
  private final Workshop workshop;

  ManyAtOnceTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private static List<Integer> atOnce(List<Callable<Integer>> work)
      throws InterruptedException, ExecutionException {
    ExecutorService hands = Executors.newFixedThreadPool(work.size());
    try {
      List<Integer> came = new ArrayList<>();
      for (Future<Integer> one : hands.invokeAll(work)) {
        came.add(one.get());
      }
      return came;
    } finally {
      hands.shutdown();
    }
  }

  @Test
  void fortySecondLooksWithTheRightPinAreAllTaken()
      throws InterruptedException, ExecutionException {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    JobRun job = JobRun.skidPlate(bram);
    JsonNode state = job.until("SECOND_LOOK").path("state");
    List<Callable<Integer>> looks = new ArrayList<>();
    for (int i = 0; i < MANY; i++) {
      Map<String, Object> said = job.said("SECOND_LOOK", state);
      said.put("counter", 1);
      said.put("witness", Map.of("name", "Asta", "pin", "2468"));
      String device = "tablet " + i;
      looks.add(
          () ->
              bram.post(
                      "/api/jobs/" + job.id + "/run/events",
                      Map.of("device", device, "events", JobRun.sent(said)))
                  .status());
    }
    assertThat(atOnce(looks)).containsOnly(200);
    long counted = 0;
    for (JsonNode entry : job.run().path("state").path("entries")) {
      counted +=
          entry.path("event").path("said").path("kind").asString().equals("SECOND_LOOK")
                  && !entry.has("notCounted")
              ? 1
              : 0;
    }
    assertThat(counted).as("one of them counts").isEqualTo(1);
  }

  @Test
  void aWrongPinIsRefusedAndNothingOfItsSendingStands() {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    JobRun job = JobRun.skidPlate(bram);
    JsonNode state = job.until("SECOND_LOOK").path("state");
    int before = state.path("entries").size();
    Map<String, Object> said = job.said("SECOND_LOOK", state);
    said.put("witness", Map.of("name", "Asta", "pin", "2469"));
    assertThat(job.send(said).status()).isEqualTo(403);
    assertThat(job.run().path("state").path("entries")).hasSize(before);
  }

  @Test
  void twoWhoSignOnAtOneDeviceAtTheSameMomentBothStand()
      throws InterruptedException, ExecutionException {
    for (int round = 0; round < 4; round++) {
      Visitor asta = Visitor.signedIn(workshop, "Asta");
      List<Integer> came =
          atOnce(
              List.of(
                  () -> signOn(asta, "Bram", "1357"),
                  () -> signOn(asta, "Ilse", "8642"),
                  () -> signOn(asta, "Bram", "1357"),
                  () -> signOn(asta, "Ilse", "8642")));
      assertThat(came).containsOnly(200);
      assertThat(asta.get("/api/session").body().path("onTablet")).hasSize(2);
    }
  }

  private static int signOn(Visitor at, String name, String pin) {
    return at.post("/api/session/tablet", Map.of("name", name, "pin", pin)).status();
  }
}
