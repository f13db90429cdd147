package app.unimetric.core.bench;

import app.unimetric.core.device.Curve;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.MovedCause;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a person says at the bench, one record per kind with just what belongs to it. Figures stand
 * as they were typed, so that the log keeps what was meant; each is read once here, so that what
 * cannot be read never comes into a log. The screen, the wire, the storage and the tablet all speak
 * these records, told apart by {@link #kind}.
 */
public sealed interface Said {
  /** Which kind it is. */
  default EventKind kind() {
    return EventKind.of(this);
  }

  /** Words of the person; null without any. */
  default @Nullable String reason() {
    return null;
  }

  /** The curve of a pull, as {@link Curve#written} writes it; null without one. */
  default @Nullable String curve() {
    return null;
  }

  /** The torque that was read or put right, N·m; null where none is said. */
  default @Nullable Double torqueNm() {
    return null;
  }

  /** The limit that was read off the part, in the unit of the measure; null where none was. */
  default @Nullable Double limitOnPart() {
    return null;
  }

  /**
   * What the tool showed: a figure as typed, a click as the tool was set; of what was tried how it
   * moved and why; of a product from which bottle or tub; null where there is nothing of it.
   *
   * @param joint in hand; null where none is
   */
  default @Nullable String shown(RunStep step, @Nullable RunJoint joint) {
    return null;
  }

  /** Done; for steps confirmed once and for what is turned by hand. */
  record Done() implements Said {
    @Override
    public @Nullable String shown(RunStep step, @Nullable RunJoint joint) {
      ProductTaken laidOut =
          joint == null || step.kind() != StepKind.SURFACE ? null : joint.onThread().laidOut();
      return laidOut == null ? null : laidOut.words();
    }
  }

  /**
   * A product went on, from another bottle or tub than the one laid out.
   *
   * @param product what stands on it
   * @param lot as printed on it; null or empty where nothing is
   */
  record OtherProduct(String product, @Nullable String lot) implements Said {
    public OtherProduct {
      new ProductTaken(product, lot == null ? "" : lot);
    }

    /** Product and lot. */
    public ProductTaken taken() {
      return new ProductTaken(product, lot == null ? "" : lot);
    }

    @Override
    public String shown(RunStep step, @Nullable RunJoint joint) {
      return taken().words();
    }
  }

  /**
   * What was found when measuring.
   *
   * @param reason as written: where a unit is asked for, the figure first
   * @param limit as typed off the part, in the unit of the measure; null or empty where none is
   *     asked
   */
  record Measured(String reason, @Nullable String limit) implements Said {
    public Measured {
      Texts.needed(reason, "is missing: write down what you found.");
      Texts.limit(limit);
    }

    @Override
    public @Nullable Double limitOnPart() {
      return Texts.limit(limit);
    }
  }

  /**
   * What a look, a check or a hold point came to.
   *
   * @param reason what was seen or felt, the figure first where one is asked; needed where it is
   *     bad
   * @param limit as typed off the part, in the unit of the measure; null or empty where none is
   *     asked
   */
  record Found(Finding finding, @Nullable String reason, @Nullable String limit) implements Said {
    public Found {
      if (finding == Finding.BAD) {
        Texts.needed(reason, Texts.SAY_WHY);
      }
      Texts.bounded(reason);
      Texts.limit(limit);
    }

    @Override
    public @Nullable Double limitOnPart() {
      return Texts.limit(limit);
    }
  }

  /** What was bad was replaced; of a fastener, it was renewed and begins again. */
  record Replaced(@Nullable String reason) implements Said {
    public Replaced {
      Texts.bounded(reason);
    }
  }

  /** What is bad is left as it is. */
  record Left(String reason) implements Said {
    public Left {
      Texts.needed(reason, Texts.SAY_WHY);
    }
  }

  /** Slackened fully, thread and part looked at; the fastener begins again. */
  record Slackened(@Nullable String reason) implements Said {
    public Slackened {
      Texts.bounded(reason);
    }
  }

  /** The joint in hand goes through all its passes again. */
  record BegunAgain(@Nullable String reason) implements Said {
    public BegunAgain {
      Texts.bounded(reason);
    }
  }

  /**
   * From here on another tool is used on the joint in hand.
   *
   * @param toolId of the tool taken up
   */
  record Amended(String toolId, String reason) implements Said {
    public Amended {
      Texts.needed(reason, Texts.SAY_WHY);
    }
  }

  /** The tool clicked at its setting. */
  record Clicked() implements Said {
    @Override
    public @Nullable String shown(RunStep step, @Nullable RunJoint joint) {
      return step.reading() == null ? null : step.reading().text();
    }
  }

  /**
   * A torque was read off the tool.
   *
   * @param typed as typed; a bare figure is in {@code unit}
   * @param unit of the tool; null where the figure names its own
   */
  record Reading(String typed, @Nullable TorqueUnit unit, @Nullable String curve) implements Said {
    public Reading {
      Texts.torqueNm(typed, unit);
      Texts.curve(curve);
    }

    @Override
    public String shown(RunStep step, @Nullable RunJoint joint) {
      return TypedReading.parse(typed, unit).words();
    }

    @Override
    public Double torqueNm() {
      return Texts.torqueNm(typed, unit);
    }
  }

  /** On the check round and when it is tried: clicked without moving. */
  record Held(@Nullable String curve) implements Said {
    public Held {
      Texts.curve(curve);
    }
  }

  /**
   * On the check round and when it is tried: it moved before the click.
   *
   * @param cause why, as far as known; null on a check round, which does not ask
   * @param angleDeg how far, degrees, as typed; null or empty when nobody looked
   * @param gripMm thickness of what is clamped, mm, as typed; null or empty when not known
   */
  record Moved(
      @Nullable MovedCause cause,
      @Nullable String angleDeg,
      @Nullable String gripMm,
      @Nullable String curve)
      implements Said {
    public Moved {
      Texts.how(cause, angleDeg, gripMm);
      Texts.curve(curve);
    }

    /** How it moved; null where that was not asked. */
    public @Nullable MovedFastener how() {
      return Texts.how(cause, angleDeg, gripMm);
    }

    @Override
    public @Nullable String shown(RunStep step, @Nullable RunJoint joint) {
      MovedFastener how = how();
      return how == null || joint == null ? null : how.words(joint);
    }
  }

  /** At the slip test: it holds as tight as it is. */
  record Holds() implements Said {}

  /** At the slip test: it slips. */
  record Slips() implements Said {}

  /**
   * How far the next slot of a pinned nut still has to come.
   *
   * @param turnDeg degrees as typed; 0 when slot and hole are in line
   * @param nmPerDegree N·m per degree as typed; null or empty where the curve of its pull tells, or
   *     nobody knows
   */
  record ToSlot(String turnDeg, @Nullable String nmPerDegree) implements Said {
    public ToSlot {
      SlotAhead.parse(turnDeg, nmPerDegree);
    }

    /** How far, read. */
    public SlotAhead ahead() {
      return SlotAhead.parse(turnDeg, nmPerDegree);
    }

    @Override
    public String shown(RunStep step, @Nullable RunJoint joint) {
      return ahead().words();
    }
  }

  /** A reading outside the band is let stand. */
  record DeviationAccepted(String reason) implements Said {
    public DeviationAccepted {
      Texts.needed(reason, Texts.SAY_WHY);
    }
  }

  /**
   * An earlier entry was wrong: with a figure it is replaced, without one it is struck and done
   * again.
   *
   * @param corrects the entry it is about
   * @param typed the figure it should have been, as typed; null to strike it
   * @param unit of a bare figure
   */
  record Correction(
      UUID corrects, @Nullable String typed, @Nullable TorqueUnit unit, @Nullable String reason)
      implements Said {
    public Correction {
      if (typed != null) {
        Texts.torqueNm(typed, unit);
      }
      Texts.bounded(reason);
    }

    @Override
    public @Nullable String shown(RunStep step, @Nullable RunJoint joint) {
      return typed == null ? null : TypedReading.parse(typed, unit).words();
    }

    @Override
    public @Nullable Double torqueNm() {
      return typed == null ? null : (Double) Texts.torqueNm(typed, unit);
    }
  }

  /**
   * What a second pair of eyes found at every critical joint.
   *
   * @param reason what was seen; needed where it is bad
   */
  record SecondLook(Finding finding, @Nullable String reason) implements Said {
    public SecondLook {
      if (finding == Finding.BAD) {
        Texts.needed(reason, Texts.SAY_WHY);
      }
      Texts.bounded(reason);
    }
  }

  /** Something worth writing down. */
  record Note(String reason) implements Said {
    public Note {
      Texts.needed(reason, Texts.SAY_WHY);
    }
  }

  /** The end. */
  record SignedOff() implements Said {}
}
