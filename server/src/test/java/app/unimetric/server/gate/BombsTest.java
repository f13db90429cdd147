package app.unimetric.server.gate;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.UUID;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

/** Small things that would be large once they are read are refused, each with a plain message. */
@InWorkshop
class BombsTest {
  private final Workshop workshop;
  private final Visitor asta;

  BombsTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private Visitor.Answer sent(String path, String type, byte[] body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(workshop.url() + path))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", asta.token())
            .POST(HttpRequest.BodyPublishers.ofByteArray(body));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return asta.send(request);
  }

  private Visitor.Answer json(String path, String text, String... headers) {
    return sent(path, "application/json", text.getBytes(StandardCharsets.UTF_8), headers);
  }

  private void refused(Visitor.Answer answer, int status, String words) {
    assertThat(answer.status()).as(answer.detail()).isEqualTo(status);
    assertThat(answer.detail()).contains(words);
    assertThat(asta.get("/api/today").status()).isEqualTo(200);
  }

  @Test
  void jsonThatIsDeeperOrLongerThanAnyPackIsRefused() {
    String deep = "[".repeat(60_000);
    refused(json("/api/compute/plan", "{\"pack\":{\"a\":" + deep), 400, "deep at most");
    String objects = "{\"a\":".repeat(60_000);
    refused(json("/api/compute/plan", "{\"pack\":{\"b\":" + objects), 400, "deep at most");
    String lists = "[],".repeat(600_000);
    refused(json("/api/compute/plan", "{\"pack\":{\"a\":[" + lists), 400, "values and names");
    String numbers = "1,".repeat(1_000_000);
    refused(json("/api/packs", "{\"pack\":{\"a\":[" + numbers), 400, "");
    refused(json("/api/compute/plan", " ".repeat(2_100_000)), 413, "larger than this call takes");
    refused(json("/api/compute/convert", "{\"value\":1e" + "9".repeat(60_000) + "}"), 400, "");
  }

  @Test
  void whatIsPackedIsNotUnpacked() throws IOException {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream zip = new GZIPOutputStream(packed)) {
      zip.write(new byte[30_000_000]);
    }
    refused(
        sent(
            "/api/compute/convert",
            "application/json",
            packed.toByteArray(),
            "Content-Encoding",
            "gzip"),
        400,
        "JSON");
    refused(
        sent(
            "/api/packs",
            "multipart/form-data; boundary=a",
            "--a\r\n".repeat(5000).getBytes(StandardCharsets.UTF_8)),
        415,
        "Forms are not taken");
  }

  @Test
  void aSheetOfOneEndlessLineOrOfNothingIsNoSheet() {
    byte[] line = new byte[20_000_000];
    Arrays.fill(line, (byte) 'x');
    refused(sheet(line), 400, "Line 1");
    Arrays.fill(line, (byte) '\n');
    refused(sheet(line), 400, "empty");
    Arrays.fill(line, (byte) ',');
    refused(sheet(line), 400, "columns");
    Arrays.fill(line, (byte) '"');
    refused(sheet(line), 400, "");
  }

  private Visitor.Answer sheet(byte[] file) {
    return sent(
        "/api/sheets?kind=VALUES&name=a.csv&id=" + UUID.randomUUID(),
        "application/octet-stream",
        file);
  }
}
