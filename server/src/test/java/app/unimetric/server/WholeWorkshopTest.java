package app.unimetric.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor.Answer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** All of a workshop out in open formats, and into another that has just begun. */
@InWorkshop
class WholeWorkshopTest {
  private static Map<String, byte[]> files(byte[] zipped) throws IOException {
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(zipped))) {
      for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
        files.put(e.getName(), zip.readAllBytes());
      }
    }
    return files;
  }

  /** The newest value stands first, so what came in last does. */
  private static List<String> lines(byte[] file) {
    return new String(file, StandardCharsets.UTF_8).lines().sorted().toList();
  }

  private static byte[] zipped(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
        zip.closeEntry();
      }
    }
    return bytes.toByteArray();
  }

  private static Answer bring(Visitor who, byte[] file) {
    return who.send(
        HttpRequest.newBuilder(URI.create(who.url() + "/api/workshop/everything"))
            .header("Content-Type", "application/octet-stream")
            .header("X-XSRF-TOKEN", who.token())
            .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
  }

  @Test
  void whatGoesOutComesInWhereAWorkshopHasJustBegun(Workshop workshop) throws IOException {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    assertThat(Visitor.signedIn(workshop, "Bram").get("/api/workshop/everything.zip").status())
        .isEqualTo(403);
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    String waits =
        new String(
                files(asta.bytes("/api/workshop/everything.zip")).get("packs/stem-and-bar.json"),
                StandardCharsets.UTF_8)
            .replace("\"stem-and-bar\"", "\"brams-stem\"");
    assertThat(bram.post("/api/packs", waits).status()).isEqualTo(200);
    byte[] all = asta.bytes("/api/workshop/everything.zip?cards=true");
    Map<String, byte[]> files = files(all);
    assertThat(files)
        .as("what waits for a lead is nobody's else")
        .doesNotContainKey("packs/brams-stem.json");
    assertThat(files)
        .containsKeys(
            "README.txt",
            "machines.csv",
            "tools.csv",
            "values.csv",
            "parts.csv",
            "people.csv",
            "settings.json",
            "jobs.csv",
            "addenda.csv",
            "records/job-1.json",
            "cards/job-1.pdf",
            "packs/skid-plate-front.json");
    assertThat(new String(files.get("cards/job-1.pdf"), StandardCharsets.ISO_8859_1))
        .startsWith("%PDF");
    assertThat(new JsonMapper().readTree(files.get("records/job-1.json")).path("format").asString())
        .isEqualTo("unimetric-record");
    String people = new String(files.get("people.csv"), StandardCharsets.UTF_8);
    assertThat(people).contains("Asta,LEAD").doesNotContain("argon2", "$2");

    assertThat(bring(asta, all).status()).as("machines are here").isEqualTo(409);
    Workshop second = Workshop.ofItsOwn();
    try {
      Visitor lead = Visitor.signedIn(second, "Asta");
      emptied(second);
      Map<String, byte[]> torn = new LinkedHashMap<>(files);
      torn.put("values.csv", "make;model\nx;y\n".getBytes(StandardCharsets.UTF_8));
      assertThat(bring(lead, zipped(torn)).status()).as("one sheet is broken").isEqualTo(400);
      assertThat(lead.get("/api/machines").body()).as("so nothing came").isEmpty();
      torn = new LinkedHashMap<>(files);
      torn.put("parts.csv", "name,pieces\nx,1\n".getBytes(StandardCharsets.UTF_8));
      assertThat(bring(lead, zipped(torn)).status()).as("other columns").isEqualTo(400);
      torn.put(
          "parts.csv",
          "name,pieces,price,size,strength,order number\nx,many,,,,\n"
              .getBytes(StandardCharsets.UTF_8));
      assertThat(bring(lead, zipped(torn)).status()).as("no count").isEqualTo(400);
      assertThat(lead.get("/api/machines").body()).isEmpty();
      assertThat(bring(lead, "no zip".getBytes(StandardCharsets.UTF_8)).status()).isEqualTo(400);
      byte[] ends = new byte[99_000_000];
      java.util.Arrays.fill(ends, (byte) '\n');
      Answer bomb = bring(lead, zipped(Map.of("machines.csv", ends)));
      assertThat(bomb.status()).as(bomb.detail()).isEqualTo(400);
      assertThat(bomb.detail()).contains("24 MB of sheets and packs");
      assertThat(bring(lead, zipped(Map.of("../../etc/x", new byte[3]))).status()).isEqualTo(400);

      Answer came = bring(lead, all);
      assertThat(came.status()).as(came.detail()).isEqualTo(200);
      assertThat(came.body().path("stayed").toString()).contains("records/job-1.json");
      Map<String, byte[]> again = files(lead.bytes("/api/workshop/everything.zip"));
      for (String name :
          new String[] {"machines.csv", "values.csv", "packs/skid-plate-front.json"}) {
        assertThat(lines(again.get(name))).as(name).isEqualTo(lines(files.get(name)));
      }
    } finally {
      second.end();
    }
  }

  /** As it was before its first machine: a test's own workshop begins with the demo's people. */
  private static void emptied(Workshop workshop) {
    try (java.sql.Connection owner = workshop.asOwner();
        java.sql.Statement statement = owner.createStatement()) {
      statement.execute(
          "SET session_replication_role = replica; TRUNCATE machine, torque_tool, stated_value, pack, shelf_part CASCADE; TRUNCATE brought_sheet CASCADE");
    } catch (java.sql.SQLException e) {
      throw new IllegalStateException(e);
    }
  }
}
