package app.unimetric.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

@InBrowser
class FirstPageWeightTest {
  private static final long MOST_BYTES = 250_000;

  @Test
  void compressedScriptAndStyleOfTheFirstPage(Workshop workshop, Browser browser) {
    AtomicLong bytes = new AtomicLong();
    try (Desk desk = new Desk(workshop, browser)) {
      desk.page.onRequestFinished(
          r -> {
            if (r.url().endsWith(".js") || r.url().endsWith(".css")) {
              bytes.addAndGet(r.sizes().responseBodySize);
            }
          });
      desk.page.navigate(desk.url + "/");
      desk.heading("Sign in").waitFor();
      desk.page.waitForLoadState();
    }
    System.out.println("First page, compressed script and style: " + bytes + " bytes");
    assertThat(bytes.get()).isPositive().isLessThan(MOST_BYTES);
  }
}
