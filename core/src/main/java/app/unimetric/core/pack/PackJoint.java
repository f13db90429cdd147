package app.unimetric.core.pack;

import app.unimetric.core.fastener.Fastener;
import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Situation;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A group of like fasteners that hold one thing.
 *
 * @param fastener what is turned
 * @param pattern how many, how they sit, in which passes
 * @param duty what they are there for
 * @param situation what decides about the product that goes on
 * @param torque what is stated, and where it is to be looked up
 * @param turning how they are reached and turned
 * @param traps what people get wrong here
 * @param undoing how it is undone; null where nothing was there before
 * @param side on which it is; null where it is done once
 * @param place what the place is called at the machine, the same in every job that touches it;
 *     empty where it is this job's own
 */
public record PackJoint(
    String id,
    String title,
    Fastener fastener,
    BoltPattern pattern,
    Duty duty,
    Situation situation,
    TorqueSheet torque,
    Turning turning,
    List<String> traps,
    @Nullable Undoing undoing,
    @Nullable Side side,
    String place) {
  public PackJoint {
    traps = List.copyOf(traps);
  }

  /** Its title without the side it is on. */
  public String titleOfBothSides() {
    String behind = Selection.onSide("", side);
    return title.substring(0, title.length() - behind.length());
  }

  /** Whether it is only tried at its target as it is, without coming loose. */
  public boolean isTried() {
    return turning.tried();
  }

  /** Whether its nut goes on to the next slot and is pinned there. */
  public boolean isPinned() {
    return situation.lock() == Lock.CASTLE_PIN;
  }

  /** What people look it up by: its name, what is turned, its thread. */
  public String lookedUpBy() {
    return title
        + " "
        + fastener.words()
        + (turning.end() == Turn.NUT ? " nut bolt" : " bolt screw");
  }

  /** The joint as the resolution of its values sees it. */
  public JointContext context(Aim workshopAim, Tolerances tolerances) {
    return new JointContext(
        fastener.thread(),
        fastener.propertyClass(),
        fastener.head(),
        duty,
        workshopAim,
        null,
        tolerances,
        isPinned());
  }

  /**
   * What its values are kept under for a model: its place, or its title where it has none of its
   * own. Both sides share it.
   */
  public String valuePlace() {
    return place.isEmpty() ? titleOfBothSides() : place;
  }

  /** What holds here and with what on the threads: {@code 2 × M8 8.8, castle nut with pin}. */
  public String fixing() {
    Compound said = situation.makerSays();
    return pattern.count()
        + " × "
        + fastener.words()
        + (fastener.isLeftHand() ? ", left-hand" : "")
        + (situation.lock() == Lock.NONE ? "" : ", " + situation.lock().words())
        + (said == null ? "" : ", " + said.words());
  }

  /** Its name in the pack, the same on both sides. */
  public String packId() {
    return side == null ? id : id.substring(0, id.length() - side.name().length() - 1);
  }

  /** Whether an id names this joint: itself, its twin on the other side, or both in the pack. */
  public boolean isNamed(String jointId) {
    return jointId.equals(id)
        || side != null
            && (jointId.equals(packId())
                || List.of(Side.values()).stream().anyMatch(s -> s.of(packId()).equals(jointId)));
  }

  /** What its undoing is called among the tasks. */
  public String undoId() {
    return "undo." + id;
  }

  PackJoint on(Side one, @Nullable Undoing undone) {
    return called(one.of(id), Selection.onSide(title, one), undone, one);
  }

  /** The same joint under another name. */
  public PackJoint called(String name) {
    return called(name, undoing);
  }

  /** The same joint as another job calls it. */
  PackJoint called(String name, @Nullable Undoing undone) {
    return called(name, title, undone, side);
  }

  private PackJoint called(
      String name, String words, @Nullable Undoing undone, @Nullable Side where) {
    return new PackJoint(
        name, words, fastener, pattern, duty, situation, torque, turning, traps, undone, where,
        place);
  }

  PackJoint markedAgainst(JobPack written) {
    return written.joints().stream()
        .filter(j -> j.packId().equals(packId()))
        .map(j -> j.fastener().thread().designation())
        .filter(then -> !then.equals(fastener.thread().designation()))
        .findFirst()
        .map(
            then ->
                with(
                    new TorqueSheet(
                        torque.values().stream().map(v -> v.statedFor(then)).toList(),
                        torque.slots(),
                        torque.slipTest())))
        .orElse(this);
  }

  /** The same joint with more values behind its own. */
  PackJoint with(List<DocumentedValue> found) {
    return with(torque.with(found));
  }

  private PackJoint with(TorqueSheet stated) {
    return new PackJoint(
        id, title, fastener, pattern, duty, situation, stated, turning, traps, undoing, side,
        place);
  }
}
