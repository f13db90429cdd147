package app.unimetric.server.card;

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
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** A job card on paper: its template filled in, then set as PDF; readable in black and white. */
@Component
class CardPaper {
  private static final int BOLD = 700;
  private final Template template =
      Mustache.compiler()
          .nullValue("")
          .withLoader(name -> template(name))
          .compile(template("job-card"));

  String html(JobCard card) {
    // Control characters have no place on paper, nor in XML.
    return template.execute(card).replaceAll("[\\p{Cntrl}&&[^\\n]]", " ");
  }

  byte[] pdf(JobCard card) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      new PdfRendererBuilder()
          .useFastMode()
          .useSVGDrawer(new BatikSVGDrawer())
          .useFont(() -> resource("fonts/DejaVuSans.ttf"), "DejaVu")
          .useFont(
              () -> resource("fonts/DejaVuSans-Bold.ttf"), "DejaVu", BOLD, FontStyle.NORMAL, true)
          .withHtmlContent(html(card), "about:blank")
          .toStream(out)
          .run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static Reader template(String name) {
    return new InputStreamReader(resource("card/" + name + ".mustache"), StandardCharsets.UTF_8);
  }

  private static InputStream resource(String path) {
    try {
      return new ClassPathResource(path).getInputStream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
