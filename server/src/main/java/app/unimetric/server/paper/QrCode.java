package app.unimetric.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Map;

/** An address as a square to be read by a camera, drawn as SVG. */
public final class QrCode {
  private QrCode() {}

  /** The square of an address. */
  public static String svg(String address) {
    BitMatrix dots;
    try {
      dots =
          new QRCodeWriter()
              .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
    } catch (WriterException e) {
      throw new IllegalStateException(e);
    }
    StringBuilder path = new StringBuilder();
    for (int y = 0; y < dots.getHeight(); y++) {
      for (int x = 0; x < dots.getWidth(); x++) {
        if (dots.get(x, y)) {
          path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
        }
      }
    }
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"76\" height=\"76\" viewBox=\"0 0 "
        + dots.getWidth()
        + " "
        + dots.getHeight()
        + "\"><path fill=\"#000\" d=\""
        + path
        + "\"/></svg>";
  }
}
