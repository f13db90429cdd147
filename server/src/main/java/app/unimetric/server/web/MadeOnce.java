package app.unimetric.server.web;

import app.unimetric.server.gate.Secret;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.zip.GZIPOutputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * An answer that never changes while the server runs: written and packed once, and known by its tag
 * (RFC 9110, section 8.8.3), so that whoever has it already gets nothing again.
 */
public final class MadeOnce {
  private final byte[] plain;
  private final byte[] packed;
  private final String tag;

  /**
   * @param json the whole answer
   */
  public MadeOnce(byte[] json) {
    plain = json.clone();
    packed = packed(json);
    tag = Secret.digest(new String(json, StandardCharsets.UTF_8));
  }

  private static byte[] packed(byte[] json) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
      zip.write(json);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** The answer to the request in hand. */
  public ResponseEntity<byte[]> answer() {
    boolean takesPacked = takesPacked();
    ResponseEntity.BodyBuilder answer =
        ResponseEntity.ok()
            .cacheControl(CacheControl.maxAge(Duration.ZERO).mustRevalidate())
            .contentType(MediaType.APPLICATION_JSON)
            .header(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING)
            .eTag('"' + tag + (takesPacked ? "-gzip" : "") + '"');
    return takesPacked
        ? answer.header(HttpHeaders.CONTENT_ENCODING, "gzip").body(packed)
        : answer.body(plain);
  }

  private static boolean takesPacked() {
    String accepts =
        RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes here
            ? here.getRequest().getHeader(HttpHeaders.ACCEPT_ENCODING)
            : null;
    return accepts != null && accepts.contains("gzip") && !accepts.contains("gzip;q=0");
  }
}
