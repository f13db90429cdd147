package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** A job's pack is saved, edited in a text editor and brought back; a broken one is refused. */
@InBrowser
class PackRoundTripTest {
  private final Workshop workshop;
  private final Browser browser;

  PackRoundTripTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static void bring(Desk desk, String document) {
    desk.page
        .getByLabel("Bring a pack back")
        .setInputFiles(
            new FilePayload(
                "job-pack.json", "application/json", document.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void savedEditedBroughtBackAndRefusedWhenBroken() throws IOException {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.openMachine("Haul 2");
      desk.findJob("pedal");
      desk.button("Pedals").click();
      Download saved = desk.page.waitForDownload(() -> desk.link("Save as a pack").click());
      String document = new String(saved.createReadStream().readAllBytes(), StandardCharsets.UTF_8);

      desk.openMachine("Haul 2");
      bring(
          desk,
          document.replace("9/16 in × 20", "M14.288x9").replace("\"count\":1", "\"count\":0"));
      assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("Refused whole");
      assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("joints[0].thread.pitchMm");
      assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("joints[1].count");
      bring(desk, document.substring(0, document.length() / 2));
      assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("not JSON");

      bring(desk, document.replace("Pedals in the arms.", "Both, the depot way."));
      assertThat(desk.text("version 1, 4 joints")).isVisible();
      assertThat(desk.page.getByRole(AriaRole.ALERT)).hasCount(0);
      assertThat(desk.text("Both, the depot way.").first()).isVisible();
      assertThat(desk.text("yours alone until a lead has looked at it")).isVisible();
    }
    aLeadLooksAtWhatDiffersAndOffersItToAll();
  }

  private void aLeadLooksAtWhatDiffersAndOffersItToAll() {
    try (Desk lead = new Desk(workshop, browser).signIn("Asta")) {
      lead.openMachine("Haul 2");
      lead.findJob("pedal");
      assertThat(lead.text("Brought by Bram, version 1, not offered to the others yet"))
          .isVisible();
      lead.text("1 thing differs from the catalogue’s").click();
      assertThat(lead.text("in a sentence: Pedals in the arms. is now Both, the depot way."))
          .isVisible();
      lead.button("I looked at it: offer it to all").click();
      assertThat(lead.text("Brought by Bram, version 1, confirmed by Asta")).isVisible();
    }
  }
}
