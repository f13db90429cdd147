package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Jobs as they really are: shaped to the machine in hand, several in one visit, one from nothing.
 */
@InBrowser
class ShapeJobTest {
  private final Workshop workshop;
  private final Browser browser;

  ShapeJobTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
    workshop.forgetStatedValues();
  }

  private static void find(Desk desk, String machine, String words) {
    desk.openMachine(machine);
    desk.findJob(words);
  }

  private static void open(Desk desk, String machine, String words) {
    find(desk, machine, words);
    desk.page.keyboard().press("Enter");
    desk.heading("The work, in its order").waitFor();
  }

  private static void visit(Desk desk, String machine, String... jobs) {
    desk.openMachine(machine);
    for (String job : jobs) {
      desk.findJob(job);
      desk.page.getByLabel(job + ": in one visit with others").check();
    }
    desk.button("Plan these " + jobs.length + " as one visit").click();
    desk.heading("The work, in its order").waitFor();
  }

  private static void value(Desk desk, String joint, String value, String page) {
    Locator form = desk.take(joint).locator("form:has-text('Value as it stands there')");
    Locator folded = desk.inHand().locator("summary:has-text('Add another value')");
    if (folded.count() > 0) {
      folded.click();
    }
    form.getByLabel("Value as it stands there").fill(value);
    form.getByLabel("Title and page").fill(page);
    form.getByRole(AriaRole.BUTTON).click();
    assertThat(form.getByLabel("Title and page").or(desk.inHand().locator("summary")).first())
        .isVisible();
    assertThat(
            desk.page.locator(
                "ol.work li.final:has(.title:text-is(\""
                    + joint
                    + "\")) p.stop:has-text('No value')"))
        .hasCount(0);
  }

  private static void shape(Desk desk, String field, String now) {
    Locator fields = desk.inHand().locator("dl.fields");
    fields.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(field + ":")).click();
    Locator input = fields.locator("form input");
    input.fill(now);
    input.press("Enter");
    assertThat(
            fields.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(field + ": " + now)))
        .isVisible();
  }

  @Test
  void theTwoSidedPadsWithAnotherThreadAndTheSameModelASecondTime() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      open(desk, "Trail 1", "pads");
      desk.text("Two screwed pad pins").click();
      desk.text("They are used once").click();
      assertThat(desk.joints())
          .hasText(
              new String[] {"Caliper to bracket", "Pad pins", "Caliper to bracket", "Pad pins"});
      assertThat(
              desk.text("4 × Caliper bolt, used once")
                  .or(desk.page.locator("li:has-text('Caliper bolt, used once')"))
                  .first())
          .isVisible();
      value(desk, "Caliper to bracket", "26 Nm", "demo manual p. 6-12");
      Locator inHand = desk.take("Caliper to bracket");
      String ceiling = inHand.locator("svg[aria-label*='ceiling']").getAttribute("aria-label");
      shape(desk, "Thread", "M10x1.25");
      assertThat(inHand).containsText("2 × M10×1.25");
      assertThat(inHand).containsText("Stated for M8, not for M10×1.25");
      assertThat(inHand.locator("svg[aria-label*='ceiling']").getAttribute("aria-label"))
          .isNotEqualTo(ceiling);
      shape(desk, "Drive", "14 mm socket");
      shape(desk, "Thread", "M10 of sorts".substring(0, 3));
      desk.button("Undo the last change of the job").click();
      assertThat(inHand).containsText("2 × M10×1.25");

      inHand.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Thread:")).click();
      inHand.locator("dl.fields form input").fill("M8 of sorts");
      desk.page.keyboard().press("Enter");
      assertThat(inHand.locator("dl.fields")).containsText("A thread is written like");
      desk.page.keyboard().press("Escape");
      assertThat(inHand).containsText("2 × M10×1.25");

      desk.page.getByLabel("Add a step").fill("Guard off, two clips");
      desk.button("Add step").click();
      assertThat(desk.inHand().locator("h2")).containsText("Guard off, two clips");
      desk.button("The job, its parts and tools").click();
      desk.button("Save for this model").click();
      assertThat(desk.text("opens like this on Skerrow 250 Trail 2022, for everybody."))
          .isVisible();

      open(desk, "Trail 1", "pads");
      assertThat(desk.text("As Asta did it on this model")).isVisible();
      assertThat(desk.page.locator("ol.work")).containsText("Guard off, two clips");
      Locator again = desk.take("Caliper to bracket");
      assertThat(again).containsText("2 × M10×1.25");
      assertThat(again).containsText("demo manual p. 6-12");
      assertThat(again.locator("dl.fields")).containsText("changed here");
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void theRotorHasItsWheelAndHubAroundIt() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Mule 1", "rotor");
      assertThat(desk.joints())
          .hasText(
              new String[] {
                "Rotor to carrier", "Castellated axle nut", "Caliper to bracket", "Wheel nuts"
              });
      assertThat(desk.page.locator("ol.work li:has(.doing:text-is('break loose')) .title"))
          .hasText(
              new String[] {
                "Split pin out",
                "Castellated axle nut",
                "Wheel nuts",
                "Caliper to bracket",
                "Rotor to carrier"
              });
      desk.text("Outside: the hub stays on").click();
      assertThat(desk.joints())
          .hasText(new String[] {"Rotor to carrier", "Caliper to bracket", "Wheel nuts"});
    }
  }

  @Test
  void aVisitIsOnePlanOneRunAndARecordForEachOfItsJobs() {
    Visitor lead = Visitor.signedIn(workshop, "Asta");
    for (String pack : List.of("mc-mirrors", "mc-handguards")) {
      TwelveJobsTest.open(lead, "Trail 1", pack);
    }
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      visit(desk, "Trail 1", "Mirrors", "Handguards");
      assertThat(desk.page.locator("ol.work .title:text-is('Stand it upright and hold it')"))
          .hasCount(1);
      assertThat(desk.page.locator("ol.work .title:text-is('Lock to lock')")).hasCount(1);
      mend(desk);
      assertThat(desk.page.getByLabel("Readiness")).containsText("Every joint has one value");
      desk.button("Start at the bench").click();
      TwelveJobsTest.play(desk);
      desk.seesTheRecord();
      desk.link("The record").click();
      assertThat(desk.heading("Every entry")).isVisible();
      int whole = desk.page.locator("table.ledger tbody tr").count();
      desk.buttonNamed("Handguards").click();
      assertThat(
              desk.page
                  .locator("li.joint")
                  .filter(new Locator.FilterOptions().setHasText("Mirror")))
          .hasCount(0);
      int guards = desk.page.locator("table.ledger tbody tr").count();
      desk.buttonNamed("Mirrors").click();
      int mirrors = desk.page.locator("table.ledger tbody tr").count();
      assertThat(guards).isBetween(1, whole - 1);
      assertThat(mirrors).isBetween(1, whole - 1);
      assertThat(guards + mirrors).as("what both share stands in both").isGreaterThan(whole);
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void leftAndRightDifferAQuestionIsWrittenNewAndAJointIsDraggedWhereItBelongs() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      open(desk, "Patrol 1", "front pads");
      Locator inHand = desk.take("Caliper to bracket");
      desk.button("Left and right differ").click();
      assertThat(desk.button("On the other side too")).isVisible();
      desk.page
          .locator("ol.work li.final button:has(.title:text-is('Caliper to bracket'))")
          .last()
          .click();
      assertThat(inHand.locator("h2").first()).hasText("Caliper to bracket, right");
      shape(desk, "Thread", "M10x1.25");
      assertThat(inHand).containsText("2 × M10×1.25");
      desk.take("Caliper to bracket");
      assertThat(inHand.locator("h2").first()).hasText("Caliper to bracket, left");
      assertThat(inHand).containsText("2 × M8");

      desk.button("The job, its parts and tools").click();
      desk.page.locator("summary:has-text('Shape the job itself')").click();
      desk.page.locator("summary:has-text('Another question')").click();
      desk.page
          .getByLabel("Question", new Page.GetByLabelOptions().setExact(true))
          .fill("Is there a guard over the disc?");
      desk.page.getByLabel("Answers, one a line, the usual one first").fill("No guard\nA guard");
      desk.button("Add the question").click();
      assertThat(desk.text("No guard").first()).isVisible();
      desk.page.getByLabel("Add a joint").fill("disc guard 3 M6 8.8 9 Nm manual p 7-2");
      desk.button("Add joint").click();
      assertThat(desk.joints()).hasCount(5);
      desk.button("Everything else").first().click();
      inHand
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Only when: always"))
          .click();
      inHand
          .locator("dl.fields select")
          .selectOption(new SelectOption().setLabel("Is there a guard over the disc? A guard"));
      assertThat(desk.joints()).hasCount(4);
      desk.page
          .getByLabel("A guard", new Page.GetByLabelOptions().setExact(true))
          .check(new Locator.CheckOptions().setForce(true));
      assertThat(desk.joints()).hasCount(5);

      Locator finals = desk.page.locator("ol.work li.final button.row");
      assertThat(finals.nth(4)).containsText("Disc guard");
      finals.nth(4).dragTo(finals.nth(3));
      assertThat(finals.nth(3)).containsText("Disc guard");
      assertThat(desk.text("Arranged by hand.")).isVisible();
      assertThat(finals.nth(4)).containsText("Pad pin");
      finals.nth(4).dragTo(finals.nth(2));
      assertThat(desk.text("Caliper bolts, then pins").first()).isVisible();
      assertThat(finals.nth(4)).containsText("Pad pin");
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void eachJobOfAVisitKeepsItsSidesAndWhatIsAddedToIt() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      visit(desk, "Patrol 3", "Passenger pegs", "Front brake pads");
      int joints = desk.joints().count();
      desk.page
          .getByRole(
              AriaRole.GROUP, new Page.GetByRoleOptions().setName("Passenger pegs: On which side?"))
          .getByText("Left", new Locator.GetByTextOptions().setExact(true))
          .click();
      assertThat(desk.joints()).not().hasCount(joints);
      assertThat(desk.page.locator("ol.work li.final:has-text('Peg')")).hasCount(1);
      assertThat(desk.page.locator("ol.work li.final:has-text('Caliper to bracket')")).hasCount(2);
      desk.page.getByLabel("It belongs to").selectOption("Front brake pads");
      desk.page.getByLabel("Add a joint").fill("hose clip 1 M6 8.8 6 Nm manual p 7-2");
      desk.button("Add joint").click();
      assertThat(desk.inHand()).containsText("p. 7-2");
      desk.button("The job, its parts and tools").click();
      desk.page.getByLabel("Years from").fill("2023");
      desk.page.getByLabel("to", new Page.GetByLabelOptions().setExact(true)).fill("2022");
      desk.button("Save for this model").click();
      assertThat(desk.text("must be a year, and not after the last one.")).isVisible();
      desk.page.getByLabel("to", new Page.GetByLabelOptions().setExact(true)).fill("2024");
      desk.button("Save for this model").click();
      assertThat(desk.text("opens like this on Skerrow 640 Patrol 2023–2024 for you")).isVisible();
      open(desk, "Patrol 3", "front pads");
      assertThat(desk.joints().filter(new Locator.FilterOptions().setHasText("Hose clip")))
          .hasCount(1);
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void whatTwoJobsOfAVisitHaveOtherwiseIsSettledInATap() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      open(desk, "Patrol 3", "front pads");
      desk.take("Caliper to bracket");
      shape(desk, "How many", "4");
      desk.button("The job, its parts and tools").click();
      desk.button("Save for this model").click();
      assertThat(desk.text("for you; for the others once a lead has confirmed it.")).isVisible();
      visit(desk, "Patrol 3", "Front wheel out and in", "Front brake pads");
      Locator readiness = desk.page.getByLabel("Readiness");
      assertThat(readiness)
          .containsText("“Front wheel out and in” has 2 × M8 10.9, “Front brake pads” has 4 × M8");
      readiness.locator("li:has-text('say how it is on this machine') a").first().click();
      assertThat(desk.inHand()).containsText("2 × M8 10.9");
      desk.buttonNamed("So it is").last().click();
      assertThat(desk.inHand().getByLabel("How the jobs have it")).hasCount(0);
      assertThat(desk.inHand()).containsText("4 × M8 10.9");
      assertThat(readiness).not().containsText("say how it is on this machine");
      desk.button("Undo the last change of the job").click();
      assertThat(readiness).containsText("say how it is on this machine");
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void twoTapsInOneMomentAreBothTaken() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      open(desk, "Patrol 2", "front pads");
      assertThat(desk.buttonNamed("Fits")).hasCount(1);
      desk.page.evaluate(
          "() => { for (const [kind, words] of [['label', 'Two screwed pad pins'], ['button', 'Fits'],"
              + " ['label', 'They are used once']])"
              + " [...document.querySelectorAll(kind)].find(e => e.innerText.trim() === words).click() }");
      assertThat(desk.buttonNamed("Fits")).hasCount(0);
      assertThat(desk.joints().filter(new Locator.FilterOptions().setHasText("Pad pins")))
          .hasCount(2);
      assertThat(desk.page.locator("li:has-text('Caliper bolt, used once')").first()).isVisible();
      assertThat(desk.text("Somebody")).hasCount(0);
    }
  }

  /** What stands in the way and is one tap to mend. */
  private static void mend(Desk desk) {
    Locator readiness = desk.page.getByLabel("Readiness");
    Locator fits = desk.buttonNamed("Fits");
    for (int i = fits.count(); i > 0; i--) {
      fits.first().click();
      assertThat(fits).hasCount(i - 1);
    }
    Locator lacking =
        readiness.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("It is here"));
    for (int i = lacking.count(); i > 0; i--) {
      lacking.first().click();
      assertThat(lacking).hasCount(i - 1);
    }
  }

  @Test
  void fromNothingToTheBench() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      find(desk, "Mule 2", "Radio bracket on the rack");
      assertThat(desk.text("No job of the catalogue matches.")).isVisible();
      desk.page.keyboard().press("Enter");
      desk.heading("The work, in its order").waitFor();
      assertThat(desk.page.getByLabel("Readiness")).containsText("Nothing is to be done yet");
      desk.page.getByLabel("Add a joint").fill("20 Nm cross");
      desk.button("Add joint").click();
      assertThat(desk.text("No thread was named")).isVisible();
      desk.page
          .getByLabel("Add a joint")
          .fill("plate to rack 4 M6 8.8 9 Nm cross medium manual p 7-14");
      desk.page.reload();
      assertThat(desk.page.getByLabel("Add a joint"))
          .hasValue("plate to rack 4 M6 8.8 9 Nm cross medium manual p 7-14");
      desk.button("Add joint").click();
      assertThat(desk.inHand()).containsText("4 × M6 8.8");
      assertThat(desk.inHand()).containsText("medium-strength threadlocker");
      desk.page.getByLabel("Add a joint").fill("radio to plate 2x M5 into aluminium 4 Nm kit p 2");
      desk.page.keyboard().press("Enter");
      assertThat(desk.joints()).hasText(new String[] {"Plate to rack", "Radio to plate"});
      Locator last =
          desk.page
              .locator("#joint-" + "x")
              .or(desk.page.locator("ol.work li.final button.row").last());
      last.focus();
      desk.page.keyboard().press("Alt+ArrowUp");
      assertThat(desk.joints()).hasText(new String[] {"Radio to plate", "Plate to rack"});
      assertThat(desk.text("Arranged by hand.")).isVisible();
      desk.take("Radio to plate");
      desk.button("Take it out").click();
      desk.page
          .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Take out Radio to plate"))
          .getByRole(AriaRole.BUTTON)
          .first()
          .click();
      assertThat(desk.joints()).hasText(new String[] {"Plate to rack"});
      desk.button("Undo the last change of the job").click();
      assertThat(desk.joints()).hasCount(2);
      assertThat(desk.page.getByLabel("Readiness")).containsText("Ready");
      desk.button("Start at the bench").click();
      assertThat(desk.step()).isVisible();
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void theKeyboardAloneGoesThroughASheet() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Patrol 2", "mirrors");
      desk.page.locator("ol.work button.row").first().focus();
      for (int i = 0;
          i < 30 && desk.inHand().locator("h2:has-text('Mirror lock nut, left')").count() == 0;
          i++) {
        desk.page.keyboard().press("ArrowDown");
      }
      assertThat(desk.inHand().locator("h2")).hasText("Mirror lock nut, left");
      desk.page.keyboard().press("v");
      desk.page.keyboard().type("22 Nm");
      desk.page.keyboard().press("Tab");
      desk.page.keyboard().press("Tab");
      desk.page.keyboard().type("p. 4");
      desk.page.keyboard().press("Enter");
      assertThat(desk.page.locator("ol.work p.stop")).hasCount(0);
      desk.page.locator("ol.work button.row").first().focus();
      desk.page.keyboard().press("j");
      assertThat(desk.inHand()).containsText("Which part");
      desk.page.locator("ol.work button.row").first().focus();
      desk.page.keyboard().press("n");
      assertThat(desk.page.getByLabel("Add a joint")).isFocused();
    }
  }

  @Test
  void twoPeopleShapeOneJobAndTheSecondIsToldWhatTheFirstDid() {
    try (Desk first = new Desk(workshop, browser).signIn("Bram");
        Desk second = new Desk(workshop, browser).signIn("Ilse")) {
      open(first, "Haul 1", "cleats");
      second.page.navigate(first.page.url());
      second.heading("The work, in its order").waitFor();
      first.take("Cleat bolts");
      second.take("Cleat bolts");
      shape(first, "Thread", "M6");
      shape(second, "How many", "4");
      assertThat(second.inHand()).containsText("4 × M6");
      first.page.reload();
      first.take("Cleat bolts");
      assertThat(first.inHand()).containsText("4 × M6");
      shape(first, "Thread", "M8");
      Locator fields = second.inHand().locator("dl.fields");
      fields.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Thread:")).click();
      fields.locator("form input").fill("M5");
      second.page.keyboard().press("Enter");
      assertThat(second.text("it is now “M8”")).isVisible();
      second.button("Show what is new").click();
      assertThat(second.inHand()).containsText("4 × M8");
    }
  }
}
