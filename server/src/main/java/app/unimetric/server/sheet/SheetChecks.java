package app.unimetric.server.sheet;

import app.unimetric.core.order.HandOrder;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.FitQuestion;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.documents.sheet.SheetSaying;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whether something may be said on a sheet: it names what is there and says enough. */
final class SheetChecks {
  private static final int LONGEST_WORDS = 1000;
  private static final int LONGEST_NAME = 200;

  private SheetChecks() {}

  static void decision(SheetSaying.DecisionMade d, JobPack pack) {
    Optional<PackJoint> joint = joint(pack, d.jointId());
    new Problems()
        .require(joint.isPresent(), "jointId", "names no joint of this job.")
        .require(
            joint.isEmpty() || joint.get().torque().placeOf(d.valueId()).isPresent(),
            "valueId",
            "names no value of this joint.")
        .require(
            !d.reason().isBlank(), "reason", "is missing: say in a few words why this value holds.")
        .require(
            d.reason().length() <= LONGEST_WORDS,
            "reason",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
  }

  static void value(SheetSaying.ValueFound v, JobPack pack) {
    Problems problems =
        new Problems()
            .require(joint(pack, v.jointId()).isPresent(), "jointId", "names no joint of this job.")
            .require(
                !v.document().isBlank() && v.document().length() <= LONGEST_NAME,
                "document",
                "is missing: say where it stands, in at most 200 characters.");
    problems.under("", () -> TorqueText.parse(v.typed()));
    problems.orThrow();
  }

  /** Whoever wrote a value down may take it back, or a lead. */
  static void withdrawal(SheetSaying.Withdrawn w, Sheet sheet, SignedIn person) {
    Optional<String> writer = sheet.writtenBy(w.valueId());
    new Problems()
        .require(writer.isPresent(), "valueId", "names no value written down on this sheet.")
        .require(
            !w.reason().isBlank() && w.reason().length() <= LONGEST_WORDS,
            "reason",
            "is missing: say in a few words what was wrong with it.")
        .orThrow();
    if (!person.isLead() && !person.name().equals(writer.orElseThrow())) {
      throw Refusal.forbidden(
          writer.orElseThrow() + " wrote this value down; they or a lead may take it back.");
    }
  }

  static void byFeel(SheetSaying.ByFeel f, JobPack pack) {
    Optional<PackJoint> joint = joint(pack, f.jointId());
    new Problems()
        .require(joint.isPresent(), "jointId", "names no joint of this job.")
        .require(
            joint.isEmpty() || !joint.get().duty().isCritical(),
            "jointId",
            "is a critical joint: it needs a torque tool.")
        .require(
            !f.reason().isBlank() && f.reason().length() <= LONGEST_WORDS,
            "reason",
            "is missing: say in a few words why no tool reaches.")
        .orThrow();
  }

  static void tool(SheetSaying.ToolChosen t, JobPlan plan) {
    Optional<PlannedJoint> joint =
        plan.joints().stream().filter(j -> j.id().equals(t.jointId())).findFirst();
    new Problems()
        .require(joint.isPresent(), "jointId", "names no joint of this job.")
        .require(
            t.toolId() == null
                || joint.isEmpty()
                || joint.get().tools().stream()
                    .anyMatch(c -> c.usable() && c.tool().id().equals(t.toolId())),
            "toolId",
            "would not do here: choose one that the sheet says would do.")
        .orThrow();
  }

  static void cancelling(SheetSaying.Cancelled c) {
    new Problems()
        .require(
            !c.reason().isBlank() && c.reason().length() <= LONGEST_WORDS,
            "reason",
            "is missing: say in a few words why the job is not done.")
        .orThrow();
  }

  static void deskNote(SheetSaying.DeskNoted n, JobPack pack) {
    new Problems()
        .require(joint(pack, n.jointId()).isPresent(), "jointId", "names no joint of this job.")
        .require(
            n.state().startsWith("?") && n.state().length() <= LONGEST_WORDS,
            "state",
            "is not a desk's address.")
        .require(
            !n.summary().isBlank() && n.summary().length() <= LONGEST_WORDS,
            "summary",
            "must have 1 to 1 000 characters.")
        .orThrow();
  }

  static void fit(SheetSaying.FitAnswered f, JobPack pack, boolean lead) {
    Optional<FitQuestion> asked =
        pack.preparation().fits().stream().filter(q -> q.question().equals(f.question())).findAny();
    WorkedFit worked = f.worked();
    boolean ownWord = worked == null && asked.filter(q -> !q.takesAnybodysWord()).isPresent();
    new Problems()
        .require(asked.isPresent(), "question", "is not asked on this sheet.")
        .require(
            worked == null || asked.isEmpty() || asked.get().call() == worked.call(),
            "worked.call",
            "answers another question.")
        .require(f.note().length() <= LONGEST_WORDS, "note", "is longer than 1 000 characters.")
        .require(
            f.fits() && !ownWord || worked != null || !f.note().isBlank(),
            "note",
            f.fits()
                ? "is missing: say in a few words why it is to be taken for good."
                : "is missing: say in a few words what does not fit.")
        .orThrow();
    if (ownWord && f.fits() && !lead) {
      throw Refusal.forbidden(
          "This is worked out at the fit desk. That it is good all the same is for a lead to"
              + " decide, with a reason.");
    }
  }

  static void part(SheetSaying.PartNamed p) {
    new Problems()
        .require(
            !p.name().isBlank(), "name", "is missing: type what stands on the part or its box.")
        .require(p.name().length() <= LONGEST_NAME, "name", "is longer than 200 characters.")
        .orThrow();
  }

  /** The order after a move; a move against a rule is refused with the rule. */
  static List<String> moved(JobPlan plan, String jointId, int place) {
    List<String> now = plan.joints().stream().map(PlannedJoint::id).toList();
    HandOrder move = HandOrder.move(now, plan.rules(), jointId, place);
    OrderRule broken = move.broken();
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
    return joint(plan.pack(), jointId).map(PackJoint::title).orElse(jointId);
  }

  private static Optional<PackJoint> joint(JobPack pack, String id) {
    return pack.joints().stream().filter(j -> j.id().equals(id)).findFirst();
  }
}
