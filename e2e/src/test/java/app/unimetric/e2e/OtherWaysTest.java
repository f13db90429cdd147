package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;

/**
 * What does not go by the book: another tool, a job not done, a joint that moved, a meter read
 * wrong.
 */
@InBrowser
class OtherWaysTest {
  private static final String ASK =
      "Ask: a torque, a joint, a setting, a job, a product, a machine, a page";
  private final Workshop workshop;
  private final Browser browser;

  OtherWaysTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @Test
  void theAskLineOpensJobsAndShowsALineThatWorks() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      Locator line = desk.page.getByLabel(ASK);
      line.fill("front pads patrol 2");
      desk.button("open it on Patrol 2").click();
      assertThat(desk.heading("Patrol 2")).isVisible();
      assertThat(desk.button("Front brake pads").first()).isVisible();
      line.fill("M8 8.8 with honey");
      desk.button("M8 8.8 works").click();
      assertThat(desk.text("M8 8.8: at most").first()).isVisible();
      line.fill("120 in lbs to Nm");
      assertThat(desk.text("= 13.6 N·m").first()).isVisible();
      desk.go("/");
      assertThat(desk.heading("On the lifts")).isVisible();
      line.fill("due");
      desk.button("Mule 1:").first().click();
      assertThat(desk.heading("Re-checks")).isFocused();
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void anotherToolIsChosenOnTheSheetAndTakenUpAtTheBench() {
    Visitor lead = Visitor.signedIn(workshop, "Asta");
    String job = TwelveJobsTest.open(lead, "Haul 2", "bi-crank-pinch");
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/jobs/" + job + "/sheet");
      desk.take("Pinch bolts");
      desk.text("The other tools of the crib").last().click();
      Locator use = desk.button("for Pinch bolts");
      use.first().click();
      assertThat(desk.text("was chosen by hand").first()).isVisible();
      desk.button("Start at the bench").click();
      Locator other = desk.text("Another tool, or this one failed");
      for (int i = 0; i < 60 && other.count() == 0; i++) {
        String before = desk.step().innerText();
        TwelveJobsTest.goOn(desk);
        desk.waitWhileStepReads(before);
      }
      other.click();
      assertThat(desk.page.locator("summary:focus")).hasCount(0);
      desk.page.getByRole(com.microsoft.playwright.options.AriaRole.RADIO).first().check();
      desk.page.getByLabel("Why").fill("it no longer clicks");
      desk.button("Go on with it").click();
      assertThat(desk.step()).containsText("taken up instead");
      assertThat(desk.page.getByLabel("Entries")).containsText("it no longer clicks");
    }
  }

  @Test
  void aJobThatIsNotDoneStandsInTheLogWithItsReason() {
    Visitor lead = Visitor.signedIn(workshop, "Asta");
    String job = TwelveJobsTest.open(lead, "Haul 2", "bi-axle-rack");
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/jobs/" + job + "/sheet");
      desk.text("Cancel this job").click();
      desk.page.getByLabel("Why it is not done").fill("the rack is of another axle");
      desk.button("Cancel the job").click();
      assertThat(desk.page.getByLabel("Readiness")).containsText("Cancelled");
      assertThat(desk.button("Start at the bench").count()).isZero();
      desk.go("/log");
      assertThat(desk.text("the rack is of another axle")).isVisible();
    }
    assertThat(lead.post("/api/jobs/" + job + "/run", java.util.Map.of("version", 9)).status())
        .isEqualTo(409);
  }

  @Test
  void whatMovedIsTakenApartAndAMeterReadWrongIsAskedAbout() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.openMachine("Haul 1");
      desk.button("Settle").first().click();
      assertThat(desk.text("Target").first()).isVisible();
      desk.page.getByLabel("What was found").fill("a quarter turn");
      desk.text("It moved").first().click();
      Locator which = desk.page.getByLabel("Which joint");
      if (which.count() > 0) {
        which.selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
      }
      desk.page
          .getByLabel("Why", new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true))
          .selectOption("CONTAMINATED");
      desk.page.getByLabel("How far, degrees").fill("90");
      desk.page.getByLabel("Thickness clamped, mm").fill("12");
      desk.buttonNamed("It moved").click();
      assertThat(desk.link("Taken apart and done again in job").first()).isVisible();
      assertThat(desk.text("kN").first()).isVisible();
      desk.page.getByLabel("Reading now").fill("999999");
      desk.button("Write down").click();
      assertThat(desk.text("Check the digits").first()).isVisible();
      desk.page.getByLabel("Reading now").fill("2250");
      desk.button("Write down").click();
      assertThat(desk.text("2 250 km").first()).isVisible();
    }
  }
}
