package app.unimetric.core.bench;

import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/** What a person at the bench can say. */
public enum EventKind {
  /** Done; for steps confirmed once and for snugging by hand. */
  DONE(Said.Done.class, "Done", "done"),
  /** A product went on from another bottle or tub than the one laid out. */
  OTHER_PRODUCT(Said.OtherProduct.class, "Another bottle or tub", "another bottle or tub"),
  /** What was found when measuring or looking, as written. */
  MEASURED(Said.Measured.class, "Write it down", "found"),
  /** What a look or a check came to, good or bad, with the figure where one is meant. */
  FOUND(Said.Found.class, "As it should be", "found"),
  /** What was bad was replaced; of a fastener, it was renewed and begins again. */
  REPLACED(Said.Replaced.class, "Replaced", "replaced"),
  /** What is bad is left as it is, with a reason. */
  LEFT(Said.Left.class, "Leave it", "left as it is"),
  /** Slackened fully, thread and part looked at; the fastener begins again. */
  SLACKENED(
      Said.Slackened.class, "Slackened fully, looked at: begin again", "slackened, begun again"),
  /**
   * The joint in hand goes through all its passes again, since it was left standing; what had set
   * on its threads is wetted again first.
   */
  BEGUN_AGAIN(
      Said.BegunAgain.class, "Begin the joint again", "joint begun again from its first pass"),
  /** From here on another tool is used on the joint in hand, with a reason. */
  AMENDED(Said.Amended.class, "Take another tool", "another tool taken up"),
  /** The tool clicked at its setting. */
  CLICKED(Said.Clicked.class, "Clicked at the setting", "clicked at setting"),
  /** A torque was read. */
  READING(Said.Reading.class, "Type a reading", "read"),
  /** On the check pass and when it is tried: clicked without moving. */
  HELD(Said.Held.class, "Clicked, nothing moved", "nothing moved"),
  /** On the check pass and when it is tried: it moved before the click. */
  MOVED(Said.Moved.class, "It moved", "moved"),
  /** At the slip test: it holds as tight as it is. */
  HOLDS(Said.Holds.class, "It holds", "it holds"),
  /** At the slip test: it slips. */
  SLIPS(Said.Slips.class, "It slips", "it slips"),
  /** How far the next slot of a pinned nut still has to come. */
  SLOT_AHEAD(Said.ToSlot.class, "How far the slot is", "next slot"),
  /** A reading outside the band is let stand, with a reason. */
  DEVIATION_ACCEPTED(Said.DeviationAccepted.class, "Let it stand", "let stand"),
  /**
   * An earlier entry was wrong: with a figure it is replaced, without one it is struck and done
   * again.
   */
  CORRECTION(Said.Correction.class, "Correct", "corrects an earlier entry"),
  /** Another person has looked. */
  SECOND_LOOK(Said.SecondLook.class, "Looked at every joint", "second look"),
  /** Something worth writing down. */
  NOTE(Said.Note.class, "Write a note", "note"),
  /** The end. */
  SIGNED_OFF(Said.SignedOff.class, "Sign off", "signed off");

  private final Class<? extends Said> said;
  private final String words;
  private final String past;

  EventKind(Class<? extends Said> said, String words, String past) {
    this.said = said;
    this.words = words;
    this.past = past;
  }

  private static final Map<Class<? extends Said>, EventKind> OF =
      Arrays.stream(values()).collect(Collectors.toMap(EventKind::said, kind -> kind));

  /** The kind of what was said. */
  static EventKind of(Said said) {
    return Objects.requireNonNull(OF.get(said.getClass()));
  }

  /** The record of this kind. */
  public Class<? extends Said> said() {
    return said;
  }

  /** On a button. */
  public String words() {
    return words;
  }

  /** In a log. */
  public String past() {
    return past;
  }
}
