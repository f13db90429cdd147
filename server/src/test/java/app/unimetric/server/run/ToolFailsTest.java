package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A tool that fails stops what it is used for at once, and what it tightened is looked at again.
 */
@InWorkshop
class ToolFailsTest {
  private final Visitor bram;

  ToolFailsTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private static JsonNode step(JsonNode page) {
    String current = page.path("state").path("currentStep").asString();
    for (JsonNode step : page.path("sheet").path("steps")) {
      if (step.path("id").asString().equals(current)) {
        return step;
      }
    }
    throw new AssertionError(current);
  }

  private Answer calibrated(String tool, String on, String set, String measured) {
    return bram.post(
        "/api/crib/tools/" + tool + "/calibrations",
        Map.of(
            "id",
            UUID.randomUUID(),
            "on",
            on,
            "unit",
            "N.m",
            "certificate",
            "C-18",
            "points",
            List.of(Map.of("set", set, "measured", measured, "stated", ""))));
  }

  private long doubts(JsonNode rechecks) {
    long doubts = 0;
    for (JsonNode r : rechecks) {
      doubts += r.path("why").asString().contains("failed its calibration") ? 1 : 0;
    }
    return doubts;
  }

  @Test
  void aCalibrationThatFailsUnderARunningJobStopsTheJointAndNamesWhatWasTightened() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    assertThat(job.send(job.said("CLICKED", page.path("state"))).status()).isEqualTo(200);
    JsonNode pulled = job.run();
    String tool = step(pulled).path("toolId").asString();
    String today = bram.get("/api/session").body().path("today").asString();
    long before = doubts(bram.get("/api/today").body().path("due"));
    try {
      assertThat(calibrated(tool, today, "20", "25").status()).isEqualTo(200);

      JsonNode stopped = job.run().path("state");
      assertThat(stopped.path("shown").path("toolOut").asString())
          .contains("out of use", "Take another tool");
      JsonNode refused = job.send(job.said("CLICKED", stopped)).body().path("state");
      JsonNode last = refused.path("entries").get(refused.path("entries").size() - 1);
      assertThat(last.path("notCounted").asString()).contains("failed its calibration");
      assertThat(refused.path("currentStep").asString())
          .isEqualTo(stopped.path("currentStep").asString());

      JsonNode due = bram.get("/api/today").body().path("due");
      assertThat(doubts(due)).isGreaterThan(before);
      boolean named = false;
      for (JsonNode r : due) {
        named |=
            r.path("jobId").asString().equals(job.id.toString())
                && r.path("why").asString().contains("before the machine is ridden")
                && r.path("joints").asString().contains(jointTitle(pulled));
      }
      assertThat(named).as("this job and its joint are among them").isTrue();
      assertThat(bram.get("/api/today").body().path("tools").toString()).contains(tool);
    } finally {
      assertThat(calibrated(tool, today, "20", "20").status()).isEqualTo(200);
    }
    JsonNode again = job.run().path("state");
    assertThat(again.path("shown").has("toolOut")).isFalse();
    JsonNode counted = job.send(job.said("CLICKED", again)).body().path("state");
    assertThat(counted.path("entries").get(counted.path("entries").size() - 1).has("notCounted"))
        .isFalse();
  }

  private static String jointTitle(JsonNode page) {
    for (JsonNode joint : page.path("sheet").path("joints")) {
      if (joint.path("id").asString().equals(step(page).path("jointId").asString())) {
        return joint.path("title").asString();
      }
    }
    throw new AssertionError();
  }
}
