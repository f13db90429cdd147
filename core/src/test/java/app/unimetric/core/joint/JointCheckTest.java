package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.fastener.Drive;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.ScrewThread;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * One joint, M8 8.8 with a hexagon head on oiled threads, worked by hand after VDI 2230-1 and
 * FED-STD-H28; every figure here was computed apart from the code.
 */
class JointCheckTest {
  private static final ScrewThread M8 = ScrewThread.parse("M8");
  private static final Grip GRIP = new Grip(20, 24, 205_000);

  private static BoltedJoint m8(Engagement engagement, Grip grip, Service service) {
    return m8(engagement, grip, service, null);
  }

  private static BoltedJoint m8(
      Engagement engagement, Grip grip, Service service, Double pressureLimit) {
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
        pressureLimit);
  }

  private static AppliedTorque torque(double nm) {
    return AppliedTorque.of(TorqueBand.of(nm, nm), null, null);
  }

  /** Coefficients min/nominal/max, VDI 2230-1 table A5. */
  @ParameterizedTest
  @CsvSource({
    "DRY, .14, .19, .24, dry",
    "OILED, .08, .12, .16, oiled",
    "GREASED, .08, .12, .16, greased",
    "THREADLOCKER_WET, .08, .12, .16, 'threadlocker, wet'",
    "ANTI_SEIZE, .06, .10, .14, anti-seize",
    "DRY_STAINLESS, .20, .30, .40, dry stainless",
    "UNKNOWN, .08, .14, .24, not stated"
  })
  void frictionByCondition(
      FrictionCondition condition, double min, double nominal, double max, String words) {
    FrictionBand band = FrictionBand.of(condition);
    assertThat(band.min()).isEqualTo(Friction.of(min));
    assertThat(band.nominal()).isEqualTo(Friction.of(nominal));
    assertThat(band.max()).isEqualTo(Friction.of(max));
    assertThat(condition.words()).isEqualTo(words);
    assertThat(FrictionBand.exactly(Friction.of(min)).max()).isEqualTo(Friction.of(min));
  }

  /** k = (d2/2)·tan(φ + ρ′) + μ_h·D_Km/2, mm; F_M at ν = 0.9, N. */
  @ParameterizedTest
  @CsvSource({
    "0.08, 0.946277, 19536.46",
    "0.12, 1.321237, 18596.42",
    "0.16, 1.697068, 17570.12",
    "0.19, 1.979518, 16781.99",
    "0.24, 2.451372, 15490.12"
  })
  void leverAndAssemblyPreload(double mu, double leverMm, double preloadN) {
    Friction friction = Friction.of(mu);
    assertThat(TighteningTorque.leverMm(M8, Head.HEX.face(M8), friction))
        .isCloseTo(leverMm, within(1e-6));
    AssemblyPreload at = AssemblyPreload.at(0.9, 640, M8, Head.HEX.face(M8), friction);
    assertThat(at.preloadN()).isCloseTo(preloadN, within(0.01));
    assertThat(at.torqueNm()).isCloseTo(preloadN * leverMm / 1000, within(1e-4));
    assertThat(TighteningTorque.loadN(at.torqueNm(), M8, Head.HEX.face(M8), friction))
        .isCloseTo(preloadN, within(0.01));
  }

  @Test
  void aCountersunkHeadWedges() {
    assertThat(TighteningTorque.leverMm(M8, Head.COUNTERSUNK.face(M8), Friction.of(0.12)))
        .isCloseTo(1.730753, within(1e-6));
  }

  /** 22 N·m ± 4 %: F_lo at μ 0.16, F at 0.12, F_hi at 0.08; α_A = F_hi/F_lo. */
  @Test
  void theBandIsTheWorstOfTorqueToolAndFriction() {
    JointCheck check = JointCheck.of(m8(null, null, null), torque(22));
    assertThat(check.load().minN()).isCloseTo(12_444.99, within(0.01));
    assertThat(check.load().nominalN()).isCloseTo(16_651.06, within(0.01));
    assertThat(check.load().maxN()).isCloseTo(24_178.97, within(0.01));
    assertThat(check.tighteningFactor()).isCloseTo(1.942868, within(1e-6));
    assertThat(check.utilisation()).isCloseTo(0.805852, within(1e-6));
    assertThat(check.leverMm()).isCloseTo(1.321237, within(1e-6));
    assertThat(check.pastYield()).isFalse();
    assertThat(JointCheck.of(m8(null, null, null), null).tighteningFactor()).isNull();
  }

  @ParameterizedTest
  @CsvSource({"5, 0.06", "10, 0.06", "10.1, 0.04"})
  void theToolsDeviationIsTheUsualOneBySize(double nm, double share) {
    assertThat(torque(nm).deviation()).isEqualTo(share);
    assertThat(AppliedTorque.of(TorqueBand.of(nm, nm), 2.0, null).deviation()).isEqualTo(0.02);
  }

  /**
   * F = (T − T_prev)/k: 22 N·m with 4 prevailing clamp as 18 do; the tool reads 4 more at yield.
   */
  @Test
  void prevailingTorqueIsTakenOff() {
    AppliedTorque with = AppliedTorque.of(TorqueBand.of(22, 22), null, 4.0);
    JointCheck check = JointCheck.of(m8(null, null, null), with);
    assertThat(check.load().nominalN()).isCloseTo(18_000 / 1.321237, within(0.01));
    assertThat(check.load().minN()).isCloseTo((22 * 0.96 - 4) * 1000 / 1.697068, within(0.01));
    assertThat(check.prevailingNm()).isEqualTo(4);
    assertThat(check.readingAtNm(check.yieldPoints().nominal()))
        .isCloseTo(20_662.69 * 1.321237 / 1000 + 4, within(1e-4));
    assertThat(check.reasons()).contains("The prevailing torque is taken off; it clamps nothing.");
    assertThat(JointCheck.of(m8(null, null, null), torque(22)).reasons())
        .noneMatch(r -> r.contains("prevailing"));
  }

  @ParameterizedTest
  @CsvSource({"3, 0.06, 2.8, true", "3, 0.06, 2.82, false", "3, 0.06, 0, true"})
  void prevailingMayNotTakeAllOfTheTorque(double nm, double a, double prevailing, boolean ok) {
    TorqueBand band = TorqueBand.of(nm, nm);
    if (ok) {
      assertThat(new AppliedTorque(band, a, prevailing).prevailingNm()).isEqualTo(prevailing);
    } else {
      assertThatThrownBy(() -> new AppliedTorque(band, a, prevailing))
          .isInstanceOf(InvalidInput.class)
          .hasMessageContaining("nothing is left to clamp");
    }
  }

  @Test
  void utilisationAtTheAssemblyTorqueIsTheUtilisationAskedFor() {
    BoltedJoint joint = m8(null, null, null);
    JointCheck check = JointCheck.of(joint, torque(joint.assembly().torqueNm()));
    assertThat(check.utilisation()).isCloseTo(0.9, within(1e-12));
    assertThat(check.limits().ceilingBy()).isEqualTo(ClampLimits.CeilingBy.YIELD);
    assertThat(check.yieldPoints().min().preloadN()).isCloseTo(21_707.18, within(0.01));
    assertThat(check.yieldPoints().max().preloadN()).isCloseTo(19_522.36, within(0.01));
  }

  /**
   * Engagement of M8 8.8: bolt breaks at R_m·A_s = 29 286.8 N; threads at τ·A, τ = 0.60·R_m;
   * engagement from which the bolt breaks first.
   */
  @ParameterizedTest
  @CsvSource({
    "12, ALUMINIUM_CAST, 69651.74, 27983.35, 12.558970, INTERNAL_THREAD",
    "12.5, ALUMINIUM_CAST, 72553.89, 29149.32, 12.558970, INTERNAL_THREAD",
    "12.6, ALUMINIUM_CAST, 73134.33, 29382.51, 12.558970, BOLT",
    "4, STEEL_ALLOY, 23217.25, 36500.02, 5.045703, BOLT_THREAD",
    "8, STEEL_ALLOY, 46434.49, 73000.04, 5.045703, BOLT"
  })
  void stripping(
      double length,
      Material material,
      double boltStrip,
      double threadStrip,
      double boltFirst,
      Stripping.Weakest first) {
    JointCheck check = JointCheck.of(m8(Engagement.in(length, material), null, null), null);
    Stripping s = check.stripping();
    assertThat(s.boltBreakN()).isCloseTo(29_286.83, within(0.01));
    assertThat(s.boltStripN()).isCloseTo(boltStrip, within(0.01));
    assertThat(s.threadStripN()).isCloseTo(threadStrip, within(0.01));
    assertThat(s.boltFirstMm()).isCloseTo(boltFirst, within(1e-6));
    assertThat(s.failsFirst()).isEqualTo(first);
    double weakest = Math.min(29_286.83, Math.min(boltStrip, threadStrip));
    assertThat(s.failsAtN()).isCloseTo(weakest, within(0.01));
    assertThat(check.failsAtNm()).isCloseTo(weakest * 1.321237 / 1000, within(1e-3));
    assertThat(check.reasons())
        .contains(
            first == Stripping.Weakest.BOLT
                ? "Overdone, the bolt breaks and the thread it is in survives."
                : "Overdone, "
                    + first.words()
                    + "; the bolt would break first from "
                    + (boltFirst > 6 ? "12.6" : "5.0")
                    + " mm of full thread.");
    assertThat(check.derivation())
        .extracting("symbol")
        .contains("R_m·A_s", "τ_b·A_ss", "τ·A_ts", "L_e,min");
  }

  @Test
  void strippingIsNotToldBeyondTheTolerancesOfTheStandard() {
    ScrewThread fine = ScrewThread.of(8, 0.05);
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
    assertThat(check.failsAtNm()).isNull();
    assertThat(check.reasons()).anyMatch(r -> r.contains("Stripping is not told"));
    assertThat(JointCheck.of(m8(null, null, null), null).reasons())
        .noneMatch(r -> r.contains("Stripping"));
  }

  @Test
  void plasticCarriesNoPromiseAndCarbonNoThread() {
    assertThatThrownBy(() -> Engagement.in(10, Material.PLASTIC)).hasMessageContaining("promise");
    assertThatThrownBy(() -> Engagement.in(10, Material.CARBON)).hasMessageContaining("insert");
    assertThat(Engagement.in(10, Material.BRASS).shearMPa()).isEqualTo(240);
    assertThat(Engagement.in(10, Material.BRASS).source())
        .isEqualTo("brass, typical handbook value");
    assertThat(Engagement.ofUltimate(10, 500).shearMPa()).isEqualTo(300);
  }

  /**
   * δ_S and δ_P, mm/N, of M8 with its head on 9 mm holes: sleeve (parts no wider than the head),
   * cone, cone and sleeve; ΔF of one degree; F_Z of 11 µm (axial) and 14.5 µm (shear).
   */
  @ParameterizedTest
  @CsvSource({
    "20, 24, 205000, 4.263573e-6, 8.426887e-7, 195838.0",
    "20, 14, 205000, 4.263573e-6, 1.225817e-6, 182169.6",
    "20, 11, 205000, 4.263573e-6, 3.105462e-6, 135703.0",
    "60, 18, 71700, 1.020498e-5, 5.435983e-6, 63934.7",
    "5, 200, 205000, 2.035545e-6, 3.464931e-7, 419808.5"
  })
  void compliance(
      double grip, double outer, double young, double bolt, double parts, double perMm) {
    BoltedJoint joint = m8(null, new Grip(grip, outer, young), null);
    Compliance c = joint.compliance();
    assertThat(c.boltMmPerN()).isCloseTo(bolt, within(1e-12));
    assertThat(c.partsMmPerN()).isCloseTo(parts, within(1e-12));
    assertThat(c.newtonsPerMm()).isCloseTo(perMm, within(0.1));
    assertThat(c.loadOfTurnN(1, M8)).isCloseTo(1.25 / 360 * perMm, within(0.001));
    assertThat(c.turnOfLoadDeg(10_000, M8)).isCloseTo(10_000 / perMm / 1.25 * 360, within(1e-4));
    assertThat(joint.embeddingLossN()).isCloseTo(0.011 * perMm, within(0.01));
    assertThat(m8(null, joint.grip(), new Service(0, 10, 0.2)).embeddingLossN())
        .isCloseTo(0.0145 * perMm, within(0.01));
  }

  @Test
  void partsMustBeWiderThanTheHole() {
    assertThat(Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 9.01, 70_000)))
        .isNotNull();
    assertThatThrownBy(() -> Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 9, 70_000)))
        .hasMessageContaining("larger than the hole");
  }

  /** D_A of the cone half way: d_w + l·tan φ, at most the parts' own width. */
  @ParameterizedTest
  @CsvSource({"20, 24, 20.9902", "20, 14, 14", "20, 11, 11", "20, 11.63, 11.63"})
  void pressureCone(double grip, double outer, double cone) {
    assertThat(m8(null, new Grip(grip, outer, 205_000), null).pressureConeMm())
        .isCloseTo(cone, within(1e-4));
    assertThat(m8(null, null, null).pressureConeMm()).isNull();
  }

  /** f_Z, µm: thread + two faces + interfaces, VDI 2230-1 table 5.4/1. */
  @ParameterizedTest
  @CsvSource({
    "RZ_UNDER_10, 0, 8, 9", "RZ_UNDER_10, 2, 11, 13", "RZ_10_TO_40, 0, 9, 12",
    "RZ_10_TO_40, 1, 11, 14.5", "RZ_40_TO_160, 0, 11, 16", "RZ_40_TO_160, 3, 20, 26.5"
  })
  void embedding(Embedding.Roughness roughness, int interfaces, double axialUm, double shearUm) {
    Embedding e = new Embedding(interfaces, roughness);
    assertThat(e.amountMm(false) * 1000).isCloseTo(axialUm, within(1e-9));
    assertThat(e.amountMm(true) * 1000).isCloseTo(shearUm, within(1e-9));
  }

  /** Settling of more than a tenth of F_M = 18 596 N is warned of: 2 154 N is, 1 493 N is not. */
  @ParameterizedTest
  @CsvSource({"20, 24, true", "20, 11, false"})
  void shortAndStiffIsWarnedOf(double grip, double outer, boolean warned) {
    JointCheck check = JointCheck.of(m8(null, new Grip(grip, outer, 205_000), null), null);
    assertThat(
            check
                .reasons()
                .contains(
                    "Short and stiff: settling alone takes more than a tenth of the clamp load. Bring the re-check forward."))
        .isEqualTo(warned);
    assertThat(check.derivation())
        .extracting("symbol")
        .containsSubsequence("δ_S", "δ_P", "F_max", "f_Z", "F_Z");
  }

  /** Floor = F_Q/μ + F_A + F_Z, and which of slip and opening asks for more. */
  @ParameterizedTest
  @CsvSource({
    "1000, 900, 0.15, 9839.65, SLIP", "6000, 900, 0.15, 14839.65, SLIP",
    "6001, 900, 0.15, 14840.65, OPENING", "1000, 0, 1, 3154.22, OPENING"
  })
  void floors(double axial, double transverse, double mu, double floor, ClampLimits.FloorBy by) {
    JointCheck check = JointCheck.of(m8(null, GRIP, new Service(axial, transverse, mu)), null);
    assertThat(check.limits().floorN()).isCloseTo(floor, within(0.01));
    assertThat(check.limits().floorBy()).isEqualTo(by);
    assertThat(check.floorNm()).isCloseTo(floor * 1.321237 / 1000, within(1e-4));
    assertThat(check.reasons()).contains("Floor: below it " + by.words() + ".");
    assertThat(JointCheck.of(m8(null, GRIP, null), null).floorNm()).isNull();
  }

  @Test
  void aFloorWithoutGripSaysWhatIsNotInIt() {
    JointCheck check = JointCheck.of(m8(null, null, new Service(1000, 0, 1)), torque(22));
    assertThat(check.limits().floorN()).isEqualTo(1000);
    assertThat(check.reasons())
        .contains(
            "Floor: below it the joint opens; settling is not in it, for the grip is not known.");
  }

  /** The lowest of yield, threads and pressure is the ceiling; its torque at nominal friction. */
  @ParameterizedTest
  @CsvSource({
    ", , , 18596.42, YIELD",
    "20, STEEL, , 18596.42, YIELD",
    "5, ALUMINIUM_CAST, , 11659.73, INTERNAL_THREAD",
    "3, STEEL_ALLOY, , 17412.93, BOLT_THREAD",
    ", , 100, 4261.33, BEARING_PRESSURE",
    "5, ALUMINIUM_CAST, 300, 11659.73, INTERNAL_THREAD",
    "5, ALUMINIUM_CAST, 200, 8522.65, BEARING_PRESSURE"
  })
  void ceilings(
      Double length, Material into, Double pressure, double ceiling, ClampLimits.CeilingBy by) {
    JointCheck check =
        JointCheck.of(
            m8(length == null ? null : Engagement.in(length, into), null, null, pressure), null);
    assertThat(check.limits().ceilingN()).isCloseTo(ceiling, within(0.01));
    assertThat(check.limits().ceilingBy()).isEqualTo(by);
    assertThat(check.ceilingNm()).isCloseTo(ceiling * 1.321237 / 1000, within(1e-4));
    assertThat(check.reasons()).contains("Ceiling: above it " + by.words() + ".");
  }

  /** What is said of a torque, and what is not. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "60 | 0    | 0    | At this torque the bolt is past yield",
        "22 | 0    | 0    | with the least friction it would yield",
        "10 | 0    | 0    | ",
        "5  | 9000 | 0    | This torque does not reach the floor.",
        "15 | 9000 | 0    | At the greatest friction this torque does not reach the floor.",
        "20 | 9000 | 0    | with the least friction it would yield",
        "20 | 25000| 0    | The floor lies above the ceiling",
        "22 | 0    | 300  | At this torque the surface under the head is crushed.",
        "10 | 0    | 300  | "
      })
  void whatIsSaidOfATorque(double nm, double axial, double pressure, String said) {
    JointCheck check =
        JointCheck.of(
            m8(
                null,
                null,
                axial == 0 ? null : new Service(axial, 0, 1),
                pressure == 0 ? null : (Double) pressure),
            torque(nm));
    List<String> warnings =
        check.reasons().stream()
            .filter(r -> !r.startsWith("Ceiling:") && !r.startsWith("Floor:"))
            .toList();
    if (said == null) {
      assertThat(warnings).isEmpty();
    } else {
      assertThat(warnings).anyMatch(w -> w.contains(said));
    }
  }

  /** Turn from 30 % of the torque to the torque; none past yield or without the grip. */
  @Test
  void theAngleToExpect() {
    JointCheck check = JointCheck.of(m8(null, GRIP, null), torque(22));
    assertThat(check.expectedAngleDeg()).isCloseTo(17.14098, within(1e-4));
    assertThat(check.reasons()).anyMatch(r -> r.startsWith("Far less turn than expected"));
    assertThat(JointCheck.of(m8(null, GRIP, null), torque(60)).expectedAngleDeg()).isNull();
    assertThat(JointCheck.of(m8(null, null, null), torque(22)).expectedAngleDeg()).isNull();
    assertThat(JointCheck.of(m8(null, GRIP, null), torque(60)).pastYield()).isTrue();
  }

  /** Snugged to 10 N·m, then turned: elastic to 10°, past yield at 60°. */
  @Test
  void torqueAndAngle() {
    TorqueAngle little = TorqueAngle.of(m8(null, GRIP, null), 10, 10);
    assertThat(little.preloadN()).isCloseTo(14_368.60, within(0.01));
    assertThat(little.torqueNm()).isCloseTo(18.98432, within(1e-4));
    assertThat(little.utilisation()).isCloseTo(0.695388, within(1e-6));
    assertThat(little.yields()).isFalse();
    assertThat(little.reasons()).singleElement().asString().startsWith("Elastic all the way");
    TorqueAngle much = TorqueAngle.of(m8(null, GRIP, null), 10, 60);
    assertThat(much.yields()).isTrue();
    assertThat(much.preloadN()).isCloseTo(20_662.69, within(0.01));
    assertThat(much.torqueNm()).isNull();
    assertThat(much.utilisation()).isEqualTo(1);
    assertThat(much.reasons()).singleElement().asString().contains("used once");
    assertThatThrownBy(() -> TorqueAngle.of(m8(null, null, null), 10, 10))
        .hasMessageContaining("grip");
  }

  /** 25 N·m stated dry, on greased threads: 16.69 N·m clamp as much; kept, 49.8 % more. */
  @Test
  void frictionChange() {
    FrictionChange slipperier =
        FrictionChange.of(M8, Head.HEX.face(M8), 25, Friction.of(0.19), Friction.of(0.12));
    assertThat(slipperier.torqueNm()).isCloseTo(16.686347, within(1e-6));
    assertThat(slipperier.preloadN()).isCloseTo(12_629.34, within(0.01));
    assertThat(slipperier.overloadPercent()).isCloseTo(49.823085, within(1e-6));
    assertThat(slipperier.reasons())
        .containsExactly(
            "Slipperier than stated for: the same torque would clamp 50 % harder. Lower it, and ask the maker.");
    FrictionChange rougher =
        FrictionChange.of(M8, Head.HEX.face(M8), 16.686347, Friction.of(0.12), Friction.of(0.19));
    assertThat(rougher.torqueNm()).isCloseTo(25, within(1e-5));
    assertThat(rougher.reasons())
        .singleElement()
        .asString()
        .contains("Do not raise it without the maker's word");
    FrictionChange same =
        FrictionChange.of(M8, Head.HEX.face(M8), 20, Friction.of(0.12), Friction.of(0.12));
    assertThat(same.reasons()).containsExactly("The friction is the same; so is the torque.");
    assertThat(
            TighteningTorque.sameLoadNm(
                25, M8, Head.HEX.face(M8), Friction.of(0.19), Friction.of(0.12)))
        .isCloseTo(16.686347, within(1e-6));
  }

  /** 0.7–1.3·T clean, 2–3·T with old compound; the key's limit; heat only for compound. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "22 | false | HEX_6        | 15.4 | 28.6 | 52 | false | ",
        "40 | false | HEX_6        | 28   | 52   | 52 | false | ",
        "41 | false | HEX_6        | 28.7 | 53.3 | 52 | false | clean the recess",
        "22 | true  | HEX_6        | 44   | 66   | 52 | true  | warm it first",
        "17 | true  | HEX_6        | 34   | 51   | 52 | false | ",
        "22 | true  | EXTERNAL_HEX | 44   | 66   |    | false | "
      })
  void breakingLoose(
      double nm,
      boolean hardened,
      Drive drive,
      double low,
      double high,
      Double limit,
      boolean heat,
      String said) {
    BreakLoose b = BreakLoose.of(nm, hardened, drive);
    assertThat(b.lowNm()).isCloseTo(low, within(1e-9));
    assertThat(b.highNm()).isCloseTo(high, within(1e-9));
    assertThat(b.forceAtOneMetreN()).isCloseTo(high, within(1e-9));
    assertThat(b.driveLimitNm()).isEqualTo(limit);
    assertThat(b.heatFirst()).isEqualTo(heat);
    assertThat(b.reasons().stream().filter(r -> r.contains("round off")).count())
        .isEqualTo(said == null ? 0 : 1);
    assertThat(said == null || b.reasons().toString().contains(said)).isTrue();
    assertThat(b.reasons())
        .contains(
            hardened
                ? "Old compound takes two to three times the tightening torque to break."
                : "A clean thread comes loose near the torque it was tightened with.",
            "Never with a torque tool, and never with a jerk on the lever.");
    assertThat(b.derivation()).extracting("symbol").startsWith("T_low", "T_high");
    assertThat(b.derivation()).hasSize(limit == null ? 2 : 3);
  }

  @Test
  void theWholeDerivationIsThere() {
    JointCheck check =
        JointCheck.of(
            m8(Engagement.in(12, Material.STEEL), GRIP, new Service(100, 100, 0.2)), torque(22));
    assertThat(check.derivation())
        .extracting("symbol")
        .containsExactly(
            "d2",
            "d3",
            "D1",
            "A_s",
            "D_Km",
            "μ_th",
            "μ_h",
            "k",
            "F_M",
            "T_M",
            "δ_S",
            "δ_P",
            "R_m·A_s",
            "τ_b·A_ss",
            "τ·A_ts",
            "L_e,min",
            "F_max",
            "F_min",
            "f_Z",
            "F_Z",
            "F_lo",
            "F",
            "F_hi",
            "σ_v/R_p",
            "θ");
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void loadsRiseWithTorqueAndFallWithFrictionAndChanceStaysWithinTheWorstCase(Seeded.Case random) {
    PropertyClass material = PropertyClass.values()[random.nextInt(PropertyClass.values().length)];
    ScrewThread thread = ScrewThread.of(random.between(3, 24), random.between(0.35, 0.75));
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
    assertThat(check.limits().ceilingN())
        .isLessThanOrEqualTo(check.assembly().preloadN())
        .isLessThanOrEqualTo(check.stripping().threadStripN());
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
    // 400 000 draws of another program over the same triangles.
    assertThat(one.p1N()).isCloseTo(13_980, within(50.0));
    assertThat(one.p5N()).isCloseTo(14_609, within(50.0));
    assertThat(one.p50N()).isCloseTo(16_655, within(50.0));
    assertThat(one.p95N()).isCloseTo(19_330, within(80.0));
    assertThat(one.p99N()).isCloseTo(20_498, within(120.0));
    assertThat(one.chanceBelowFloor()).isZero();
    assertThat(
            Scatter.of(m8(null, null, new Service(0, 2500, 0.15)), torque(22), 50_000, 7)
                .chanceBelowFloor())
        .isCloseTo(0.503, within(0.01));
    double[] values = new java.util.Random(3).doubles(10_001).toArray();
    double[] sorted = values.clone();
    java.util.Arrays.sort(sorted);
    Percentiles p = new Percentiles(values);
    assertThat(p.at(0.5)).isEqualTo(sorted[5000]);
    assertThat(p.at(0.01)).isEqualTo(sorted[100]);
    assertThat(p.at(0.99)).isEqualTo(sorted[9900]);
    assertThat(p.at(0.00005)).isEqualTo((sorted[0] + sorted[1]) / 2);
  }
}
