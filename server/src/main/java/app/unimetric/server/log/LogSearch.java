package app.unimetric.server.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What somebody looks for in the log.
 *
 * @param text in the head of a record, or words of what stands in it
 * @param from first day it may be signed on; null for any
 * @param until last day it may be signed on; null for any
 * @param outside only with a torque outside its band
 * @param corrected only with an entry that a later one corrects
 */
record LogSearch(
    String text,
    @Nullable LocalDate from,
    @Nullable LocalDate until,
    boolean outside,
    boolean corrected) {
  private static final String BETWEEN_WORDS = "[^\\p{L}\\p{N}]+";

  /** The words of texts, each once, as they are kept. */
  static String[] wordsOf(List<String> texts) {
    return texts.stream().flatMap(t -> split(t).stream()).distinct().toArray(String[]::new);
  }

  private static List<String> split(String text) {
    return Arrays.stream(text.toLowerCase(Locale.ROOT).split(BETWEEN_WORDS))
        .filter(w -> !w.isEmpty())
        .toList();
  }

  /** Beginnings of words, all of which are in a record; null where none was typed. */
  @Nullable String words() {
    return words(text);
  }

  static @Nullable String words(String text) {
    List<String> typed = split(text);
    return typed.isEmpty()
        ? null
        : typed.stream().map(w -> "'" + w + "':*").collect(Collectors.joining(" & "));
  }

  @Nullable Instant fromMoment(ZoneId zone) {
    return from == null ? null : from.atStartOfDay(zone).toInstant();
  }

  @Nullable Instant untilMoment(ZoneId zone) {
    return until == null ? null : until.plusDays(1).atStartOfDay(zone).toInstant();
  }
}
