package app.unimetric.server.book;

import app.unimetric.core.book.SpecColumn;
import app.unimetric.core.book.SpecDoubts;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.stated.Source;
import app.unimetric.documents.settings.Right;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.settings.Settings;
import java.time.Clock;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The spec book on screen. */
@RestController
@RequestMapping("/api/book")
class BookController {
  private final SpecBook book;
  private final Settings settings;
  private final Clock clock;

  BookController(SpecBook book, Settings settings, Clock clock) {
    this.book = book;
    this.settings = settings;
    this.clock = clock;
  }

  /** A word of a list with what it means. */
  record Named(String code, String words) {}

  /**
   * @param more where to go on; missing at the end
   */
  record BookPage(
      List<BookValue> values, @Nullable Long more, List<Named> sources, List<Named> conditions) {}

  /**
   * Values with all the words.
   *
   * @param before only those that stand before this place
   */
  @GetMapping
  BookPage search(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(required = false) @Nullable Long before) {
    List<BookValue> found = book.search(q, before == null ? Long.MAX_VALUE : before);
    return new BookPage(
        found,
        found.size() < SpecBook.MOST ? null : found.get(found.size() - 1).serverOrder(),
        Arrays.stream(Source.values()).map(s -> new Named(s.name(), s.words())).toList(),
        Arrays.stream(FrictionCondition.values())
            .map(c -> new Named(c.name(), c.words()))
            .toList());
  }

  /**
   * A value with all that is known of it.
   *
   * @param critical whether its joint can kill or lock a wheel
   * @param besides what else is stated for the same joint
   * @param before what it was, newest first
   */
  record BookEntry(
      BookValue value,
      boolean critical,
      SpecDoubts doubts,
      List<BookNote> notes,
      List<BookValue> besides,
      List<BookValue> before) {}

  @GetMapping("/values/{id}")
  BookEntry entry(@PathVariable UUID id) {
    BookValue value = book.value(id);
    List<BookValue> besides = book.besides(value);
    return new BookEntry(
        value,
        book.isCritical(value),
        SpecDoubts.of(value.line(), besides.stream().map(BookValue::line).toList()),
        book.notes(id),
        besides,
        book.before(value));
  }

  /** Names of joints as values are kept under them. */
  @GetMapping("/places")
  List<String> places() {
    return book.places();
  }

  /** A value that disagrees with another. */
  record DoubtedValue(BookValue value, List<String> conflicts, List<String> slips) {}

  /** All in the book that disagrees with something else there. */
  @GetMapping("/doubts")
  List<DoubtedValue> doubts() {
    return book.doubted().stream()
        .map(d -> new DoubtedValue(d.value(), d.doubts().conflicts(), d.doubts().slips()))
        .toList();
  }

  /**
   * A value as typed.
   *
   * @param years one, or a span such as 2019-2022
   * @param torque with its unit
   */
  record TypedValue(
      String make,
      String model,
      String years,
      String variant,
      String place,
      String thread,
      String torque,
      Source source,
      String document,
      FrictionCondition condition) {
    SpecLine line() {
      Map<SpecColumn, String> cells = new EnumMap<>(SpecColumn.class);
      cells.put(SpecColumn.MAKE, make);
      cells.put(SpecColumn.MODEL, model);
      cells.put(SpecColumn.YEAR_FROM, years);
      cells.put(SpecColumn.VARIANT, variant);
      cells.put(SpecColumn.PLACE, place);
      cells.put(SpecColumn.THREAD, thread);
      cells.put(SpecColumn.TORQUE, torque);
      cells.put(SpecColumn.SOURCE, source.name());
      cells.put(SpecColumn.DOCUMENT, document);
      cells.put(SpecColumn.CONDITION, condition.name());
      return SpecLine.of(cells);
    }
  }

  /**
   * @param id made by the sender
   * @param replaces the value it takes the place of
   */
  record NewBookValue(UUID id, TypedValue value, @Nullable UUID replaces) {}

  @PostMapping("/values")
  BookEntry enter(@RequestBody NewBookValue v, @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.ENTER_VALUES, person.isLead());
    book.enter(v.id(), v.value().line(), v.replaces(), clock.instant(), person.signature());
    return entry(v.id());
  }

  /**
   * @param id made by the sender
   */
  record NewConfirmation(UUID id) {}

  @PostMapping("/values/{id}/confirmations")
  BookEntry confirm(
      @PathVariable UUID id,
      @RequestBody NewConfirmation c,
      @AuthenticationPrincipal SignedIn person) {
    book.confirm(c.id(), id, clock.instant(), person.signature());
    return entry(id);
  }

  /**
   * @param id made by the sender
   * @param words where it does not hold, or what else to know
   */
  record NewBookNote(UUID id, String words) {}

  @PostMapping("/values/{id}/notes")
  BookEntry note(
      @PathVariable UUID id, @RequestBody NewBookNote n, @AuthenticationPrincipal SignedIn person) {
    book.note(n.id(), id, n.words(), clock.instant(), person.signature());
    return entry(id);
  }

  /**
   * @param id made by the sender
   */
  record NewTakingBack(UUID id, String reason) {}

  @PostMapping("/values/{id}/withdrawals")
  BookEntry takeBack(
      @PathVariable UUID id,
      @RequestBody NewTakingBack t,
      @AuthenticationPrincipal SignedIn person) {
    settings.check(Right.ENTER_VALUES, person.isLead());
    book.takeBack(t.id(), id, t.reason(), clock.instant(), person.signature());
    return entry(id);
  }
}
