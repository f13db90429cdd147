package app.unimetric.server.pack;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.documents.pack.PackLibrary;
import app.unimetric.documents.pack.PackReader;
import app.unimetric.server.problem.Refusal;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Packs on offer: the application's own catalogue and the workshop's own, which go before. */
@Service
public class Packs {
  private static final int KEPT_READ = 500;
  private final PackMapper mapper;
  private final PackCatalogue catalogue;
  private final PackReader reader;
  private final JsonMapper json;
  private final Cache<String, JobPack> read = Caffeine.newBuilder().maximumSize(KEPT_READ).build();

  Packs(PackMapper mapper, PackCatalogue catalogue, PackReader reader, JsonMapper json) {
    this.mapper = mapper;
    this.catalogue = catalogue;
    this.reader = reader;
    this.json = json;
  }

  /** A pack as taken, with the version it got. */
  public record Taken(JobPack pack, int version) {}

  /** A document on offer and what it says. */
  public record Offered(String document, JobPack pack) {}

  /** What a stored document says. The same text is read once. */
  public JobPack read(String document) {
    return read.get(document, reader::read);
  }

  private JobPack readWhole(String document) {
    return read(reader.whole(document, this::found));
  }

  /**
   * Takes a pack as the newest version of its key; a broken one is refused whole with the place of
   * each error, and one that changes nothing makes no new version. Jobs already opened keep theirs.
   */
  @Transactional
  public Taken take(String document, Signature by) {
    JobPack pack = reader.take(document, this::found);
    int newest = mapper.version(pack.key());
    String before = mapper.newest(pack.key());
    if (before != null && readWhole(before).equals(pack)) {
      return new Taken(pack, newest);
    }
    if (mapper.add(pack.key(), newest + 1, document, by) == 0) {
      throw Refusal.stale(newest, mapper.version(pack.key()));
    }
    return new Taken(pack, newest + 1);
  }

  /** All packs on offer, the workshop's own first. */
  public List<JobPack> all() {
    List<JobPack> own = mapper.all().stream().map(this::readWhole).toList();
    return Stream.concat(
            own.stream(),
            catalogue.entries().stream()
                .map(Offered::pack)
                .filter(p -> own.stream().noneMatch(o -> o.key().equals(p.key()))))
        .toList();
  }

  /**
   * Packs that suit a machine and match what was typed: those called so first, those written for
   * its model before the general ones; last what was perhaps meant, where a letter slipped.
   */
  public List<JobPack> offered(MachineKind kind, String model, String text) {
    List<JobPack> suiting = all().stream().filter(p -> p.suits(kind, model)).toList();
    if (text.isBlank()) {
      return suiting;
    }
    List<JobPack> found =
        suiting.stream()
            .filter(p -> p.matches(text))
            .sorted(
                Comparator.comparing((JobPack p) -> !p.isCalled(text))
                    .thenComparing(p -> p.models().isEmpty()))
            .toList();
    return found.isEmpty() ? perhaps(suiting, text) : found;
  }

  private List<JobPack> perhaps(List<JobPack> packs, String text) {
    Map<String, JobPack> named = new LinkedHashMap<>();
    Map<String, String> words = new LinkedHashMap<>();
    for (JobPack pack : packs) {
      named.put(pack.key(), pack);
      words.put(pack.key(), pack.lookedUpBy().toLowerCase(Locale.ROOT));
    }
    return mapper.near(text.toLowerCase(Locale.ROOT), json.writeValueAsString(words)).stream()
        .map(named::get)
        .filter(Objects::nonNull)
        .toList();
  }

  /**
   * The newest document of a key, the jobs around it written into it.
   *
   * @throws Refusal when there is none
   */
  public Offered offered(String key) {
    String document = found(key).orElseThrow(() -> Refusal.notFound("This kind of job"));
    String whole = reader.whole(document, this::found);
    return new Offered(whole, read(whole));
  }

  /** Whether a job of this key is on offer to all. */
  public boolean isOffered(String key) {
    return found(key).isPresent();
  }

  /**
   * A document with the jobs it names written into it.
   *
   * @param besides where jobs are found that are not on offer to all
   */
  public String whole(String document, PackLibrary besides) {
    return reader.whole(document, key -> found(key).or(() -> besides.document(key)));
  }

  /** What a document that names the jobs around it comes to today. */
  public JobPack take(Map<String, Object> document) {
    return reader.take(document, this::found);
  }

  private Optional<String> found(String key) {
    String own = mapper.newest(key);
    return own != null ? Optional.of(own) : catalogue.document(key);
  }
}
