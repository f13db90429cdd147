package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.ScrewThread;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class JointVerdictTest {
  private static final ScrewThread M8 = ScrewThread.parse("M8");

  private static BoltedJoint m8(
      FrictionBand friction, @Nullable Engagement engagement, @Nullable Service service) {
    return new BoltedJoint(
        M8,
        640,
        800,
        205_000,
        Head.HEX.face(M8),
        friction,
        0.9,
        engagement,
        null,
        null,
        service,
        null);
  }

  private static JointVerdict at(double nm, BoltedJoint joint) {
    AppliedTorque torque = new AppliedTorque(TorqueBand.of(nm, nm), 0.04, 0);
    return JointVerdict.of(JointCheck.of(joint, torque), Scatter.of(joint, torque, 20_000, 1));
  }

  private static final FrictionBand OILED = FrictionBand.of(FrictionCondition.OILED);

  @Test
  void theSameBoltHoldsThenIsDoubtfulThenYields() {
    BoltedJoint joint = m8(OILED, null, null);
    assertThat(at(16, joint)).isEqualTo(new JointVerdict(JointVerdict.Trust.HOLDS, "holds"));
    JointVerdict doubtful = at(24, joint);
    assertThat(doubtful.standing()).isEqualTo(JointVerdict.Trust.DOUBTFUL);
    assertThat(doubtful.words()).matches("\\d+ in 100 would yield");
    assertThat(at(40, joint)).isEqualTo(new JointVerdict(JointVerdict.Trust.FAILS, "past yield"));
  }

  @Test
  void aThreadThatStripsBeforeTheBoltYieldsIsNamed() {
    BoltedJoint shallow = m8(OILED, Engagement.in(3, Material.ALUMINIUM_CAST), null);
    double stripNm = shallow.stripping().threadStripN() * shallow.leverMm(OILED.nominal()) / 1000;
    assertThat(at(stripNm * 1.1, shallow).words()).isEqualTo("the thread it is in strips");
    JointVerdict near = at(stripNm * 0.95, shallow);
    assertThat(near.standing()).isEqualTo(JointVerdict.Trust.DOUBTFUL);
    assertThat(near.words()).isEqualTo("with the least friction the thread it is in strips");
    assertThat(at(stripNm * 0.3, shallow).words()).isEqualTo("holds");
  }

  @Test
  void theFloorIsJudgedTooAtNominalAndByChance() {
    BoltedJoint loaded = m8(OILED, null, new Service(0, 1500, 0.15));
    double floorNm = loaded.leverMm(OILED.nominal()) * 10;
    assertThat(at(floorNm * 0.95, loaded).words()).isEqualTo("does not reach the floor");
    assertThat(at(floorNm * 1.05, loaded).words()).endsWith("in 100 would miss the floor");
    BoltedJoint hopeless = m8(OILED, null, new Service(0, 9000, 0.15));
    assertThat(at(22, hopeless).words()).isEqualTo("what it must hold lies above what it stands");
  }

  @Test
  void fewIsToldInAThousandAndBelowOneInAThousandIsLetPass() {
    BoltedJoint joint = m8(OILED, null, null);
    AppliedTorque torque = new AppliedTorque(TorqueBand.of(18, 18), 0.04, 0);
    JointCheck check = JointCheck.of(joint, torque);
    assertThat(JointVerdict.of(check, chance(0.004)).words()).isEqualTo("4 in 1000 would yield");
    assertThat(JointVerdict.of(check, chance(0.126)).words()).isEqualTo("13 in 100 would yield");
    assertThat(JointVerdict.of(check, chance(JointVerdict.RARE)).words()).isEqualTo("holds");
    assertThat(JointVerdict.of(JointCheck.of(joint, null), chance(0))).isNull();
  }

  private static Scatter chance(double aboveYield) {
    return new Scatter(1, 2, 3, 4, 5, aboveYield, 0);
  }
}
