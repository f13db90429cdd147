package app.unimetric.server.card;

import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import java.util.List;
import java.util.Locale;

/** A joint in ink: the fasteners where the core puts them, with their numbers. */
final class JointSketch {
  private JointSketch() {}

  static String svg(Layout layout, List<FastenerPosition> positions) {
    // Half the size of the drawing on screen, place for place; the browser tests compare the two.
    double reach = layout == Layout.ROW || layout == Layout.PINCH ? 31 : 34;
    double wide = layout == Layout.FACEPLATE ? 0.78 : 1;
    double flat = layout == Layout.FACEPLATE ? 0.62 : 1;
    double radius = positions.size() > 8 ? 6.5 : 9;
    StringBuilder svg =
        new StringBuilder(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"52\" height=\"52\""
                + " viewBox=\"-52 -52 104 104\">");
    svg.append(
        switch (layout) {
          case CIRCLE -> "<circle r=\"49\" fill=\"none\" stroke=\"#000\"/>";
          case FACEPLATE ->
              "<rect x=\"-42\" y=\"-38\" width=\"84\" height=\"76\" rx=\"8\" fill=\"none\" stroke=\"#000\"/>"
                  + "<circle r=\"14\" fill=\"none\" stroke=\"#000\"/>";
          case ROW ->
              "<rect x=\"-49\" y=\"-18\" width=\"98\" height=\"36\" fill=\"none\" stroke=\"#000\"/>";
          case PINCH ->
              "<rect x=\"-22\" y=\"-48\" width=\"44\" height=\"96\" fill=\"none\" stroke=\"#000\"/>"
                  + "<path d=\"M13 -48V48\" stroke=\"#000\"/>";
        });
    for (FastenerPosition p : positions) {
      svg.append(
          String.format(
              Locale.ROOT,
              "<circle cx=\"%.1f\" cy=\"%.1f\" r=\"%.1f\" fill=\"#fff\" stroke=\"#000\"/>"
                  + "<text x=\"%.1f\" y=\"%.1f\" font-family=\"DejaVu\" font-size=\"%.1f\" text-anchor=\"middle\">%d</text>",
              p.x() * reach * wide,
              p.y() * reach * flat,
              radius,
              p.x() * reach * wide,
              p.y() * reach * flat + radius * 0.4,
              radius * 1.1,
              p.number()));
    }
    return svg.append("</svg>").toString();
  }
}
