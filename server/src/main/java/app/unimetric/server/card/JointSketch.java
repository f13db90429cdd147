package app.unimetric.server.card;

import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import java.util.List;
import java.util.Locale;

/** A joint in ink: the fasteners where the core puts them, with their numbers. */
final class JointSketch {
  private JointSketch() {}

  static String svg(Layout layout, List<FastenerPosition> positions) {
    double reach = layout == Layout.CIRCLE ? 34 : 32;
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
              "<rect x=\"-45\" y=\"-40\" width=\"90\" height=\"80\" rx=\"8\" fill=\"none\" stroke=\"#000\"/>"
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
              p.x() * reach,
              p.y() * reach * flat,
              radius,
              p.x() * reach,
              p.y() * reach * flat + radius * 0.4,
              radius * 1.1,
              p.number()));
    }
    return svg.append("</svg>").toString();
  }
}
