package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The simulated wrench at the bench: a pull is seen, its reading drops into its fastener. */
@InBrowser
class WrenchTest {
  private final Workshop workshop;
  private final Browser browser;

  WrenchTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  /** At the first fastener that is tightened, with the wrench in hand. */
  private Desk atTheFirstPull() {
    Desk desk = new Desk(workshop, browser).signIn("Asta");
    String job =
        TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), "Haul 1", "bi-stem-carbon");
    desk.go("/jobs/" + job + "/sheet");
    desk.button("Start at the bench").click();
    assertThat(desk.step()).isVisible();
    while (desk.button("Simulated wrench").count() == 0) {
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
    }
    desk.button("Simulated wrench").click();
    return desk;
  }

  private static Locator newest(Desk desk) {
    return desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM).first();
  }

  private static Locator panel(Desk desk) {
    return desk.page.getByRole(
        AriaRole.REGION,
        new com.microsoft.playwright.Page.GetByRoleOptions().setName("Simulated wrench"));
  }

  @Test
  void aPullIsSeenAndItsReadingStandsWithItsCurve() {
    try (Desk desk = atTheFirstPull()) {
      String before = desk.step().innerText();
      desk.page.keyboard().press("Space");
      assertThat(desk.button("Pulling")).isDisabled();
      assertThat(panel(desk).getByRole(AriaRole.IMG))
          .hasAttribute("aria-label", java.util.regex.Pattern.compile("up to .* degrees"));
      desk.waitWhileStepReads(before);
      assertThat(panel(desk)).containsText("fastener");
      assertThat(newest(desk)).containsText("read");
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      newest(desk).getByText("Curve").click();
      assertThat(newest(desk).getByRole(AriaRole.IMG)).isVisible();
      desk.page.reload();
      assertThat(desk.button("Pull the wrench")).isVisible();
      assertThat(newest(desk)).containsText("Curve");
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void aThreadThatGivesStopsTheStepUntilItIsRenewed() {
    try (Desk desk = atTheFirstPull()) {
      desk.page.getByLabel("To practise").selectOption("STRIPPED");
      desk.page.getByLabel("Pulled").selectOption("60");
      desk.button("Pull the wrench").click();
      assertThat(desk.text("Torque fell while it was turned on").first()).isVisible();
      assertThat(desk.button("Let it stand")).hasCount(0);
      assertThat(desk.button("Clicked at the setting")).hasCount(0);
      desk.button("Renewed: begin again").click();
      while (desk.button("Pull the wrench").count() == 0) {
        String before = desk.step().innerText();
        TwelveJobsTest.goOn(desk);
        desk.waitWhileStepReads(before);
      }
      desk.page.getByLabel("To practise").selectOption("BATTERY");
      int entries = desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM).count();
      desk.button("Pull the wrench").click();
      assertThat(desk.text("battery gave out")).isVisible();
      assertThat(desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM)).hasCount(entries);
      desk.button("Simulated wrench").click();
      assertThat(desk.button("Clicked at the setting")).isVisible();
      assertThat(desk.complaints).isEmpty();
    }
  }
}
