package app.unimetric.server.job;

import app.unimetric.core.plan.FitAnswer;
import app.unimetric.core.plan.JobCost;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.sequence.HandOrder;
import app.unimetric.core.sequence.Precedence;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.shelf.Stock;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What people write on a sheet before its job starts, besides values and decisions. */
@Service
public class SheetEntries {
  private static final int LONGEST_NOTE = 1000;
  private static final int LONGEST_NAME = 200;
  private final SheetMapper mapper;
  private final Stock stock;
  private final JsonMapper json;

  SheetEntries(SheetMapper mapper, Stock stock, JsonMapper json) {
    this.mapper = mapper;
    this.stock = stock;
    this.json = json;
  }

  /** Joints as somebody arranged them; empty for the planner's own order. */
  List<String> handOrder(UUID jobId) {
    String kept = mapper.arrangement(jobId);
    return kept == null ? List.of() : json.readValue(kept, new TypeReference<List<String>>() {});
  }

  List<FitAnswer> fits(UUID jobId) {
    return mapper.fits(jobId).stream().map(Fit::answer).toList();
  }

  boolean arrangedBefore(UUID id) {
    return mapper.arrangedBefore(id);
  }

  /** The order after a move; a move against a rule is refused with the rule. */
  static List<String> moved(JobPlan plan, String jointId, int place) {
    List<String> now = plan.joints().stream().map(j -> j.joint().id()).toList();
    HandOrder move = HandOrder.move(now, plan.rules(), jointId, place);
    Precedence.Rule broken = move.broken();
    if (broken != null) {
      throw Refusal.conflict(
          title(plan, broken.before())
              + " has to come before "
              + title(plan, broken.after())
              + ". "
              + broken.reason(),
          Map.of());
    }
    return move.order();
  }

  private static String title(JobPlan plan, String jointId) {
    return plan.joints().stream()
        .filter(j -> j.joint().id().equals(jointId))
        .map(j -> j.joint().title())
        .findFirst()
        .orElse(jointId);
  }

  void arrange(UUID id, UUID jobId, List<String> order, Instant at, String by) {
    mapper.arrange(id, jobId, json.writeValueAsString(order), by, at);
  }

  boolean answeredBefore(UUID jobId, UUID id) {
    return mapper.fits(jobId).stream().anyMatch(f -> f.id().equals(id));
  }

  void answer(UUID jobId, Fit fit, List<String> questions) {
    new Problems()
        .require(questions.contains(fit.question()), "question", "is not asked on this sheet.")
        .require(fit.note().length() <= LONGEST_NOTE, "note", "is longer than 1 000 characters.")
        .require(
            fit.fits() || !fit.note().isBlank(),
            "note",
            "is missing: say in a few words what does not fit.")
        .orThrow();
    mapper.addFit(jobId, fit);
  }

  boolean quotedBefore(UUID id) {
    return mapper.quotedBefore(id);
  }

  void quote(UUID id, UUID jobId, BigDecimal amount, Instant at, String by) {
    mapper.addQuote(id, jobId, amount, by, at);
  }

  /** Which part is fitted, by name or marking; null while nobody has said. */
  public @Nullable String part(UUID jobId) {
    return mapper.part(jobId);
  }

  boolean namedBefore(UUID id) {
    return mapper.namedBefore(id);
  }

  void namePart(UUID id, UUID jobId, String name, Instant at, String by) {
    new Problems()
        .require(!name.isBlank(), "name", "is missing: type what stands on the part or its box.")
        .require(name.length() <= LONGEST_NAME, "name", "is longer than 200 characters.")
        .orThrow();
    mapper.namePart(id, jobId, name, by, at);
  }

  JobCost cost(UUID jobId, JobPlan plan) {
    return JobCost.of(plan.pack(), stock.ratePerHour(), stock.prices(), mapper.quote(jobId));
  }

  /**
   * The last print and what it no longer tells.
   *
   * @param changes empty while the paper is still true
   */
  public record SincePrint(
      UUID id, String printedBy, Instant printedAt, List<PlanPrint.Change> changes) {}

  /** Null when nothing was printed yet. */
  @Nullable SincePrint sinceLastPrint(UUID jobId, JobPlan plan) {
    Print last = mapper.lastPrint(jobId);
    return last == null ? null : since(last, plan);
  }

  /** What is new since one print; null when there is no such print. */
  public @Nullable SincePrint since(UUID jobId, UUID printId, JobPlan plan) {
    Print print = mapper.print(jobId, printId);
    return print == null ? null : since(print, plan);
  }

  private SincePrint since(Print print, JobPlan plan) {
    PlanPrint card = json.readValue(print.card(), PlanPrint.class);
    return new SincePrint(print.id(), print.printedBy(), print.printedAt(), card.changesIn(plan));
  }

  /** Keeps what the card says that is being printed. */
  void print(UUID jobId, UUID id, JobPlan plan, Instant at, String by) {
    mapper.addPrint(jobId, new Print(id, json.writeValueAsString(PlanPrint.of(plan)), by, at));
  }
}
