package app.unimetric.server.database;

import java.time.Clock;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** When the workshop was last backed up, and how much room there is. */
@RestController
class BackupController {
  private final BackupMapper mapper;
  private final DiskRoom room;
  private final Clock clock;

  BackupController(BackupMapper mapper, DiskRoom room, Clock clock) {
    this.mapper = mapper;
    this.room = room;
    this.clock = clock;
  }

  /**
   * @param freeMb missing where it is not known
   * @param words what to do; missing while there is enough room
   */
  record Disk(@Nullable Long freeMb, @Nullable String words) {}

  @GetMapping("/api/disk")
  Disk disk() {
    Long free = room.freeMb();
    return new Disk(free, DiskRoom.words(free));
  }

  /**
   * @param madeAt missing while none was made
   * @param old whether it is too long ago
   */
  record LastBackup(@Nullable String file, @Nullable Instant madeAt, boolean old) {}

  @GetMapping("/api/backups/last")
  LastBackup last() {
    BackupMade last = mapper.last();
    return last == null
        ? new LastBackup(null, null, false)
        : new LastBackup(last.file(), last.madeAt(), last.isOld(clock.instant()));
  }
}
