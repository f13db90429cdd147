package app.unimetric.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** Templates filled in, then set as PDF. */
@Component
public class Paper {
  private static final int BOLD = 700;
  private final Map<String, Template> templates = new ConcurrentHashMap<>();

  /**
   * A template filled in, PDF.
   *
   * @param template its name
   * @param filled what goes into it
   */
  public byte[] pdf(String template, Object filled) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      new PdfRendererBuilder()
          .useFastMode()
          .useSVGDrawer(new BatikSVGDrawer())
          .useFont(() -> resource("fonts/DejaVuSans.ttf"), "DejaVu")
          .useFont(
              () -> resource("fonts/DejaVuSans-Bold.ttf"), "DejaVu", BOLD, FontStyle.NORMAL, true)
          .withHtmlContent(html(template, filled), "about:blank")
          .toStream(out)
          .run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private String html(String template, Object filled) {
    // Control characters have no place on paper, nor in XML.
    return templates
        .computeIfAbsent(template, Paper::compiled)
        .execute(filled)
        .replaceAll("[\\p{Cntrl}&&[^\\n]]", " ");
  }

  private static Template compiled(String name) {
    return Mustache.compiler().nullValue("").withLoader(Paper::template).compile(template(name));
  }

  private static Reader template(String name) {
    return new InputStreamReader(resource("paper/" + name + ".mustache"), StandardCharsets.UTF_8);
  }

  private static InputStream resource(String path) {
    try {
      return new ClassPathResource(path).getInputStream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
