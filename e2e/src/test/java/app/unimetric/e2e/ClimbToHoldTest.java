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

/**
 * A carbon clamp of which only a maximum is known: climbed, found to slip at the last torque, taken
 * apart, climbed again until it holds, and looked at again at that torque.
 */
@InBrowser
class ClimbToHoldTest {
  private static final int MOST_STEPS = 80;
  private final Workshop workshop;
  private final Browser browser;

  ClimbToHoldTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static Locator climbed(Desk desk) {
    return desk.page.getByLabel("Climbed to hold").getByRole(AriaRole.LISTITEM);
  }

  private static void untilTested(Desk desk) {
    for (int i = 0; i < MOST_STEPS && desk.button("It slips").count() == 0; i++) {
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
    }
    assertThat(desk.button("It slips")).isVisible();
  }

  private static void slips(Desk desk) {
    untilTested(desk);
    String before = desk.step().innerText();
    desk.page.keyboard().press("s");
    desk.waitWhileStepReads(before);
  }

  @Test
  void theFirstTorqueThatHoldsIsTheLast() {
    String job =
        TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), "Gravel 1", "bi-seatpost-carbon");
    try (Desk desk = new Desk(workshop, browser, "daylight", 1024, 768).signIn("Asta")) {
      desk.go("/jobs/" + job + "/sheet");
      desk.page.locator("[id='joint-collar']").click();
      assertThat(desk.page.getByLabel("Target"))
          .containsText("climbed until it holds, at most 4.5");
      desk.button("Start at the bench").click();
      slipsToTheEnd(desk);
      takenApart(desk);
      holds(desk);
      TwelveJobsTest.play(desk);
      desk.seesTheRecord();
      record(desk);
      lookedAtAgain(desk);
      assertThat(desk.complaints).isEmpty();
    }
  }

  private static void slipsToTheEnd(Desk desk) {
    for (String next : new String[] {"3.5", "4", "4.5"}) {
      slips(desk);
      assertThat(climbed(desk).filter(new Locator.FilterOptions().setHasText("now")))
          .containsText(next);
    }
    untilTested(desk);
    assertThat(desk.step()).containsText("If it still slips, stop");
    assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
    desk.button("It slips").click();
    assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("no tighter");
    assertThat(desk.button("It holds")).hasCount(0);
    assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
  }

  /** Out of reach the same holds: the core on the tablet lays the climb out again. */
  private static void takenApart(Desk desk) {
    desk.context.setOffline(true);
    desk.page.getByLabel("Why it slips, and what was done").fill("no paste on the post; put on");
    desk.button("Taken apart: begin again").click();
    assertThat(desk.step()).containsText("Paste on the clamped surface");
    slips(desk);
    assertThat(climbed(desk).first()).containsText("slipped");
    desk.context.setOffline(false);
    assertThat(desk.text("Out of reach: go on")).isHidden();
  }

  private static void holds(Desk desk) {
    untilTested(desk);
    assertThat(climbed(desk).filter(new Locator.FilterOptions().setHasText("now")))
        .containsText("3.5");
    desk.button("It holds").click();
    assertThat(desk.button("It slips")).hasCount(0);
    assertThat(desk.step()).not().containsText("Seat collar");
  }

  private static void record(Desk desk) {
    desk.link("The record").click();
    Locator main = desk.page.locator("main");
    assertThat(main).containsText("climbed to 3.5");
    assertThat(main).containsText("Found not as it should be");
    assertThat(main).containsText("no paste on the post; put on");
  }

  private static void lookedAtAgain(Desk desk) {
    desk.openMachine("Gravel 1");
    desk.page
        .locator("#rechecks + ul")
        .locator("li:has-text('Seats settle'):has-text('Seat collar')")
        .first()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Look again at the bench"))
        .click();
    desk.button("Start at the bench").click();
    assertThat(desk.step()).containsText("Look again");
    for (int i = 0; i < 5 && desk.step().getByText("Seat collar").count() == 0; i++) {
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
    }
    assertThat(desk.step().locator(".set")).containsText("3.5");
    TwelveJobsTest.play(desk);
    desk.seesTheRecord();
  }
}
