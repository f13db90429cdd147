package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.EmptyWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import app.unimetric.server.workshop.FirstKey;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A workshop brings what is its own. */
@InBrowser
class MoveInTest {
  private final Workshop workshop;
  private final Browser browser;

  MoveInTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @Test
  void aMachineIsAddedFromItsPlateAndWorkedOnAtOnce() {
    String name = "Zz " + UUID.randomUUID().toString().substring(0, 8);
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      desk.go("/machines");
      desk.text("Add a machine").click();
      Locator form = desk.page.getByLabel("A new machine");
      form.getByLabel("What you call it").fill("Patrol 2");
      form.getByLabel("Make").fill("Skerrow");
      form.getByLabel("Model", new Locator.GetByLabelOptions().setExact(true)).fill("Zz 300");
      form.getByLabel("Model year").fill("24");
      form.getByText("Add it").click();
      assertThat(form).containsText("must be a year from 1900");
      form.getByLabel("Model year").fill("2024");
      form.getByText("Add it").click();
      assertThat(desk.page.locator("main")).containsText("call this one otherwise");
      desk.page.reload();
      desk.text("Add a machine").click();
      assertThat(form.getByLabel("Model year")).hasValue("2024");
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      form.getByLabel("What you call it").fill(name);
      form.getByText("Add it").click();
      desk.heading(name).waitFor();
      assertThat(desk.page.locator("main")).containsText("Skerrow Zz 300 2024");
      desk.page.getByLabel("Find a job for this machine").fill("oil");
      assertThat(desk.page.locator("main")).containsText("Oil change and drain plug");
    }
  }

  /** From the first question to the signature, all fields of a first tool and machine with it. */
  private static final int MOST_TAPS = 40;

  /** Counts what a person taps and types into, so that it can be told. */
  private int taps;

  private void tap(Locator what) {
    what.click();
    taps++;
  }

  private void type(Locator field, String text) {
    field.fill(text);
    taps++;
  }

  private void choose(Locator field, String label) {
    field.selectOption(label);
    taps++;
  }

  /** By screens alone: begin, a colleague, a tool, a product, a machine, a value, the bench. */
  @Test
  void anEmptyWorkshopComesToItsFirstSignedOffJob() throws Exception {
    try (EmptyWorkshop empty = EmptyWorkshop.started();
        Desk desk = new Desk(empty.workshop(), browser);
        Desk other = new Desk(empty.workshop(), browser, "day", 390, 844)) {
      desk.go("/?key=" + empty.workshop().bean(FirstKey.class).key());
      type(desk.page.getByLabel("What is it called"), "Moor Garage");
      type(desk.page.getByLabel("Your name"), "Asta");
      type(desk.page.getByLabel("A password, 10 characters or more"), "password123");
      type(desk.page.getByLabel("A PIN of 4 to 8 digits"), "7294");
      tap(desk.buttonNamed("Begin"));
      assertThat(desk.page.getByLabel("Begin with this workshop"))
          .containsText("very many people use");
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      type(desk.page.getByLabel("A password, 10 characters or more"), "three dry seals");
      tap(desk.buttonNamed("Begin"));
      assertThat(desk.heading("Moving in")).isVisible();

      colleague(desk, other);
      tool(desk);
      product(desk);
      machine(desk);
      job(desk);
      TwelveJobsTest.play(desk);
      desk.seesTheRecord();
      assertThat(desk.complaints).isEmpty();

      desk.go("/book");
      assertThat(desk.page.locator("main")).containsText("Seatpost sheet, p. 2");
      desk.openMachine("Cargo 1");
      assertThat(desk.page.locator("main")).containsText("Saddle clamp");
      assertThat(desk.foreign).isEmpty();
    }
    assertThat(taps).as("taps and fields").isLessThanOrEqualTo(MOST_TAPS);
  }

  private void colleague(Desk desk, Desk other) {
    tap(desk.link("A colleague"));
    Locator form = desk.page.getByLabel("Add a person");
    type(form.getByLabel("Name"), "Bram");
    tap(form.getByText("Add this person"));
    Locator word = desk.page.locator(".word .figure");
    String told = word.innerText();
    other.go("/");
    other.page.getByLabel("Name").fill("Bram");
    other
        .page
        .getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
        .fill(told.toLowerCase(java.util.Locale.ROOT));
    other.button("Sign in").click();
    assertThat(other.heading("Welcome, Bram")).isVisible();
    assertThat(new AxeBuilder(other.page).analyze().getViolations()).isEmpty();
    other.page.getByLabel("Password, 10 characters or more").fill("four wet seals");
    other.page.getByLabel("PIN, 4 to 8 digits").fill("1357");
    other.button("Keep them and sign in").click();
    assertThat(other.heading("On the lifts")).isVisible();
  }

  private void tool(Desk desk) {
    tap(desk.link("Crib"));
    assertThat(desk.text("No torque tool yet")).isVisible();
    Locator form = desk.page.getByLabel("A torque tool");
    type(form.getByLabel("What you call it"), "Quarter-inch click");
    type(form.getByLabel("Largest torque"), "25");
    type(form.getByLabel("Between two marks"), "0,5");
    type(form.getByLabel("Last calibrated on"), java.time.LocalDate.now().minusDays(30).toString());
    tap(form.getByText("Into the crib"));
    assertThat(desk.text("good until")).isVisible();
  }

  private void product(Desk desk) {
    tap(desk.link("Shelf"));
    tap(desk.text("Put a product on the shelf"));
    type(desk.page.getByLabel("Name on the bottle"), "Tin of grease");
    choose(desk.page.getByLabel("Kind", new Page.GetByLabelOptions().setExact(true)), "grease");
    tap(desk.buttonNamed("Put on the shelf"));
    assertThat(desk.text("does not set").first()).isVisible();
  }

  private void machine(Desk desk) {
    tap(desk.link("Machines"));
    tap(desk.text("Add a machine"));
    Locator form = desk.page.getByLabel("A new machine");
    type(form.getByLabel("What you call it"), "Cargo 1");
    choose(form.getByLabel("It is"), "a bicycle");
    type(form.getByLabel("Make"), "Brindle");
    type(form.getByLabel("Model", new Locator.GetByLabelOptions().setExact(true)), "Haul");
    type(form.getByLabel("Model year"), "2024");
    tap(form.getByText("Add it"));
    assertThat(desk.heading("Cargo 1")).isVisible();
  }

  private void job(Desk desk) {
    type(desk.page.getByLabel("Find a job for this machine"), "saddle");
    // A list that is still being narrowed moves under the finger.
    assertThat(desk.page.locator("button.offer:not(:has-text('addle'))")).hasCount(0);
    tap(desk.button("Saddle clamp").first());
    assertThat(desk.page.getByLabel("Readiness")).containsText("No value yet");
    desk.take("Saddle clamp");
    taps++;
    Locator form = desk.inHand().locator("form:has-text('Value as it stands there')");
    type(form.getByLabel("Value as it stands there"), "8-10 Nm");
    type(form.getByLabel("Title and page"), "Seatpost sheet, p. 2");
    tap(form.getByRole(AriaRole.BUTTON));
    assertThat(desk.page.getByLabel("Readiness")).not().containsText("No value yet");
    tap(desk.link("answer it").first());
    tap(desk.buttonNamed("Fits").first());
    assertThat(desk.page.getByLabel("Readiness")).containsText("Ready");
    tap(desk.button("Start at the bench"));
    assertThat(desk.step()).isVisible();
  }

  @Test
  void aSheetIsMendedInItsPreviewAndConfirmedByASecondPerson() throws java.io.IOException {
    String model = "Zz " + UUID.randomUUID().toString().substring(0, 8);
    Path file = Files.createTempFile("values", ".csv");
    Files.writeString(
        file,
        "make;model;year;place;thread;torque;unit;document;source\n"
            + ("Skerrow;" + model + ";2024;tank stay;M8;22,5;pond;Manual, p. 3;manual\n")
            + ("Skerrow;" + model + ";2024;hose clip;M6;9;N.m;Manual, p. 4;manual\n"),
        java.nio.charset.Charset.forName("windows-1252"));
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/book");
      desk.text("Bring a sheet of values").click();
      desk.page.getByLabel("The file").setInputFiles(file);
      assertThat(desk.text("Nothing of it counts yet")).isVisible();
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      Locator accept = desk.button("Accept");
      assertThat(accept).isDisabled();
      desk.page.getByLabel("Mend line 2").click();
      Locator line = desk.page.getByLabel("Line 2", new Page.GetByLabelOptions().setExact(true));
      assertThat(line).containsText("not a torque unit known here");
      line.getByLabel("unit").fill("N.m");
      line.getByText("Look at it again").click();
      assertThat(accept).hasText("Accept 2 values");
      accept.click();
      assertThat(desk.page.getByText("Accepted", new Page.GetByTextOptions().setExact(true)))
          .isVisible();
    }
    try (Desk desk = new Desk(workshop, browser).signIn("Ilse")) {
      desk.go("/book");
      desk.page.getByLabel("Search values").fill(model + " tank");
      desk.button("22,5 N·m").click();
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      desk.button("I looked, it stands there so").click();
      assertThat(desk.page.locator("tr:has-text('tank stay')").first()).containsText("Ilse");
    }
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/book");
      desk.text("Bring a sheet of values").click();
      desk.link(file.getFileName().toString()).first().click();
      desk.button("Undo this sheet").click();
      assertThat(desk.page.getByText("Undone", new Page.GetByTextOptions().setExact(true)))
          .isVisible();
      desk.go("/book");
      desk.page.getByLabel("Search values").fill(model);
      assertThat(desk.text("Nothing in the book has all of these words")).isVisible();
    }
  }

  @Test
  void aFleetAndACribComeAsSheetsAndWhatStoodTwiceBecomesOne() throws java.io.IOException {
    String tag = UUID.randomUUID().toString().substring(0, 6);
    Path fleet = Files.createTempFile("fleet", ".csv");
    Files.writeString(
        fleet,
        "Name;Type;Make;Model;Year;VIN;Plate;Meter;Odometer\n"
            + ("Ferry " + tag + ";scooter;Skerrow;125 Quay;2024;Q-" + tag + ";NS 7;miles;1 204,5\n")
            + ("Ferry two " + tag + ";boat;Skerrow;125 Quay;2024;;;miles;\n"));
    Path tools = Files.createTempFile("tools", ".csv");
    Files.writeString(
        tools,
        "tool,type,unit,from,to,calibrated\n"
            + ("Small click " + tag + ",click,in-lb,20,200,2026-01-15\n")
            + ("Bearing press " + tag + ",special tool,,,,\n"));
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/machines");
      desk.text("Bring a sheet of machines").click();
      desk.page.getByLabel("The file").setInputFiles(fleet);
      assertThat(desk.text("Nothing of it counts yet")).isVisible();
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();
      desk.page.getByLabel("Mend line 3").click();
      Locator line = desk.page.getByLabel("Line 3", new Page.GetByLabelOptions().setExact(true));
      assertThat(line).containsText("use motorcycle, ATV or bicycle");
      line.getByLabel("kind").fill("scooter");
      line.getByText("Look at it again").click();
      assertThat(desk.button("Accept")).hasText("Accept 2 machines");
      desk.button("Accept").click();
      assertThat(desk.page.getByText("Accepted", new Page.GetByTextOptions().setExact(true)))
          .isVisible();

      desk.go("/machines");
      desk.page.getByLabel("Search machines").fill("ns 7 " + tag);
      Locator ferry = desk.page.locator("main a:has(strong:text-is('Ferry " + tag + "'))");
      assertThat(ferry).containsText("1 204.5 mi");
      ferry.click();
      desk.text("It stands here twice").click();
      desk.page.getByLabel("Name, plate or frame number of the other").fill("two " + tag);
      desk.button("Find it").click();
      desk.button("It is this machine").click();
      assertThat(desk.text("It is another after all")).isVisible();
      desk.text("Write down a part").click();
      Locator part = desk.page.getByLabel("A part", new Page.GetByLabelOptions().setExact(true));
      part.getByLabel("Fitted").fill("Steel carrier");
      part.getByLabel("Its mass").first().fill("2,1 kg");
      part.getByLabel("Came off").fill("Carrier as delivered");
      part.getByLabel("Its mass").last().fill("1850");
      part.getByText("Write down").click();
      assertThat(part).containsText("say where it lies");
      part.getByLabel("Where that one lies now").fill("Loft, box 4");
      part.getByText("Write down").click();
      assertThat(desk.text("250 g heavier")).isVisible();
      assertThat(desk.page.locator("strong:text-is('Loft, box 4')")).isVisible();
      assertThat(new AxeBuilder(desk.page).analyze().getViolations()).isEmpty();

      desk.go("/crib");
      desk.text("Bring a sheet of tools").click();
      desk.page.getByLabel("The file").setInputFiles(tools);
      desk.button("Accept 2 tools").click();
      assertThat(desk.page.getByText("Accepted", new Page.GetByTextOptions().setExact(true)))
          .isVisible();
      desk.go("/crib");
      assertThat(desk.page.locator("summary:has-text('Small click " + tag + "')"))
          .containsText("20–200 in·lbf");
      assertThat(desk.text("Bearing press " + tag)).isVisible();
      desk.text("Bring a sheet of tools").click();
      desk.link(tools.getFileName().toString()).first().click();
      desk.button("Undo this sheet").click();
      assertThat(desk.page.getByText("Undone", new Page.GetByTextOptions().setExact(true)))
          .isVisible();
      desk.go("/crib");
      assertThat(desk.text("No longer here").first()).isVisible();
    }
  }

  @Test
  void aBottleWithAllItsSheetSaysAndASchoolOfTheWorkshop() {
    String name = "Loch bond " + UUID.randomUUID().toString().substring(0, 6);
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/shelf");
      desk.text("Put a product on the shelf").click();
      desk.page.getByLabel("Name on the bottle").fill(name);
      desk.page.getByLabel("Kind").selectOption("WICKING");
      desk.page.getByLabel("Holds up to").fill("150");
      desk.page.getByLabel("plastic", new Page.GetByLabelOptions().setExact(true)).check();
      desk.button("Another metal or temperature").click();
      desk.page.getByLabel("Sets in").first().fill("20 min");
      desk.page.getByLabel("Full cure").first().fill("24 h");
      desk.page
          .getByLabel("On", new Page.GetByLabelOptions().setExact(true))
          .last()
          .selectOption("STAINLESS");
      desk.page.getByLabel("Sets in").last().fill("soon");
      desk.page.getByLabel("Data sheet, page").fill("Sheet 9");
      desk.button("Put on the shelf").click();
      assertThat(desk.page.locator("form .bad")).isVisible();
      desk.page.getByLabel("Sets in").last().fill("90 min");
      desk.page.getByLabel("Full cure").last().fill("72 h");
      desk.button("Put on the shelf").click();
      Locator row = desk.page.locator("tr:has(strong:text-is('" + name + "'))");
      assertThat(row).containsText("1.5 h, 3 days stainless steel");
      assertThat(row).containsText("not for plastic");
      desk.page.getByLabel(name + ": opened today").click();
      assertThat(row).containsText("open since");
      desk.page.getByLabel(name + ": empty or thrown away").click();
      assertThat(row).hasCount(0);
    }
  }

  @Test
  void whatTheWorkshopHoldsToReachesTheBench() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/settings");
      desk.page.getByLabel("Click once or twice").selectOption("twice");
      desk.page.getByLabel("Controls on a bar").selectOption("fall");
      desk.button("Set from now on").click();
      assertThat(desk.text("Click once or twice: once, then stop →")).isVisible();
      String job =
          TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), "Gravel 1", "bi-grips-levers");
      desk.go("/jobs/" + job + "/sheet");
      desk.button("Start at the bench").click();
      for (int i = 0; i < 80 && desk.text("as hard as in braking").count() == 0; i++) {
        desk.step().waitFor();
        String before = desk.step().innerText();
        TwelveJobsTest.goOn(desk);
        desk.waitWhileStepReads(before);
      }
      assertThat(desk.step()).containsText("one more slow pull as a check");
      assertThat(desk.step()).containsText("it must not move on the bar");
    } finally {
      Visitor asta = Visitor.signedIn(workshop, "Asta");
      tools.jackson.databind.JsonNode page = asta.get("/api/settings").body();
      asta.post(
          "/api/settings",
          java.util.Map.of(
              "id",
              UUID.randomUUID(),
              "version",
              page.path("version").asInt(),
              "settings",
              page.path("usual")));
    }
  }

  @Test
  void aToolThatFailsStopsTheBenchAndNamesWhatItTightened() {
    String job =
        TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), "Haul 1", "bi-saddle-clamp");
    try (Desk bench = new Desk(workshop, browser).signIn("Ilse");
        Desk crib = new Desk(workshop, browser).signIn("Bram")) {
      bench.go("/jobs/" + job + "/sheet");
      bench.button("Start at the bench").click();
      for (int i = 0; i < 60 && bench.text("Set on").count() == 0; i++) {
        bench.step().waitFor();
        String before = bench.step().innerText();
        TwelveJobsTest.goOn(bench);
        bench.waitWhileStepReads(before);
      }
      String tool = bench.page.locator("dt:text-is('Set on') + dd").innerText().strip();
      String before = bench.step().innerText();
      TwelveJobsTest.goOn(bench);
      bench.waitWhileStepReads(before);

      crib.go("/crib");
      Locator row = crib.page.locator("details:has(summary strong:text-is('" + tool + "'))");
      row.locator("summary").click();
      row.getByText("Enter a certificate").click();
      certificate(row, "20", "25");
      assertThat(row.locator("summary")).containsText("failed its calibration");
      bench.page.reload();
      assertThat(bench.page.getByRole(AriaRole.ALERT).first()).containsText("Take another tool");
      crib.go("/");
      assertThat(crib.page.locator("main")).containsText("before the machine is ridden");
      crib.go("/crib");
      row.locator("summary").click();
      row.getByText("Enter a certificate").click();
      certificate(row, "20", "20");
      assertThat(row.locator("summary")).containsText("good until");
      bench.page.reload();
      assertThat(bench.step()).isVisible();
      assertThat(bench.text("Take another tool")).hasCount(0);
    }
  }

  private static void certificate(Locator row, String set, String measured) {
    row.getByLabel("Certificate", new Locator.GetByLabelOptions().setExact(true)).fill("C-21");
    row.getByLabel("Figures in").selectOption("N·m");
    row.getByLabel("Set, point 1").fill(set);
    row.getByLabel("Measured").first().fill(measured);
    row.getByText("Judge and keep it").click();
  }

  @Test
  void aPersonWhoRetiresIsOutAtOnceAndStaysInTheRecords() {
    String name = "Zz " + UUID.randomUUID().toString().substring(0, 8);
    try (Desk lead = new Desk(workshop, browser).signIn("Asta");
        Desk other = new Desk(workshop, browser)) {
      lead.go("/settings");
      Locator form = lead.page.getByLabel("Add a person");
      form.getByLabel("Name").fill(name);
      form.getByText("Add this person").click();
      String word = lead.page.locator(".word .figure").innerText();
      other.go("/");
      other.page.getByLabel("Name").fill(name);
      other.page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true)).fill(word);
      other.button("Sign in").click();
      other.page.getByLabel("Password, 10 characters or more").fill("four wet seals");
      other.page.getByLabel("PIN, 4 to 8 digits").fill("905173");
      other.button("Keep them and sign in").click();
      assertThat(other.heading("On the lifts")).isVisible();
      lead.page.reload();
      Locator row = lead.page.locator("details:has(summary strong:text-is('" + name + "'))");
      row.locator("summary").click();
      assertThat(row).containsText("added as mechanic, by Asta");
      assertThat(new AxeBuilder(lead.page).analyze().getViolations()).isEmpty();
      row.getByText("Retire", new Locator.GetByTextOptions().setExact(true)).click();
      assertThat(row.locator("summary")).containsText("retired");
      other.page.reload();
      assertThat(other.heading("Sign in")).isVisible();
    }
  }
}
