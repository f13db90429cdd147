package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The first job end to end: from the machine's page to the re-check that falls due. */
@InBrowser
class CrashBarsTest {
  private final Workshop workshop;
  private final Browser browser;

  CrashBarsTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @Test
  void aMechanicFitsCrashBarsFromTheMachineToTheReCheck() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.openMachine("Patrol 1");
      desk.button("Fit crash bars (upper)").click();
      assertThat(desk.text("Not ready")).isVisible();
      desk.take("Stay at the tank side");
      assertThat(desk.text("Wrong unit?").first()).isVisible();
      assertThat(desk.text("A lead decides which value holds, with a reason.").first()).isVisible();
      String sheet = desk.page.url();
      desk.signOut();

      desk.signIn("Asta");
      desk.page.navigate(sheet);
      decide(desk, "Bar foot to engine hanger", "55 N·m (vehicle maker's manual)");
      decide(desk, "Stay at the tank side", "88 read as in·lbf");
      assertThat(desk.page.getByLabel("Readiness")).containsText("Ready");
      desk.button("Start at the bench").click();
      tighten(desk);

      desk.seesTheRecord();
      desk.link("The record").click();
      assertThat(desk.heading("Every entry")).isVisible();
      assertThat(desk.page.locator("li.found:has-text('full thread in the hanger boss')"))
          .containsText("15 with the longer bolt");
      assertThat(desk.text("Signed by Asta")).isVisible();
      assertThat(desk.text("corrected by a later entry").first()).isVisible();
      assertThat(desk.text("let stand: Tool read again").first()).isVisible();

      desk.openMachine("Patrol 1");
      Locator rechecks = desk.page.locator("#rechecks + ul li");
      assertThat(rechecks.first()).containsText("Waiting");
      assertThat(desk.page.locator("#rechecks + ul")).containsText("at 18 520 km or on");
      write(desk, "18600");
      desk.go("/");
      assertThat(
              desk.page
                  .getByRole(AriaRole.ROW)
                  .filter(new Locator.FilterOptions().setHasText("Patrol 1"))
                  .first())
          .containsText(Pattern.compile("Due|Overdue"));
      assertThat(desk.complaints).isEmpty();
    }
  }

  private static void decide(Desk desk, String joint, String value) {
    Locator item = desk.take(joint);
    item.getByText(value).click();
    item.getByLabel("Why", new Locator.GetByLabelOptions().setExact(true))
        .fill("Agreed with the maker.");
    item.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("This value holds"))
        .click();
    assertThat(item).containsText("Decided by Asta");
  }

  private static void write(Desk desk, String figure) {
    desk.page.getByLabel("Reading now, km").fill(figure);
    desk.button("Write down").click();
    assertThat(desk.page.locator(".meter").first()).containsText("18 600");
  }

  /**
   * Every step by its usual key, with one reading outside, one correction, one move and a reload.
   */
  private static void tighten(Desk desk) {
    assertThat(desk.step()).containsText("Photograph what must come back");
    desk.page.keyboard().press("Space");
    assertThat(desk.step()).containsText("bar end to tank at full lock");
    find(desk, "close");
    assertThat(desk.text("Type the figure in mm first").first()).isVisible();
    find(desk, "42,5 both sides");
    assertThat(desk.step()).containsText("Stand it upright and hold it");
    desk.page.reload();
    assertThat(desk.step()).containsText("Stand it upright and hold it");

    until(desk, "Full thread in the hanger boss");
    assertThat(desk.step()).containsText("at least 12 mm; kit sheet");
    find(desk, "10");
    assertThat(desk.text("“10” is below the limit")).isVisible();
    assertThat(desk.page.getByLabel("What you found")).hasValue("");
    desk.page.getByLabel("What you found").fill("15 with the longer bolt");
    desk.button("Put right, looked again").click();
    assertThat(desk.step()).containsText("hanger bolts straight");
    until(desk, "Final torque");
    assertThat(desk.step()).containsText("22");
    type(desk, "24.2");
    assertThat(desk.text("above the band").first()).isVisible();
    assertThat(desk.text("Turning again does not make an over-tightened fastener right"))
        .isVisible();
    assertThat(desk.button("Let it stand")).hasCount(0);
    desk.button("Slackened fully, looked at: begin again").click();
    assertThat(desk.step()).containsText("about 30 %");
    until(desk, "Final torque");

    type(desk, "9");
    desk.page.getByLabel("Why it may stand").fill("Tool read again");
    desk.button("Let it stand").click();
    assertThat(desk.text("Turn it again")).isHidden();

    desk.button("Correct").first().click();
    assertThat(desk.text("Both entries stay in the log.")).isVisible();
    desk.button("Correct").nth(2).click();
    desk.button("Strike it and do it again").click();
    assertThat(desk.text("corrected by a later entry").first()).isVisible();

    until(desk, "Once round at full torque");
    desk.page.keyboard().press("m");
    until(desk, "round 2");
    until(desk, "As left");
    assertThat(desk.step()).containsText("It was “42,5 both sides”");
    find(desk, "50");
    assertThat(desk.text("above what was found").first()).isVisible();
    find(desk, "43");
    assertThat(desk.step()).not().containsText("It was");
    until(desk, "Lock to lock");
    desk.page.getByLabel("What you saw or felt").fill("left bar touches the hose");
    desk.button("Not as it should be").click();
    assertThat(desk.page.locator(".pending")).containsText("“left bar touches the hose”");
    desk.page.getByLabel("What you saw or felt").fill("hose re-routed");
    desk.button("Put right, looked again").click();
    until(desk, "Second look by another person");
    assertThat(desk.text("Hold point")).isVisible();
    desk.lookAtEveryJointAs("Bram", "1357");
    assertThat(desk.heading("Found not as it should be")).isVisible();
    assertThat(desk.heading("Slackened or renewed, begun again")).isVisible();
    desk.button("Sign off as Asta").click();
  }

  private static void find(Desk desk, String found) {
    desk.page.getByLabel("What you found").fill(found);
    Locator judged = desk.buttonNamed("As it should be");
    (judged.count() > 0 ? judged : desk.button("Write down")).click();
  }

  private static void type(Desk desk, String figure) {
    desk.button("Type a reading").click();
    desk.page.getByLabel("Reading as the tool shows it").fill(figure);
    desk.button("Enter").click();
  }

  private static void until(Desk desk, String words) {
    for (int i = 0; i < 80; i++) {
      String before = desk.step().innerText();
      if (before.contains(words)) {
        return;
      }
      Locator open = desk.page.getByLabel("What you found");
      Locator judged = desk.buttonNamed("As it should be");
      if (open.count() > 0) {
        find(desk, "42 as it should be");
      } else if (judged.count() > 0) {
        judged.click();
      } else {
        desk.page.keyboard().press("Space");
      }
      desk.waitWhileStepReads(before);
    }
    assertThat(desk.step().innerText()).contains(words);
  }
}
