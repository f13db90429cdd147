package app.unimetric.core.stated;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A statement as flat fields, the way documents and calls write it; those of other forms stay out.
 *
 * @param value the figure of VALUE and TORQUE_ANGLE, in {@code unit}
 * @param min the lower figure of RANGE, the figure of MINIMUM, in {@code unit}
 * @param max the upper figure of RANGE, the figure of MAXIMUM, in {@code unit}
 * @param angleDeg the turn of TORQUE_ANGLE, degrees
 * @param stages the figures of STAGED in order, in {@code unit}
 * @param unit needed by every form with a figure
 */
public record StatementFields(
    Form form,
    @Nullable Double value,
    @Nullable Double min,
    @Nullable Double max,
    @Nullable Double angleDeg,
    List<Double> stages,
    @Nullable TorqueUnit unit) {
  public StatementFields {
    stages = List.copyOf(stages);
  }

  /** The fields of a statement. */
  public static StatementFields of(Statement s) {
    if (s instanceof Statement.Value v) {
      return new StatementFields(s.form(), v.figure(), null, null, null, List.of(), v.unit());
    } else if (s instanceof Statement.Range r) {
      return new StatementFields(s.form(), null, r.min(), r.max(), null, List.of(), r.unit());
    } else if (s instanceof Statement.Maximum m) {
      return new StatementFields(s.form(), null, null, m.figure(), null, List.of(), m.unit());
    } else if (s instanceof Statement.Minimum m) {
      return new StatementFields(s.form(), null, m.figure(), null, null, List.of(), m.unit());
    } else if (s instanceof Statement.TorqueAngle t) {
      return new StatementFields(
          s.form(), t.figure(), null, null, t.angleDeg(), List.of(), t.unit());
    } else if (s instanceof Statement.Staged t) {
      return new StatementFields(s.form(), null, null, null, null, t.stages(), t.unit());
    }
    return new StatementFields(s.form(), null, null, null, null, List.of(), null);
  }

  /**
   * The statement these fields make.
   *
   * @throws InvalidInput when one is missing, out of range, or belongs to another form
   */
  public Statement statement() {
    Problems problems = new Problems();
    belongs(problems, value != null, Set.of(Form.VALUE, Form.TORQUE_ANGLE), "value");
    belongs(problems, min != null, Set.of(Form.RANGE, Form.MINIMUM), "min");
    belongs(problems, max != null, Set.of(Form.RANGE, Form.MAXIMUM), "max");
    belongs(problems, angleDeg != null, Set.of(Form.TORQUE_ANGLE), "angleDeg");
    belongs(problems, !stages.isEmpty(), Set.of(Form.STAGED), "stages");
    problems.require(
        !form.hasFigure() || unit != null,
        "unit",
        "is missing; a torque without its unit cannot be used.");
    Statement made = problems.under("", this::build);
    problems.orThrow();
    return Objects.requireNonNull(made);
  }

  private void belongs(Problems problems, boolean given, Set<Form> forms, String field) {
    problems.require(!given || forms.contains(form), field, "does not belong to this form.");
  }

  private Statement build() {
    TorqueUnit in = unit == null ? TorqueUnit.NEWTON_METRE : unit;
    return switch (form) {
      case VALUE -> new Statement.Value(needed(value, "value"), in);
      case RANGE -> range(in);
      case MAXIMUM -> new Statement.Maximum(needed(max, "max"), in);
      case MINIMUM -> new Statement.Minimum(needed(min, "min"), in);
      case TORQUE_ANGLE ->
          new Statement.TorqueAngle(needed(value, "value"), in, needed(angleDeg, "angleDeg"));
      case STAGED -> new Statement.Staged(stages, in);
      case SNUG -> new Statement.Snug();
      case UNTIL_GAP_CLOSES -> new Statement.UntilGapCloses();
    };
  }

  private Statement range(TorqueUnit in) {
    Double low = min;
    Double high = max;
    Problems problems =
        new Problems()
            .require(low != null, "min", "is missing.")
            .require(high != null, "max", "is missing.");
    problems.orThrow();
    return new Statement.Range(needed(low, "min"), needed(high, "max"), in);
  }

  private static double needed(@Nullable Double figure, String field) {
    if (figure == null) {
      throw InvalidInput.at(field, "is missing.");
    }
    return figure;
  }
}
