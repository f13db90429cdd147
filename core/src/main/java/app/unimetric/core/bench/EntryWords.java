package app.unimetric.core.bench;

import org.jspecify.annotations.Nullable;

/**
 * An entry in words, without its figure.
 *
 * @param said what was said
 * @param came what it came to; null where that needs no words
 */
public record EntryWords(String said, @Nullable String came) {
  static EntryWords of(RunEvent event, @Nullable Verdict verdict, @Nullable Double torqueNm) {
    return new EntryWords(
        event.kind().past(), verdict == null ? null : came(event.kind(), verdict, torqueNm));
  }

  private static @Nullable String came(EventKind kind, Verdict verdict, @Nullable Double torqueNm) {
    if (verdict.isDeviation() && kind == EventKind.SLOT_AHEAD) {
      return "more than it may carry";
    }
    return switch (verdict) {
      case ABOVE, BELOW ->
          (verdict == Verdict.ABOVE ? "above the " : "below the ")
              + (torqueNm == null ? "limit" : "band");
      case GOOD, BAD, PUT_RIGHT ->
          kind == EventKind.FOUND || kind == EventKind.SECOND_LOOK ? verdict.words() : null;
      default -> null;
    };
  }
}
