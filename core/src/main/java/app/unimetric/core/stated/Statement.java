package app.unimetric.core.stated;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import java.util.stream.Collectors;

/** What a sheet says about a torque, sealed by its form; each form has only its own figures. */
public sealed interface Statement {

  /** Its form by name. */
  Form form();

  /** As it would be written on a sheet: {@code max 5 N·m}, {@code 20–24 ft·lbf}. */
  String words();

  /** A statement with figures in a unit. Every figure is above 0 and at most 10 000 N·m. */
  sealed interface InTorque extends Statement {
    /** The unit as stated. */
    TorqueUnit unit();

    /** The lowest figure that holds, in {@link #unit()}; a single figure stands for both. */
    double lowest();

    /** The highest figure that holds, in {@link #unit()}. */
    double highest();

    /** The same figures read in another unit. */
    InTorque readIn(TorqueUnit other);

    /** The stated figures, N·m. */
    default TorqueBand band() {
      return TorqueBand.of(lowest() * unit().newtonMetres(), highest() * unit().newtonMetres());
    }
  }

  /** A statement with one figure, which stands for both ends. */
  sealed interface AtOneFigure extends InTorque {
    /** The figure, in {@link #unit()}. */
    double figure();

    @Override
    default double lowest() {
      return figure();
    }

    @Override
    default double highest() {
      return figure();
    }
  }

  /** One figure: {@code 20 N·m}. */
  record Value(double figure, TorqueUnit unit) implements AtOneFigure {
    public Value {
      Figures.in(unit).check(figure, "value").orThrow();
    }

    @Override
    public Form form() {
      return Form.VALUE;
    }

    @Override
    public Value readIn(TorqueUnit other) {
      return new Value(figure, other);
    }

    @Override
    public String words() {
      return Figure.typed(figure) + " " + unit.sign();
    }
  }

  /** From one figure to another: {@code 20–24 N·m}. */
  record Range(double min, double max, TorqueUnit unit) implements InTorque {
    public Range {
      Problems problems = Figures.in(unit).check(min, "min").check(max, "max").problems;
      if (problems.isEmpty()) {
        problems.require(min <= max, "min", "is above the maximum; swap the two figures.");
      }
      problems.orThrow();
    }

    @Override
    public Form form() {
      return Form.RANGE;
    }

    @Override
    public double lowest() {
      return min;
    }

    @Override
    public double highest() {
      return max;
    }

    @Override
    public Range readIn(TorqueUnit other) {
      return new Range(min, max, other);
    }

    @Override
    public String words() {
      return Figure.typed(min) + "–" + Figure.typed(max) + " " + unit.sign();
    }
  }

  /** Not more than: {@code max 5 N·m}. */
  record Maximum(double figure, TorqueUnit unit) implements AtOneFigure {
    public Maximum {
      Figures.in(unit).check(figure, "max").orThrow();
    }

    @Override
    public Form form() {
      return Form.MAXIMUM;
    }

    @Override
    public Maximum readIn(TorqueUnit other) {
      return new Maximum(figure, other);
    }

    @Override
    public String words() {
      return "max " + Figure.typed(figure) + " " + unit.sign();
    }
  }

  /** Not less than, as on a pinned axle: {@code min 120 N·m}. */
  record Minimum(double figure, TorqueUnit unit) implements AtOneFigure {
    public Minimum {
      Figures.in(unit).check(figure, "min").orThrow();
    }

    @Override
    public Form form() {
      return Form.MINIMUM;
    }

    @Override
    public Minimum readIn(TorqueUnit other) {
      return new Minimum(figure, other);
    }

    @Override
    public String words() {
      return "min " + Figure.typed(figure) + " " + unit.sign();
    }
  }

  /**
   * A torque, then a turn: {@code 20 N·m + 90°}.
   *
   * @param angleDeg further turn, degrees, above 0 and at most three turns
   */
  record TorqueAngle(double figure, TorqueUnit unit, double angleDeg) implements AtOneFigure {
    /** Three turns: nothing that is clamped is turned further. */
    public static final double MOST_DEG = 1080;

    public TorqueAngle {
      Figures.in(unit)
          .check(figure, "value")
          .problems
          .positive(angleDeg, MOST_DEG, "angleDeg")
          .orThrow();
    }

    @Override
    public Form form() {
      return Form.TORQUE_ANGLE;
    }

    @Override
    public TorqueAngle readIn(TorqueUnit other) {
      return new TorqueAngle(figure, other, angleDeg);
    }

    @Override
    public String words() {
      return Figure.typed(figure) + " " + unit.sign() + " + " + Figure.typed(angleDeg) + "°";
    }
  }

  /** Rising stages, the last of which holds: {@code 20, then 40 N·m}. Two to ten. */
  record Staged(List<Double> stages, TorqueUnit unit) implements AtOneFigure {
    public Staged {
      stages = List.copyOf(stages);
      Figures figures = Figures.in(unit);
      figures.problems.require(
          stages.size() >= 2 && stages.size() <= 10,
          "stages",
          "needs 2 to 10 figures, one for each stage.");
      for (int i = 0; i < stages.size(); i++) {
        figures.check(stages.get(i), "stages[" + i + "]");
        figures.problems.require(
            i == 0 || stages.get(i) > stages.get(i - 1),
            "stages[" + i + "]",
            "must be above the stage before it.");
      }
      figures.orThrow();
    }

    /** The last stage. */
    @Override
    public double figure() {
      return stages.get(stages.size() - 1);
    }

    @Override
    public Form form() {
      return Form.STAGED;
    }

    @Override
    public Staged readIn(TorqueUnit other) {
      return new Staged(stages, other);
    }

    @Override
    public String words() {
      return stages.stream().map(Figure::typed).collect(Collectors.joining(", "))
          + " "
          + unit.sign();
    }
  }

  /** By hand until it sits; no figure. */
  record Snug() implements Statement {
    @Override
    public Form form() {
      return Form.SNUG;
    }

    @Override
    public String words() {
      return form().words();
    }
  }

  /** Until metal meets metal; no figure. */
  record UntilGapCloses() implements Statement {
    @Override
    public Form form() {
      return Form.UNTIL_GAP_CLOSES;
    }

    @Override
    public String words() {
      return form().words();
    }
  }

  /** Figures of one unit while they are checked. */
  final class Figures {
    private final double largest;
    private final Problems problems = new Problems();

    private Figures(TorqueUnit unit) {
      this.largest = Torque.MAX_NM / unit.newtonMetres();
    }

    private static Figures in(TorqueUnit unit) {
      return new Figures(unit);
    }

    private Figures check(double figure, String field) {
      problems.positive(figure, largest, field);
      return this;
    }

    private void orThrow() {
      problems.orThrow();
    }
  }
}
