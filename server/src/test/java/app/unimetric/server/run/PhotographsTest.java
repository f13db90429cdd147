package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import app.unimetric.server.photograph.Camera;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Photographs are evidence like readings: once, for good, and in the record. */
@InWorkshop
class PhotographsTest {
  private static final byte[] PICTURE = Camera.jpeg(640, 480);
  private final Workshop workshop;
  private final Visitor asta;

  PhotographsTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private static Answer send(
      Visitor by, JobRun job, UUID id, String step, byte[] bytes, String type) {
    return by.send(
        HttpRequest.newBuilder(
                URI.create(
                    by.url()
                        + "/api/jobs/"
                        + job.id
                        + "/photographs/"
                        + id
                        + "?words=Left%20hanger&step="
                        + step))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", by.token())
            .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes)));
  }

  private static Answer send(Visitor by, JobRun job, UUID id, String step) {
    return send(by, job, id, step, PICTURE, "image/jpeg");
  }

  private static String current(JobRun job) {
    return job.run().path("state").path("currentStep").asString();
  }

  @Test
  void isThereOnceHoweverOftenItIsSent() {
    JobRun job = JobRun.skidPlate(asta);
    UUID id = UUID.randomUUID();
    String step = current(job);
    for (int i = 0; i < 3; i++) {
      Answer taken = send(asta, job, id, step);
      assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
      assertThat(taken.body()).hasSize(1);
    }
    JsonNode one = asta.get("/api/jobs/" + job.id + "/photographs").body().get(0);
    assertThat(one.path("stepId").asString()).isEqualTo(step);
    assertThat(one.path("words").asString()).isEqualTo("Left hanger");
    assertThat(one.path("by").asString()).isEqualTo("Asta");
    assertThat(one.path("afterSignature").asBoolean()).isFalse();
    assertThat(asta.bytes("/api/photographs/" + id + ".jpg"))
        .as("a JPEG")
        .startsWith(0xFF, 0xD8, 0xFF);
    assertThat(asta.bytes("/api/photographs/" + id + "/small.jpg")).hasSizeLessThan(30_000);

    Answer other = send(asta, job, id, step, Camera.jpeg(320, 240), "image/jpeg");
    assertThat(other.status()).isEqualTo(409);
    assertThat(other.detail()).contains("shows something else already");
    assertThat(send(asta, JobRun.skidPlate(asta), id, step).status()).isEqualTo(409);
  }

  @Test
  void whatIsNoneIsRefusedWithWhatToDo() {
    JobRun job = JobRun.skidPlate(asta);
    String step = current(job);
    byte[] text = "not a picture".getBytes(StandardCharsets.UTF_8);
    Answer none = send(asta, job, UUID.randomUUID(), step, text, "image/jpeg");
    assertThat(none.status()).isEqualTo(400);
    assertThat(none.raw().body()).contains("send a JPEG or PNG");
    assertThat(send(asta, job, UUID.randomUUID(), "no.such.step").status()).isEqualTo(400);
    assertThat(send(asta, job, UUID.randomUUID(), step, PICTURE, "image/svg+xml").status())
        .isEqualTo(415);
    assertThat(asta.get("/api/jobs/" + job.id + "/photographs").body()).isEmpty();
    assertThat(asta.get("/api/photographs/" + UUID.randomUUID() + ".jpg").status()).isEqualTo(404);
  }

  @Test
  void nonsenseBesideThePictureIsSaidPlainly() {
    JobRun job = JobRun.skidPlate(asta);
    String step = current(job);
    for (String beside :
        new String[] {"&takenAt=yesterday", "&by=nobody", "&words=" + "x".repeat(301)}) {
      Answer answer = send(asta, job, UUID.randomUUID(), step + beside);
      assertThat(answer.status()).as(beside).isEqualTo(400);
      assertThat(answer.detail()).isNotBlank();
    }
    // A clock that is far off says nothing; the moment it came counts.
    String far = "&takenAt=%2B1000000000-12-31T23:59:59Z&sentAt=2026-01-01T00:00:00Z";
    assertThat(send(asta, job, UUID.randomUUID(), step + far).status()).isEqualTo(200);
    assertThat(send(asta, job, UUID.randomUUID(), step, new byte[0], "image/jpeg").status())
        .isEqualTo(400);
  }

  @Test
  void onlyWhoMayWorkTakesOneAndOnlyOfAJobThatIsBegun() {
    JobRun job = JobRun.skidPlate(asta);
    String step = current(job);
    Visitor guest = Visitor.signedIn(workshop, "Visitor");
    assertThat(send(guest, job, UUID.randomUUID(), step).status()).isEqualTo(403);
    assertThat(send(new Visitor(workshop), job, UUID.randomUUID(), step).status()).isIn(401, 403);
    assertThat(new Visitor(workshop).get("/api/jobs/" + job.id + "/photographs").status())
        .isEqualTo(401);
    JobRun planned = new JobRun(asta);
    planned.open("Mule 2", "skid-plate-front");
    assertThat(send(asta, planned, UUID.randomUUID(), step).status()).isEqualTo(404);
  }

  @Test
  void standsInTheRecordOnPaperAndInTheWholeWorkshop() throws IOException, SQLException {
    JobRun job = JobRun.skidPlate(asta);
    UUID id = UUID.randomUUID();
    send(asta, job, id, current(job));
    JsonNode state = job.run().path("state");
    while (!state.path("signedOff").asBoolean()) {
      Map<String, Object> said =
          job.said(state.path("answers").get(0).path("kind").asString(), state);
      if (said.get("kind").equals("SECOND_LOOK")) {
        said.put("witness", Map.of("name", "Bram", "pin", "1357"));
      }
      state = job.send(said).body().path("state");
    }
    UUID late = UUID.randomUUID();
    Answer after = send(asta, job, late, "sign-off", Camera.jpeg(480, 640), "image/jpeg");
    assertThat(after.status()).as(after.detail()).isEqualTo(200);
    assertThat(after.body().get(1).path("afterSignature").asBoolean()).isTrue();

    JsonNode kept = asta.get("/api/jobs/" + job.id + "/photographs").body().get(0);
    byte[] json = asta.bytes("/api/log/" + job.id + "/record.json");
    JsonNode named = new JsonMapper().readTree(json).path("photographs");
    assertThat(named).as("the late one is not named").hasSize(1);
    assertThat(named.get(0).path("id").asString()).isEqualTo(id.toString());
    assertThat(named.get(0).path("sha256")).isEqualTo(kept.path("sha256"));
    assertThat(named.get(0).path("moment").asString()).isEqualTo("AS_FOUND");

    try (PDDocument pdf = Loader.loadPDF(asta.bytes("/api/log/" + job.id + "/record.pdf"))) {
      int images = 0;
      for (var page : pdf.getPages()) {
        for (var name : page.getResources().getXObjectNames()) {
          images += page.getResources().isImageXObject(name) ? 1 : 0;
        }
      }
      assertThat(images).as("pictures on paper").isEqualTo(2);
    }
    Set<String> files = new HashSet<>();
    try (ZipInputStream zip =
        new ZipInputStream(new ByteArrayInputStream(asta.bytes("/api/workshop/everything.zip")))) {
      for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
        files.add(e.getName());
      }
    }
    int number = asta.get("/api/log/" + job.id).body().path("line").path("number").asInt();
    assertThat(files)
        .contains(
            "photographs.csv",
            "photographs/job-" + number + "/1.jpg",
            "photographs/job-" + number + "/2.jpg");
  }
}
