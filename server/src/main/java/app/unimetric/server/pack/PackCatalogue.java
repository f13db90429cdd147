package app.unimetric.server.pack;

import app.unimetric.documents.pack.PackReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The ordinary jobs that come with the application: data, one document each. */
@Component
class PackCatalogue {
  private final List<Packs.Offered> entries = new ArrayList<>();

  PackCatalogue(PackReader reader) throws IOException {
    Resource[] found =
        new PathMatchingResourcePatternResolver().getResources("classpath*:/packs/*.json");
    for (Resource resource : found) {
      String document = resource.getContentAsString(StandardCharsets.UTF_8);
      entries.add(new Packs.Offered(document, reader.read(document)));
    }
    entries.sort(Comparator.comparing(e -> e.pack().title()));
  }

  List<Packs.Offered> entries() {
    return List.copyOf(entries);
  }
}
