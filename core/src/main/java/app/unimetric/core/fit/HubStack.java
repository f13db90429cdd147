package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Spacers beside two hubs. On each side their total is fixed by what the nut clamps; how many of
 * them stand inboard sets how far out the wheel stands.
 *
 * @param trackChangeMm by how much the wheels stand further apart than before
 * @param balanced whether both sides stand out alike
 */
public record HubStack(
    double trackChangeMm,
    boolean balanced,
    FitVerdict inShort,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** By how much the sides may differ: what machined spacers do. */
  public static final double ALIKE_MM = 0.1;

  /** A bore wider than its shoulder by more leaves the spacer off its centre. */
  public static final double MOST_PLAY_MM = 0.5;

  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 300;
  private static final double MOST_UNCERTAINTY_MM = 5;
  private static final double ROUNDING_MM = 1e-6;
  private static final int MOST_SPACERS = 32;

  /** How a face is made. */
  public enum Face {
    FLAT,
    CONE
  }

  /** Two faces that meet in the stack. */
  public record Meeting(Face face, Face against) {}

  /** The bore of a spacer or washer, and the shoulder it sits on. */
  public record Seat(double boreMm, double shoulderMm) {
    boolean holds() {
      return boreMm >= shoulderMm - ROUNDING_MM
          && boreMm <= shoulderMm + MOST_PLAY_MM + ROUNDING_MM;
    }
  }

  /**
   * What stands outside of the stack for the nut and its pin.
   *
   * @param pinMm how far beyond the nut the far edge of the pin's hole is; 0 where there is none
   */
  public record ThreadLeft(double outsideMm, double nutMm, double pinMm) {
    double sparedMm() {
      return outsideMm - nutMm - pinMm;
    }
  }

  /**
   * The spacers of one side.
   *
   * @param spacersMm widths, from the machine outwards
   * @param inboard of each, whether it stands inboard of the hub
   * @param meetings faces that meet, as far as they were looked at
   * @param seats as far as they were measured
   * @param thread null where it was not measured
   */
  public record OneSide(
      List<Double> spacersMm,
      List<Boolean> inboard,
      List<Meeting> meetings,
      List<Seat> seats,
      @Nullable ThreadLeft thread) {
    public OneSide {
      spacersMm = List.copyOf(spacersMm);
      inboard = List.copyOf(inboard);
      meetings = List.copyOf(meetings);
      seats = List.copyOf(seats);
      Problems problems =
          new Problems()
              .require(
                  spacersMm.size() <= MOST_SPACERS, "spacersMm", "are more than 32; add some up.")
              .require(
                  inboard.size() == spacersMm.size(),
                  "inboard",
                  "needs one true or false for each of the "
                      + spacersMm.size()
                      + " spacers: whether it stands inboard of the hub.")
              .require(meetings.size() <= MOST_SPACERS, "meetings", "are more than 32.")
              .require(seats.size() <= MOST_SPACERS, "seats", "are more than 32.");
      for (int i = 0; i < Math.min(spacersMm.size(), MOST_SPACERS); i++) {
        problems.positive(spacersMm.get(i), MOST_MM, "spacersMm[" + i + "]");
      }
      for (int i = 0; i < Math.min(seats.size(), MOST_SPACERS); i++) {
        problems.positive(seats.get(i).boreMm(), MOST_MM, "seats[" + i + "].boreMm");
        problems.positive(seats.get(i).shoulderMm(), MOST_MM, "seats[" + i + "].shoulderMm");
      }
      if (thread != null) {
        problems
            .within(thread.outsideMm(), 0, MOST_MM, "thread.outsideMm")
            .positive(thread.nutMm(), MOST_MM, "thread.nutMm")
            .within(thread.pinMm(), 0, MOST_MM, "thread.pinMm");
      }
      problems.orThrow();
    }

    /** Spacers alone. */
    public static OneSide of(List<Double> spacersMm, List<Boolean> inboard) {
      return new OneSide(spacersMm, inboard, List.of(), List.of(), null);
    }

    double totalMm() {
      return SpacerSets.sum(spacersMm);
    }

    double inboardMm() {
      double sum = 0;
      for (int i = 0; i < spacersMm.size(); i++) {
        sum += inboard.get(i) ? spacersMm.get(i) : 0;
      }
      return sum;
    }
  }

  /** Both sides. */
  public record Sides(OneSide left, OneSide right) {
    double inboardMm() {
      return left.inboardMm() + right.inboardMm();
    }
  }

  /**
   * Judges the stacks.
   *
   * @param before how they stood; null for measuring from hubs without spacers inboard
   * @param measuredToMm by how much each width may be wrong, either way
   */
  public static HubStack of(Sides now, @Nullable Sides before, double measuredToMm) {
    new Problems().within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm").orThrow();
    double change = now.inboardMm() - (before == null ? 0 : before.inboardMm());
    double apart = now.left().inboardMm() - now.right().inboardMm();
    int pieces = now.left().spacersMm().size() + now.right().spacersMm().size();
    Judgement judgement = new Judgement(measuredToMm * Math.max(pieces, 1));
    judgement
        .why
        .derive("Δs", change, "mm", "inboard now − inboard before, both sides", SOURCE)
        .derive("d", apart, "mm", "inboard left − inboard right", SOURCE);
    judgement.alike(apart);
    judgement.change(change, before != null);
    if (before != null) {
      judgement.total(now.left(), before.left(), "left");
      judgement.total(now.right(), before.right(), "right");
    }
    judgement.faces(now.left(), "left");
    judgement.faces(now.right(), "right");
    return new HubStack(
        change,
        Math.abs(apart) <= ALIKE_MM + ROUNDING_MM,
        judgement.verdict,
        List.copyOf(judgement.fails),
        judgement.why.reasons(),
        judgement.why.derivation());
  }

  /** What was found so far. */
  private static final class Judgement {
    private static final FitWindow ALIKE = new FitWindow(-ALIKE_MM, ALIKE_MM);
    private final double uncertaintyMm;
    private final Why why = new Why();
    private final List<String> fails = new ArrayList<>();
    private FitVerdict verdict = FitVerdict.FITS;

    Judgement(double uncertaintyMm) {
      this.uncertaintyMm = uncertaintyMm;
    }

    private void found(FitVerdict found, String field, String sentence) {
      verdict = verdict.and(found);
      if (found == FitVerdict.FITS) {
        why.because(sentence);
      } else {
        fails.add(field);
        why.first(sentence);
      }
    }

    void alike(double apart) {
      FitVerdict found = ALIKE.judge(apart, uncertaintyMm);
      found(
          found,
          "inboard",
          switch (found) {
            case FITS -> "Both wheels stand out alike.";
            case TOO_CLOSE ->
                "Too close to call whether both wheels stand out alike: measure the spacers better.";
            case DOES_NOT ->
                "The "
                    + (apart > 0 ? "left" : "right")
                    + " wheel stands "
                    + Figure.typed(Math.abs(apart))
                    + " mm further out than the other: it pulls to one side. Change spacers inboard"
                    + " against outboard until both are alike.";
          });
    }

    void change(double change, boolean known) {
      why.because(
          Math.abs(change) <= ROUNDING_MM
              ? "The track is as " + (known ? "before." : "without spacers inboard.")
              : "The track is "
                  + Figure.typed(Math.abs(change))
                  + " mm "
                  + (change > 0 ? "wider" : "narrower")
                  + (known ? " than before." : " than without spacers inboard."));
    }

    void total(OneSide now, OneSide before, String side) {
      double off = now.totalMm() - before.totalMm();
      why.derive("Δ" + side, off, "mm", "spacers now − spacers before", SOURCE);
      FitVerdict found = ALIKE.judge(off, uncertaintyMm);
      if (found == FitVerdict.TOO_CLOSE) {
        found(
            found,
            side + ".spacersMm",
            "Too close to call whether the "
                + side
                + " stack is as long as before: measure better.");
      } else if (found == FitVerdict.DOES_NOT) {
        found(
            found,
            side + ".spacersMm",
            "The "
                + side
                + " stack is "
                + Figure.typed(Math.abs(off))
                + " mm "
                + (off > 0
                    ? "longer than before: the nut finds less thread, the pin may miss its hole."
                    : "shorter than before: the nut bottoms before the hub is clamped."));
      }
    }

    void faces(OneSide side, String name) {
      for (int i = 0; i < side.meetings().size(); i++) {
        if (side.meetings().get(i).face() != side.meetings().get(i).against()) {
          found(
              FitVerdict.DOES_NOT,
              name + ".meetings[" + i + "]",
              "On the "
                  + name
                  + " a cone meets a flat face: it sits on an edge and works loose. Cones go against"
                  + " cones.");
        }
      }
      for (int i = 0; i < side.seats().size(); i++) {
        seat(side.seats().get(i), name, name + ".seats[" + i + "]");
      }
      if (side.thread() != null) {
        thread(side.thread(), name);
      }
    }

    private void seat(Seat seat, String name, String field) {
      if (!seat.holds()) {
        found(
            FitVerdict.DOES_NOT,
            field,
            "On the "
                + name
                + " a bore of "
                + Figure.typed(seat.boreMm())
                + " mm is "
                + (seat.boreMm() < seat.shoulderMm() ? "too narrow for" : "too wide for")
                + " its shoulder of "
                + Figure.typed(seat.shoulderMm())
                + " mm: take one bored for what it sits on.");
      }
    }

    private void thread(ThreadLeft thread, String name) {
      double spared = thread.sparedMm();
      why.derive("t " + name, spared, "mm", "thread outside − nut − pin", SOURCE);
      FitVerdict found = new FitWindow(0, MOST_MM).judge(spared, uncertaintyMm);
      if (found != FitVerdict.FITS) {
        found(
            found,
            name + ".thread",
            found == FitVerdict.TOO_CLOSE
                ? "Too close to call whether the "
                    + name
                    + " nut finds its whole thread: measure it."
                : "On the "
                    + name
                    + " "
                    + Figure.typed(-spared)
                    + " mm of thread are missing for the nut and its pin.");
      }
    }
  }
}
