package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * A castellated nut of a front hub: pulled to its minimum, found to carry too much at its next
 * slot, another washer put under it, pulled again and turned on to the slot, never back.
 */
@InBrowser
class NextSlotTest {
  private static final int MOST_STEPS = 80;
  private static final String DEGREES = "Next slot, degrees further";
  private static final String TELL = "What it comes to there";
  private final Workshop workshop;
  private final Browser browser;

  NextSlotTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  /** By the main button; a wrench that was taken is laid down first. */
  private static void until(Desk desk, String title) {
    Locator heading = desk.step().locator("h2.title");
    for (int i = 0; i < MOST_STEPS && !heading.innerText().contains(title); i++) {
      if (desk.button("Pull the wrench").count() > 0) {
        desk.button("Simulated wrench").click();
        assertThat(desk.button("Pull the wrench")).hasCount(0);
      }
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
    }
    assertThat(heading).containsText(title);
  }

  @Test
  void isTurnedOnToItsSlotAndNeverBeyondWhatItMayCarry() {
    String job = TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), "Mule 2", "atv-hub-front");
    try (Desk desk = new Desk(workshop, browser, "daylight", 1024, 768).signIn("Asta")) {
      desk.go("/jobs/" + job + "/sheet");
      desk.page.locator("[id^='joint-castle']").first().click();
      assertThat(desk.page.locator("main")).containsText("next slot, at most 303 N·m");
      desk.button("Start at the bench").click();
      tooFar(desk);
      otherWasher(desk);
      until(desk, "New split pin, left");
      theOtherSide(desk);
      TwelveJobsTest.play(desk);
      desk.seesTheRecord();
      desk.link("The record").click();
      Locator record = desk.page.locator("main");
      assertThat(record).containsText("Found not as it should be");
      assertThat(record).containsText("55° on to the next slot");
      assertThat(record).containsText("more than it may carry");
      assertThat(record).containsText("4° on to the next slot");
      assertThat(record).containsText("slot and hole in line");
      assertThat(desk.complaints).isEmpty();
    }
  }

  private static void tooFar(Desk desk) {
    until(desk, "Castle nut, left: to the next slot");
    desk.page.getByLabel(DEGREES).fill("75");
    desk.button(TELL).click();
    assertThat(desk.page.getByRole(AriaRole.ALERT))
        .containsText("The next slot is never as far as that");
    desk.page.getByLabel(DEGREES).fill("far");
    desk.button(TELL).click();
    assertThat(desk.text("“far” is not a plain number").first()).isVisible();
    desk.page.getByLabel(DEGREES).fill("55");
    desk.page.getByLabel("N·m per degree").fill("4");
    desk.button(TELL).click();
    assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("no further, and not back");
    assertThat(desk.step()).containsText("304");
    assertThat(desk.button("It stands at the slot")).hasCount(0);
    assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
    desk.button("Other washer on").click();
  }

  /** The wrench's curve tells how fast it rises; it is said and turned out of reach. */
  private static void otherWasher(Desk desk) {
    assertThat(desk.step().locator(".set")).containsText("84");
    desk.button("Simulated wrench").click();
    desk.button("Pull the wrench").click();
    assertThat(desk.page.getByLabel(DEGREES)).isVisible();
    assertThat(desk.page.getByLabel("N·m per degree")).hasCount(0);
    assertThat(desk.step()).containsText("by the curve of its pull");
    desk.context.setOffline(true);
    desk.page.getByLabel(DEGREES).fill("4");
    desk.button(TELL).click();
    assertThat(desk.step().locator(".set")).containsText(Pattern.compile("about 9\\d"));
    assertThat(
            desk.page.getByRole(
                AriaRole.IMG,
                new com.microsoft.playwright.Page.GetByRoleOptions()
                    .setName(Pattern.compile("the next is 4 degrees"))))
        .isVisible();
    assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
    desk.button("It stands at the slot").click();
    assertThat(desk.step().locator("h2.title")).containsText("New split pin, left");
    desk.context.setOffline(false);
    assertThat(desk.text("Out of reach: go on")).isHidden();
  }

  private static void theOtherSide(Desk desk) {
    until(desk, "Castle nut, right: to the next slot");
    desk.button("In line already").click();
    assertThat(desk.step().locator("h2.title")).containsText("New split pin, right");
  }
}
