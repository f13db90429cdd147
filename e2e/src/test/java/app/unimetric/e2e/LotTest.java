package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;

/**
 * The bottle laid out is named where the product goes on; another one is said at the bench, stands
 * in the record, and the shelf leads from its lot back to the joint.
 */
@InBrowser
class LotTest {
  private static final int MOST_STEPS = 80;
  private final Workshop workshop;
  private final Browser browser;

  LotTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static void untilSomethingLocks(Desk desk) {
    Locator title = desk.step().locator("h2.title");
    for (int i = 0; i < MOST_STEPS && !title.innerText().contains("threadlocker"); i++) {
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
    }
    assertThat(title).containsText("threadlocker");
  }

  @Test
  void anotherBottleSaidAtTheBenchIsFoundAgainByItsLot() {
    String job =
        TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), "Mule 1", "atv-rotor-rear");
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/jobs/" + job + "/sheet");
      desk.button("Start at the bench").click();
      untilSomethingLocks(desk);
      assertThat(desk.step()).containsText("Take Harbour Lock M, lot H2-118.");
      String before = desk.step().innerText();
      desk.text("Another bottle or tub").click();
      assertThat(desk.page.getByLabel("What stands on it")).hasValue("Harbour Lock M");
      desk.page.getByLabel("Lot, as printed").fill("H2-203");
      desk.button("Done with it").click();
      desk.waitWhileStepReads(before);
      desk.go("/shelf");
      desk.page.getByLabel("Where did a lot go?").fill("h2-203");
      desk.button("Look back").click();
      Locator joints = desk.page.getByLabel("Joints with lot h2-203");
      assertThat(joints).containsText("Mule 1");
      assertThat(joints).containsText("under way");
      desk.go("/jobs/" + job + "/bench");
      TwelveJobsTest.play(desk);
      desk.seesTheRecord();
      desk.link("The record").click();
      assertThat(desk.page.locator("main")).containsText("Harbour Lock M, lot H2-203");
      desk.go("/shelf");
      desk.page.getByLabel("Where did a lot go?").fill("H2-203");
      desk.button("Look back").click();
      assertThat(desk.page.getByLabel("Joints with lot H2-203").locator("li")).hasCount(1);
      assertThat(desk.page.getByLabel("Joints with lot H2-203")).not().containsText("under way");
      desk.page.getByLabel("Where did a lot go?").fill("NEVER-1");
      desk.button("Look back").click();
      assertThat(desk.text("Lot NEVER-1 went on no joint")).isVisible();
      assertThat(desk.complaints).isEmpty();
    }
  }
}
