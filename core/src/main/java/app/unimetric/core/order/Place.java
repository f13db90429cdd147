package app.unimetric.core.order;

import java.util.Comparator;

/**
 * Where a task would stand if nothing bound it: tasks that are free are taken by their place.
 *
 * @param stage of the whole job, from before anything is undone to after the last torque
 * @param block what is brought to its torque together, in working order
 * @param layer within the block: wetting, starting, snugging, passes
 * @param turn of its joint within the layer
 * @param beside before (negative), at (0) or after (positive) the task it stands beside
 * @param written place among what is written down at the same place
 */
public record Place(int stage, int block, int layer, int turn, int beside, int written)
    implements Comparable<Place> {
  private static final Comparator<Place> ORDER =
      Comparator.comparingInt(Place::stage)
          .thenComparingInt(Place::block)
          .thenComparingInt(Place::layer)
          .thenComparingInt(Place::turn)
          .thenComparingInt(Place::beside)
          .thenComparingInt(Place::written);

  /** In a row that is written down as it is to be done. */
  public static Place inRow(int stage, int written) {
    return new Place(stage, written, 0, 0, 0, 0);
  }

  /** Before (negative) or after (positive) what stands in such a row. */
  public static Place besideInRow(int stage, int row, int side, int written) {
    return new Place(stage, row, 0, 0, side, written);
  }

  /** Right before or after the task that stands here. */
  public Place beside(int side, int written) {
    return new Place(stage, block, layer, turn, side, written);
  }

  @Override
  public int compareTo(Place other) {
    return ORDER.compare(this, other);
  }
}
