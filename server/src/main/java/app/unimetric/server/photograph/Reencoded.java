package app.unimetric.server.photograph;

import app.unimetric.core.photograph.Photograph;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.server.gate.Bounds;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A photograph decoded and encoded anew: upright, no larger than needed, and with nothing of what a
 * camera writes beside the picture, such as the place where it was taken.
 *
 * @param jpeg the picture
 * @param smallJpeg the picture as it stands in a row of others
 */
record Reencoded(byte[] jpeg, byte[] smallJpeg, int widthPx, int heightPx) {
  private static final Set<String> KINDS = Set.of("jpeg", "jpg", "png");
  private static final long MOST_PIXELS = Bounds.PICTURE_PIXELS;

  /** Four bytes each is what is counted on; deeper pictures are no photographs of a telephone. */
  private static final int MOST_BITS_A_PIXEL = 32;

  private static final int SMALL_SIDE_PX = 360;
  private static final double QUALITY = 0.85;
  private static final String UNREADABLE =
      "is no photograph that can be read here; send a JPEG or PNG of up to 25 million pixels.";

  /**
   * @throws InvalidInput where it is no JPEG or PNG, is broken, or has too many pixels
   */
  static Reencoded of(byte[] sent) {
    try {
      byte[] plain = PlainPicture.of(sent);
      int longest = longestSide(plain);
      BufferedImage upright =
          Thumbnails.of(new ByteArrayInputStream(plain))
              .scale(Math.min(1.0, (double) Photograph.LONGEST_SIDE_PX / longest))
              .imageType(BufferedImage.TYPE_INT_RGB)
              .asBufferedImage();
      double smaller =
          Math.min(1.0, (double) SMALL_SIDE_PX / Math.max(upright.getWidth(), upright.getHeight()));
      return new Reencoded(
          jpeg(upright, 1.0), jpeg(upright, smaller), upright.getWidth(), upright.getHeight());
    } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
      throw unreadable();
    }
  }

  /** Looked at before anything is decoded: a small file may claim to be a huge picture. */
  private static int longestSide(byte[] sent) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      while (readers.hasNext()) {
        ImageReader reader = readers.next();
        try {
          if (KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            reader.setInput(in);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if (width > 0 && height > 0 && (long) width * height <= MOST_PIXELS && isFlat(reader)) {
              return Math.max(width, height);
            }
          }
        } finally {
          reader.dispose();
        }
      }
    }
    throw unreadable();
  }

  private static boolean isFlat(ImageReader reader) throws IOException {
    ImageTypeSpecifier type = reader.getRawImageType(0);
    return type == null || type.getColorModel().getPixelSize() <= MOST_BITS_A_PIXEL;
  }

  private static byte[] jpeg(BufferedImage picture, double scale) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Thumbnails.of(picture)
        .scale(scale)
        .outputFormat("jpg")
        .outputQuality(QUALITY)
        .toOutputStream(out);
    return out.toByteArray();
  }

  private static InvalidInput unreadable() {
    return InvalidInput.at("photograph", UNREADABLE);
  }
}
