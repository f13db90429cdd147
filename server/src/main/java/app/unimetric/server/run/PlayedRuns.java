package app.unimetric.server.run;

import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.documents.run.KeptRun;
import app.unimetric.server.crib.Crib;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Runs as far as their logs were read. What came since, from this server or another, is read and
 * played on; nothing is known here that the log does not say.
 */
@Component
class PlayedRuns {
  private static final long MOST_ENTRIES = 400_000;
  private static final int SHEET_WEIGHS = 200;
  private final RunMapper mapper;
  private final Crib crib;
  private final Cache<UUID, Played> kept =
      Caffeine.newBuilder()
          .maximumWeight(MOST_ENTRIES)
          .weigher((UUID id, Played p) -> SHEET_WEIGHS + p.replay().size())
          .build();

  PlayedRuns(RunMapper mapper, Crib crib) {
    this.mapper = mapper;
    this.crib = crib;
  }

  /**
   * @param tools ids of those the sheet names
   * @param upTo the last entry played; 0 before the first
   */
  record Played(
      RunSheet sheet,
      String startedBy,
      UUID startedById,
      Instant startedAt,
      Set<String> tools,
      Replay replay,
      long upTo) {

    Played on(List<RunEvent> events, long last) {
      return new Played(sheet, startedBy, startedById, startedAt, tools, replay.with(events), last);
    }

    private Played under(Replay known) {
      return new Played(sheet, startedBy, startedById, startedAt, tools, known, upTo);
    }
  }

  /** A run up to its last entry; empty for a job not started. */
  Optional<Played> find(UUID jobId) {
    Played known = kept.getIfPresent(jobId);
    Played base = known == null ? begin(jobId) : known;
    if (base == null) {
      return Optional.empty();
    }
    Played now = base.under(base.replay().under(crib.toolsOut(base.tools())));
    List<EventRow> since = mapper.events(jobId, now.upTo());
    if (!since.isEmpty()) {
      now =
          now.on(
              since.stream().map(e -> KeptRun.ENTRY.read(e.payload())).toList(),
              since.get(since.size() - 1).serverOrder());
    }
    if (now != known) {
      keep(jobId, now);
    }
    return Optional.of(now);
  }

  private @Nullable Played begin(UUID jobId) {
    RunRow row = mapper.byJob(jobId);
    if (row == null) {
      return null;
    }
    RunSheet sheet = KeptRun.SHEET.read(row.sheet());
    Set<String> tools = tools(sheet);
    return new Played(
        sheet,
        row.startedBy(),
        row.startedById(),
        row.startedAt(),
        tools,
        Replay.begin(sheet, crib.toolsOut(tools)),
        0);
  }

  private static Set<String> tools(RunSheet sheet) {
    return Stream.concat(
            sheet.steps().stream().flatMap(s -> Stream.ofNullable(s.toolId())),
            sheet.joints().stream().flatMap(j -> j.otherTools().stream()).map(t -> t.toolId()))
        .collect(Collectors.toUnmodifiableSet());
  }

  /** Keeps a run; within a transaction only once that stands. */
  void keep(UUID jobId, Played now) {
    if (!TransactionSynchronizationManager.isSynchronizationActive()) {
      kept.put(jobId, now);
      return;
    }
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            kept.put(jobId, now);
          }
        });
  }
}
