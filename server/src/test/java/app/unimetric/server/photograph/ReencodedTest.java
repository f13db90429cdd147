package app.unimetric.server.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReencodedTest {
  private static BufferedImage read(byte[] jpeg) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(jpeg));
  }

  private static boolean isWhite(BufferedImage image, int x, int y) {
    return new Color(image.getRGB(x, y)).getRed() > 128;
  }

  @Test
  void nothingIsLeftOfWhatTheCameraWroteBeside() {
    byte[] sent = Camera.withExif(400, 300, 1);
    assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains(Camera.PLACE);
    Reencoded made = Reencoded.of(sent);
    for (byte[] kept : new byte[][] {made.jpeg(), made.smallJpeg()}) {
      assertThat(new String(kept, StandardCharsets.ISO_8859_1))
          .doesNotContain(Camera.PLACE)
          .doesNotContain("Exif");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "1, 400, 300, 10, 10",
    "3, 400, 300, 390, 290",
    "6, 300, 400, 290, 10",
    "8, 300, 400, 10, 390"
  })
  void standsUpright(int orientation, int width, int height, int markX, int markY)
      throws IOException {
    Reencoded made = Reencoded.of(Camera.withExif(400, 300, orientation));
    assertThat(made.widthPx()).isEqualTo(width);
    assertThat(made.heightPx()).isEqualTo(height);
    BufferedImage kept = read(made.jpeg());
    assertThat(kept.getWidth()).isEqualTo(width);
    assertThat(isWhite(kept, markX, markY)).isTrue();
    assertThat(isWhite(kept, width / 2, height / 2)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"2048, 100, 2048, 100", "4096, 1000, 2048, 500", "30, 4096, 15, 2048", "8, 6, 8, 6"})
  void isNoLargerThanIsKept(int width, int height, int keptWidth, int keptHeight)
      throws IOException {
    Reencoded made = Reencoded.of(Camera.encoded(Camera.picture(width, height), "png"));
    assertThat(made.widthPx()).isEqualTo(keptWidth);
    assertThat(made.heightPx()).isEqualTo(keptHeight);
    BufferedImage small = read(made.smallJpeg());
    assertThat(Math.max(small.getWidth(), small.getHeight()))
        .isEqualTo(Math.min(360, Math.max(keptWidth, keptHeight)));
  }

  /** A PNG of a few bytes that says it is huge. */
  private static byte[] claims(int width, int height) {
    byte[] small = Camera.encoded(Camera.picture(8, 8), "png");
    ByteBuffer png = ByteBuffer.wrap(small);
    png.putInt(16, width).putInt(20, height);
    CRC32 sum = new CRC32();
    sum.update(small, 12, 17);
    png.putInt(29, (int) sum.getValue());
    return small;
  }

  @Test
  void whatIsNoPhotographIsRefused() {
    byte[] jpeg = Camera.jpeg(400, 300);
    for (byte[] sent :
        new byte[][] {
          {},
          "<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8),
          "%PDF-1.7".getBytes(StandardCharsets.UTF_8),
          Camera.encoded(Camera.picture(8, 8), "gif"),
          Camera.encoded(Camera.picture(8, 8), "bmp"),
          Arrays.copyOf(jpeg, 30),
          claims(100_000, 100_000),
          claims(5001, 5000)
        }) {
      assertThatThrownBy(() -> Reencoded.of(sent))
          .isInstanceOf(InvalidInput.class)
          .hasMessageContaining("JPEG or PNG");
    }
  }
}
