package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;

/** What was fitted comes off again; the originals are fetched from where they lie. */
@InBrowser
class WayBackTest {
  private static final String WEIGHTS = "2 × original bar end weight";
  private final Workshop workshop;
  private final Browser browser;

  WayBackTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @Test
  void isPreparedFromWhatWasDoneAndEndsTheKeeping() {
    Visitor lead = Visitor.signedIn(workshop, "Asta");
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      play(desk, TwelveJobsTest.open(lead, "Patrol 2", "mc-handguards"));
      desk.openMachine("Patrol 2");
      Locator parts = desk.page.locator("section:has(> h2#parts)");
      assertThat(parts).containsText(WEIGHTS);
      desk.button("Put " + WEIGHTS + " back on").click();
      assertThat(desk.heading("Back to original: Handguards")).isVisible();
      Locator work = desk.page.locator("ol.work");
      assertThat(work).containsText("Originals at hand");
      assertThat(work).containsText("Inner clamp: undo, left");
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      String back = desk.page.url().replaceAll(".*/jobs/([^/]+)/.*", "$1");
      assertThat(desk.joints().allInnerTexts()).noneMatch(t -> t.contains("Inner clamp"));

      play(desk, TwelveJobsTest.makeReady(lead, back));
      desk.openMachine("Patrol 2");
      assertThat(parts.locator("li:has-text('" + WEIGHTS + "')").first()).isVisible();
      assertThat(parts).containsText("for " + WEIGHTS);
      assertThat(parts).containsText("back on the machine, job");
      assertThat(desk.complaints).isEmpty();
    }
  }

  private static void play(Desk desk, String job) {
    desk.go("/jobs/" + job + "/sheet");
    desk.button("Start at the bench").click();
    TwelveJobsTest.play(desk);
    desk.seesTheRecord();
  }
}
