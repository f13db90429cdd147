package app.unimetric.core.pack;

import app.unimetric.core.stated.StatedValue;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is stated about the torque of one joint.
 *
 * @param values as found so far, each with its document
 * @param slots where a value is to be looked up, for packs that state none themselves
 * @param slipTest how it is tested for slip and with which load, in words; empty where nothing is
 *     stated
 */
public record TorqueSheet(List<DocumentedValue> values, List<String> slots, String slipTest) {
  public TorqueSheet {
    values = List.copyOf(values);
    slots = List.copyOf(slots);
  }

  /** The values alone, in their order. */
  public List<StatedValue> stated() {
    return values.stream().map(DocumentedValue::value).toList();
  }

  /** The place of the value with this id; empty when there is none. */
  public Optional<Integer> placeOf(String valueId) {
    for (int i = 0; i < values.size(); i++) {
      if (values.get(i).id().equals(valueId)) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  TorqueSheet with(List<DocumentedValue> found) {
    return new TorqueSheet(
        Stream.concat(values.stream(), found.stream()).toList(), slots, slipTest);
  }
}
