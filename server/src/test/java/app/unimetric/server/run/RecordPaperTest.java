package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A signed record on paper and in open files: the same, for good, and it can be proved. */
@InWorkshop
class RecordPaperTest {
  private final Workshop workshop;
  private final Visitor asta;

  RecordPaperTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private JobRun signed() {
    JobRun job = JobRun.skidPlate(asta);
    JsonNode state = job.run().path("state");
    while (!state.path("signedOff").asBoolean()) {
      Map<String, Object> said =
          job.said(state.path("answers").get(0).path("kind").asString(), state);
      if (said.get("kind").equals("SECOND_LOOK")) {
        said.put("witness", Map.of("name", "Bram", "pin", "1357"));
      }
      Answer answer = job.send(said);
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      state = answer.body().path("state");
    }
    return job;
  }

  private byte[] file(JobRun job, String kind) {
    return asta.bytes("/api/log/" + job.id + "/record." + kind);
  }

  private static String sha256(byte[] bytes) throws NoSuchAlgorithmException {
    return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
  }

  @Test
  void theFileIsToItsSchemaCanonicalAndHasTheFingerprintThatIsSaid()
      throws IOException, NoSuchAlgorithmException {
    JobRun job = signed();
    byte[] bytes = file(job, "json");
    String json = new String(bytes, StandardCharsets.UTF_8);
    Schema schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Files.readString(Path.of("../docs/formats/record.schema.json")));
    assertThat(schema.validate(json, InputFormat.JSON)).isEmpty();
    JsonNode record = new JsonMapper().readTree(json);
    assertThat(record.toString()).as("nothing but what is needed").isEqualTo(json);
    assertThat(java.util.List.copyOf(record.propertyNames())).as("names in their order").isSorted();
    assertThat(record.path("entries").size())
        .isEqualTo(job.run().path("state").path("entries").size());
    assertThat(record.path("secondLookBy").asString("Bram")).isEqualTo("Bram");
    JsonNode paper = asta.get("/api/log/" + job.id + "/paper").body();
    assertThat(paper.path("fingerprint").asString()).isEqualTo(sha256(bytes));
    assertThat(paper.path("intact").asBoolean()).isTrue();
  }

  @Test
  void everyPageCarriesJobAndFingerprint() throws IOException, NoSuchAlgorithmException {
    JobRun job = signed();
    String fingerprint = sha256(file(job, "json"));
    try (PDDocument pdf = Loader.loadPDF(file(job, "pdf"))) {
      assertThat(pdf.getNumberOfPages()).isPositive();
      for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
        PDFTextStripper text = new PDFTextStripper();
        text.setStartPage(page);
        text.setEndPage(page);
        assertThat(text.getText(pdf)).contains(job.id.toString()).contains(fingerprint);
      }
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Signed by Asta")
          .contains("Tolvan")
          .doesNotContain("Added after");
    }
    String[] lines = new String(file(job, "csv"), StandardCharsets.UTF_8).split("\r\n");
    assertThat(lines).hasSize(1 + job.run().path("state").path("entries").size());
    assertThat(lines[0]).startsWith("done_at,by,step,fastener");
  }

  @Test
  void whatIsAddedLaterStandsBesideItAndTheRecordStaysAsItWas() throws SQLException, IOException {
    JobRun job = signed();
    byte[] before = file(job, "json");
    Map<String, Object> addendum =
        new HashMap<>(
            Map.of("id", UUID.randomUUID(), "words", "The left bolt was renewed on Monday."));
    String path = "/api/log/" + job.id + "/addenda";
    assertThat(asta.post(path, addendum).status()).isEqualTo(200);
    Answer again = asta.post(path, addendum);
    assertThat(again.status()).isEqualTo(200);
    assertThat(again.body().path("addenda")).hasSize(1);
    assertThat(again.body().path("addenda").get(0).path("saidBy").asString()).isEqualTo("Asta");
    addendum.put("words", "something else");
    assertThat(asta.post(path, addendum).status()).isEqualTo(409);
    assertThat(asta.post(path, Map.of("id", UUID.randomUUID(), "words", " ")).status())
        .isEqualTo(400);
    assertThat(
            Visitor.signedIn(workshop, "Visitor")
                .post(path, Map.of("id", UUID.randomUUID(), "words", "me too"))
                .status())
        .isEqualTo(403);
    assertThat(file(job, "json")).isEqualTo(before);
    try (PDDocument pdf = Loader.loadPDF(file(job, "pdf"))) {
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Added after it was signed")
          .contains("renewed on Monday");
    }
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      for (String change :
          new String[] {
            "UPDATE record_paper SET json = '{}'",
            "DELETE FROM record_paper",
            "UPDATE record_addendum SET words = 'never said'",
            "DELETE FROM record_addendum"
          }) {
        assertThatThrownBy(() -> statement.execute(change)).isInstanceOf(SQLException.class);
      }
    }
  }

  @Test
  void aFingerprintOnPaperFindsItsRecordAndARecordThatWasTamperedWithIsSaid() throws SQLException {
    JobRun job = signed();
    String fingerprint =
        asta.get("/api/log/" + job.id + "/paper").body().path("fingerprint").asString();
    String spaced = fingerprint.substring(0, 4) + "%20" + fingerprint.substring(4, 12);
    JsonNode found = asta.get("/api/log/fingerprints?digits=" + spaced).body();
    assertThat(found).hasSize(1);
    assertThat(found.get(0).path("jobId").asString()).isEqualTo(job.id.toString());
    assertThat(asta.get("/api/log/fingerprints?digits=0000000000ff").body()).isEmpty();
    assertThat(asta.get("/api/log/fingerprints?digits=12%25").status()).isEqualTo(400);
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute("ALTER TABLE record_paper DISABLE TRIGGER evidence");
      statement.execute(
          "UPDATE record_paper SET json = replace(json, 'Asta', 'Ilse') WHERE job_id = '"
              + job.id
              + "'");
      statement.execute("ALTER TABLE record_paper ENABLE TRIGGER evidence");
    }
    assertThat(asta.get("/api/log/" + job.id + "/paper").body().path("intact").asBoolean())
        .isFalse();
  }

  @Test
  void whatIsNotSignedHasNoPaper() {
    JobRun job = JobRun.skidPlate(asta);
    assertThat(asta.get("/api/log/" + job.id + "/record.pdf").status()).isEqualTo(404);
    assertThat(
            new Visitor(workshop)
                .send(
                    HttpRequest.newBuilder(
                        URI.create(workshop.url() + "/api/log/" + job.id + "/record.json")))
                .status())
        .isEqualTo(401);
  }
}
