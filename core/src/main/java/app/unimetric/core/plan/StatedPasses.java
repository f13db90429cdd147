package app.unimetric.core.plan;

import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.Statement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The passes over a joint as its value states them: stated stages are its passes, and a turn by an
 * angle comes last, without a check round, for after it no torque tells anything.
 */
final class StatedPasses {
  private StatedPasses() {}

  static List<Pass> of(BoltPattern pattern, @Nullable StatedValue governing) {
    if (governing == null) {
      return pattern.passes();
    }
    if (governing.statement() instanceof Statement.Staged staged) {
      return new BoltPattern(
              pattern.count(), pattern.layout(), pattern.gapStyle(), percents(staged))
          .passes();
    }
    return governing.statement() instanceof Statement.TorqueAngle
        ? turned(pattern.passes())
        : pattern.passes();
  }

  private static List<Double> percents(Statement.Staged staged) {
    return staged.stages().stream()
        .map(stage -> Pass.FULL_PERCENT * stage / staged.figure())
        .toList();
  }

  private static List<Pass> turned(List<Pass> usual) {
    List<Pass> passes =
        new ArrayList<>(usual.stream().filter(p -> p.kind() != PassKind.CIRCULAR_CHECK).toList());
    passes.add(new Pass(Pass.FULL_PERCENT, passes.get(passes.size() - 1).order(), PassKind.ANGLE));
    return passes;
  }
}
