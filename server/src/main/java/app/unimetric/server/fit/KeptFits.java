package app.unimetric.server.fit;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.fit.FitDocument;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** What was measured on machines; appended, never changed. */
@Service
public class KeptFits {
  private static final int LONGEST_NOTE = 1000;
  private final KeptFitMapper mapper;

  KeptFits(KeptFitMapper mapper) {
    this.mapper = mapper;
  }

  /** The latest first. */
  public List<KeptFit> ofMachine(UUID machineId) {
    return read(mapper.ofMachine(machineId));
  }

  /** The latest first. */
  List<KeptFit> ofJob(UUID jobId) {
    return read(mapper.ofJob(jobId));
  }

  /**
   * What was measured on a machine before, so that it can be worked out again.
   *
   * @throws InvalidInput where that was not measured there
   */
  public Before before(UUID id, UUID machineId) {
    return mapper.ofMachine(machineId).stream()
        .filter(row -> row.id().equals(id))
        .findFirst()
        .map(
            row ->
                new Before(
                    KeptFit.of(row, FitDocument.read(row.document())),
                    FitDocument.request(row.document())))
        .orElseThrow(() -> InvalidInput.at("sameAs", "was not measured on this machine."));
  }

  /** What was measured before. */
  public record Before(KeptFit kept, JsonNode request) {}

  private static List<KeptFit> read(List<KeptFitRow> rows) {
    return rows.stream().map(row -> KeptFit.of(row, FitDocument.read(row.document()))).toList();
  }

  /**
   * What is kept.
   *
   * @param id made by the sender; the same is taken once
   * @param jobId null where it belongs to no job
   * @param question what of the job it answers; null where nothing was asked
   * @param request as the call took it
   */
  public record Measured(
      UUID id,
      UUID machineId,
      @Nullable UUID jobId,
      @Nullable String question,
      Taken taken,
      JsonNode request,
      String note) {
    public Measured {
      new Problems()
          .require(note.length() <= LONGEST_NOTE, "note", "is longer than 1 000 characters.")
          .orThrow();
    }
  }

  public void keep(Measured m, WorkedFit fit, Instant at, Signature by) {
    mapper.keep(
        m.id(),
        m.machineId(),
        m.jobId(),
        m.question(),
        m.taken(),
        FitDocument.write(fit, m.request()),
        m.note(),
        by,
        at);
  }
}
