package app.unimetric.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The committed document is what the server says; after a change write it anew with {@code mvn -pl
 * server test -Dtest=OpenApiDriftTest -Dopenapi.write=true}.
 */
@InWorkshop
class OpenApiDriftTest {
  @Test
  void committedDocumentIsWhatTheServerSays(Workshop workshop) throws IOException {
    JsonMapper json = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    JsonNode now = new Visitor(workshop).get("/v3/api-docs/of-the-code").body();
    String document = json.writeValueAsString(now) + "\n";
    Path committed = Path.of("openapi.json");
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(committed, document);
    }
    assertThat(Files.readString(committed)).isEqualTo(document);
    assertThat(
            new Visitor(workshop).get("/v3/api-docs").body().path("info").path("title").asString())
        .isEqualTo("Unimetric");
  }
}
