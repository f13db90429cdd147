package app.unimetric.server.pack;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.pack.PackLibrary;
import app.unimetric.documents.pack.PackReader;
import app.unimetric.server.problem.Refusal;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Packs on offer: those of the catalogue that comes with the application, and those people brought.
 * One that was brought is its bringer's until a lead confirms it, and stands beside the catalogue's
 * of the same key; it never takes its place.
 */
@Service
public class Packs {
  private static final int KEPT_READ = 500;

  /**
   * It stands in addresses and names of files, and nothing that tells an own one apart is in it.
   */
  private static final Pattern KEY = Pattern.compile("[\\p{L}\\p{N}._-]{1,100}");

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

  /**
   * A pack as taken, with the version it got.
   *
   * @param confirmed whether everybody may open it
   */
  public record Taken(JobPack pack, int version, boolean confirmed) {}

  /** A document on offer and what it says. */
  public record Offered(String document, JobPack pack) {}

  /**
   * A pack somebody brought, as it is offered.
   *
   * @param key to open it by; not that of the catalogue's where there is one
   * @param pack its jobs around it written in
   * @param original the catalogue's of its key; null where there is none
   */
  public record Brought(String key, OwnPack own, JobPack pack, @Nullable JobPack original) {}

  /** What a stored document says. The same text is read once. */
  public JobPack read(String document) {
    return read.get(document, reader::read);
  }

  private JobPack readWhole(String document) {
    return read(reader.whole(document, asCatalogued()));
  }

  /** Jobs that others are made of are the catalogue's; else what all may open. */
  private PackLibrary asCatalogued() {
    return key -> found(key, null);
  }

  /**
   * Takes a pack as the newest version of its key; a broken one is refused whole with the place of
   * each error, and one that changes nothing makes no new version. Jobs already opened keep theirs.
   */
  @Transactional
  public Taken take(String document, Signature by, Instant at) {
    JobPack pack = reader.take(document, asCatalogued());
    new Problems()
        .require(
            KEY.matcher(pack.key()).matches(),
            "key",
            "must have 1 to 100 letters, figures, dots and dashes: people open it by that.")
        .orThrow();
    int newest = mapper.version(pack.key());
    String before = mapper.newest(pack.key());
    if (before != null && readWhole(before).equals(pack)) {
      return new Taken(pack, newest, mapper.isConfirmed(pack.key(), newest));
    }
    if (mapper.add(pack.key(), newest + 1, document, by, at) == 0) {
      throw Refusal.stale(newest, mapper.version(pack.key()));
    }
    if (by.lead()) {
      mapper.confirm(pack.key(), newest + 1, by, at);
    }
    return new Taken(pack, newest + 1, by.lead());
  }

  /**
   * A lead answers for a version that somebody brought.
   *
   * @throws Refusal when there is none that waits
   */
  public void confirm(String key, int version, Instant at, Signature lead) {
    if (mapper.confirm(key, version, lead, at) == 0) {
      throw Refusal.notFound("A version of this pack that waits for a lead");
    }
  }

  /** What people brought and this person may open: what is confirmed, one's own, a lead all. */
  public List<Brought> brought(Signature person) {
    return mapper.all(person.id(), person.lead()).stream().map(this::brought).toList();
  }

  /** The newest versions that everybody may open, of those that people brought. */
  public List<OwnPack> confirmed() {
    return mapper.all(null, false);
  }

  private Brought brought(OwnPack own) {
    JobPack original = catalogue.document(own.key()).map(this::readWhole).orElse(null);
    return new Brought(
        original == null ? own.key() : own.key() + OwnPack.OWN,
        own,
        readWhole(own.document()),
        original);
  }

  /** All packs that everybody may open, those brought that the catalogue lacks first. */
  public List<JobPack> all() {
    return Stream.concat(
            confirmed().stream()
                .filter(o -> catalogue.document(o.key()).isEmpty())
                .map(o -> readWhole(o.document())),
            catalogue.entries().stream().map(Offered::pack))
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
   * The document of a key, the jobs around it written into it: the catalogue's, or what somebody
   * brought, whose values then say so.
   *
   * @param person who asks; null for what everybody may open
   * @throws Refusal when there is none
   */
  public Offered offered(String key, @Nullable Signature person) {
    String document = found(key, person).orElseThrow(() -> Refusal.notFound("This kind of job"));
    String whole = reader.whole(document, asCatalogued());
    return new Offered(whole, read(whole));
  }

  /** Whether a job of this key is on offer. */
  public boolean isOffered(String key, @Nullable Signature person) {
    return found(key, person).isPresent();
  }

  /**
   * A document with the jobs it names written into it.
   *
   * @param person who asks
   * @param besides where jobs are found that are not on offer to all
   */
  public String whole(String document, @Nullable Signature person, PackLibrary besides) {
    return reader.whole(document, key -> found(key, person).or(() -> besides.document(key)));
  }

  /** What a document that names the jobs around it comes to today. */
  public JobPack take(Map<String, Object> document) {
    return reader.take(document, asCatalogued());
  }

  private Optional<String> found(String key, @Nullable Signature person) {
    Optional<String> original = catalogue.document(key);
    if (original.isPresent()) {
      return original;
    }
    String plain =
        key.endsWith(OwnPack.OWN) ? key.substring(0, key.length() - OwnPack.OWN.length()) : key;
    return Optional.ofNullable(
            mapper.of(plain, person == null ? null : person.id(), person != null && person.lead()))
        .map(own -> EnteredBy.in(own.document(), own.enteredBy()));
  }
}
