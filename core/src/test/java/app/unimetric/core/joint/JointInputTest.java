package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.PermissibleDeviation;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.ScrewThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a joint may be made of, and what is refused with its place. */
class JointInputTest {
  private static final ScrewThread M8 = ScrewThread.parse("M8");
  private static final BearingFace FACE = Head.HEX.face(M8);

  private static void refused(
      String field, org.assertj.core.api.ThrowableAssert.ThrowingCallable made) {
    assertThatThrownBy(made)
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems()).extracting("field").contains(field));
  }

  @Test
  void frictionIsBetweenAHundredthAndOne() {
    refused("thread", () -> new Friction(0, 0.1));
    refused("head", () -> new Friction(0.1, 1.5));
    refused("thread", () -> new Friction(Double.NaN, 0.1));
    assertThat(Friction.of(0.12)).isEqualTo(new Friction(0.12, 0.12));
  }

  @Test
  void aBandRises() {
    refused("thread", () -> new FrictionBand(Friction.of(0.2), Friction.of(0.1), Friction.of(0.3)));
    refused(
        "head",
        () ->
            new FrictionBand(
                new Friction(0.1, 0.1), new Friction(0.1, 0.3), new Friction(0.1, 0.2)));
    FrictionBand one = FrictionBand.exactly(Friction.of(0.1));
    assertThat(one.min()).isEqualTo(one.max());
  }

  @ParameterizedTest
  @EnumSource(FrictionCondition.class)
  void everyConditionIsABandWithWords(FrictionCondition condition) {
    FrictionBand band = FrictionBand.of(condition);
    assertThat(band.min().thread()).isLessThan(band.nominal().thread());
    assertThat(band.nominal().thread()).isLessThan(band.max().thread());
    assertThat(condition.words()).isNotBlank();
  }

  @ParameterizedTest
  @CsvSource({
    "0, 24, 205000, lengthMm",
    "20, 0, 205000, outerDiameterMm",
    "20, 24, 5, youngMPa",
    "-1, 24, 205000, lengthMm",
    "20, 1e9, 205000, outerDiameterMm"
  })
  void gripsAreMeasured(double length, double outer, double young, String field) {
    refused(field, () -> new Grip(length, outer, young));
  }

  @Test
  void engagementsAndLoadsAreMeasured() {
    refused("lengthMm", () -> new Engagement(0, 100, "x"));
    refused("shearMPa", () -> new Engagement(10, -1, "x"));
    refused("ultimateMPa", () -> Engagement.ofUltimate(10, 0));
    refused("axialN", () -> new Service(-1, 0, 0.1));
    refused("slipFriction", () -> new Service(0, 100, 0));
    assertThat(Engagement.ofUltimate(10, 300).shearMPa()).isCloseTo(180, within(1e-12));
    assertThat(new Service(0, 90, 0.15).againstSlipN()).isCloseTo(600, within(1e-9));
    refused("count", () -> new Embedding(21, Embedding.Roughness.RZ_UNDER_10));
  }

  @Test
  void torquesKeepToolAndPrevailingApart() {
    AppliedTorque torque = new AppliedTorque(TorqueBand.of(20, 24), 0.04, 2);
    assertThat(torque.leastNm()).isCloseTo(20 * 0.96 - 2, within(1e-9));
    assertThat(torque.nominalNm()).isCloseTo(20, within(1e-9));
    assertThat(torque.greatestNm()).isCloseTo(24 * 1.04 - 2, within(1e-9));
    refused("toolDeviationPercent", () -> new AppliedTorque(TorqueBand.of(1, 2), 0.9, 0));
    refused("torqueNm", () -> new AppliedTorque(TorqueBand.of(0, 0), 0.04, 0));
    assertThat(PermissibleDeviation.usual(10)).isEqualTo(0.06);
    assertThat(PermissibleDeviation.usual(10.01)).isEqualTo(0.04);
  }

  @Test
  void aBoltIsStrongerThanItsYieldAndNarrowerThanItsHead() {
    FrictionBand oiled = FrictionBand.of(FrictionCondition.OILED);
    refused(
        "ultimateMPa",
        () ->
            new BoltedJoint(M8, 640, 500, 205_000, FACE, oiled, 0.9, null, null, null, null, null));
    refused(
        "utilisation",
        () ->
            new BoltedJoint(M8, 640, 800, 205_000, FACE, oiled, 1.2, null, null, null, null, null));
    refused(
        "bearing.outerDiameterMm",
        () ->
            new BoltedJoint(
                M8,
                640,
                800,
                205_000,
                BearingFace.flat(5, 4, "x"),
                oiled,
                0.9,
                null,
                null,
                null,
                null,
                null));
  }

  @Test
  void facesHaveAHoleInsideThem() {
    refused("holeDiameterMm", () -> BearingFace.flat(9, 9, "x"));
    refused("coneDeg", () -> new BearingFace(12, 9, 10, "x"));
    assertThat(BearingFace.flat(13, 9, "x").frictionDiameterMm()).isEqualTo(11);
  }

  /** A plate narrower than the head is a sleeve: δ_P = 4·l/(E·π·(D² − d_h²)). */
  @Test
  void aSleeveByHand() {
    Compliance c = Compliance.of(M8, FACE, 205_000, new Grip(30, 11, 70_000));
    assertThat(c.partsMmPerN()).isCloseTo(4 * 30 / (70_000 * Math.PI * (121 - 81)), within(1e-15));
    double d3 = M8.minorDiameterMm();
    double bolt = (0.9 * 8 / (Math.PI * 16) + (30 + 4) / (Math.PI / 4 * d3 * d3)) / 205_000;
    assertThat(c.boltMmPerN()).isCloseTo(bolt, within(1e-15));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void complianceGrowsWithTheGripAndShrinksWithStiffness(Seeded.Case random) {
    double length = random.between(5, 100);
    double outer = random.between(10, 80);
    double young = random.between(2000, 200_000);
    Compliance c = Compliance.of(M8, FACE, 205_000, new Grip(length, outer, young));
    Compliance longer = Compliance.of(M8, FACE, 205_000, new Grip(length * 1.2, outer, young));
    Compliance stiffer = Compliance.of(M8, FACE, 205_000, new Grip(length, outer, young * 1.2));
    assertThat(longer.boltMmPerN()).isGreaterThan(c.boltMmPerN());
    assertThat(longer.partsMmPerN()).isGreaterThan(c.partsMmPerN());
    assertThat(stiffer.partsMmPerN()).isLessThan(c.partsMmPerN());
    assertThat(c.newtonsPerMm()).isCloseTo(1 / (c.boltMmPerN() + c.partsMmPerN()), within(1e-6));
    double degrees = random.between(1, 90);
    assertThat(c.turnOfLoadDeg(c.loadOfTurnN(degrees, M8), M8)).isCloseTo(degrees, within(1e-9));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void moreEngagementNeverStripsEarlier(Seeded.Case random) {
    ScrewThread thread = ScrewThread.of(random.between(4, 24), random.between(0.5, 1));
    double shear = random.between(60, 500);
    double length = random.between(2, 30);
    Stripping less = Stripping.of(thread, 800, new Engagement(length, shear, "x"));
    Stripping more = Stripping.of(thread, 800, new Engagement(length * 1.3, shear, "x"));
    assertThat(more.failsAtN()).isGreaterThanOrEqualTo(less.failsAtN());
    assertThat(more.threadStripN()).isCloseTo(1.3 * less.threadStripN(), within(1e-6));
    assertThat(less.boltFirstMm()).isCloseTo(more.boltFirstMm(), within(1e-9));
    assertThat(less.failsAtN())
        .isLessThanOrEqualTo(less.boltBreakN())
        .isLessThanOrEqualTo(less.boltStripN());
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void angleAddsLoadInStep(Seeded.Case random) {
    BoltedJoint joint =
        new BoltedJoint(
            M8,
            940,
            1040,
            205_000,
            FACE,
            FrictionBand.of(FrictionCondition.OILED),
            0.9,
            null,
            new Grip(random.between(15, 60), 24, 205_000),
            null,
            null,
            null);
    double snug = random.between(1, 8);
    TorqueAngle none = TorqueAngle.of(joint, snug, 0);
    TorqueAngle some = TorqueAngle.of(joint, snug, 2);
    assertThat(none.torqueNm()).isCloseTo(snug, within(1e-9));
    assertThat(some.preloadN() - none.preloadN())
        .isCloseTo(joint.compliance().loadOfTurnN(2, M8), within(1e-6));
    assertThat(some.utilisation()).isGreaterThan(none.utilisation());
  }
}
