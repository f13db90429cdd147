package app.unimetric.server.photograph;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.zip.CRC32;

/**
 * A JPEG or PNG of which only the picture is left: what a decoder might unpack beside it, such as
 * texts, colour profiles and pictures within, is dropped before any decoder sees it. Reads the
 * structure alone (ITU-T T.81, annex B; PNG, ISO/IEC 15948, clause 5) and takes no more memory than
 * the file itself.
 */
final class PlainPicture {
  /** A decoder goes over the whole picture once for each. */
  static final int MOST_SCANS = 64;

  private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'};
  private static final Set<String> OF_THE_PICTURE = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");
  private static final int CHUNK_FRAME = 12;
  private static final int LONGEST_ROW_HEAD = 13;

  private static final int START = 0xD8;
  private static final int END = 0xD9;
  private static final int SCAN = 0xDA;
  private static final int TABLES_FROM = 0xC0;
  private static final int HUFFMAN = 0xC4;
  private static final int ARITHMETIC = 0xCC;
  private static final int FRAME_TO = 0xCF;
  private static final int QUANTISATION = 0xDB;
  private static final int RESTART_INTERVAL = 0xDD;
  private static final int APP_0 = 0xE0;
  private static final int APP_1 = 0xE1;
  private static final int APP_14 = 0xEE;
  private static final byte[] EXIF = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
  private static final byte[] JFIF = "JFIF\0".getBytes(StandardCharsets.US_ASCII);
  private static final byte[] PLAIN_JFIF = {
    (byte) 0xFF, (byte) APP_0, 0, 16, 'J', 'F', 'I', 'F', 0, 1, 2, 0, 0, 1, 0, 1, 0, 0
  };

  private PlainPicture() {}

  /**
   * The same picture without what stands beside it. How it was held is kept.
   *
   * @throws IllegalArgumentException where it is no JPEG or PNG, breaks off, or is not built as one
   */
  static byte[] of(byte[] sent) {
    if (startsWith(sent, 0, PNG)) {
      return png(ByteBuffer.wrap(sent));
    }
    return new Jpeg(ByteBuffer.wrap(sent)).plain();
  }

  private static boolean startsWith(byte[] bytes, int from, byte[] with) {
    if (bytes.length - from < with.length) {
      return false;
    }
    for (int i = 0; i < with.length; i++) {
      if (bytes[from + i] != with[i]) {
        return false;
      }
    }
    return true;
  }

  private static byte[] png(ByteBuffer in) {
    ByteArrayOutputStream out = new ByteArrayOutputStream(in.remaining());
    in.position(PNG.length);
    out.writeBytes(PNG);
    while (true) {
      must(in.remaining() >= CHUNK_FRAME);
      int from = in.position();
      int length = in.getInt(from);
      must(length >= 0 && length <= in.remaining() - CHUNK_FRAME);
      String type = new String(in.array(), from + 4, 4, StandardCharsets.US_ASCII);
      must(from > PNG.length || type.equals("IHDR") && length == LONGEST_ROW_HEAD);
      if (OF_THE_PICTURE.contains(type)) {
        CRC32 sum = new CRC32();
        sum.update(in.array(), from + 4, 4 + length);
        must((int) sum.getValue() == in.getInt(from + 8 + length));
        out.write(in.array(), from, length + CHUNK_FRAME);
      }
      in.position(from + length + CHUNK_FRAME);
      if (type.equals("IEND")) {
        return out.toByteArray();
      }
    }
  }

  private static void must(boolean holds) {
    if (!holds) {
      throw new IllegalArgumentException("not built as a picture is");
    }
  }

  /** A JPEG on its way from marker to marker. */
  private static final class Jpeg {
    private final ByteBuffer in;
    private final ByteArrayOutputStream out;
    private int frames;
    private int scans;
    private boolean exif;

    Jpeg(ByteBuffer in) {
      this.in = in;
      this.out = new ByteArrayOutputStream(in.remaining());
    }

    byte[] plain() {
      must(marker() == START);
      mark(START);
      while (true) {
        int marker = marker();
        if (marker == END) {
          must(frames == 1 && scans > 0);
          mark(END);
          return out.toByteArray();
        }
        segment(marker);
      }
    }

    private void segment(int marker) {
      must(in.remaining() >= 2);
      int from = in.position();
      int length = in.getShort(from) & 0xFFFF;
      must(length >= 2 && length <= in.remaining());
      if (isOfThePicture(marker, from + 2)) {
        mark(marker);
        out.write(in.array(), from, length);
      } else if (marker == APP_0 && startsWith(in.array(), from + 2, JFIF)) {
        out.writeBytes(PLAIN_JFIF);
      }
      in.position(from + length);
      if (marker == SCAN) {
        scans++;
        must(scans <= MOST_SCANS);
        scan();
      }
    }

    private boolean isOfThePicture(int marker, int from) {
      if (marker == APP_1 && !exif && startsWith(in.array(), from, EXIF)) {
        exif = true;
        return true;
      }
      if (marker >= TABLES_FROM && marker <= FRAME_TO) {
        must(marker != ARITHMETIC);
        frames += marker == HUFFMAN ? 0 : 1;
        return true;
      }
      return marker == SCAN
          || marker == QUANTISATION
          || marker == RESTART_INTERVAL
          || marker == APP_14;
    }

    /** What was coded goes on to the next marker that is no stuffing and no restart. */
    private void scan() {
      int from = in.position();
      byte[] bytes = in.array();
      for (int i = from; i + 1 < bytes.length; i++) {
        int next = bytes[i + 1] & 0xFF;
        if ((bytes[i] & 0xFF) == 0xFF
            && next != 0
            && next != 0xFF
            && (next < 0xD0 || next > 0xD7)) {
          out.write(bytes, from, i - from);
          in.position(i);
          return;
        }
      }
      must(false);
    }

    private int marker() {
      must(in.remaining() >= 2 && (in.get() & 0xFF) == 0xFF);
      int marker = in.get() & 0xFF;
      while (marker == 0xFF && in.hasRemaining()) {
        marker = in.get() & 0xFF;
      }
      return marker;
    }

    private void mark(int marker) {
      out.write(0xFF);
      out.write(marker);
    }
  }
}
