package app.unimetric.core.bench;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Statement;
import app.unimetric.core.stated.TorqueText;
import org.jspecify.annotations.Nullable;

/**
 * A torque as somebody typed it off a tool: a bare figure in the tool's unit, or with a unit of its
 * own ({@code 14.5 ftlb}), which then counts.
 */
public record TypedReading(double value, TorqueUnit unit) {
  private static final String FIELD = "typed";

  /**
   * Reads what was typed.
   *
   * @param toolUnit for a bare figure; null when the screen did not say
   * @throws InvalidInput when it is no single torque
   */
  public static TypedReading parse(String typed, @Nullable TorqueUnit toolUnit) {
    if (typed.chars().noneMatch(Character::isLetter)) {
      double figure = DecimalText.parse(typed, FIELD);
      if (toolUnit == null) {
        throw InvalidInput.at(FIELD, "The unit is missing: type it behind the figure.");
      }
      return new TypedReading(figure, toolUnit);
    }
    if (TorqueText.parse(typed).statement() instanceof Statement.Value one) {
      return new TypedReading(one.lowest(), one.unit());
    }
    throw InvalidInput.at(FIELD, "must be one torque, as the tool shows it: 14.5 or 14.5 ftlb.");
  }

  /** As it was typed, with its unit. */
  public String words() {
    return Figure.typed(value) + " " + unit.sign();
  }
}
