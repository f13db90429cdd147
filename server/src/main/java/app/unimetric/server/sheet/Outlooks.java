package app.unimetric.server.sheet;

import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.ListedJob;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * What the plans of many jobs come to. A plan is made again when anything it is made of is another
 * than when it was made: the job's version, what was said on its sheet, crib, shelf, settings, day.
 */
@Service
public class Outlooks {
  private static final int MOST_KEPT = 2000;
  private final Sheets sheets;
  private final SheetMapper mapper;
  private final Jobs jobs;
  private final Cache<UUID, Made> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  Outlooks(Sheets sheets, SheetMapper mapper, Jobs jobs) {
    this.sheets = sheets;
    this.mapper = mapper;
    this.jobs = jobs;
  }

  private record Of(int version, long lastEntry, Around around) {}

  private record Made(Of of, Outlook outlook) {}

  /** The outlook of each of these jobs. */
  public Map<UUID, Outlook> of(Collection<ListedJob> listed, LocalDate today) {
    Map<UUID, Outlook> outlooks = new HashMap<>();
    if (listed.isEmpty()) {
      return outlooks;
    }
    Around around = sheets.around(today).withoutUses();
    Map<UUID, Long> last =
        mapper.lastOf(listed.stream().map(j -> j.id().toString()).toArray(String[]::new)).stream()
            .collect(Collectors.toMap(SheetEnd::jobId, SheetEnd::lastEntry));
    for (ListedJob job : listed) {
      Of of = new Of(job.version(), last.getOrDefault(job.id(), 0L), around);
      Made made = kept.getIfPresent(job.id());
      if (made == null || !made.of().equals(of)) {
        made = new Made(of, Outlook.of(sheets.plan(jobs.job(job.id()), around)));
        kept.put(job.id(), made);
      }
      outlooks.put(job.id(), made.outlook());
    }
    return outlooks;
  }
}
