package app.unimetric.core.photograph;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.Problems;
import java.util.UUID;

/**
 * A photograph taken at a step of a job. Like an entry it is never changed.
 *
 * @param id made by the device, so that a resend is recognised
 * @param stepId of the run sheet
 * @param words what it shows; empty where nobody said
 * @param by who took it
 * @param time when it was taken and when it was received
 * @param sha256 of the bytes that are kept, 64 hexadecimal digits
 * @param widthPx of what is kept
 * @param heightPx of what is kept
 */
public record Photograph(
    UUID id,
    String stepId,
    String words,
    Signature by,
    EntryTime time,
    String sha256,
    int widthPx,
    int heightPx) {
  /** Most that one job keeps. */
  public static final int MOST_OF_A_JOB = 200;

  /** Longest side of what is kept, pixels: a thread's mark is read on it, a plate is too. */
  public static final int LONGEST_SIDE_PX = 2048;

  private static final int LONGEST_WORDS = 300;
  private static final int LONGEST_ID = 200;
  private static final String DIGEST = "[0-9a-f]{64}";

  public Photograph {
    new Problems()
        .require(
            !stepId.isBlank() && stepId.length() <= LONGEST_ID, "step", "is missing or too long.")
        .require(
            words.length() <= LONGEST_WORDS,
            "words",
            "are longer than 300 characters; say it shorter.")
        .require(sha256.matches(DIGEST), "sha256", "has 64 hexadecimal digits.")
        .require(isSide(widthPx) && isSide(heightPx), "photograph", "has 1 to 2048 pixels a side.")
        .orThrow();
  }

  private static boolean isSide(int px) {
    return px >= 1 && px <= LONGEST_SIDE_PX;
  }
}
