package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.book.SpecDoubts;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.event.ValuesChanged;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.words.TypedWords;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The book as people keep it: values are entered, changed by a later one, confirmed by somebody
 * else, noted, taken back. Nothing is overwritten.
 */
@Service
class SpecBook {
  static final int MOST = 100;
  private static final int LONGEST_NOTE = 500;
  private static final int MOST_SHARED = 5000;

  private final BookMapper mapper;
  private final CriticalPlaces critical;
  private final ApplicationEventPublisher events;

  SpecBook(BookMapper mapper, CriticalPlaces critical, ApplicationEventPublisher events) {
    this.mapper = mapper;
    this.critical = critical;
    this.events = events;
  }

  /** Values with all the words, wherever they stand. */
  List<BookValue> search(String typed, long before) {
    return mapper.search(TypedWords.patterns(typed), before, MOST);
  }

  BookValue value(UUID id) {
    BookValue found = mapper.byId(id);
    if (found == null) {
      throw Refusal.notFound("This value");
    }
    return found;
  }

  /** What is stated besides for the same joint. */
  List<BookValue> besides(BookValue value) {
    return mapper.about(value.make(), value.model(), value.place()).stream()
        .filter(v -> !v.id().equals(value.id()) && v.line().meets(value.line()))
        .toList();
  }

  /** What it was before, newest first. */
  List<BookValue> before(BookValue value) {
    List<BookValue> chain = new ArrayList<>();
    UUID earlier = value.replaces();
    while (earlier != null && chain.size() < MOST) {
      BookValue one = value(earlier);
      chain.add(one);
      earlier = one.replaces();
    }
    return chain;
  }

  List<BookNote> notes(UUID id) {
    return mapper.notes(id);
  }

  /** Whether a joint of this name can kill or lock a wheel in any job. */
  boolean isCritical(BookValue value) {
    return critical.holds(value.place());
  }

  /** A value with what is doubtful about it. */
  record Doubted(BookValue value, SpecDoubts doubts) {}

  /** All in the book that disagrees with something else there, to work through. */
  List<Doubted> doubted() {
    List<BookValue> shared = mapper.sharedPlaces(MOST_SHARED);
    Map<SpecLine.Place, List<BookValue>> places = new java.util.LinkedHashMap<>();
    shared.forEach(v -> places.computeIfAbsent(v.line().about(), p -> new ArrayList<>()).add(v));
    List<Doubted> doubted = new ArrayList<>();
    for (List<BookValue> values : places.values()) {
      for (BookValue v : values) {
        SpecDoubts doubts =
            SpecDoubts.of(
                v.line(), values.stream().filter(o -> o != v).map(BookValue::line).toList());
        if (!doubts.isNone()) {
          doubted.add(new Doubted(v, doubts));
        }
      }
    }
    return doubted;
  }

  /**
   * Enters a value, once however often it is sent.
   *
   * @param replaces the one it takes the place of; null for another beside those there are
   * @throws Refusal when somebody changed that one meanwhile, with what it is now
   */
  @Transactional
  public BookValue enter(
      UUID id, SpecLine line, @Nullable UUID replaces, Instant at, Signature by) {
    BookValue same = mapper.byId(id);
    if (same != null) {
      return same;
    }
    if (replaces != null) {
      BookValue before = value(replaces);
      if (before.goneWhy() != null) {
        throw Refusal.conflict(
            "“"
                + before.torque()
                + "” holds no longer: "
                + before.goneWhy()
                + " ("
                + before.goneBy()
                + "). What you typed is still in the form; look at what stands there now, then decide.",
            Map.of());
      }
      mapper.takeBack(goneId(id), replaces, "changed to “" + line.torque() + "”", by, at);
    }
    mapper.enter(id, line, replaces, by, at);
    tell(
        List.of(line),
        replaces == null
            ? Map.of()
            : Map.of(replaces, "changed in the spec book to “" + line.torque() + "”"),
        at,
        by);
    return value(id);
  }

  private static UUID goneId(UUID id) {
    return UUID.nameUUIDFromBytes(("gone " + id).getBytes(java.nio.charset.StandardCharsets.UTF_8));
  }

  private void tell(List<SpecLine> lines, Map<UUID, String> gone, Instant at, Signature by) {
    Set<ValuesChanged.Model> models = new java.util.HashSet<>();
    lines.forEach(
        l ->
            models.add(
                new ValuesChanged.Model(
                    l.make().toLowerCase(Locale.ROOT), l.model().toLowerCase(Locale.ROOT))));
    events.publishEvent(new ValuesChanged(models, gone, at, by));
  }

  /** Takes back what was wrong. */
  @Transactional
  public void takeBack(UUID id, UUID valueId, String reason, Instant at, Signature by) {
    BookValue value = value(valueId);
    new Problems()
        .require(
            !reason.isBlank() && reason.length() <= LONGEST_NOTE,
            "reason",
            "is missing: say what is wrong with it, in at most 500 characters.")
        .orThrow();
    if (value.goneWhy() == null) {
      mapper.takeBack(id, valueId, reason.strip(), by, at);
      tell(
          List.of(value.line()),
          Map.of(valueId, "taken back in the spec book: " + reason.strip()),
          at,
          by);
    }
  }

  /**
   * Another person looked at the document and finds the same there.
   *
   * @throws Refusal for the one who entered it, and on a critical joint for all but leads
   */
  @Transactional
  public void confirm(UUID id, UUID valueId, Instant at, Signature by) {
    BookValue value = value(valueId);
    if (value.confirmedBy() != null) {
      return;
    }
    if (value.saidById().equals(by.id())) {
      throw Refusal.forbidden(
          "You entered this value yourself; somebody else looks at the document and confirms it.");
    }
    if (isCritical(value) && !by.lead()) {
      throw Refusal.forbidden("On a critical joint a lead confirms.");
    }
    if (value.goneWhy() != null) {
      throw Refusal.conflict("This value holds no longer: " + value.goneWhy() + ".", Map.of());
    }
    mapper.confirm(id, valueId, by, at);
  }

  @Transactional
  public void note(UUID id, UUID valueId, String words, Instant at, Signature by) {
    value(valueId);
    new Problems()
        .require(
            !words.isBlank() && words.length() <= LONGEST_NOTE,
            "words",
            "must have 1 to 500 characters: say where it does not hold, or what else to know.")
        .orThrow();
    mapper.note(id, valueId, words.strip(), by, at);
  }

  List<String> places() {
    return mapper.places();
  }
}
