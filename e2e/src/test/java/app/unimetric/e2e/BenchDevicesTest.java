package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import app.unimetric.server.photograph.Camera;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.function.BooleanSupplier;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Photographs, the dial gauge, and somebody else at the same tablet. */
@InBrowser
class BenchDevicesTest {
  private static final int MOST_STEPS = 60;
  private final Workshop workshop;
  private final Browser browser;

  BenchDevicesTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private String started(Desk desk, String machine, String pack) {
    String job = TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), machine, pack);
    desk.go("/jobs/" + job + "/sheet");
    desk.button("Start at the bench").click();
    assertThat(desk.step()).isVisible();
    return job;
  }

  private static void until(Desk desk, BooleanSupplier here) {
    for (int i = 0; i < MOST_STEPS && !here.getAsBoolean(); i++) {
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
    }
    assertThat(here.getAsBoolean()).as("the step was reached").isTrue();
  }

  private static Locator photographs(Desk desk) {
    return desk.page.getByLabel("Photographs of this step");
  }

  private static void take(Desk desk, int width) {
    desk.page
        .getByLabel("A photograph of this step")
        .setInputFiles(new FilePayload("DCIM.jpg", "image/jpeg", Camera.jpeg(width, 1200)));
  }

  private static Locator larger(Locator within) {
    return within.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Larger:")));
  }

  @Test
  void aPhotographOfHowItWasLiesBesideTheStepThatPutsItBack() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      started(desk, "Haul 1", "bi-stem-carbon");
      until(desk, () -> desk.step().locator("p.group").innerText().contains("Break loose"));
      take(desk, 900);
      assertThat(larger(photographs(desk))).hasCount(1);
      desk.text("Say what the next one shows").click();
      desk.page.getByLabel("What it shows, where").fill("Hose under the lever");
      take(desk, 4000);
      assertThat(larger(photographs(desk))).hasCount(2);
      assertThat(photographs(desk)).containsText("Hose under the lever");
      larger(photographs(desk)).last().click();
      Locator whole = desk.page.locator("dialog[open]");
      assertThat(whole.getByRole(AriaRole.IMG)).isVisible();
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      whole.getByRole(AriaRole.BUTTON).click();
      assertThat(whole).isHidden();
      // The bar goes on with the step, unless something else is in focus.
      desk.step().locator("h2.title").click();

      until(desk, () -> desk.heading("As it was").count() > 0);
      assertThat(photographs(desk)).containsText("Hose under the lever");
      desk.context.setOffline(true);
      take(desk, 800);
      assertThat(photographs(desk)).containsText("waits on this device");
      desk.context.setOffline(false);
      assertThat(desk.text("waits on this device").first())
          .isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(20_000));

      TwelveJobsTest.play(desk);
      desk.seesTheRecord();
      desk.link("The record").click();
      assertThat(desk.heading("Photographs")).isVisible();
      assertThat(desk.heading("As found")).isVisible();
      assertThat(desk.heading("On the way")).isVisible();
      assertThat(larger(desk.page.locator("main"))).hasCount(3);
      assertThat(desk.text("came after the signature")).hasCount(0);
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void whatIsNoPhotographIsSaidPlainly() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      started(desk, "Haul 1", "bi-stem-carbon");
      desk.page
          .getByLabel("A photograph of this step")
          .setInputFiles(
              new FilePayload(
                  "note.jpg", "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8)));
      assertThat(desk.text("cannot read that file as a photograph")).isVisible();
      assertThat(larger(photographs(desk))).hasCount(0);
    }
  }

  @Test
  void somebodyElseTakesOverAtTheSameTabletByPin() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      started(desk, "Haul 1", "bi-stem-carbon");
      Locator newest = desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM).first();
      desk.button("Somebody else takes over").click();
      desk.page.getByLabel("Who takes over").selectOption("Bram");
      desk.pin().fill("0000");
      desk.buttonNamed("Take over").click();
      assertThat(desk.text("Name and PIN do not match.")).isVisible();
      desk.pin().fill("1357");
      desk.buttonNamed("Take over").click();
      assertThat(desk.text("makes the entries at Asta’s device")).isVisible();
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
      assertThat(newest).containsText("Bram");
      desk.page.reload();
      assertThat(desk.text("makes the entries at Asta’s device")).isVisible();
      assertThat(newest).containsText("Bram");
      desk.button("Back to Asta").click();
      assertThat(desk.text("Asta makes the entries.")).isVisible();
      before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
      assertThat(newest).containsText("Asta");
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void theDialGaugeReadsOneTurnAndAGaugeThatMovedReadsNothing() {
    try (Desk desk = new Desk(workshop, browser, "daylight", 1024, 768).signIn("Asta")) {
      started(desk, "Mule 1", "atv-rotor-rear");
      Locator turn = desk.button("Turn it once round");
      until(desk, () -> turn.count() > 0);
      desk.page.getByLabel("To practise").selectOption("foot that moves");
      turn.click();
      assertThat(desk.text("Nothing was taken over")).isVisible();
      Locator field = desk.page.getByLabel(Pattern.compile("^What you found"));
      assertThat(field).hasValue("");
      desk.page.getByLabel("To practise").selectOption("nothing wrong");
      turn.click();
      assertThat(desk.text("mm over one turn")).isVisible();
      assertThat(field).hasValue(Pattern.compile("0\\.\\d\\d"));
      String read = field.inputValue();
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      desk.button("Write down").click();
      assertThat(desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM).first())
          .containsText(read);
      assertThat(desk.complaints).isEmpty();
    }
  }
}
