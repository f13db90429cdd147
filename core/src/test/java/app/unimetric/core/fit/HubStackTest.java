package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HubStackTest {
  /** Two spacers; the first stands inboard. */
  private static HubStack.OneSide side(double inboard, double outboard) {
    return HubStack.OneSide.of(List.of(inboard, outboard), List.of(true, false));
  }

  private static HubStack.Sides sides(HubStack.OneSide left, HubStack.OneSide right) {
    return new HubStack.Sides(left, right);
  }

  /** By hand: 10 and 10 inboard before, 25 and 25 now: 30 mm more track, the stack still 40. */
  @Test
  void whatMovesInboardOnBothSidesIsTheTrack() {
    HubStack h =
        HubStack.of(sides(side(25, 15), side(25, 15)), sides(side(10, 30), side(10, 30)), 0);
    assertThat(h.trackChangeMm()).isCloseTo(30, within(1e-12));
    assertThat(h.balanced()).isTrue();
    assertThat(h.inShort()).isEqualTo(FitVerdict.FITS);
    assertThat(h.reasons())
        .containsExactly("Both wheels stand out alike.", "The track is 30 mm wider than before.");
    HubStack back =
        HubStack.of(sides(side(10, 30), side(10, 30)), sides(side(25, 15), side(25, 15)), 0);
    assertThat(back.trackChangeMm()).isCloseTo(-30, within(1e-12));
    assertThat(back.reasons()).contains("The track is 30 mm narrower than before.");
  }

  @Test
  void withoutABeforeItIsMeasuredFromNothingInboard() {
    HubStack h = HubStack.of(sides(side(20, 0.5), side(20, 0.5)), null, 0);
    assertThat(h.trackChangeMm()).isCloseTo(40, within(1e-12));
    assertThat(h.reasons()).contains("The track is 40 mm wider than without spacers inboard.");
  }

  @ParameterizedTest
  @CsvSource({
    "25, 25, 0, true, FITS",
    "25.1, 25, 0, true, FITS",
    "25.11, 25, 0, false, DOES_NOT",
    "25, 27, 0, false, DOES_NOT",
    "25.05, 25, 0.05, true, TOO_CLOSE",
    "27, 25, 0.05, false, DOES_NOT",
  })
  void bothWheelsStandOutAlike(
      double left, double right, double measuredTo, boolean balanced, FitVerdict verdict) {
    HubStack h = HubStack.of(sides(side(left, 10), side(right, 10)), null, measuredTo);
    assertThat(h.balanced()).isEqualTo(balanced);
    assertThat(h.inShort()).isEqualTo(verdict);
    assertThat(h.fails().contains("inboard")).isEqualTo(verdict != FitVerdict.FITS);
    HubStack mirrored = HubStack.of(sides(side(right, 10), side(left, 10)), null, measuredTo);
    assertThat(mirrored.inShort()).as("left and right are alike").isEqualTo(verdict);
    assertThat(mirrored.trackChangeMm()).isEqualTo(h.trackChangeMm());
  }

  @Test
  void theWheelThatStandsFurtherOutIsNamed() {
    assertThat(HubStack.of(sides(side(27, 10), side(25, 10)), null, 0).reasons().get(0))
        .startsWith("The left wheel stands 2 mm further out");
    assertThat(HubStack.of(sides(side(25, 10), side(27, 10)), null, 0).reasons().get(0))
        .startsWith("The right wheel stands 2 mm further out");
  }

  @Test
  void theStackOfEachSideStaysAsLongAsItWas() {
    HubStack.Sides before = sides(side(10, 30), side(10, 30));
    HubStack longer = HubStack.of(sides(side(25, 15.2), side(25, 15)), before, 0);
    assertThat(longer.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(longer.fails()).containsExactly("left.spacersMm");
    assertThat(longer.reasons()).anyMatch(r -> r.contains("left stack is 0.2 mm longer"));
    HubStack shorter = HubStack.of(sides(side(25, 15), side(25, 12)), before, 0);
    assertThat(shorter.fails()).containsExactly("right.spacersMm");
    assertThat(shorter.reasons()).anyMatch(r -> r.contains("right stack is 3 mm shorter"));
    assertThat(HubStack.of(sides(side(25, 15.05), side(25, 15)), before, 0.02).inShort())
        .isEqualTo(FitVerdict.TOO_CLOSE);
  }

  @Test
  void conesGoAgainstConesAndBoresOnTheirShoulders() {
    HubStack.OneSide wrong =
        new HubStack.OneSide(
            List.of(20.0),
            List.of(true),
            List.of(
                new HubStack.Meeting(HubStack.Face.CONE, HubStack.Face.CONE),
                new HubStack.Meeting(HubStack.Face.CONE, HubStack.Face.FLAT)),
            List.of(
                new HubStack.Seat(25, 25),
                new HubStack.Seat(25.5, 25),
                new HubStack.Seat(25.51, 25),
                new HubStack.Seat(24.99, 25)),
            new HubStack.ThreadLeft(20, 15, 5.1));
    HubStack h =
        HubStack.of(sides(HubStack.OneSide.of(List.of(20.0), List.of(true)), wrong), null, 0);
    assertThat(h.fails())
        .containsExactly("right.meetings[1]", "right.seats[2]", "right.seats[3]", "right.thread");
    assertThat(h.reasons())
        .anyMatch(r -> r.contains("On the right a cone meets a flat face"))
        .anyMatch(r -> r.contains("25.51 mm is too wide for its shoulder of 25"))
        .anyMatch(r -> r.contains("24.99 mm is too narrow for"))
        .anyMatch(r -> r.contains("On the right 0.1 mm of thread are missing"));
  }

  @Test
  void theNutNeedsItsWholeThread() {
    HubStack.OneSide enough =
        new HubStack.OneSide(
            List.of(), List.of(), List.of(), List.of(), new HubStack.ThreadLeft(20, 15, 5));
    assertThat(HubStack.of(sides(enough, enough), null, 0).inShort()).isEqualTo(FitVerdict.FITS);
    assertThat(HubStack.of(sides(enough, enough), null, 0.05).inShort())
        .isEqualTo(FitVerdict.TOO_CLOSE);
  }

  @Test
  void whatIsNotKnownWellIsSaidSo() {
    HubStack.Sides before = sides(side(10, 30), side(10, 30));
    assertThat(HubStack.of(sides(side(25.05, 15), side(25, 15)), before, 0.05).reasons())
        .anyMatch(r -> r.contains("whether both wheels stand out alike"))
        .anyMatch(r -> r.contains("whether the left stack is as long as before"));
    HubStack.OneSide bare =
        new HubStack.OneSide(
            List.of(), List.of(), List.of(), List.of(), new HubStack.ThreadLeft(20, 15, 5));
    assertThat(HubStack.of(sides(bare, bare), null, 0.05).reasons())
        .anyMatch(r -> r.contains("whether the left nut finds its whole thread"));
  }

  @Test
  void whatIsAsItWasIsSaidSoAndWhatIsWrongComesFirst() {
    HubStack.Sides same = sides(side(10, 30), side(10, 30));
    assertThat(HubStack.of(same, same, 0).reasons())
        .containsExactly("Both wheels stand out alike.", "The track is as before.");
    HubStack.OneSide none = HubStack.OneSide.of(List.of(30.0), List.of(false));
    assertThat(HubStack.of(sides(none, none), null, 0).reasons())
        .contains("The track is as without spacers inboard.");
    HubStack longer = HubStack.of(sides(side(10, 31), side(10, 30)), same, 0);
    assertThat(longer.reasons().get(0)).startsWith("The left stack is 1 mm longer");
    assertThat(longer.derivation())
        .extracting(d -> d.symbol())
        .containsExactly("Δs", "d", "Δleft", "Δright");
    assertThat(longer.derivation()).extracting(d -> d.value()).containsExactly(0.0, 0.0, 1.0, 0.0);
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> HubStack.of(sides(side(1, 1), side(1, 1)), null, -0.1))
        .hasMessageContaining("measuredToMm");
    assertThatThrownBy(
            () ->
                new HubStack.OneSide(
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(new HubStack.Seat(-1, 0)),
                    new HubStack.ThreadLeft(-1, 0, -1)))
        .hasMessageContaining("seats[0].boreMm")
        .hasMessageContaining("seats[0].shoulderMm")
        .hasMessageContaining("thread.outsideMm")
        .hasMessageContaining("thread.nutMm")
        .hasMessageContaining("thread.pinMm");
    assertThatThrownBy(() -> HubStack.OneSide.of(List.of(10.0, 5.0), List.of(true)))
        .hasMessageContaining("one true or false for each of the 2 spacers");
    assertThatThrownBy(() -> HubStack.OneSide.of(List.of(-10.0), List.of(true)))
        .hasMessageContaining("greater than 0");
  }
}
