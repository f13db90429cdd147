package app.unimetric.core.bench;

import org.jspecify.annotations.Nullable;

/**
 * An entry in words, without its figure.
 *
 * @param said what was said
 * @param came what it came to; null where that needs no words
 */
public record EntryWords(String said, @Nullable String came) {
  /** An entry that is measured against nothing. */
  static EntryWords of(RunEvent event, @Nullable Verdict verdict) {
    return new EntryWords(
        event.kind().past(), verdict == null ? null : came(event.kind(), verdict, "the limit"));
  }

  static EntryWords of(RunEvent event, Verdict verdict, RunStep step, @Nullable Double torqueNm) {
    String against =
        torqueNm != null
            ? "the band"
            : step.comparesWith() != null ? "what was found" : "the limit";
    return new EntryWords(event.kind().past(), came(event.kind(), verdict, against));
  }

  private static @Nullable String came(EventKind kind, Verdict verdict, String against) {
    if (verdict.isDeviation() && kind == EventKind.SLOT_AHEAD) {
      return "more than it may carry";
    }
    return switch (verdict) {
      case ABOVE, BELOW -> (verdict == Verdict.ABOVE ? "above " : "below ") + against;
      case GOOD, BAD, PUT_RIGHT ->
          kind == EventKind.FOUND || kind == EventKind.SECOND_LOOK ? verdict.words() : null;
      default -> null;
    };
  }
}
