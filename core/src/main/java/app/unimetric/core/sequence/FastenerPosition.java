package app.unimetric.core.sequence;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Where a fastener sits on the drawing.
 *
 * @param number its number, from 1
 * @param x to the right, −1 to 1
 * @param y downwards, −1 to 1
 */
public record FastenerPosition(int number, double x, double y) {

  /** The places of all fasteners of a joint, in number order. */
  public static List<FastenerPosition> all(int count, Layout layout) {
    List<FastenerPosition> places = new ArrayList<>(count);
    for (int i = 0; i < count; i++) {
      places.add(
          switch (layout) {
            case CIRCLE -> circle(i, count);
            case ROW -> new FastenerPosition(i + 1, spread(i, count), 0);
            case PINCH -> new FastenerPosition(i + 1, 0, spread(i, count));
            case FACEPLATE -> faceplate(i, count);
          });
    }
    return places;
  }

  /** Places of any size brought into −1 to 1 about their middle, in their own proportions. */
  public static List<FastenerPosition> fitted(List<FreeOrder.Place> places) {
    DoubleSummaryStatistics x = places.stream().mapToDouble(FreeOrder.Place::x).summaryStatistics();
    DoubleSummaryStatistics y = places.stream().mapToDouble(FreeOrder.Place::y).summaryStatistics();
    double half = Math.max(x.getMax() - x.getMin(), y.getMax() - y.getMin()) / 2;
    double midX = (x.getMax() + x.getMin()) / 2;
    double midY = (y.getMax() + y.getMin()) / 2;
    return IntStream.range(0, places.size())
        .mapToObj(
            i ->
                new FastenerPosition(
                    i + 1, (places.get(i).x() - midX) / half, (places.get(i).y() - midY) / half))
        .toList();
  }

  private static FastenerPosition circle(int i, int count) {
    if (count == 1) {
      return new FastenerPosition(1, 0, 0);
    }
    double angle = 2 * Math.PI * i / count;
    return new FastenerPosition(i + 1, Math.sin(angle), -Math.cos(angle));
  }

  /** The first half along the top from the left, the rest along the bottom from the right. */
  private static FastenerPosition faceplate(int i, int count) {
    int top = (count + 1) / 2;
    boolean onTop = i < top;
    double x = onTop ? spread(i, top) : -spread(i - top, count - top);
    return new FastenerPosition(i + 1, x, onTop ? -1 : 1);
  }

  private static double spread(int i, int count) {
    return count == 1 ? 0 : -1 + 2.0 * i / (count - 1);
  }
}
