package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.MetricThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class JointCheckTest {
  private static final MetricThread M8 = MetricThread.parse("M8");

  private static BoltedJoint m8(Engagement engagement, Grip grip, Service service) {
    return new BoltedJoint(
        M8,
        640,
        800,
        205_000,
        Head.HEX.face(M8),
        FrictionBand.of(FrictionCondition.OILED),
        0.9,
        engagement,
        grip,
        null,
        service,
        null);
  }

  private static AppliedTorque torque(double nm) {
    return new AppliedTorque(TorqueBand.of(nm, nm), 0.04, 0);
  }

  private static final Grip GRIP = new Grip(20, 24, 205_000);

  @Test
  void utilisationAtTheAssemblyTorqueIsTheUtilisationAskedFor() {
    BoltedJoint joint = m8(null, null, null);
    JointCheck check = JointCheck.of(joint, torque(joint.assembly().torqueNm()));
    assertThat(check.utilisation()).isCloseTo(0.9, within(1e-12));
    assertThat(check.load().nominalN()).isCloseTo(joint.assembly().preloadN(), within(1e-6));
    assertThat(check.limits().ceilingBy()).isEqualTo(ClampLimits.CeilingBy.YIELD);
  }

  @Test
  void theBandIsTheWorstOfTorqueToolAndFriction() {
    JointCheck check = JointCheck.of(m8(null, null, null), torque(22));
    ClampLoad load = check.load();
    BoltedJoint joint = m8(null, null, null);
    assertThat(load.minN())
        .isCloseTo(22 * 0.96 * 1000 / joint.leverMm(Friction.of(0.16)), within(1e-6));
    assertThat(load.maxN())
        .isCloseTo(22 * 1.04 * 1000 / joint.leverMm(Friction.of(0.08)), within(1e-6));
    assertThat(load.tighteningFactor()).isGreaterThan(1.6);
  }

  @Test
  void prevailingTorqueIsTakenOff() {
    AppliedTorque with = new AppliedTorque(TorqueBand.of(22, 22), 0.04, 4);
    ClampLoad load = ClampLoad.of(m8(null, null, null), with);
    assertThat(load.nominalN())
        .isCloseTo(ClampLoad.of(m8(null, null, null), torque(18)).nominalN(), within(1e-6));
    assertThatThrownBy(() -> new AppliedTorque(TorqueBand.of(3, 3), 0.06, 3))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("nothing is left to clamp");
  }

  @Test
  void shortThreadInCastAluminiumStripsBeforeTheBoltBreaks() {
    Stripping s = m8(Engagement.in(6, Material.ALUMINIUM_CAST), null, null).stripping();
    assertThat(s.failsFirst()).isEqualTo(Stripping.Weakest.INTERNAL_THREAD);
    assertThat(s.failsAtN()).isEqualTo(s.threadStripN());
    Stripping enough =
        m8(Engagement.in(s.boltFirstMm() * 1.001, Material.ALUMINIUM_CAST), null, null).stripping();
    assertThat(enough.failsFirst()).isEqualTo(Stripping.Weakest.BOLT);
    assertThat(s.boltBreakN()).isCloseTo(800 * M8.stressAreaMm2(), within(1e-9));
  }

  /** By hand: d_min 7.760, D2_max 7.348, D1_max 6.916, d2_min 7.042; areas per mm of engagement. */
  @Test
  void strippingAreasAreThoseOfTheFormulaByHand() {
    Stripping s = Stripping.of(M8, 800, new Engagement(10, 100, "test"));
    double es = -(15 + 11 * 1.25) / 1000;
    double td = (180 * Math.pow(1.25, 2.0 / 3) - 3.15 / Math.sqrt(1.25)) / 1000;
    double td2 = 90 * Math.pow(1.25, 0.4) * Math.pow(8, 0.1) / 1000;
    double dMin = 8 + es - td;
    double bigD2 = 8 - 0.649519 * 1.25 + 1.32 * td2;
    double bigD1 = 8 - 1.082532 * 1.25 + 230 * Math.pow(1.25, 0.7) / 1000;
    double d2Min = 8 - 0.649519 * 1.25 + es - td2;
    double tan30 = 1 / Math.sqrt(3);
    double ats = Math.PI * dMin * (10 / 1.25) * (0.625 + (dMin - bigD2) * tan30);
    double ass = Math.PI * bigD1 * (10 / 1.25) * (0.625 + (d2Min - bigD1) * tan30);
    assertThat(s.threadStripN()).isCloseTo(100 * ats, within(1e-6));
    assertThat(s.boltStripN()).isCloseTo(0.6 * 800 * ass, within(1e-6));
  }

  @Test
  void strippingIsNotToldBeyondTheTolerancesOfTheStandard() {
    MetricThread fine = MetricThread.of(8, 0.05);
    BoltedJoint joint =
        new BoltedJoint(
            fine,
            640,
            800,
            205_000,
            Head.HEX.face(fine),
            FrictionBand.of(FrictionCondition.OILED),
            0.9,
            Engagement.in(6, Material.STEEL),
            null,
            null,
            null,
            null);
    JointCheck check = JointCheck.of(joint, torque(10));
    assertThat(check.stripping()).isNull();
    assertThat(check.reasons()).anyMatch(r -> r.contains("Stripping is not told"));
  }

  @Test
  void plasticCarriesNoPromiseAndCarbonNoThread() {
    assertThatThrownBy(() -> Engagement.in(10, Material.PLASTIC)).hasMessageContaining("promise");
    assertThatThrownBy(() -> Engagement.in(10, Material.CARBON)).hasMessageContaining("insert");
  }

  @Test
  void floorAddsSlipOpeningAndSettling() {
    BoltedJoint joint = m8(null, GRIP, new Service(1000, 900, 0.15));
    ClampLimits limits = ClampLimits.of(joint);
    assertThat(limits.floorBy()).isEqualTo(ClampLimits.FloorBy.SLIP);
    assertThat(limits.floorN()).isCloseTo(900 / 0.15 + 1000 + joint.embeddingLossN(), within(1e-6));
    JointCheck weak = JointCheck.of(joint, torque(5));
    assertThat(weak.reasons()).anyMatch(r -> r.contains("does not reach the floor"));
  }

  @Test
  void bearingPressureCanBeTheCeiling() {
    BoltedJoint soft =
        new BoltedJoint(
            M8,
            640,
            800,
            205_000,
            Head.HEX.face(M8),
            FrictionBand.of(FrictionCondition.OILED),
            0.9,
            null,
            null,
            null,
            null,
            120.0);
    ClampLimits limits = ClampLimits.of(soft);
    assertThat(limits.ceilingBy()).isEqualTo(ClampLimits.CeilingBy.BEARING_PRESSURE);
    assertThat(limits.ceilingN()).isCloseTo(120 * Math.PI / 4 * (11.63 * 11.63 - 81), within(1e-6));
  }

  @Test
  void pastYieldIsSaidAndNoAngleIsPromised() {
    JointCheck check = JointCheck.of(m8(null, GRIP, null), torque(60));
    assertThat(check.utilisation()).isGreaterThan(1);
    assertThat(check.expectedAngleDeg()).isNull();
    assertThat(check.reasons()).anyMatch(r -> r.contains("past yield"));
  }

  @Test
  void turnToLoadAndBackAreInverse() {
    Compliance c = m8(null, GRIP, null).compliance();
    double load = c.loadOfTurnN(30, M8);
    assertThat(c.turnOfLoadDeg(load, M8)).isCloseTo(30, within(1e-9));
    assertThat(load).isCloseTo(30 * 1.25 / 360 / (c.boltMmPerN() + c.partsMmPerN()), within(1e-6));
    Compliance longer = m8(null, new Grip(60, 24, 205_000), null).compliance();
    assertThat(longer.loadOfTurnN(30, M8)).isLessThan(load);
  }

  @Test
  void aWiderPlateGivesLess() {
    double narrow =
        Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 11, 70_000)).partsMmPerN();
    double middle =
        Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 14, 70_000)).partsMmPerN();
    double wide =
        Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 60, 70_000)).partsMmPerN();
    assertThat(narrow).isGreaterThan(middle);
    assertThat(middle).isGreaterThan(wide);
    assertThatThrownBy(() -> Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 8, 70_000)))
        .hasMessageContaining("larger than the hole");
  }

  @Test
  void embeddingIsTheTablesAmountOverTheCompliance() {
    Embedding e = new Embedding(1, Embedding.Roughness.RZ_10_TO_40);
    assertThat(e.amountMm(false)).isCloseTo(0.011, within(1e-12));
    assertThat(e.amountMm(true)).isCloseTo(0.0145, within(1e-12));
    Compliance c = m8(null, GRIP, null).compliance();
    assertThat(e.lossN(c, false))
        .isCloseTo(0.011 / (c.boltMmPerN() + c.partsMmPerN()), within(1e-6));
  }

  @Test
  void anAngleIsElasticUntilYieldAndStaysThere() {
    BoltedJoint joint = m8(null, GRIP, null);
    TorqueAngle little = TorqueAngle.of(joint, 10, 10);
    assertThat(little.yields()).isFalse();
    assertThat(little.torqueNm()).isGreaterThan(10);
    TorqueAngle much = TorqueAngle.of(joint, 10, 180);
    assertThat(much.yields()).isTrue();
    assertThat(much.torqueNm()).isNull();
    assertThat(joint.utilisationAt(much.preloadN(), joint.friction().nominal()))
        .isCloseTo(1, within(1e-9));
    assertThatThrownBy(() -> TorqueAngle.of(m8(null, null, null), 10, 10))
        .hasMessageContaining("grip");
  }

  @Test
  void greasedThreadsAtADryTorqueClampTooHard() {
    FrictionChange c =
        FrictionChange.of(M8, Head.HEX.face(M8), 25, Friction.of(0.19), Friction.of(0.12));
    assertThat(c.torqueNm()).isLessThan(25);
    assertThat(c.overloadPercent()).isCloseTo(100 * (25 / c.torqueNm() - 1), within(1e-9));
    FrictionChange back =
        FrictionChange.of(
            M8, Head.HEX.face(M8), c.torqueNm(), Friction.of(0.12), Friction.of(0.19));
    assertThat(back.torqueNm()).isCloseTo(25, within(1e-9));
    assertThat(back.reasons()).anyMatch(r -> r.contains("Do not raise it"));
  }

  @Test
  void countersunkHeadsWedge() {
    double flat = Head.HEX.face(M8).frictionLeverMm();
    assertThat(flat).isCloseTo((11.63 + 9) / 4, within(1e-12));
    double cone = Head.COUNTERSUNK.face(M8).frictionLeverMm();
    assertThat(cone).isCloseTo((15.24 + 9) / 4 / Math.sin(Math.PI / 4), within(1e-12));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void loadsRiseWithTorqueAndFallWithFrictionAndChanceStaysWithinTheWorstCase(Seeded.Case random) {
    PropertyClass material = PropertyClass.values()[random.nextInt(PropertyClass.values().length)];
    MetricThread thread = MetricThread.of(random.between(3, 24), random.between(0.35, 0.75));
    double low = random.between(0.05, 0.15);
    FrictionBand band =
        new FrictionBand(
            Friction.of(low), Friction.of(low + random.between(0, 0.1)), Friction.of(0.3));
    BoltedJoint joint =
        new BoltedJoint(
            thread,
            material.yieldMPa(thread),
            material.ultimateMPa(thread),
            material.youngMPa(),
            Head.SOCKET_CAP.face(thread),
            band,
            random.between(0.3, 1),
            Engagement.ofUltimate(random.between(2, 40), random.between(100, 900)),
            new Grip(random.between(2, 80), random.between(30, 90), 70_000),
            null,
            null,
            null);
    double nm = random.between(0.5, 100);
    JointCheck check = JointCheck.of(joint, torque(nm));
    assertThat(check.load().minN()).isLessThanOrEqualTo(check.load().nominalN());
    assertThat(check.load().nominalN()).isLessThanOrEqualTo(check.load().maxN());
    assertThat(ClampLoad.of(joint, torque(nm * 1.1)).minN()).isGreaterThan(check.load().minN());
    assertThat(check.limits().ceilingN())
        .isLessThanOrEqualTo(check.assembly().preloadN())
        .isLessThanOrEqualTo(check.stripping().threadStripN());
    assertThat(check.yieldPoints().max().preloadN())
        .isLessThan(check.yieldPoints().min().preloadN());
    Scatter s = Scatter.of(joint, torque(nm), 2000, random.nextLong());
    assertThat(s.p1N()).isBetween(check.load().minN(), s.p50N());
    assertThat(s.p99N()).isBetween(s.p95N(), check.load().maxN());
  }

  @Test
  void theSameSeedBringsTheSameAnswerAndPercentilesAreThoseOfASort() {
    BoltedJoint joint = m8(null, null, new Service(0, 1200, 0.15));
    Scatter one = Scatter.of(joint, torque(22), 50_000, 7);
    assertThat(Scatter.of(joint, torque(22), 50_000, 7)).isEqualTo(one);
    assertThat(Scatter.of(joint, torque(22), 50_000, 8)).isNotEqualTo(one);
    assertThat(one.chanceBelowFloor()).isBetween(0.0, 0.05);
    assertThat(Scatter.of(joint, torque(35), 10_000, 7).chanceAboveYield()).isGreaterThan(0.5);
    double[] values = new java.util.Random(3).doubles(10_001).toArray();
    double[] sorted = values.clone();
    java.util.Arrays.sort(sorted);
    Percentiles p = new Percentiles(values);
    assertThat(p.at(0.5)).isEqualTo(sorted[5000]);
    assertThat(p.at(0.01)).isEqualTo(sorted[100]);
    assertThat(p.at(0.99)).isEqualTo(sorted[9900]);
    assertThat(p.at(0.00005)).isBetween(sorted[0], sorted[1]);
  }

  @Test
  void oldCompoundAsksForHeatBeforeTheRecessGivesWay() {
    BreakLoose clean = BreakLoose.of(22, false, app.unimetric.core.fastener.Drive.HEX_6);
    assertThat(clean.heatFirst()).isFalse();
    assertThat(clean.lowNm()).isLessThan(22);
    BreakLoose cured = BreakLoose.of(22, true, app.unimetric.core.fastener.Drive.HEX_6);
    assertThat(cured.lowNm()).isEqualTo(44);
    assertThat(cured.highNm()).isEqualTo(66);
    assertThat(cured.driveLimitNm()).isEqualTo(52);
    assertThat(cured.heatFirst()).isTrue();
    assertThat(cured.forceAtOneMetreN()).isEqualTo(66);
  }
}
