package app.unimetric.server.photograph;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;

/** Makes photographs as a camera does, with what it writes beside the picture. */
public final class Camera {
  /** Stands where a camera writes the place. */
  public static final String PLACE = "63.4305N 10.3951E";

  private static final int UPRIGHT = 1;
  private static final int SHORT = 3;
  private static final int ASCII = 2;
  private static final int ORIENTATION = 0x0112;
  private static final int DESCRIPTION = 0x010E;

  private Camera() {}

  /** A picture of one colour with a mark in its upper left corner. */
  static BufferedImage picture(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setColor(Color.BLUE);
    pen.fillRect(0, 0, width, height);
    pen.setColor(Color.WHITE);
    pen.fillRect(0, 0, width / 4, height / 4);
    pen.dispose();
    return image;
  }

  static byte[] encoded(BufferedImage image, String kind) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, kind, out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** A plain JPEG. */
  public static byte[] jpeg(int width, int height) {
    return encoded(picture(width, height), "jpg");
  }

  /**
   * A JPEG as a telephone writes it: how it was held, and where.
   *
   * @param orientation of EXIF, 1 to 8
   */
  static byte[] withExif(int width, int height, int orientation) {
    byte[] plain = jpeg(width, height);
    byte[] place = (PLACE + "\0").getBytes(StandardCharsets.US_ASCII);
    ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 24 + 4 + place.length);
    tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
    tiff.putShort((short) 2);
    tiff.putShort((short) DESCRIPTION).putShort((short) ASCII).putInt(place.length).putInt(38);
    tiff.putShort((short) ORIENTATION).putShort((short) SHORT).putInt(UPRIGHT);
    tiff.putShort((short) orientation).putShort((short) 0);
    tiff.putInt(0).put(place);
    byte[] head = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
    ByteBuffer whole = ByteBuffer.allocate(plain.length + 4 + head.length + tiff.capacity());
    whole.put(plain, 0, 2);
    whole.putShort((short) 0xFFE1).putShort((short) (2 + head.length + tiff.capacity()));
    whole.put(head).put(tiff.array()).put(plain, 2, plain.length - 2);
    return whole.array();
  }
}
