package app.unimetric.server.run;

import app.unimetric.server.crib.Crib;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.stereotype.Service;

/**
 * Where many runs stand, for lists. Kept in the database as they were last asked for; a run that
 * went on since is played on, so that a list costs what happened since and not all that ever did.
 */
@Service
public class Standings {
  private final RunMapper mapper;
  private final PlayedRuns played;
  private final Crib crib;
  private final String build;

  Standings(
      RunMapper mapper, PlayedRuns played, Crib crib, ObjectProvider<BuildProperties> builds) {
    this.mapper = mapper;
    this.played = played;
    this.crib = crib;
    BuildProperties known = builds.getIfAvailable();
    build = known == null ? UUID.randomUUID().toString() : String.valueOf(known.getTime());
  }

  /** How far each of these jobs came that was started; the others are missing. */
  public Map<UUID, Progress> of(Collection<UUID> jobIds) {
    Map<UUID, Progress> standings = new HashMap<>();
    if (jobIds.isEmpty()) {
      return standings;
    }
    UUID toolsOut = crib.toolsOutMark();
    List<StandingRow> anew = new ArrayList<>();
    for (RunEnd end : mapper.ends(jobIds.stream().map(UUID::toString).toArray(String[]::new))) {
      StandingRow row = end.kept(toolsOut, build);
      if (row == null) {
        row = played.find(end.jobId()).map(p -> row(end.jobId(), p, toolsOut)).orElseThrow();
        anew.add(row);
      }
      standings.put(
          row.jobId(), new Progress(row.station(), row.words(), row.percent(), row.ridableFrom()));
    }
    if (!anew.isEmpty()) {
      mapper.keepStandings(anew);
    }
    return standings;
  }

  private StandingRow row(UUID jobId, PlayedRuns.Played run, UUID toolsOut) {
    Progress progress = Progress.of(run.sheet(), run.replay().state());
    return new StandingRow(
        jobId,
        run.upTo(),
        toolsOut,
        build,
        progress.station(),
        progress.words(),
        progress.percent(),
        progress.ridableFrom());
  }
}
