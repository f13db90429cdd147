package app.unimetric.server.demo;

import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.sequence.FastenerPosition;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Polygon;
import java.awt.RenderingHints;
import java.awt.geom.CubicCurve2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** What a photograph of a joint would show, drawn: the demo has no camera. */
final class DrawnPhotograph {
  private static final int WIDTH = 1200;
  private static final int HEIGHT = 900;
  private static final int HEAD = 96;
  private static final int WASHER = 130;
  private static final int SPREAD = 320;

  private DrawnPhotograph() {}

  /** The heads of a joint on their plate with a hose beside, JPEG. */
  static byte[] of(RunJoint joint) {
    Random chance = new Random(joint.id().hashCode());
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setPaint(
        new GradientPaint(0, 0, new Color(74, 70, 66), WIDTH, HEIGHT, new Color(134, 124, 108)));
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    pen.setPaint(new GradientPaint(0, 200, new Color(62, 64, 70), 0, 700, new Color(38, 39, 44)));
    pen.fill(new RoundRectangle2D.Double(170, 130, WIDTH - 340, HEIGHT - 260, 110, 110));
    for (FastenerPosition at : joint.positions()) {
      head(pen, WIDTH / 2.0 + at.x() * SPREAD, HEIGHT / 2.0 + at.y() * SPREAD, chance);
    }
    pen.setColor(new Color(20, 20, 22));
    pen.setStroke(new BasicStroke(38, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    pen.draw(new CubicCurve2D.Double(0, 210, 300, 60, 820, 160, WIDTH, 40));
    pen.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "jpg", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static void head(Graphics2D pen, double x, double y, Random chance) {
    pen.setColor(new Color(96, 94, 92));
    pen.fill(new Ellipse2D.Double(x - WASHER / 2.0, y - WASHER / 2.0, WASHER, WASHER));
    pen.setPaint(
        new GradientPaint(
            (float) x,
            (float) y - HEAD,
            new Color(208, 204, 196),
            (float) x,
            (float) y + HEAD,
            new Color(120, 116, 110)));
    pen.fill(new Ellipse2D.Double(x - HEAD / 2.0, y - HEAD / 2.0, HEAD, HEAD));
    pen.setColor(new Color(30, 30, 32));
    double turn = chance.nextDouble() * Math.PI / 3;
    Polygon hex = new Polygon();
    for (int i = 0; i < 6; i++) {
      double angle = turn + i * Math.PI / 3;
      hex.addPoint(
          (int) Math.round(x + 24 * Math.cos(angle)), (int) Math.round(y + 24 * Math.sin(angle)));
    }
    pen.fillPolygon(hex);
  }
}
