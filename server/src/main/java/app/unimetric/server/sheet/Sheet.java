package app.unimetric.server.sheet;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackChoices;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackOption;
import app.unimetric.core.plan.Decision;
import app.unimetric.core.plan.FitAnswer;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.documents.shape.Shaping;
import app.unimetric.documents.sheet.SheetDocument;
import app.unimetric.documents.sheet.SheetSaying;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What was said on one sheet, in the order it was said; of most things the latest counts. */
final class Sheet {
  private final JobPack opened;
  private final JobPack stated;
  private final Shaping shaping;
  private final List<Said<SheetSaying>> said = new ArrayList<>();

  /** Something said, by whom and when. */
  record Said<S extends SheetSaying>(UUID id, S what, String by, Instant at) {}

  /**
   * @param document of the pack the job was opened with
   * @param rows in server order
   * @param reading what a document says
   */
  Sheet(String document, List<SheetRow> rows, Function<String, JobPack> reading) {
    opened = reading.apply(document);
    shaping = Shaping.of(document);
    for (SheetRow row : rows) {
      SheetSaying what = SheetDocument.read(row.kind(), row.document());
      if (what instanceof SheetSaying.Shaped shaped) {
        shaping.take(row.id(), shaped.edits(), shaped.undoes());
      }
      said.add(new Said<>(row.id(), what, row.saidBy(), row.saidAt()));
    }
    stated = shaping.isShaped() ? reading.apply(shaping.document()) : opened;
  }

  /** The pack as it was shaped, its questions still open. */
  JobPack stated() {
    return stated;
  }

  /** The document of the job as it was shaped. */
  Shaping shaping() {
    return shaping;
  }

  private static DocumentedValue value(
      UUID id, SheetSaying.ValueFound v, @Nullable String otherThread) {
    return new DocumentedValue(
        id.toString(),
        TorqueText.parse(v.typed()).from(v.source(), v.condition()),
        v.document(),
        otherThread);
  }

  /** The thread a value was stated for; null where its joint still has that thread. */
  private static @Nullable String otherThread(SheetSaying.ValueFound v, JobPack pack) {
    String then = v.statedFor();
    return pack.joints().stream()
            .filter(j -> j.isNamed(v.jointId()))
            .map(j -> j.fastener().thread())
            .noneMatch(now -> then != null && !now.isWritten(then))
        ? null
        : then;
  }

  private <S extends SheetSaying> List<Said<S>> all(Class<S> kind) {
    List<Said<S>> all = new ArrayList<>();
    for (Said<SheetSaying> one : said) {
      if (kind.isInstance(one.what())) {
        all.add(new Said<>(one.id(), kind.cast(one.what()), one.by(), one.at()));
      }
    }
    return all;
  }

  private <S extends SheetSaying> Optional<Said<S>> last(Class<S> kind) {
    List<Said<S>> all = all(kind);
    return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
  }

  /** The pack with the values found for it, but for those that were taken back. */
  JobPack pack() {
    JobPack answered = stated.answered(answersTo(stated));
    if (shaping.isShaped()) {
      answered = answered.markedAgainst(opened.answered(answersTo(opened)));
    }
    Map<String, List<DocumentedValue>> found = new LinkedHashMap<>();
    for (Said<SheetSaying.ValueFound> v : valuesFound()) {
      found
          .computeIfAbsent(v.what().jointId(), id -> new ArrayList<>())
          .add(value(v.id(), v.what(), otherThread(v.what(), answered)));
    }
    return answered.with(found);
  }

  /** Values written down on it, but for those that were taken back. */
  List<Said<SheetSaying.ValueFound>> valuesFound() {
    return all(SheetSaying.ValueFound.class).stream()
        .filter(v -> withdrawal(v.id()).isEmpty())
        .toList();
  }

  /** The answers to the questions a pack asks, which others may have been once. */
  private Answers answersTo(JobPack pack) {
    Answers given = answers();
    Map<String, String> asked = new LinkedHashMap<>();
    for (PackOption option : pack.choices().options()) {
      String answer = given.options().get(option.id());
      if (answer != null && option.has(answer)) {
        asked.put(option.id(), answer);
      }
    }
    return new Answers(asked, pack.choices().isSided() ? given.sides() : List.of());
  }

  /** What was answered to the job's questions. */
  Answers answers() {
    return last(SheetSaying.Chosen.class).map(c -> c.what().answers()).orElse(Answers.NONE);
  }

  /** The questions the job asks, whatever was answered. */
  PackChoices choices() {
    return stated.choices();
  }

  List<Decision> decisions() {
    return all(SheetSaying.DecisionMade.class).stream()
        .map(
            d ->
                new Decision(
                    d.what().jointId(),
                    d.what().valueId(),
                    d.what().readAs(),
                    d.what().reason(),
                    d.by()))
        .toList();
  }

  /** Why the job is not done; empty while it stands. */
  Optional<Said<SheetSaying.Cancelled>> cancelling() {
    return last(SheetSaying.Cancelled.class);
  }

  /** Tools chosen by hand, by joint; the latest choice of each counts. */
  Map<String, String> toolChoices() {
    Map<String, String> chosen = new LinkedHashMap<>();
    for (Said<SheetSaying.ToolChosen> t : all(SheetSaying.ToolChosen.class)) {
      if (t.what().toolId() == null) {
        chosen.remove(t.what().jointId());
      } else {
        chosen.put(t.what().jointId(), t.what().toolId());
      }
    }
    return chosen;
  }

  /** Why a value was taken back; empty while it stands. */
  Optional<Said<SheetSaying.Withdrawn>> withdrawal(UUID valueId) {
    return all(SheetSaying.Withdrawn.class).stream()
        .filter(w -> w.what().valueId().equals(valueId.toString()))
        .findFirst();
  }

  /** Values written down for a joint and taken back again, with what was said of it. */
  List<TakenBack> takenBack(PackJoint joint) {
    List<TakenBack> back = new ArrayList<>();
    for (Said<SheetSaying.ValueFound> v : all(SheetSaying.ValueFound.class)) {
      if (joint.isNamed(v.what().jointId())) {
        withdrawal(v.id())
            .ifPresent(
                w ->
                    back.add(
                        new TakenBack(
                            value(v.id(), v.what(), null).words(),
                            v.by(),
                            w.by(),
                            w.what().reason())));
      }
    }
    return back;
  }

  /** A value that was taken back. */
  record TakenBack(String stated, String writtenBy, String by, String reason) {}

  /** Who wrote a value down; empty when it stands in the pack or is not known. */
  Optional<String> writtenBy(String valueId) {
    return all(SheetSaying.ValueFound.class).stream()
        .filter(v -> v.id().toString().equals(valueId))
        .map(Said::by)
        .findFirst();
  }

  /** Joints that are done by feel, with the reason. */
  Map<String, String> byFeel() {
    Map<String, String> byFeel = new LinkedHashMap<>();
    all(SheetSaying.ByFeel.class).forEach(f -> byFeel.put(f.what().jointId(), f.what().reason()));
    return byFeel;
  }

  List<FitAnswer> fits() {
    return all(SheetSaying.FitAnswered.class).stream()
        .map(
            f ->
                new FitAnswer(
                    f.what().question(),
                    f.what().fits(),
                    f.what().note(),
                    f.by(),
                    f.what().worked()))
        .toList();
  }

  /** What was found last to one question of fit. */
  Optional<FitAnswer> fitOf(String question) {
    return fits().stream().filter(f -> f.question().equals(question)).reduce((a, b) -> b);
  }

  /** Joints as somebody arranged them; empty for the planner's own order. */
  List<String> handOrder() {
    return last(SheetSaying.Arranged.class).map(a -> a.what().jointIds()).orElse(List.of());
  }

  List<Said<SheetSaying.DeskNoted>> deskNotes() {
    return all(SheetSaying.DeskNoted.class);
  }

  @Nullable BigDecimal quote() {
    return last(SheetSaying.Quoted.class).map(q -> q.what().amount()).orElse(null);
  }

  /** Which part is fitted, by name or marking; null while nobody has said. */
  @Nullable String part() {
    return last(SheetSaying.PartNamed.class).map(p -> p.what().name()).orElse(null);
  }

  /** What the job fits, with the part by name where somebody said it. */
  String partFitted() {
    String named = part();
    return named == null ? stated.fits() : stated.fits() + ": " + named;
  }

  Optional<SincePrint> sinceLastPrint(PlanPrint now) {
    return last(SheetSaying.CardPrinted.class).map(p -> since(p, now));
  }

  Optional<SincePrint> since(UUID printId, PlanPrint now) {
    return all(SheetSaying.CardPrinted.class).stream()
        .filter(p -> p.id().equals(printId))
        .findFirst()
        .map(p -> since(p, now));
  }

  private static SincePrint since(Said<SheetSaying.CardPrinted> print, PlanPrint now) {
    return new SincePrint(print.id(), print.by(), print.at(), print.what().card().changesIn(now));
  }
}
