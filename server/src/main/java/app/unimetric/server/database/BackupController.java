package app.unimetric.server.database;

import java.time.Clock;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** When the workshop was last backed up. */
@RestController
class BackupController {
  private final BackupMapper mapper;
  private final Clock clock;

  BackupController(BackupMapper mapper, Clock clock) {
    this.mapper = mapper;
    this.clock = clock;
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
