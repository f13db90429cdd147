package app.unimetric.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What never changes is made once, and is not sent again to who has it. */
@InWorkshop
class MadeOnceTest {
  private final Workshop workshop;

  MadeOnceTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private HttpResponse<byte[]> got(String path, String... headers)
      throws IOException, InterruptedException {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(workshop.url() + path));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return HttpClient.newHttpClient()
        .send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
  }

  @ParameterizedTest
  @ValueSource(strings = {"/api/compute/choices", "/api/compute/fit-sizes", "/v3/api-docs"})
  void whoHasItIsToldSoAndGetsNothing(String path) throws IOException, InterruptedException {
    HttpResponse<byte[]> plain = got(path);
    assertThat(plain.statusCode()).isEqualTo(200);
    String tag = plain.headers().firstValue("ETag").orElseThrow();
    assertThat(got(path, "If-None-Match", tag).statusCode()).isEqualTo(304);
    HttpResponse<byte[]> packed = got(path, "Accept-Encoding", "gzip");
    assertThat(packed.headers().firstValue("Content-Encoding")).contains("gzip");
    assertThat(packed.headers().firstValue("ETag").orElseThrow()).isNotEqualTo(tag);
    try (GZIPInputStream in = new GZIPInputStream(new ByteArrayInputStream(packed.body()))) {
      assertThat(in.readAllBytes()).isEqualTo(plain.body());
    }
    assertThat(new String(plain.body(), StandardCharsets.UTF_8)).startsWith("{");
  }

  @Test
  void whatTheAnswerIsMadeOfIsSaidForWhatItIs() {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    HttpRequest.Builder asked =
        HttpRequest.newBuilder(URI.create(workshop.url() + "/api/sheets/of-VALUES.csv"))
            .header("Accept", "application/json");
    assertThat(bram.send(asked).status()).isEqualTo(406);
    assertThat(bram.get("/actuator").status()).isEqualTo(404);
    assertThat(bram.get("/actuator/health").status()).isEqualTo(200);
  }
}
