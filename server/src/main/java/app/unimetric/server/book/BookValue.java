package app.unimetric.server.book;

import app.unimetric.core.book.SpecLine;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.stated.Source;
import app.unimetric.core.thread.ThreadText;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stated value as the book shows it.
 *
 * @param torque as stated, with its unit
 * @param place where it stands in the book, to go on from there
 * @param jobNumber the job it was looked up for; null when it was not
 * @param confirmedBy who looked at it besides the one who entered it; null when nobody did
 * @param goneWhy why it holds no longer; null while it holds
 */
public record BookValue(
    UUID id,
    String make,
    String model,
    int yearFrom,
    int yearTo,
    String variant,
    String place,
    String thread,
    String torque,
    Source source,
    String document,
    FrictionCondition condition,
    String saidBy,
    UUID saidById,
    Instant saidAt,
    @Nullable Integer jobNumber,
    @Nullable UUID replaces,
    @Nullable String confirmedBy,
    @Nullable Instant confirmedAt,
    @Nullable String goneWhy,
    @Nullable String goneBy,
    @Nullable Instant goneAt,
    long serverOrder) {

  /** As a line of a sheet; a thread that only a job's own words name is left out. */
  SpecLine line() {
    return new SpecLine(
        make,
        model,
        yearFrom,
        yearTo,
        variant,
        place,
        isReadable(thread) ? thread : "",
        torque,
        source,
        document.isBlank() ? "not said" : document,
        condition);
  }

  private static boolean isReadable(String thread) {
    try {
      ThreadText.parse(thread);
      return true;
    } catch (InvalidInput e) {
      return false;
    }
  }

  String sourceWords() {
    return source.words();
  }
}
