package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import app.unimetric.server.machine.Machine;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * What is stated for the places of each model: written down once, found again by the next job. Only
 * added to; a value that was wrong is taken back and stays.
 */
@Service
public class StatedBook {
  private static final int MOST_SISTERS = 8;
  private final BookMapper mapper;

  StatedBook(BookMapper mapper) {
    this.mapper = mapper;
  }

  /**
   * What is known for machines of this make, model, year and variant; said again for more years it
   * counts once.
   */
  public List<KnownValue> of(Machine machine) {
    Map<KnownValue.Said, KnownValue> once = new LinkedHashMap<>();
    mapper.of(machine).forEach(v -> once.putIfAbsent(v.said(), v));
    return List.copyOf(once.values());
  }

  /**
   * What is stated for a joint of machines that are nearly this one; to be offered, never taken.
   */
  public List<SisterValue> sisters(Machine machine, List<String> places) {
    return mapper.sisters(machine, places, MOST_SISTERS);
  }

  /** Whether nothing was ever written down. */
  public boolean isEmpty() {
    return !mapper.holdsAny();
  }

  /** All that says the same of a machine as one value does, itself with it. */
  public List<KnownValue> same(Machine machine, KnownValue value) {
    return mapper.of(machine).stream().filter(v -> v.said().equals(value.said())).toList();
  }

  /**
   * Of known values those about a joint.
   *
   * @param places what it is looked up under, the nearest first; of the first that is known all is
   *     given
   */
  public static List<KnownValue> about(List<KnownValue> known, List<String> places) {
    return places.stream()
        .map(place -> known.stream().filter(v -> v.place().equals(named(place))).toList())
        .filter(found -> !found.isEmpty())
        .findFirst()
        .orElse(List.of());
  }

  /** Writes a value down for the model of a machine; once however often it is sent. */
  public void add(Machine machine, ModelYears years, KnownValue v) {
    mapper.add(
        machine,
        years,
        new KnownValue(
            v.id(),
            named(v.place()),
            v.thread(),
            v.typed(),
            v.source(),
            v.document(),
            v.condition(),
            v.jobId(),
            v.saidBy(),
            v.saidById(),
            v.saidAt()));
  }

  /** A value that was wrong is taken back; unknown ones are passed over. */
  public void takeBack(UUID id, UUID valueId, String reason, Instant at, Signature by) {
    mapper.takeBack(id, valueId, reason, by, at);
  }

  private static String named(String place) {
    return place.strip().toLowerCase(Locale.ROOT);
  }
}
