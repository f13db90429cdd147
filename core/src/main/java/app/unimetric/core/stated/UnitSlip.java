package app.unimetric.core.stated;

import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;

/**
 * A figure that was probably written or read in the wrong unit.
 *
 * @param index of the value
 * @param statedUnit as stated
 * @param likelyUnits units under which the figure makes sense, most likely first; may be empty
 * @param reason how it shows
 */
public record UnitSlip(
    int index, TorqueUnit statedUnit, List<TorqueUnit> likelyUnits, String reason) {
  public UnitSlip {
    likelyUnits = List.copyOf(likelyUnits);
  }
}
