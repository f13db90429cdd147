package app.unimetric.server.job;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackReader;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Pack documents from JSON text to what the core reads. */
@Component
public class PackDocuments {
  private final JsonMapper json;

  PackDocuments(JsonMapper json) {
    this.json = json;
  }

  public JobPack read(String text) {
    return PackReader.read(json.readValue(text, new TypeReference<Map<String, Object>>() {}));
  }
}
