package app.unimetric.documents.sheet;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Source;
import app.unimetric.documents.shape.ShapeEdit;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One thing said on a job sheet. */
public sealed interface SheetSaying {

  /** Its kind by name, as stored beside the document. */
  default Kind kind() {
    return Kind.of(this);
  }

  /** Which value of a joint holds. */
  record DecisionMade(String jointId, String valueId, @Nullable TorqueUnit readAs, String reason)
      implements SheetSaying {}

  /**
   * A value looked up for a joint, as typed.
   *
   * @param statedFor the fastener it was written down for; null where that is not known
   */
  record ValueFound(
      String jointId,
      String typed,
      Source source,
      String document,
      FrictionCondition condition,
      @Nullable String statedFor)
      implements SheetSaying {}

  /**
   * The job was shaped to the machine in hand.
   *
   * @param edits taken together
   * @param undoes the earlier shaping that this takes back, or brings back; null for a new one
   * @param reason why, where one had to be given; empty else
   */
  record Shaped(List<ShapeEdit> edits, @Nullable UUID undoes, String reason)
      implements SheetSaying {
    public Shaped {
      edits = List.copyOf(edits);
    }
  }

  /** Something worked out at the joint desk; {@code state} is the address part that shows it. */
  record DeskNoted(String jointId, String state, String summary) implements SheetSaying {}

  /**
   * Whether something fits.
   *
   * @param worked how it was worked out; null where somebody's word stands
   */
  record FitAnswered(String question, boolean fits, String note, @Nullable WorkedFit worked)
      implements SheetSaying {}

  /** Joints as arranged by hand; empty gives the order back to the planner. */
  record Arranged(List<String> jointIds) implements SheetSaying {
    public Arranged {
      jointIds = List.copyOf(jointIds);
    }
  }

  /** What was answered to the job's own questions; the latest counts, as a whole. */
  record Chosen(Answers answers) implements SheetSaying {}

  /** A value that was written down wrongly is taken back; it stays in the history. */
  record Withdrawn(String valueId, String reason) implements SheetSaying {}

  /** A joint that no torque tool reaches is brought to its torque by feel, unverified. */
  record ByFeel(String jointId, String reason) implements SheetSaying {}

  /** Another tool of the crib is used on a joint; null gives the choice back to the planner. */
  record ToolChosen(String jointId, @Nullable String toolId) implements SheetSaying {}

  /** The job is not done, or not done further. */
  record Cancelled(String reason) implements SheetSaying {}

  /** What was quoted, in the workshop's currency. */
  record Quoted(BigDecimal amount) implements SheetSaying {}

  /** Which part is fitted. */
  record PartNamed(String name) implements SheetSaying {}

  /** What a job card said when it was printed. */
  record CardPrinted(PlanPrint card) implements SheetSaying {}

  /** The kinds by name. */
  enum Kind {
    DECISION,
    VALUE,
    DESK_NOTE,
    FIT,
    ARRANGEMENT,
    QUOTE,
    PART,
    PRINT,
    CHOICE,
    WITHDRAWAL,
    BY_FEEL,
    TOOL,
    CANCEL,
    SHAPE;

    static Kind of(SheetSaying said) {
      if (said instanceof DecisionMade) {
        return DECISION;
      } else if (said instanceof ValueFound) {
        return VALUE;
      } else if (said instanceof DeskNoted) {
        return DESK_NOTE;
      } else if (said instanceof FitAnswered) {
        return FIT;
      } else if (said instanceof Arranged) {
        return ARRANGEMENT;
      } else if (said instanceof Quoted) {
        return QUOTE;
      } else if (said instanceof PartNamed) {
        return PART;
      } else if (said instanceof Chosen) {
        return CHOICE;
      } else if (said instanceof Withdrawn) {
        return WITHDRAWAL;
      } else if (said instanceof ByFeel) {
        return BY_FEEL;
      } else if (said instanceof ToolChosen) {
        return TOOL;
      } else if (said instanceof Cancelled) {
        return CANCEL;
      } else if (said instanceof Shaped) {
        return SHAPE;
      }
      return PRINT;
    }
  }
}
