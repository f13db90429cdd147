package app.unimetric.server.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Before a decoder sees a picture, all that it could unpack beside it is gone. */
class PlainPictureTest {
  private static final int AFTER_HEADER = 33;
  private static final int BOMB_BYTES = 40_000_000;

  private static byte[] chunk(String type, byte[] data) {
    ByteBuffer chunk = ByteBuffer.allocate(12 + data.length);
    byte[] name = type.getBytes(StandardCharsets.US_ASCII);
    CRC32 sum = new CRC32();
    sum.update(name);
    sum.update(data);
    return chunk.putInt(data.length).put(name).put(data).putInt((int) sum.getValue()).array();
  }

  private static byte[] with(byte[] png, byte[] chunk) {
    ByteBuffer whole = ByteBuffer.allocate(png.length + chunk.length);
    return whole
        .put(png, 0, AFTER_HEADER)
        .put(chunk)
        .put(png, AFTER_HEADER, png.length - AFTER_HEADER)
        .array();
  }

  private static byte[] inflatesTo(int bytes, String before) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(before.getBytes(StandardCharsets.ISO_8859_1));
    try (DeflaterOutputStream packed = new DeflaterOutputStream(out)) {
      byte[] piece = new byte[64 * 1024];
      for (int done = 0; done < bytes; done += piece.length) {
        packed.write(piece);
      }
    }
    return out.toByteArray();
  }

  @ParameterizedTest
  @ValueSource(strings = {"zTXt", "iTXt", "iCCP", "tEXt", "eXIf", "prVt"})
  void whatStandsBesideThePictureOfAPngIsDropped(String type) throws IOException {
    byte[] png = Camera.encoded(Camera.picture(40, 30), "png");
    String before = type.equals("iTXt") ? "k\0\1\0\0\0" : "k\0\0";
    byte[] bomb = with(png, chunk(type, inflatesTo(BOMB_BYTES, before)));
    assertThat(bomb.length).isGreaterThan(png.length + 1000);
    assertThat(PlainPicture.of(bomb)).isEqualTo(PlainPicture.of(png));
    assertThat(Reencoded.of(bomb).widthPx()).isEqualTo(40);
  }

  @Test
  void whatStandsBesideThePictureOfAJpegIsDroppedButHowItWasHeld() {
    byte[] plain = Camera.withExif(40, 30, 6);
    ByteBuffer more = ByteBuffer.allocate(plain.length + 2 * 20_000);
    more.put(plain, 0, 2);
    for (int marker : new int[] {0xFFE2, 0xFFFE}) {
      more.putShort((short) marker).putShort((short) 19_998).put(new byte[19_996]);
    }
    more.put(plain, 2, plain.length - 2);
    assertThat(PlainPicture.of(more.array())).isEqualTo(PlainPicture.of(plain));
    assertThat(Reencoded.of(more.array()).widthPx()).as("upright").isEqualTo(30);
  }

  @Test
  void aPhotographThatBreaksOffIsRefusedWhereverItDoes() {
    for (byte[] whole :
        new byte[][] {Camera.jpeg(400, 300), Camera.encoded(Camera.picture(400, 300), "png")}) {
      for (int tenth = 1; tenth < 10; tenth++) {
        byte[] part = Arrays.copyOf(whole, whole.length * tenth / 10);
        assertThatThrownBy(() -> Reencoded.of(part)).isInstanceOf(InvalidInput.class);
      }
      byte[] allButTheEnd = Arrays.copyOf(whole, whole.length - 2);
      assertThatThrownBy(() -> Reencoded.of(allButTheEnd)).isInstanceOf(InvalidInput.class);
      byte[] andMore = Arrays.copyOf(whole, whole.length + 500);
      assertThat(Reencoded.of(andMore).widthPx()).as("what follows it").isEqualTo(400);
    }
  }

  @Test
  void aChangedByteOfAPngIsNoticed() {
    byte[] png = Camera.encoded(Camera.picture(400, 300), "png");
    png[png.length / 2] ^= 1;
    assertThatThrownBy(() -> PlainPicture.of(png)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aJpegOfMoreScansThanAnyCameraMakesIsRefused() {
    byte[] jpeg = Camera.jpeg(40, 30);
    int scan = 0;
    while ((jpeg[scan] & 0xFF) != 0xFF || (jpeg[scan + 1] & 0xFF) != 0xDA) {
      scan++;
    }
    int length = jpeg.length - 2 - scan;
    for (int scans : new int[] {PlainPicture.MOST_SCANS, PlainPicture.MOST_SCANS + 1}) {
      ByteBuffer many = ByteBuffer.allocate(scan + scans * length + 2);
      many.put(jpeg, 0, scan);
      for (int i = 0; i < scans; i++) {
        many.put(jpeg, scan, length);
      }
      many.put(jpeg, jpeg.length - 2, 2);
      if (scans <= PlainPicture.MOST_SCANS) {
        assertThat(PlainPicture.of(many.array())).hasSizeGreaterThan(scans * length);
      } else {
        assertThatThrownBy(() -> PlainPicture.of(many.array()))
            .isInstanceOf(IllegalArgumentException.class);
      }
    }
  }

  @Test
  void aPictureOfSixteenBitsAColourIsNoPhotographOfATelephone() {
    java.awt.image.BufferedImage deep =
        new java.awt.image.BufferedImage(8, 6, java.awt.image.BufferedImage.TYPE_USHORT_GRAY);
    assertThat(Reencoded.of(Camera.encoded(deep, "png")).widthPx()).isEqualTo(8);
    java.awt.image.ColorModel model =
        new java.awt.image.ComponentColorModel(
            java.awt.color.ColorSpace.getInstance(java.awt.color.ColorSpace.CS_sRGB),
            false,
            false,
            java.awt.Transparency.OPAQUE,
            java.awt.image.DataBuffer.TYPE_USHORT);
    java.awt.image.BufferedImage deepColour =
        new java.awt.image.BufferedImage(
            model, model.createCompatibleWritableRaster(8, 6), false, null);
    assertThatThrownBy(() -> Reencoded.of(Camera.encoded(deepColour, "png")))
        .isInstanceOf(InvalidInput.class);
  }
}
