package app.unimetric.core.plan;

import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Role;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A pinned nut: pulled to its minimum it goes on to the next slot, never back, and no further than
 * it may be loaded; beyond that its washer is changed.
 *
 * @param nut slots and holes
 * @param maxNm the most it may carry, N·m; null where neither a sheet nor the bolt's class tells
 * @param by what sets that most, in words; empty where nothing does
 */
public record NextSlot(Castellation nut, @Nullable Double maxNm, String by) {

  /** The next slot of a joint; empty where its nut is not pinned, only sets play, or is tried. */
  static Optional<NextSlot> of(
      PackJoint joint,
      Resolution resolution,
      @Nullable TorqueBand band,
      @Nullable Ceiling ceiling) {
    Role role = joint.duty().role();
    boolean due = joint.isPinned() && !joint.isTried() && role != Role.ADJUST && role != Role.PIVOT;
    if (!due) {
      return Optional.empty();
    }
    Castellation stated = joint.turning().castellation();
    Castellation nut = stated == null ? Castellation.USUAL : stated;
    Integer governing = resolution.governing();
    Form form = governing == null ? null : joint.torque().stated().get(governing).form();
    if (band != null && (form == Form.RANGE || form == Form.MAXIMUM)) {
      return Optional.of(new NextSlot(nut, band.maxNm(), "the end of what is stated"));
    }
    Double cap = resolution.capNm();
    if (cap != null && (ceiling == null || cap <= ceiling.torqueNm())) {
      return Optional.of(new NextSlot(nut, cap, "the limit of a part"));
    }
    return Optional.of(
        ceiling == null
            ? new NextSlot(nut, null, "")
            : new NextSlot(nut, ceiling.torqueNm(), ceiling.by()));
  }

  /**
   * From the minimum to the most it may carry; null where either is not known.
   *
   * @param band what it is pulled to
   */
  public @Nullable TorqueBand from(@Nullable TorqueBand band) {
    Double most = maxNm;
    return band == null || most == null
        ? null
        : TorqueBand.of(band.minNm(), Math.max(band.minNm(), most));
  }

  /** As the last of a joint's passes: {@code next slot, at most 118 N·m}. */
  public String inShort() {
    Double most = maxNm;
    return "next slot" + (most == null ? "" : ", at most " + Figure.rounded(most, 1) + " N·m");
  }

  /** What is done at the bench, and how far it may go. */
  public String words() {
    Double most = maxNm;
    return nut.words()
        + " On to the next slot, never back"
        + (most == null
            ? ". The most it may carry is not known: look it up."
            : ", and no further than "
                + Figure.rounded(most, 1)
                + " N·m ("
                + by
                + "). Beyond that change the washer.");
  }
}
