package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A job of the catalogue from search to printed card: only what cannot be known is filled in. */
@InBrowser
class CatalogueJobTest {
  private final Workshop workshop;
  private final Browser browser;

  CatalogueJobTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
    workshop.forgetStatedValues();
  }

  @ParameterizedTest
  @Drawn(take = 1, of = 3)
  @CsvSource({
    "Haul 2, saddle, Saddle clamp, 8-10 Nm, Saddle clamp",
    "Mule 2, skid, Skid plates, 8-10 Nm, Centre plate",
    "Trail 1, lamp, Lamp or luggage bracket, 8-10 Nm, Bracket to frame"
  })
  void isFoundFilledInPlannedAndPrinted(
      String machine, String word, String title, String value, String joint) throws IOException {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.openMachine(machine);
      Locator find = desk.page.getByLabel("Find a job for this machine");
      desk.page.waitForResponse(r -> r.url().endsWith("q=" + word), () -> find.fill(word));
      desk.button(title).first().click();
      assertThat(desk.text("Not ready")).isVisible();
      assertThat(desk.text("No value yet: look it up").first()).isVisible();
      Locator lacking = desk.page.locator("ol.work p.stop:has-text('No value yet')");
      desk.take(joint);
      for (int left = lacking.count(); left > 0; left--) {
        Locator form = desk.inHand().locator("form:has-text('Value as it stands there')");
        form.getByLabel("Value as it stands there").fill("22");
        form.getByLabel("Title and page").fill("Depot test sheet, p. 2");
        form.getByRole(AriaRole.BUTTON).click();
        assertThat(form.getByText("The unit is missing")).isVisible();
        form.getByLabel("Value as it stands there").fill(value);
        form.getByRole(AriaRole.BUTTON).click();
        // The next joint without a value comes into hand by itself.
        assertThat(lacking).hasCount(left - 1);
      }
      assertThat(desk.page.getByLabel("Readiness")).containsText("Check before taking apart");
      desk.link("answer it").first().click();
      Locator fits =
          desk.page.getByRole(
              AriaRole.BUTTON,
              new com.microsoft.playwright.Page.GetByRoleOptions().setName("Fits").setExact(true));
      desk.page.getByLabel("What you measured or saw").first().fill("68.2 mm over all");
      for (int open = fits.count(); open > 0; open--) {
        fits.first().click();
        assertThat(fits).hasCount(open - 1);
      }
      assertThat(desk.page.getByLabel("Readiness")).containsText("Ready");
      assertThat(desk.text("68.2 mm over all")).isVisible();
      desk.page.getByLabel("Which part: name and marking").fill("Demo part D-4");
      desk.page.locator("form:has-text('Which part') button").click();
      assertThat(desk.page.getByLabel("Another part after all")).isVisible();
      assertThat(desk.link("Print the job card")).isVisible();
      String href = desk.link("Print the job card").getAttribute("href");
      try (PDDocument card = Loader.loadPDF(desk.page.request().get(desk.url + href).body())) {
        String text = new PDFTextStripper().getText(card).replaceAll("\\s+", " ");
        assertThat(text)
            .contains(title, machine, joint, "Depot test sheet, p. 2", "Demo part D-4")
            .doesNotContain("Not ready");
        assertThat(card.getNumberOfPages()).isEqualTo(1);
      }
      desk.button("Start at the bench").click();
      assertThat(desk.step()).isVisible();
    }
  }
}
