package app.unimetric.server.database;

import app.unimetric.server.problem.Refusal;
import java.io.File;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Room on the disk where the workshop lies. What takes much of it is refused while readings still
 * fit; beside that {@code bin/keep} holds a reserve that it gives up last.
 */
@Component
public class DiskRoom {
  private static final long MB = 1_000_000;

  /** Below this it is announced. */
  static final long LOW_MB = 2_000;

  /** Below this sheets and packs wait, readings go on. */
  static final long BULK_MB = 500;

  private final @Nullable File place;

  DiskRoom(@Value("${unimetric.data:}") String place) {
    this.place = place.isBlank() ? null : nearestKnown(new File(place).getAbsoluteFile());
  }

  /** The server's user may not look into the folder itself; any folder above lies on its way. */
  private static @Nullable File nearestKnown(File place) {
    for (File at = place; at != null; at = at.getParentFile()) {
      if (at.getTotalSpace() > 0) {
        return at;
      }
    }
    return null;
  }

  /** Free room in MB; null where it is not known. */
  @Nullable Long freeMb() {
    File at = place;
    return at == null ? null : (Long) (at.getUsableSpace() / MB);
  }

  /** What people are told when room runs out; null while there is enough, or it is not known. */
  static @Nullable String words(@Nullable Long freeMb) {
    if (freeMb == null || freeMb >= LOW_MB) {
      return null;
    }
    return freeMb >= BULK_MB
        ? "The disk of the server is nearly full: "
            + freeMb
            + " MB are left. Make room, or move the backups away."
        : "The disk of the server is full but for "
            + freeMb
            + " MB, kept for readings: sheets and packs wait until there is room.";
  }

  /** Whether more than readings still fits. */
  public boolean holdsMore() {
    Long free = freeMb();
    return free == null || free >= BULK_MB;
  }

  /**
   * For what takes much room.
   *
   * @throws Refusal where only readings still fit
   */
  public void mustHoldMore() {
    if (!holdsMore()) {
      throw Refusal.noRoom(String.valueOf(words(freeMb())));
    }
  }
}
