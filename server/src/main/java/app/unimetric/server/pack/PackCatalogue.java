package app.unimetric.server.pack;

import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The ordinary jobs that come with the application: data, one document each. */
@Component
class PackCatalogue {
  private final Map<String, String> documents = new LinkedHashMap<>();
  private final List<Packs.Offered> entries = new ArrayList<>();

  PackCatalogue(PackReader reader, JsonMapper json) throws IOException {
    Resource[] found =
        new PathMatchingResourcePatternResolver().getResources("classpath*:/packs/*.json");
    for (Resource resource : found) {
      String document = resource.getContentAsString(StandardCharsets.UTF_8);
      documents.put(json.readTree(document).path("key").asString(), document);
    }
    for (String document : documents.values()) {
      String whole = reader.whole(document, this::document);
      entries.add(new Packs.Offered(whole, reader.read(whole)));
    }
    entries.sort(Comparator.comparing(e -> e.pack().title()));
  }

  List<Packs.Offered> entries() {
    return List.copyOf(entries);
  }

  /** The document of a key as it comes with the application; empty when there is none. */
  Optional<String> document(String key) {
    return Optional.ofNullable(documents.get(key));
  }
}
