package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A carbon clamp of the demo climbed to hold, from the sheet to the look again. */
@InWorkshop
class ClimbedTest {
  private final Visitor asta;

  ClimbedTest(Workshop workshop) {
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private JsonNode collar(String job) {
    for (JsonNode joint : asta.get("/api/jobs/" + job + "/sheet").body().path("joints")) {
      if (joint.path("id").asString().equals("collar")) {
        return joint;
      }
    }
    throw new AssertionError("no collar");
  }

  /** The collar slips at the first torque and holds at the second. */
  private static JobRun signed(JobRun job) {
    JsonNode state = job.until("SLIP_TEST").path("state");
    assertThat(job.send(job.said("SLIPS", state)).status()).isEqualTo(200);
    job.sign();
    return job;
  }

  @Test
  void sheetAndCardBeginAtTheFirstTorqueAndNeverNameTheLimitAsTheSetting() throws IOException {
    JobRun job = JobRun.carbonPost(asta);
    JsonNode collar = collar(job.id.toString());
    assertThat(collar.path("aimNm").asDouble()).isEqualTo(3);
    assertThat(collar.path("climb").path("limitNm").asDouble()).isEqualTo(5);
    assertThat(collar.path("climb").path("torquesNm").toString()).isEqualTo("[3.0,3.5,4.0,4.5]");
    assertThat(collar.path("tool").path("setting").asString()).isEqualTo("3.0 N·m");
    assertThat(asta.paper("/api/jobs/" + job.id + "/card.pdf"))
        .contains("from 3 N·m until it holds, at most 4.5 N·m")
        .contains("by hand → 3.0, slip test → 3.5, slip test → 4.0, slip test → 4.5, slip test");
  }

  @Test
  void theRecordTellsTheTorqueItHeldAtAndTheLookAgainTriesThat() throws IOException {
    JobRun job = signed(JobRun.carbonPost(asta));
    JsonNode record = asta.get("/api/log/" + job.id + "/record.json").body();
    assertThat(
            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/record.schema.json")))
                .validate(record.toString(), InputFormat.JSON))
        .isEmpty();
    JsonNode joint = record.path("joints").get(0);
    assertThat(joint.path("id").asString()).isEqualTo("collar");
    assertThat(joint.path("climbedToNm").asDouble()).isEqualTo(3.5);
    assertThat(joint.path("finals").size()).isEqualTo(1);
    assertThat(joint.path("finals").get(0).path("torqueNm").asDouble()).isEqualTo(3.5);
    assertThat(record.path("joints").get(1).has("climbedToNm")).isFalse();
    assertThat(asta.paper("/api/log/" + job.id + "/record.pdf"))
        .contains("climbed to 3.5 N·m, within 3–5 N·m");
    looksAgain(job);
  }

  private void looksAgain(JobRun job) {
    JsonNode due = null;
    String machine = JobRun.machineId(asta, "Gravel 1");
    for (JsonNode r : asta.get("/api/machines/" + machine + "/rechecks").body()) {
      due = r.path("jobId").asString().equals(job.id.toString()) ? r : due;
    }
    assertThat(due).isNotNull();
    assertThat(due.path("targets").get(0).path("target").asString())
        .isEqualTo("3.5 N·m, as it was left");
    assertThat(due.path("targets").get(0).path("setting").asString()).startsWith("3.5 N·m on ");
    JobRun look = new JobRun(asta);
    Answer opened =
        asta.post("/api/rechecks/" + due.path("id").asString() + "/look", Map.of("id", look.id));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    JsonNode collar = collar(look.id.toString());
    assertThat(collar.path("aimNm").asDouble()).isEqualTo(3.5);
    assertThat(collar.path("tool").path("setting").asString()).isEqualTo("3.5 N·m");
  }

  @Test
  void aTabletThatDoesNotKnowThatItHoldsIsToldWhatStands() {
    JobRun job = JobRun.carbonPost(asta);
    JsonNode state = job.until("SLIP_TEST").path("state");
    Answer held = job.send(job.said("HOLDS", state));
    assertThat(held.body().path("state").path("currentStep").asString()).doesNotContain("collar");
    Answer late = job.send(job.said("SLIPS", state));
    JsonNode entries = late.body().path("state").path("entries");
    assertThat(entries.get(entries.size() - 1).path("notCounted").asString())
        .startsWith("Another step is in hand");
  }
}
