package app.unimetric.core.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a product's own data sheet says of it. Nothing is invented where it is silent (guide,
 * section 7).
 *
 * @param times on metals and at temperatures, as they stand there
 * @param breakawayNm torque that breaks it loose, N·m; null when not stated
 * @param gapMm widest gap it fills, mm; null when not stated
 * @param hottestC highest temperature in use, °C; null when not stated
 * @param notFor materials the sheet warns of
 */
public record ProductSheet(
    List<CureTimes> times,
    @Nullable Double breakawayNm,
    @Nullable Double gapMm,
    @Nullable Double hottestC,
    Set<Material> notFor) {
  /** A sheet that says nothing. */
  public static final ProductSheet SILENT = new ProductSheet(List.of(), null, null, null, Set.of());

  /** The bench is as warm as the sheet means within this much, K. */
  private static final double SAME_K = 5;

  private static final int MOST_ROWS = 12;
  private static final double MOST_NM = 500;
  private static final double MOST_GAP_MM = 5;
  private static final double MOST_C = 1500;

  public ProductSheet {
    times = List.copyOf(times);
    notFor = Set.copyOf(notFor);
    Problems problems =
        new Problems().require(times.size() <= MOST_ROWS, "times", "hold more than 12 rows.");
    if (breakawayNm != null) {
      problems.positive(breakawayNm, MOST_NM, "breakawayNm");
    }
    if (gapMm != null) {
      problems.positive(gapMm, MOST_GAP_MM, "gapMm");
    }
    if (hottestC != null) {
      problems.within(hottestC, 0, MOST_C, "hottestC");
    }
    problems.orThrow();
  }

  /** Two times that stand on it for everything. */
  public static ProductSheet of(@Nullable Double fixtureMinutes, @Nullable Double fullCureMinutes) {
    return fixtureMinutes == null && fullCureMinutes == null
        ? SILENT
        : new ProductSheet(
            List.of(new CureTimes(null, null, fixtureMinutes, fullCureMinutes)),
            null,
            null,
            null,
            Set.of());
  }

  public boolean statesTimes() {
    return times.stream().anyMatch(t -> t.fixtureMinutes() != null && t.fullCureMinutes() != null);
  }

  /**
   * Until when all must be at its torque: the shortest that may hold. It sets faster in the warm,
   * so rows colder than the bench promise nothing.
   *
   * @param metals of the joint, both sides
   * @param benchC how warm the bench is, °C
   * @return minutes; null where the sheet says nothing of it
   */
  public @Nullable Double fixtureMinutes(Set<Material> metals, double benchC) {
    return slowestOrFastest(metals, CureTimes::fixtureMinutes, t -> t >= benchC - SAME_K, false);
  }

  /**
   * From when it may be ridden: the longest that may hold. It sets slower in the cold, so rows
   * warmer than the bench promise nothing.
   *
   * @param metals of the joint, both sides
   * @param benchC how warm the bench is, °C
   * @return minutes; null where the sheet says nothing of it
   */
  public @Nullable Double fullCureMinutes(Set<Material> metals, double benchC) {
    return slowestOrFastest(metals, CureTimes::fullCureMinutes, t -> t <= benchC + SAME_K, true);
  }

  private interface Warmth {
    boolean counts(double atC);
  }

  private interface Time {
    @Nullable Double of(CureTimes times);
  }

  /** Each metal by the row next to the bench that counts; of these the cautious one. */
  private @Nullable Double slowestOrFastest(
      Set<Material> metals, Time time, Warmth warmth, boolean slowest) {
    List<Optional<Double>> each =
        metals.stream().map(m -> nearest(m, time, warmth, slowest)).toList();
    if (each.stream().anyMatch(Optional::isEmpty)) {
      return null;
    }
    Stream<Double> all = each.stream().map(Optional::orElseThrow);
    return (slowest ? all.max(Comparator.naturalOrder()) : all.min(Comparator.naturalOrder()))
        .orElse(null);
  }

  private Optional<Double> nearest(Material metal, Time time, Warmth warmth, boolean slowest) {
    Comparator<CureTimes> byWarmth =
        Comparator.comparing((CureTimes t) -> t.atC() == null ? 0 : t.atC());
    boolean named = times.stream().anyMatch(t -> t.metal() != null && t.metal().isKin(metal));
    return times.stream()
        .filter(t -> named ? t.metal() != null && t.metal().isKin(metal) : t.metal() == null)
        .filter(t -> time.of(t) != null)
        .filter(t -> t.atC() == null || warmth.counts(t.atC()))
        .max(slowest ? byWarmth : byWarmth.reversed())
        .map(t -> Objects.requireNonNull(time.of(t)));
  }

  /** What it says besides its times, one thing to a sentence. */
  public List<String> says() {
    List<String> says = new ArrayList<>();
    if (breakawayNm != null) {
      says.add("breaks loose at " + Figure.rounded(breakawayNm, 1) + " N·m");
    }
    if (gapMm != null) {
      says.add("fills gaps up to " + Figure.rounded(gapMm, 2) + " mm");
    }
    if (hottestC != null) {
      says.add("holds up to " + Figure.rounded(hottestC, 0) + " °C");
    }
    if (!notFor.isEmpty()) {
      says.add(
          "not for "
              + notFor.stream().sorted().map(Material::words).collect(Collectors.joining(", ")));
    }
    return says;
  }

  /** Why it does not belong on a joint by its own sheet, in words; null where nothing is said. */
  public @Nullable String refuses(Situation joint) {
    Double hottest = hottestC;
    Double there = joint.temperatureC();
    if (hottest != null && there != null && there > hottest) {
      return "its sheet allows "
          + Figure.rounded(hottest, 0)
          + " °C, here it gets "
          + Figure.rounded(there, 0)
          + " °C";
    }
    return Stream.of(joint.bolt(), joint.female(), joint.clamped())
        .filter(Objects::nonNull)
        .filter(m -> notFor.stream().anyMatch(m::isKin))
        .findFirst()
        .map(m -> "its sheet warns of " + m.words())
        .orElse(null);
  }
}
