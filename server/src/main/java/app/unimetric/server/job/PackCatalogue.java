package app.unimetric.server.job;

import app.unimetric.core.pack.JobPack;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The ordinary jobs that come with the application: data, one document each. */
@Component
class PackCatalogue {
  private final List<Entry> entries = new ArrayList<>();

  /** A document and what it says. */
  record Entry(String document, JobPack pack) {}

  PackCatalogue(PackDocuments packs) throws IOException {
    Resource[] found =
        new PathMatchingResourcePatternResolver().getResources("classpath*:/packs/*.json");
    for (Resource resource : found) {
      String document = resource.getContentAsString(StandardCharsets.UTF_8);
      entries.add(new Entry(document, packs.read(document)));
    }
    entries.sort(Comparator.comparing(e -> e.pack().title()));
  }

  List<Entry> entries() {
    return List.copyOf(entries);
  }

  @Nullable String document(String key) {
    return entries.stream()
        .filter(e -> e.pack().key().equals(key))
        .map(Entry::document)
        .findFirst()
        .orElse(null);
  }
}
