package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** What goes wrong is said plainly, and what was entered is still there. */
@InBrowser
class TroubleTest {
  private final Workshop workshop;
  private final Browser browser;

  TroubleTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @Test
  void wrongPassword() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.page.navigate(desk.url + "/");
      desk.page.getByLabel("Name").fill("Ilse");
      desk.page
          .getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
          .fill("wrong-one");
      desk.button("Sign in").click();
      assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("do not match");
      assertThat(desk.page.getByLabel("Name")).hasValue("Ilse");
    }
  }

  @Test
  void lettersInAMeterReadingSurviveAReload() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      desk.openMachine("Haul 2");
      desk.page.getByLabel("Reading now, km").fill("two thousand");
      desk.button("Write down").click();
      assertThat(desk.text("is not a plain number")).isVisible();
      desk.page.reload();
      assertThat(desk.page.getByLabel("Reading now, km")).hasValue("two thousand");
    }
  }

  @Test
  void aSecondTabWithOldDataIsToldAndShownWhatIsNew() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      desk.openMachine("Mule 2");
      Page second = desk.context.newPage();
      second.navigate(desk.page.url());
      second.getByLabel("Reading now, h").fill("395");
      second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Write down")).click();
      assertThat(second.locator(".meter").first()).containsText("395");

      desk.page.getByLabel("Reading now, h").fill("396");
      desk.button("Write down").click();
      desk.button("Show what is new").click();
      assertThat(desk.page.locator(".meter").first()).containsText("395");
      assertThat(desk.page.getByLabel("Reading now, h")).hasValue("396");
      desk.button("Write down").click();
      assertThat(desk.page.locator(".meter").first()).containsText("396");
    }
  }

  @Test
  void anEntryMadeWhilePostgresIsStoppedIsSentByItselfWhenItIsBack() throws IOException {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.openMachine("Mule 2");
      desk.button("Fit front skid plate").click();
      desk.button("Start at the bench").click();
      assertThat(desk.step()).isVisible();
      String first = desk.step().locator("h2.title").innerText();
      workshop.stopPostgres();
      try {
        desk.page.keyboard().press("Space");
        assertThat(desk.text("Out of reach: go on")).isVisible();
        assertThat(desk.text("1 entry waits")).isVisible();
        assertThat(desk.step().locator("h2.title")).not().hasText(first);
      } finally {
        workshop.startPostgres();
      }
      assertThat(desk.text("Out of reach: go on")).isHidden();
      assertThat(desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM)).hasCount(1);
    }
  }

  @Test
  void theAskLineAnswersWithoutSigningIn() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.page.navigate(desk.url + "/");
      desk.heading("Sign in").waitFor();
      desk.page.locator("body").press("/");
      desk.page.keyboard().type("18 ftlb");
      assertThat(desk.page.getByRole(AriaRole.STATUS).first()).containsText("24.4");
      desk.page
          .getByLabel("Ask: a torque, a joint, a setting, a job, a product, a machine, a page")
          .fill("18 of something");
      assertThat(desk.page.getByRole(AriaRole.STATUS).first()).containsText("use N·m");
    }
  }

  @Test
  void aGuestReadsAndIsOfferedNothingToChange() {
    try (Desk desk = new Desk(workshop, browser).signIn("Visitor")) {
      desk.openMachine("Patrol 1");
      assertThat(desk.button("Fit crash bars (upper)").count()).isZero();
      assertThat(desk.button("Write down").count()).isZero();
    }
  }
}
