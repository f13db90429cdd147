package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The fit desk: measured, drawn, judged, and kept where it blocks a job or frees it. */
@InBrowser
class FitDeskTest {
  private static final String GAP = "gap of the steerer under preload";
  private static final String WIDTH = "spindle length against bearing width";
  private final Workshop workshop;
  private final Browser browser;

  FitDeskTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static void open(Desk desk, String machine, String words, String title) {
    desk.openMachine(machine);
    desk.findJob(words);
    desk.button(title).first().click();
    desk.heading("The work, in its order").waitFor();
  }

  private static Locator readiness(Desk desk) {
    return desk.page.getByLabel("Readiness");
  }

  /** From the line of the readiness that a question stands in. */
  private static void workOut(Desk desk, String question) {
    readiness(desk)
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(question))
        .getByRole(AriaRole.LINK)
        .last()
        .click();
    verdict(desk).first().waitFor();
  }

  private static Locator verdict(Desk desk) {
    return desk.page.getByLabel("What it comes to").getByRole(AriaRole.STATUS).first();
  }

  private static Locator field(Desk desk, String label) {
    return desk.page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private static void type(Desk desk, String label, String text) {
    field(desk, label).fill(text);
  }

  private static void answer(Desk desk) {
    desk.button("Answer the job with this").click();
    desk.link("Back to the sheet").click();
    desk.heading("The work, in its order").waitFor();
  }

  @Test
  void aStackIsMendedWithSpacersFromTheBoxAndFreesItsJob() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      open(desk, "Haul 1", "stem metal", "Stem and bar, metal");
      assertThat(readiness(desk)).containsText("Check before taking apart: " + GAP);
      workOut(desk, GAP);
      type(desk, "Steerer above the cover", "61");
      type(desk, "Spacers in the box", "2.5 5 10");
      assertThat(verdict(desk)).containsText("Does not fit");
      assertThat(verdict(desk)).containsText("The steerer stands 6.2 mm out of the stack");
      assertThat(verdict(desk)).containsText("It would fit with 10 mm below and 10 + 5 mm above");
      assertThat(desk.page.locator("svg text.failing")).hasText("gap −6.2 mm");
      answer(desk);
      assertThat(readiness(desk)).containsText("Does not fit: " + GAP);
      assertThat(readiness(desk)).containsText("stands 6.2 mm out of the stack");
      workOut(desk, GAP);
      assertThat(field(desk, "Steerer above the cover")).hasValue("61");
      type(desk, "Spacers below", "10");
      type(desk, "Spacers above", "10 5");
      assertThat(verdict(desk)).containsText("Fits");
      assertThat(desk.page.locator("svg text.failing")).hasCount(0);
      answer(desk);
      assertThat(readiness(desk)).not().containsText(GAP);
      assertThat(desk.page.locator("li:has-text('" + GAP + "')").last())
          .containsText("fits: The steerer ends");
      desk.openMachine("Haul 1");
      Locator measured = desk.page.locator("h2#fits + ul > li");
      assertThat(measured.first()).containsText("as found");
      assertThat(measured.first()).containsText("below the top of the stack");
      assertThat(measured.nth(1)).containsText("out of the stack");
    }
  }

  @Test
  void aSpindleThatFailsSaysWhatMendsIt() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      open(desk, "Haul 1", "two pinch", "Crank with two pinch bolts");
      workOut(desk, WIDTH);
      type(desk, "Spindle, shoulder to shoulder", "99");
      type(desk, "Spacers, right", "");
      assertThat(verdict(desk)).containsText("more than the adjuster takes up: 4.00 to 6.00 mm");
      type(desk, "Spacers in the box", "2.5 2.5 1");
      assertThat(verdict(desk)).containsText("It would fit with 2.5 mm left and 2.5 mm right.");
      answer(desk);
      assertThat(readiness(desk)).containsText("Does not fit: " + WIDTH);
      workOut(desk, WIDTH);
      type(desk, "Spacers, left", "2.5");
      type(desk, "Spacers, right", "2.5");
      assertThat(verdict(desk)).containsText("1.00 mm are left for the adjuster");
      desk.page.locator("summary:has-text('How well it was measured')").click();
      type(desk, "Each length may be off by", "0.25");
      assertThat(verdict(desk)).containsText("Too close to call");
      answer(desk);
      assertThat(readiness(desk)).containsText("Not measured well enough: " + WIDTH);
      workOut(desk, WIDTH);
      type(desk, "Each length may be off by", "0.05");
      assertThat(verdict(desk)).containsText("Fits");
      answer(desk);
      assertThat(readiness(desk)).not().containsText(WIDTH);
    }
  }

  @Test
  void aDentIsToldFromABentSeatAndTheJobWaitsForARotorThatRunsTrue() {
    String question = "rotor not bent, warped or worn";
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      open(desk, "Haul 1", "disc pads", "Disc brake pads");
      assertThat(readiness(desk)).not().containsText(question);
      desk.text("Yes: the rotor is dialled first").click();
      assertThat(readiness(desk)).containsText(question);
      workOut(desk, question);
      turn(desk, "0", "0", "0", "0.3", "0", "0", "0", "0");
      assertThat(verdict(desk)).containsText("do not lean: it is warped or dented");
      turn(desk, "0.1", "0.071", "0", "-0.071", "-0.1", "-0.071", "0", "0.071");
      assertThat(verdict(desk)).containsText("rise once a turn, highest at 0°");
      assertThat(verdict(desk)).containsText("if the high place goes along, the rotor is bent");
      answer(desk);
      assertThat(readiness(desk)).containsText("Does not fit: " + question);
      workOut(desk, question);
      turn(desk, "0", "0.02", "0.04", "0.05", "0.04", "0.02", "0.01", "0");
      assertThat(verdict(desk)).containsText("Runs true");
      answer(desk);
      assertThat(readiness(desk)).not().containsText(question);
    }
  }

  /** As a hand turns the wheel: figure, Enter, figure, Enter. */
  private static void turn(Desk desk, String... readings) {
    desk.page.getByLabel("Dial, at 0°").focus();
    for (String reading : readings) {
      desk.page.keyboard().type(reading);
      desk.page.keyboard().press("Enter");
    }
  }

  @Test
  void aMechanicsWordIsNotEnoughButALeadsIs() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      open(desk, "Haul 1", "one pinch", "Crank with one pinch bolt");
      Locator line = desk.page.locator("li:has(a:has-text('Work it out'))");
      line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Say it")).click();
      assertThat(
              line.getByRole(
                  AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Does not fit")))
          .isVisible();
      assertThat(line.getByText("Take it for good")).hasCount(0);
      String sheet = desk.page.url().replace(desk.url, "");
      desk.signOut();
      desk.signIn("Asta");
      desk.go(sheet);
      line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Say it")).click();
      line.getByLabel("What you measured or saw").fill("Same crank as before");
      line.getByText("Take it for good").click();
      assertThat(readiness(desk)).not().containsText(WIDTH);
    }
  }

  @Test
  void withoutSigningInALinkShowsItAgainInInchesToo() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/fit");
      desk.link("spindle and shell").click();
      verdict(desk).waitFor();
      desk.go("/fit/steerer-stack?steererMm=2-1%2F8%22&stockMm=5");
      assertThat(verdict(desk)).containsText("Only 0.8 mm are left above the steerer");
      assertThat(desk.page.getByRole(AriaRole.IMG).first())
          .hasAttribute(
              "aria-label",
              Pattern.compile("steerer stack: .*stem 40 mm.*gap 0.83 mm, not right.*"));
      desk.button("inch").click();
      assertThat(field(desk, "Stem height")).hasValue("1.5748");
      assertThat(field(desk, "Steerer above the cover")).hasValue("2-1/8\"");
      assertThat(verdict(desk)).containsText("Only 0.8 mm are left above the steerer");
      desk.page.waitForURL(Pattern.compile("unit=in"));
      desk.page.reload();
      assertThat(field(desk, "Stem height")).hasValue("1.5748");
      assertThat(desk.text("Sign in to keep it")).isVisible();
    }
  }

  @Test
  void aFigureIsSteppedAndADrawingSaved() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/fit/spindle");
      assertThat(verdict(desk)).containsText("Fits");
      Locator usable = field(desk, "Spindle, shoulder to shoulder");
      usable.press("ArrowUp");
      usable.press("ArrowUp");
      assertThat(usable).hasValue("97.5");
      usable.press("ArrowUp");
      assertThat(verdict(desk)).containsText("more than the adjuster takes up");
      desk.page.getByLabel("Usual sizes, Shell width").selectOption("83, threaded 1.375 in × 24");
      assertThat(field(desk, "Shell width")).hasValue("83");
      var saved = desk.page.waitForDownload(() -> desk.button("Save the drawing").click());
      assertThat(saved.suggestedFilename()).isEqualTo("spindle.svg");
    }
  }

  @ParameterizedTest(name = "{0}: {2}")
  @CsvSource({
    "steerer-stack, Stem height, 90, is more than the steerer",
    "steerer-stack, Steerer above the cover, -5, greater than 0",
    "spindle, 'Spindle, shoulder to shoulder', 3.8, was it typed in inches",
    "spindle, Shell width, wide, Type a length such as 12.5",
    "pads, Now, 5, is more than when new",
    "ride-height, Wheelbase, 1.5, from 500",
  })
  void nonsenseGetsASentenceAtItsField(String call, String field, String typed, String words) {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/fit/" + call);
      verdict(desk).waitFor();
      type(desk, field, typed);
      Locator input = field(desk, field);
      assertThat(input).hasAttribute("aria-invalid", "true");
      assertThat(desk.page.locator("form p.bad").first()).containsText(words);
      assertThat(input).hasValue(typed);
    }
  }

  @Test
  void readingsThatAreTooFewOrDoNotRiseAreTold() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/fit/runout?readingsMm=0+1+0+1+0+1+0");
      assertThat(desk.page.locator("form p.bad")).containsText("needs 8 to 720 readings");
      desk.go("/fit/runout?anglesDeg=0+45+90+80+180+225+270+315");
      assertThat(desk.page.locator("form p.bad")).containsText("does not rise");
      assertThat(desk.page.locator("form p.bad")).containsText("4th");
    }
  }
}
