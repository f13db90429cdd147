package app.unimetric.perf;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.joint.BoltedJoint;
import app.unimetric.core.joint.Engagement;
import app.unimetric.core.joint.FrictionBand;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.Grip;
import app.unimetric.core.joint.JointCheck;
import app.unimetric.core.joint.Scatter;
import app.unimetric.core.joint.Service;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.ElasticInteraction;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.thread.ScrewThread;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * One joint answer (wanted under 20 µs), 100 000 draws (under 15 ms), 16 bolts over 10 passes
 * (under 50 µs).
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class JointBenchmark {
  private static final ScrewThread M8 = ScrewThread.parse("M8");
  private final AppliedTorque torque = new AppliedTorque(TorqueBand.of(20, 24), 0.04, 0);
  private final BoltedJoint joint =
      new BoltedJoint(
          M8,
          640,
          800,
          205_000,
          Head.HEX.face(M8),
          FrictionBand.of(FrictionCondition.OILED),
          0.9,
          Engagement.in(12, Material.ALUMINIUM_CAST),
          new Grip(20, 24, 205_000),
          null,
          new Service(500, 900, 0.15),
          null);
  private final ElasticInteraction sixteen = ElasticInteraction.of(16, Layout.CIRCLE, 0.1, 0.03);
  private final List<Integer> order =
      TighteningOrder.passes(16, Layout.CIRCLE, null, null).get(1).order();

  @Benchmark
  public JointCheck oneJoint() {
    return JointCheck.of(joint, torque);
  }

  @Benchmark
  public Scatter hundredThousandDraws() {
    return Scatter.of(joint, torque, 100_000, 1);
  }

  @Benchmark
  public ElasticInteraction.Course sixteenBoltsTenPasses() {
    return sixteen.tighten(10_000, order, 10);
  }
}
