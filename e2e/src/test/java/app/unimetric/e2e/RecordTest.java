package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;

/** A signed record leaves the workshop, is added to, and is known again by its fingerprint. */
@InBrowser
class RecordTest {
  private final Workshop workshop;
  private final Browser browser;

  RecordTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @Test
  void goesOutIsAddedToAndIsFoundByItsFingerprint() throws IOException, NoSuchAlgorithmException {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.go("/log");
      desk.link("Fit crash bars (upper)").first().click();
      assertThat(desk.text("As it was signed")).isVisible();
      Download file = desk.page.waitForDownload(() -> desk.link("JSON").click());
      byte[] bytes = Files.readAllBytes(file.path());
      String fingerprint =
          HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
      String shown = desk.page.getByLabel("On paper and in files").locator(".print").innerText();
      assertThat(shown.replace(" ", "")).isEqualTo(fingerprint);

      desk.page.getByLabel("To add to the record").fill("Mirror bracket turned a little outward.");
      desk.buttonNamed("Add").click();
      assertThat(desk.heading("Added after it was signed")).isVisible();
      assertThat(desk.page.locator(".addendum")).containsText("Mirror bracket");
      assertThat(desk.page.locator(".addendum")).containsText("Bram");

      desk.go("/log");
      desk.page.getByLabel("of the fingerprint").fill(fingerprint.substring(0, 10));
      desk.buttonNamed("Look").click();
      assertThat(
              desk.page
                  .getByRole(AriaRole.STATUS)
                  .filter(new Locator.FilterOptions().setHasText("That is Fit crash bars (upper)")))
          .isVisible();
      desk.page.getByLabel("of the fingerprint").fill("ffffffffff");
      desk.buttonNamed("Look").click();
      assertThat(desk.text("No record here has this fingerprint")).isVisible();
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void whenToLookAgainGoesIntoACalendarUnderAnAddressThatIsRevoked() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.link("In your calendar").click();
      desk.page.getByLabel("Whose calendar").fill("Bram's watch");
      desk.button("Make an address").click();
      String address = desk.page.locator("p.made code").innerText();
      assertThat(desk.page.request().get(address).text())
          .startsWith("BEGIN:VCALENDAR")
          .contains("look again at");
      desk.page.locator("li:has-text(\"Bram's watch\")").getByRole(AriaRole.BUTTON).click();
      assertThat(desk.text("Bram's watch")).hasCount(0);
      assertThat(desk.page.request().get(address).status()).isEqualTo(404);
      assertThat(desk.complaints).isEmpty();
    }
  }
}
