package app.unimetric.e2e;

import app.unimetric.server.InWorkshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands a test the one headless Chromium of this JVM beside the running workshop. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@InWorkshop
@ExtendWith(InBrowser.Start.class)
@interface InBrowser {

  /** Starts once, ends with the last test. */
  final class Start implements ParameterResolver {
    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
      return parameter.getParameter().getType() == Browser.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
      return context
          .getRoot()
          .getStore(ExtensionContext.Namespace.create(Browser.class))
          .getOrComputeIfAbsent("browser", key -> new Running(), Running.class)
          .browser;
    }
  }

  /** Closed by JUnit after the last test. */
  final class Running implements ExtensionContext.Store.CloseableResource, AutoCloseable {
    /** As long as an action may wait: a machine at work on other things is slow at times. */
    private static final double PATIENCE_MS = 15_000;

    private final Playwright playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    final Browser browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(
                        List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync",
                            "--no-first-run")));

    Running() {
      PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    @Override
    public void close() {
      browser.close();
      playwright.close();
    }
  }
}
