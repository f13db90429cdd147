package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SideViewTest {
  private static final RideHeight.Before BEFORE = new RideHeight.Before(1500, 26, 40, 320);
  private static final SideView.Chassis CHASSIS =
      new SideView.Chassis(320, 550, 380, new SideView.Point(700, 150), 130.0);

  private static SideView rear(double eyeOffsetMm, double ratio) {
    return Objects.requireNonNull(
        RideHeight.rear(BEFORE, eyeOffsetMm, ratio, new RideHeight.Asked(null, CHASSIS, 0)).view());
  }

  /**
   * By hand: the swingarm of 550 lies 60 below its pivot, 35 afterwards, so the axle goes back by
   * √(550² − 35²) − √(550² − 60²) = 2.168; the frame turns by atan(25/1502.168) = 0.95346°.
   */
  @Test
  void theRearGoesUpItsArcAndTheFrameIsSetDown() {
    SideView v = rear(10, 2.5);
    assertThat(v.before().rakeDeg()).isCloseTo(26, within(1e-12));
    assertThat(v.before().swingarmDeg()).isCloseTo(6.2629, within(1e-4));
    assertThat(v.after().rakeDeg()).isCloseTo(26.95346, within(1e-5));
    assertThat(v.after().wheelbaseMm()).isCloseTo(Math.hypot(1502.1683, 25), within(1e-3));
    assertThat(v.after().swingarmDeg()).isCloseTo(3.6487 + 0.95346, within(1e-3));
    assertThat(v.after().rearAxle()).isEqualTo(new SideView.Point(0, 320));
    assertThat(v.after().frontAxle().yMm()).isCloseTo(320, within(1e-9));
    assertThat(Objects.requireNonNull(v.after().lowest()).yMm()).isLessThan(150);
  }

  /** By hand: the axle goes 20 up the fork, so 20·cos 26° up and 20·sin 26° back. */
  @Test
  void theFrontGoesUpItsFork() {
    SideView v =
        Objects.requireNonNull(
            RideHeight.front(BEFORE, 20, new RideHeight.Asked(null, CHASSIS, 0)).view());
    double up = 20 * Math.cos(Math.toRadians(26));
    double back = 20 * Math.sin(Math.toRadians(26));
    assertThat(v.after().rakeDeg())
        .isCloseTo(26 - Math.toDegrees(Math.atan2(up, 1500 - back)), within(1e-9));
    assertThat(v.after().wheelbaseMm()).isCloseTo(Math.hypot(1500 - back, up), within(1e-9));
  }

  @Test
  void theSmallAngleFormulaIsNearItForSmallChanges() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      double eye = random.nextDouble(-8, 8);
      RideHeight r = RideHeight.rear(BEFORE, eye, 2.5, new RideHeight.Asked(null, CHASSIS, 0));
      SideView v = Objects.requireNonNull(r.view());
      assertThat(v.after().rakeDeg()).as("%s", eye).isCloseTo(r.rakeDeg(), within(0.01));
      assertThat(v.after().trailMm()).isCloseTo(r.trailMm(), within(0.2));
    }
  }

  /**
   * By hand, before: the axis passes 40 before the axle across its slope; 675 up it is the head.
   */
  @Test
  void theHeadLiesOnTheSteeringAxis() {
    SideView.State s = rear(10, 2.5).before();
    double sin = Math.sin(Math.toRadians(26));
    double cos = Math.cos(Math.toRadians(26));
    assertThat(s.head().xMm()).isCloseTo(1500 - 40 * cos - 675 * sin, within(1e-9));
    assertThat(s.head().yMm()).isCloseTo(320 - 40 * sin + 675 * cos, within(1e-9));
    assertThat(s.pivot().xMm()).isCloseTo(Math.sqrt(550 * 550 - 60 * 60), within(1e-9));
    assertThat(s.pivot().yMm()).isCloseTo(380, within(1e-9));
    assertThat(s.frontAxle()).isEqualTo(new SideView.Point(1500, 320));
  }

  /** Whatever is done, both tyres touch the ground and nothing of the frame is stretched. */
  @Test
  void bothTyresTouchAndTheFrameKeepsItsShape() {
    SideView.Chassis small =
        new SideView.Chassis(300, 550, 380, new SideView.Point(700, 150), null);
    for (int eye = -12; eye <= 12; eye += 3) {
      RideHeight r = RideHeight.rear(BEFORE, eye, 2.5, new RideHeight.Asked(null, small, 0));
      SideView v = Objects.requireNonNull(r.view());
      assertThat(v.before().rakeDeg()).isCloseTo(26, within(1e-9));
      assertThat(v.before().wheelbaseMm()).isCloseTo(1500, within(1e-9));
      assertThat(v.after().rearAxle()).isEqualTo(new SideView.Point(0, 300));
      assertThat(v.after().frontAxle().yMm()).isCloseTo(320, within(1e-9));
      assertThat(v.after().frontAxle().xMm()).isCloseTo(v.after().wheelbaseMm(), within(1e-9));
      assertThat(apart(v.after().rearAxle(), v.after().pivot())).isCloseTo(550, within(1e-9));
      assertThat(apart(v.after().pivot(), v.after().head()))
          .isCloseTo(apart(v.before().pivot(), v.before().head()), within(1e-9));
      assertThat(apart(v.after().frontAxle(), v.after().head()))
          .isCloseTo(apart(v.before().frontAxle(), v.before().head()), within(1e-9));
    }
  }

  private static double apart(SideView.Point a, SideView.Point b) {
    return Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm());
  }

  @Test
  void nothingChangedIsNothingMoved() {
    assertThat(rear(0, 2.5).after().lowest()).isEqualTo(CHASSIS.lowest());
    assertThat(rear(0, 2.5).after().trailMm())
        .isCloseTo(rear(0, 2.5).before().trailMm(), within(1e-9));
  }

  @Test
  void theLowerTheRearTheLessIsLeftBelow() {
    double last = 1000;
    for (int eye = -10; eye <= 10; eye++) {
      double left = Objects.requireNonNull(rear(eye, 2.5).after().lowest()).yMm();
      assertThat(left).isLessThan(last);
      last = left;
    }
    RideHeight low = RideHeight.rear(BEFORE, 20, 2.5, new RideHeight.Asked(null, CHASSIS, 0));
    assertThat(low.fails()).containsExactly("clearanceMm");
    assertThat(low.inShort()).isEqualTo(FitVerdict.DOES_NOT);
    assertThat(low.reasons()).anyMatch(r -> r.contains("130 mm are wanted"));
  }

  /** By hand: tan 12° · 250 = 53.1; at 300 of 1500 from the axle 25 come down as 20: 33.1/250. */
  @ParameterizedTest
  @CsvSource({"10, 7.55, true", "13, 6.20, true", "16, 4.84, false", "-20, 20.43, false"})
  void loweredItStandsUprightOnItsSideStand(double eye, double lean, boolean safe) {
    SideStand.Now now = new SideStand.Now(250, 12, 300, 30.0);
    RideHeight r = RideHeight.rear(BEFORE, eye, 2.5, new RideHeight.Asked(now, null, 0));
    SideStand after = Objects.requireNonNull(r.stand());
    assertThat(after.leanDeg()).isCloseTo(lean, within(0.02));
    assertThat(after.liftMm()).isCloseTo(30 + 2.5 * eye, within(1e-9));
    assertThat(r.fails().contains("standLeanDeg")).isEqualTo(!safe);
  }

  @Test
  void theFrontLeavesTheLiftAloneAndTheStandNearly() {
    SideStand.Now now = new SideStand.Now(250, 12, 300, 30.0);
    SideStand after =
        Objects.requireNonNull(
            RideHeight.front(BEFORE, 20, new RideHeight.Asked(now, null, 0)).stand());
    assertThat(after.liftMm()).isEqualTo(30);
    double atFoot = 20 * Math.cos(Math.toRadians(26)) / 5;
    assertThat(Math.tan(Math.toRadians(after.leanDeg())))
        .isCloseTo(Math.tan(Math.toRadians(12)) - atFoot / 250, within(1e-9));
  }

  /**
   * By hand: dn = (u·sin ε + u)/cos ε for tyre and offset, and what the drop and base do besides.
   */
  @ParameterizedTest
  @CsvSource({"0, DOES_NOT", "0.5, DOES_NOT", "5, TOO_CLOSE"})
  void trailIsKnownAsWellAsWhatItIsMadeOf(double measuredTo, FitVerdict verdict) {
    RideHeight.Before little = new RideHeight.Before(1500, 20, 40, 320);
    RideHeight r = RideHeight.rear(little, 1, 2.5, new RideHeight.Asked(null, null, measuredTo));
    assertThat(r.inShort()).isEqualTo(verdict);
    assertThat(r.fails()).containsExactly("trailMm");
    double e = Math.toRadians(r.rakeDeg());
    RideSpread spread =
        RideSpread.of(
            little,
            new RideHeight.Change(RideHeight.End.REAR, 1, 2.5),
            new RideHeight.Asked(null, null, 1));
    double byHand = (Math.sin(e) + 1) / Math.cos(e);
    assertThat(spread.trailMm()).isCloseTo(byHand + 0.6, within(0.15));
  }

  @ParameterizedTest
  @CsvSource({"0, DOES_NOT", "1, TOO_CLOSE"})
  void leanAndClearanceAreKnownAsWellAsTheyWereMeasured(double measuredTo, FitVerdict verdict) {
    SideStand.Now now = new SideStand.Now(250, 12, 300, null);
    RideHeight lean =
        RideHeight.rear(BEFORE, 15.8, 2.5, new RideHeight.Asked(now, null, measuredTo));
    assertThat(lean.fails()).containsExactly("standLeanDeg");
    assertThat(lean.inShort()).isEqualTo(verdict);
    SideView.Chassis low = new SideView.Chassis(320, 550, 380, new SideView.Point(700, 150), 137.5);
    RideHeight clear =
        RideHeight.rear(BEFORE, 10, 2.5, new RideHeight.Asked(null, low, measuredTo));
    assertThat(clear.fails()).containsExactly("clearanceMm");
    assertThat(clear.inShort()).isEqualTo(verdict);
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> RideHeight.front(BEFORE, 5, new RideHeight.Asked(null, null, -1)))
        .hasMessageContaining("measuredToMm");
    assertThatThrownBy(() -> new SideView.Chassis(320, 550, 900, null, null))
        .hasMessageContaining("than the swingarm is long");
    assertThatThrownBy(() -> rear(200, 6)).hasMessageContaining("than the swingarm reaches");
    assertThatThrownBy(() -> new SideStand.Now(250, 0, 300, null))
        .hasMessageContaining("stand.leanDeg");
  }
}
