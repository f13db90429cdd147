package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What a person does to a plan: moves joints, mends what is missing, prints and prints again. */
@InBrowser
class PlanByHandTest {
  private final Workshop workshop;
  private final Browser browser;

  PlanByHandTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
    workshop.forgetStatedValues();
  }

  private static void open(Desk desk, String machine, String words, String title) {
    desk.openMachine(machine);
    desk.findJob(words);
    desk.button(title).first().click();
    desk.heading("The work, in its order").waitFor();
  }

  private static Locator joints(Desk desk) {
    return desk.joints();
  }

  private static void said(Locator form, String label, String text) {
    form.getByLabel(label).fill(text);
  }

  @Test
  void theAnswersAboutTheMachinePickItsJoints() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Patrol 2", "front wheel", "Front wheel out and in");
      desk.text("It has a nut on its end").click();
      desk.text("On both fork legs").click();
      assertThat(joints(desk))
          .hasText(
              new String[] {
                "Axle nut",
                "Axle pinch bolts",
                "Axle pinch bolts, other leg",
                "Caliper to bracket",
                "Caliper to bracket"
              });
      desk.page.reload();
      assertThat(joints(desk)).hasCount(5);
      open(desk, "Patrol 2", "front pads", "Front brake pads");
      desk.page.getByText("Right", new Page.GetByTextOptions().setExact(true)).click();
      assertThat(joints(desk)).hasText(new String[] {"Caliper to bracket", "Pad pin"});
    }
  }

  @Test
  void aValueWrittenDownWronglyIsTakenBackAndWhatNoToolReachesIsByFeel() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Haul 1", "collar", "Crank with preload collar");
      Locator collar = desk.take("Preload collar screw");
      said(collar, "Value as it stands there", "7 Nm");
      said(collar, "Title and page", "Marking");
      collar.getByText("Write down").click();
      desk.take("Preload collar screw");
      collar.locator("summary:has-text('Take it back')").click();
      said(collar, "What was wrong with it", "It reads 0.7");
      collar
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it back"))
          .click();
      assertThat(collar).containsText("taken back by Bram: It reads 0.7");
      said(collar, "Value as it stands there", "0.7 Nm");
      said(collar, "Title and page", "Marking");
      collar.getByText("Write down").click();
      desk.take("Preload collar screw");
      assertThat(collar).containsText("No tool of the crib");
      said(collar, "Why no tool reaches", "No tool so small");
      collar.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("By feel")).click();
      assertThat(collar).containsText("By feel, unverified: No tool so small");
    }
  }

  @Test
  void aMoveIsTakenWithinTheRulesAndRefusedWithItsReasonOtherwise() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Patrol 2", "front wheel", "Front wheel out and in");
      desk.page.getByText("Left", new Page.GetByTextOptions().setExact(true)).click();
      assertThat(joints(desk))
          .hasText(new String[] {"Axle", "Axle pinch bolts", "Caliper to bracket"});
      desk.take("Axle pinch bolts");
      desk.button("Axle pinch bolts: earlier").click();
      Locator refused = desk.page.getByRole(AriaRole.ALERT);
      assertThat(refused).containsText("Axle has to come before Axle pinch bolts");
      assertThat(refused).containsText("The axle sets the fork legs");
      assertThat(joints(desk))
          .hasText(new String[] {"Axle", "Axle pinch bolts", "Caliper to bracket"});
      desk.take("Caliper to bracket");
      desk.button("Caliper to bracket, left: earlier").focus();
      desk.page.keyboard().press("Enter");
      assertThat(joints(desk))
          .hasText(new String[] {"Axle", "Caliper to bracket", "Axle pinch bolts"});
      desk.page.reload();
      assertThat(desk.text("Arranged by hand.")).isVisible();
      assertThat(joints(desk))
          .hasText(new String[] {"Axle", "Caliper to bracket", "Axle pinch bolts"});
      desk.button("Back to the planner’s order").click();
      assertThat(joints(desk))
          .hasText(new String[] {"Axle", "Axle pinch bolts", "Caliper to bracket"});
    }
  }

  @Test
  void whatIsMissingOnTheShelfIsOneTapFromItsMend() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.go("/");
      assertThat(desk.text("To order: Nylon-insert axle nut").first()).isVisible();
      desk.page
          .locator("li:has-text('Nylon-insert axle nut')")
          .first()
          .getByRole(AriaRole.LINK)
          .last()
          .click();
      Locator readiness = desk.page.getByLabel("Readiness");
      assertThat(readiness).containsText("To order: Nylon-insert axle nut, 1 needed, 0 there.");
      readiness
          .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("to the shelf"))
          .click();
      Locator form = desk.page.locator("form:has-text('Pieces')");
      assertThat(form.getByLabel("Part")).hasValue("Nylon-insert axle nut");
      said(form, "Pieces", "many");
      desk.button("Write down").click();
      assertThat(desk.text("Type a whole number")).isVisible();
      said(form, "Pieces", "2");
      said(form, "Price of one", "3,20");
      desk.button("Write down").click();
      assertThat(desk.page.locator("table.parts tr:has-text('Nylon-insert axle nut')"))
          .containsText("3.20");
      desk.page.goBack();
      assertThat(readiness).not().containsText("axle nut");
      assertThat(desk.page.locator("table:has-text('Parts used once')")).containsText("3.20");
    }
  }

  @Test
  void aProductWhoseTimeHasNoUnitIsAskedForIt() {
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      desk.go("/shelf?want=WICKING");
      Locator form = desk.page.locator("form:has-text('Name on the bottle')");
      said(form, "Name on the bottle", "Thin one");
      said(form, "Sets in (fixture time)", "24");
      said(form, "Full cure", "24 h");
      said(form, "Data sheet, page", "Sheet 3");
      desk.button("Put on the shelf").click();
      assertThat(desk.text("must be a time with its unit")).isVisible();
      assertThat(form.getByLabel("Name on the bottle")).hasValue("Thin one");
      said(form, "Sets in (fixture time)", "20 min");
      desk.button("Put on the shelf").click();
      Locator row = desk.page.locator("tr:has-text('Thin one')");
      assertThat(row).containsText("wicking threadlocker");
      assertThat(row).containsText("20 min");
      desk.button("Thin one: empty or thrown away").click();
      assertThat(row).hasCount(0);
    }
  }

  @Test
  void aSpecialToolTheCribLacksIsOneTapAway() {
    Visitor.signedIn(workshop, "Bram")
        .post(
            "/api/crib/hand-tools",
            Map.of("id", UUID.randomUUID(), "name", "bearing press", "here", false));
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Haul 2", "press", "Press-in bottom bracket");
      Locator blocker =
          desk.page
              .getByLabel("Readiness")
              .locator("li:has-text('Not in the crib: bearing press')");
      assertThat(blocker).isVisible();
      blocker.getByRole(AriaRole.BUTTON).click();
      assertThat(blocker).hasCount(0);
      Locator press = desk.page.locator("li.tool:has-text('bearing press')").first();
      press.getByRole(AriaRole.BUTTON).click();
      assertThat(press).containsText("not in the crib");
      assertThat(blocker).isVisible();
    }
  }

  @Test
  void whatChangedSinceThePrintIsMarkedAndThePriceIsSetAgainstTheWork() throws IOException {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      open(desk, "Patrol 2", "front wheel", "Front wheel out and in");
      Locator print = desk.link("Print the job card");
      desk.page.waitForPopup(print::click).close();
      assertThat(print).hasAttribute("href", Pattern.compile("since="));
      assertThat(desk.page.getByLabel("Changed since the print")).hasCount(0);
      desk.take("Axle");
      Locator first =
          desk.page.locator("details[open] form:has-text('Value as it stands there')").first();
      said(first, "Value as it stands there", "65 Nm");
      said(first, "Title and page", "Depot test sheet, p. 4");
      first.getByRole(AriaRole.BUTTON).click();
      Locator news = desk.page.getByLabel("Changed since the print");
      assertThat(news).containsText("setting: none is now 65 N·m on");
      desk.button("The job, its parts and tools").click();
      String card = desk.url + print.getAttribute("href");
      try (PDDocument pdf = Loader.loadPDF(desk.page.request().get(card).body())) {
        assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
            .contains("▲ setting: none is now 65 N·m");
      }
      said(desk.page.locator("form:has-text('Quoted price')"), "Quoted price", "40");
      desk.page.locator("form:has-text('Quoted price') button").click();
      assertThat(desk.page.locator("tr:has-text('Short of it')")).isVisible();
      assertThat(desk.text("The quoted price does not cover it")).isVisible();
    }
  }

  @Test
  void theDrawingOnScreenAndOnTheCardPutEveryFastenerInTheSamePlace() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      for (String machine : List.of("Patrol 3", "Gravel 1")) {
        desk.go("/");
        String job = desk.link(machine).first().getAttribute("href").split("/")[2];
        desk.go("/jobs/" + job + "/sheet");
        desk.heading("The work, in its order").waitFor();
        for (Locator joint : desk.page.locator("ol.work li.final button.row").all()) {
          String id = joint.getAttribute("id").substring("joint-".length());
          joint.click();
          String svg =
              desk.page
                  .request()
                  .get(desk.url + "/api/jobs/" + job + "/joints/" + id + "/drawing.svg")
                  .text();
          List<double[]> paper =
              Pattern.compile("<circle cx=\"([-\\d.]+)\" cy=\"([-\\d.]+)\"")
                  .matcher(svg)
                  .results()
                  .map(m -> place(m.group(1), m.group(2)))
                  .toList();
          List<double[]> screen =
              desk.inHand().locator(".drawing circle.rim").all().stream()
                  .map(c -> place(c.getAttribute("cx"), c.getAttribute("cy")))
                  .toList();
          assertThat(screen).as(id).hasSameSizeAs(paper).isNotEmpty();
          for (int i = 0; i < paper.size(); i++) {
            assertThat(screen.get(i)[0]).as(id).isCloseTo(2 * paper.get(i)[0], within(0.11));
            assertThat(screen.get(i)[1]).as(id).isCloseTo(2 * paper.get(i)[1], within(0.11));
          }
        }
      }
    }
  }

  private static double[] place(String x, String y) {
    return new double[] {Double.parseDouble(x), Double.parseDouble(y)};
  }

  @Test
  void aMachineWhoseBoltsStillCureStandsOnToday() {
    try (Desk desk = new Desk(workshop, browser).signIn("Visitor")) {
      Locator curing = desk.page.locator("li:has-text('ridable from')");
      assertThat(curing.first()).containsText("Mule 2");
      curing.first().getByRole(AriaRole.LINK).click();
      Locator clocks = desk.page.getByLabel("What is setting");
      assertThat(clocks).containsText("Harbour Lock M");
      assertThat(clocks).containsText("ridable from");
    }
  }
}
