package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A whole job of each kind of machine as it goes in a shop: begun on a tablet, a spell out of
 * reach, handed over to a telephone, a thread that gives, a slip corrected, signed, looked at
 * again.
 */
@InBrowser
class HandedOverTest {
  private static final int MOST_STEPS = 80;
  private final Workshop workshop;
  private final Browser browser;

  HandedOverTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static Locator title(Desk desk) {
    return desk.step().locator("h2.title");
  }

  private static Locator entries(Desk desk) {
    return desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM);
  }

  private static void on(Desk desk) {
    String before = desk.step().innerText();
    TwelveJobsTest.goOn(desk);
    desk.waitWhileStepReads(before);
  }

  private static void untilButton(Desk desk, String name) {
    for (int i = 0; i < MOST_STEPS && desk.button(name).count() == 0; i++) {
      on(desk);
    }
    assertThat(desk.button(name)).isVisible();
  }

  @ParameterizedTest(name = "{0}, {1}")
  @Drawn(take = 1, of = 3)
  @CsvSource({"Patrol 1, mc-levers-both", "Mule 1, atv-hubs-wide", "Haul 1, bi-stem-carbon"})
  void isDoneByTwoAtTwoDevicesAndLookedAtAgain(String machine, String pack) {
    String job = TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), machine, pack);
    try (Desk tablet = new Desk(workshop, browser, "daylight", 1024, 768).signIn("Asta");
        Desk phone = new Desk(workshop, browser, "dim", 390, 800).signIn("Bram")) {
      tablet.go("/jobs/" + job + "/sheet");
      tablet.button("Start at the bench").click();
      assertThat(tablet.step()).isVisible();
      on(tablet);
      outOfReach(tablet);
      handedOver(tablet, phone, job);
      aThreadGives(tablet);
      aSlip(tablet);
      if (pack.contains("carbon")) {
        climbs(tablet);
      }
      TwelveJobsTest.play(tablet);
      tablet.seesTheRecord();

      assertThat(phone.text("Signed off").first()).isVisible();
      tablet.link("The record").click();
      assertThat(tablet.text("Signed by Asta")).isVisible();
      Locator log = tablet.page.locator("main");
      assertThat(log).containsText("Entries by Asta, Bram.");
      assertThat(log).containsText("corrected by a later entry");
      assertThat(log).containsText("Torque fell while it was turned on");
      if (pack.contains("carbon")) {
        assertThat(log).containsText("climbed to 3.5, within 3–5");
      }
      lookAgain(tablet, machine);
      assertThat(tablet.complaints).isEmpty();
      assertThat(phone.complaints).isEmpty();
    }
  }

  private static void outOfReach(Desk tablet) {
    tablet.context.setOffline(true);
    on(tablet);
    assertThat(tablet.text("Out of reach: go on")).isVisible();
    on(tablet);
    assertThat(tablet.page.getByText(Pattern.compile("[2-9] entries wait"))).isVisible();
    tablet.context.setOffline(false);
    assertThat(tablet.text("Out of reach: go on")).isHidden();
  }

  private static void handedOver(Desk tablet, Desk phone, String job) {
    phone.go("/jobs/" + job + "/bench");
    assertThat(title(phone)).hasText(title(tablet).textContent().strip());
    assertThat(tablet.text("Here too: Bram")).isVisible();
    on(phone);
    assertThat(entries(tablet).first()).containsText("Bram");
    assertThat(title(tablet)).hasText(title(phone).textContent().strip());
  }

  private static void aThreadGives(Desk tablet) {
    untilButton(tablet, "Simulated wrench");
    tablet.button("Simulated wrench").click();
    tablet.page.getByLabel("To practise").selectOption("STRIPPED");
    tablet.page.getByLabel("Pulled").selectOption("180");
    tablet.button("Pull the wrench").click();
    assertThat(tablet.text("Torque fell while it was turned on").first()).isVisible();
    assertThat(tablet.button("Clicked at the setting")).hasCount(0);
    tablet.button("Renewed: begin again").click();
    untilButton(tablet, "Pull the wrench");
    tablet.button("Simulated wrench").click();
    assertThat(tablet.button("Clicked at the setting")).isVisible();
  }

  private static void aSlip(Desk tablet) {
    on(tablet);
    assertThat(entries(tablet).first()).containsText("clicked at setting");
    entries(tablet)
        .first()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Correct"))
        .click();
    tablet.button("Strike it and do it again").click();
    assertThat(entries(tablet).first()).containsText("corrects an earlier entry");
    assertThat(tablet.text("corrected by a later entry").first()).isVisible();
  }

  /** The clamp slips at the first torque: four bolts go on to the next in their order. */
  private static void climbs(Desk tablet) {
    untilButton(tablet, "It slips");
    assertThat(tablet.step()).containsText("turn the bar in it");
    tablet.button("It slips").click();
    assertThat(tablet.step().locator(".set")).containsText("3.5");
    assertThat(tablet.step().locator(".next")).containsText("of 4");
    untilButton(tablet, "It holds");
  }

  /** Like a job: one that moved says why, a spell out of reach, and the signature settles it. */
  private static void lookAgain(Desk tablet, String machine) {
    tablet.openMachine(machine);
    Locator list = tablet.page.locator("#rechecks + ul");
    list.locator("li:has-text('Waiting'):has-text('Seats settle')")
        .first()
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Look again at the bench"))
        .click();
    tablet.button("Start at the bench").click();
    assertThat(tablet.step()).containsText("Look again");
    untilButton(tablet, "It moved");
    tablet.button("Simulated wrench").click();
    tablet.page.getByLabel("To practise").selectOption("SETTLED");
    tablet.button("Pull the wrench").click();
    assertThat(tablet.page.getByLabel("How far, degrees")).hasValue(Pattern.compile("[1-9]\\d*"));
    assertThat(new AxeBuilder(tablet.page).analyze().getViolations()).isEmpty();
    tablet.button("Simulated wrench").click();
    tablet.page.getByLabel("Thickness clamped, mm").fill("20");
    tablet.button("grease or dirt where none belongs").click();
    assertThat(entries(tablet).first()).containsText("taken apart and done again");
    tablet.context.setOffline(true);
    on(tablet);
    assertThat(tablet.text("Out of reach: go on")).isVisible();
    tablet.context.setOffline(false);
    assertThat(tablet.text("Out of reach: go on")).isHidden();
    TwelveJobsTest.play(tablet);
    tablet.seesTheRecord();
    tablet.link("The record").click();
    assertThat(tablet.text("Moved when it was tried")).isVisible();
    assertThat(tablet.page.locator("main")).containsText("taken apart and done again");
    tablet.openMachine(machine);
    Locator moved = list.locator("li:has-text('grease or dirt')").first();
    assertThat(moved).containsText("Moved");
    assertThat(moved).containsText("Taken apart and done again in job");
  }
}
