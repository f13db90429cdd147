package app.unimetric.server.live;

import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What servers call to each other through the database. */
sealed interface Word {

  /** The job it is about. */
  UUID jobId();

  /** A job's log has this many entries now. */
  record Moved(UUID jobId, int entries) implements Word {}

  /** Somebody has the bench of a job open at a device. */
  record Here(UUID jobId, UUID personId, String device, String name) implements Word {}

  /** A photograph of a job came. */
  record Pictured(UUID jobId) implements Word {}

  /** As it is sent: a letter, the job, and what belongs to it. */
  default String written() {
    if (this instanceof Here h) {
      return "H " + h.jobId + " " + h.personId + " " + h.device + " " + h.name;
    }
    return this instanceof Moved m ? "M " + m.jobId + " " + m.entries : "P " + jobId();
  }

  /** What was sent; empty for what another build may have meant. */
  static Optional<Word> read(String text) {
    Matcher moved = Shape.MOVED.matcher(text);
    if (moved.matches()) {
      return Optional.of(
          new Moved(UUID.fromString(moved.group(1)), Integer.parseInt(moved.group(2))));
    }
    Matcher pictured = Shape.PICTURED.matcher(text);
    if (pictured.matches()) {
      return Optional.of(new Pictured(UUID.fromString(pictured.group(1))));
    }
    Matcher here = Shape.HERE.matcher(text);
    return here.matches()
        ? Optional.of(
            new Here(
                UUID.fromString(here.group(1)),
                UUID.fromString(here.group(2)),
                here.group(3),
                here.group(4)))
        : Optional.empty();
  }

  /** How words look. */
  final class Shape {
    private static final String ID = "([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})";
    private static final Pattern MOVED = Pattern.compile("M " + ID + " (\\d{1,9})");
    private static final Pattern PICTURED = Pattern.compile("P " + ID);
    private static final Pattern HERE =
        Pattern.compile("H " + ID + " " + ID + " (\\S{1,100}) (.{1,200})", Pattern.DOTALL);

    private Shape() {}
  }
}
