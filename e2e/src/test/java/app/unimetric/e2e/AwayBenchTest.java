package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The bench while nobody can be reached: the work goes on, and afterwards all of it is there once.
 */
@InBrowser
class AwayBenchTest {
  private final Workshop workshop;
  private final Browser browser;

  AwayBenchTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private String started(Desk desk, String machine, String pack) {
    String job = TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), machine, pack);
    desk.go("/jobs/" + job + "/sheet");
    desk.button("Start at the bench").click();
    assertThat(desk.step()).isVisible();
    // What the page needs to open by itself is on the device from here on.
    desk.page.evaluate("() => navigator.serviceWorker.ready.then(() => true)");
    desk.page.waitForResponse("**/api/people", () -> desk.page.reload());
    assertThat(desk.step()).isVisible();
    desk.page.waitForFunction("() => navigator.serviceWorker.controller !== null");
    return job;
  }

  private List<JsonNode> entries(String job) {
    List<JsonNode> entries = new ArrayList<>();
    Visitor.signedIn(workshop, "Asta")
        .get("/api/jobs/" + job + "/run")
        .body()
        .path("state")
        .path("entries")
        .forEach(entries::add);
    return entries;
  }

  @Test
  void aWholeJobIsDoneOutOfReachOverAReloadAndSentOnceWhenSomebodyAnswers() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      String job = started(desk, "Haul 1", "bi-stem-carbon");
      desk.context.setOffline(true);
      TwelveJobsTest.goOn(desk);
      assertThat(desk.text("Out of reach: go on")).isVisible();
      String second = desk.step().locator("h2.title").innerText();
      desk.page.reload();
      assertThat(desk.step().locator("h2.title")).hasText(second);
      TwelveJobsTest.play(desk);
      assertThat(desk.text("Signed off").first()).isVisible();
      assertThat(desk.text("as soon as it is sent")).isVisible();
      int said = desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM).count();
      assertThat(entries(job)).as("nobody could be told").isEmpty();

      desk.context.setOffline(false);
      assertThat(desk.text("Out of reach: go on")).isHidden();
      assertThat(desk.text("as soon as it is sent")).isHidden();
      List<JsonNode> told = entries(job);
      assertThat(told).hasSize(said);
      assertThat(told).allMatch(e -> !e.has("notCounted"));
      assertThat(told)
          .extracting(e -> e.path("event").path("id").asString())
          .doesNotHaveDuplicates();
      assertThat(desk.complaints).isEmpty();
      desk.link("The record").click();
      assertThat(desk.heading("Stem and bar")).isVisible();
    }
  }

  @Test
  void whatTwoPeopleDidAtTheSameFastenerIsSaidInWords() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram");
        Desk other = new Desk(workshop, browser).signIn("Ilse")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      other.go("/jobs/" + job + "/bench");
      assertThat(other.step()).isVisible();
      desk.context.setOffline(true);
      TwelveJobsTest.goOn(desk);
      assertThat(desk.text("Out of reach: go on")).isVisible();
      String before = other.step().innerText();
      TwelveJobsTest.goOn(other);
      other.waitWhileStepReads(before);
      other.page.waitForCondition(() -> entries(job).size() == 1);
      desk.context.setOffline(false);
      assertThat(desk.text("Somebody else was at this job meanwhile")).isVisible();
      assertThat(desk.page.locator(".overtaken")).containsText("Another step is in hand");
      assertThat(entries(job)).as("both stand in the log").hasSize(2);
      assertThat(desk.step().locator("h2.title"))
          .hasText(other.step().locator("h2.title").innerText());
      desk.buttonNamed("Looked: go on").click();
      assertThat(desk.text("Somebody else was at this job meanwhile")).isHidden();
    }
  }

  @Test
  void anotherDeviceSeesEachEntryAndWhoElseIsThere() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram");
        Desk other = new Desk(workshop, browser, "daylight", 390, 844).signIn("Ilse")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      other.go("/jobs/" + job + "/bench");
      assertThat(other.text("Here too: Bram")).isVisible();
      assertThat(desk.text("Here too: Ilse")).isVisible();
      for (int i = 0; i < 4; i++) {
        String before = desk.step().locator("h2.title").innerText();
        TwelveJobsTest.goOn(desk);
        assertThat(desk.step().locator("h2.title")).not().hasText(before);
        String after = desk.step().locator("h2.title").innerText();
        assertThat(other.step().locator("h2.title")).hasText(after);
      }
      other.close();
      assertThat(desk.text("Here too: Ilse"))
          .isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(30_000));
    }
  }

  @Test
  void anotherDeviceGoesOnSeeingAfterTheDatabaseWasAway() throws IOException {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram");
        Desk other = new Desk(workshop, browser).signIn("Ilse")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      other.go("/jobs/" + job + "/bench");
      assertThat(other.text("Here too: Bram")).isVisible();
      workshop.stopPostgres();
      workshop.startPostgres();
      String before = other.step().locator("h2.title").innerText();
      TwelveJobsTest.goOn(desk);
      assertThat(desk.step().locator("h2.title")).not().hasText(before);
      assertThat(other.step().locator("h2.title"))
          .hasText(
              desk.step().locator("h2.title").innerText(),
              new LocatorAssertions.HasTextOptions().setTimeout(20_000));
    }
  }

  @Test
  void whatOneSaidOnThisDeviceWaitsForThemAndTheOtherIsTold() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      desk.page.route("**/run/events", r -> r.abort());
      TwelveJobsTest.goOn(desk);
      assertThat(desk.text("1 entry waits")).isVisible();
      desk.signOut();
      desk.signIn("Ilse");
      desk.go("/jobs/" + job + "/bench");
      assertThat(desk.text("Entries of Bram wait on this device")).isVisible();
      assertThat(desk.page.getByLabel("Entries")).hasCount(0);
      desk.page.unroute("**/run/events");
      desk.signOut();
      desk.signIn("Bram");
      desk.go("/jobs/" + job + "/bench");
      assertThat(desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM)).hasCount(1);
      desk.page.waitForCondition(() -> entries(job).size() == 1);
      assertThat(desk.text("Entries of Bram wait")).isHidden();
    }
  }

  /** The server fails at one entry: it is shown, later ones wait, and nothing is signed. */
  @Test
  void anEntryAtWhichTheServerFailsIsShownAndSentAgain() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      String failed = "{\"status\":500,\"detail\":\"Something went wrong here.\",\"errors\":[]}";
      desk.page.route(
          "**/run/events",
          r ->
              r.fulfill(
                  new Route.FulfillOptions()
                      .setStatus(500)
                      .setContentType("application/problem+json")
                      .setBody(failed)));
      TwelveJobsTest.goOn(desk);
      assertThat(desk.text("Not taken by the server"))
          .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(30_000));
      String before = desk.step().innerText();
      TwelveJobsTest.goOn(desk);
      desk.waitWhileStepReads(before);
      assertThat(desk.text("One later entry of this job waits behind it")).isVisible();
      assertThat(entries(job)).isEmpty();
      desk.page.unroute("**/run/events");
      desk.buttonNamed("Send it again").click();
      desk.page.waitForCondition(() -> entries(job).size() == 2);
      assertThat(desk.text("Not taken by the server")).isHidden();
    }
  }

  /** The bench has a kind of step that this page does not know. */
  @Test
  void anOlderPageSaysSoAndItsWordsAreSent() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      desk.page.route(
          "**/api/jobs/" + job + "/run",
          r -> {
            String run = r.fetch().text();
            int last = run.lastIndexOf("\"kind\":\"SIGN_OFF\"");
            r.fulfill(
                new Route.FulfillOptions()
                    .setContentType("application/json")
                    .setBody(
                        run.substring(0, last)
                            + "\"kind\":\"WELD\""
                            + run.substring(last + "\"kind\":\"SIGN_OFF\"".length())));
          });
      desk.page.reload();
      assertThat(desk.text("This page is older than the bench")).isVisible();
      TwelveJobsTest.goOn(desk);
      desk.page.waitForCondition(() -> entries(job).size() == 1);
      desk.page.unroute("**/api/jobs/" + job + "/run");
      desk.buttonNamed("Load it anew").click();
      assertThat(desk.step()).isVisible();
      assertThat(desk.text("This page is older than the bench")).isHidden();
      assertThat(desk.page.getByLabel("Entries").getByRole(AriaRole.LISTITEM)).hasCount(1);
    }
  }

  @Test
  void withoutTheServerTheFirstPageLeadsToTheBenchesKeptHere() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      String job = started(desk, "Haul 1", "bi-pedals");
      assertThat(desk.step()).isVisible();
      desk.context.setOffline(true);
      desk.go("/");
      assertThat(desk.heading("Benches this device keeps")).isVisible();
      desk.page.locator("a[href='/jobs/" + job + "/bench']").click();
      assertThat(desk.step()).isVisible();
      TwelveJobsTest.goOn(desk);
      assertThat(desk.text("1 entry waits")).isVisible();
    }
  }

  @Test
  void aHoldPointIsNotPassedByTheSpaceBarAndWhatIsNotGoodStopsTheJob() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      String job = started(desk, "Haul 1", "bi-stem-metal");
      while (desk.step().getByText("Hold point").count() == 0) {
        String before = desk.step().innerText();
        TwelveJobsTest.goOn(desk);
        desk.waitWhileStepReads(before);
      }
      String hold = desk.step().locator("h2.title").innerText();
      int said = entries(job).size();
      desk.page.keyboard().press("Space");
      desk.page.getByLabel("What you saw or felt").fill("a crack at the clamp");
      desk.buttonNamed("Not as it should be").click();
      assertThat(desk.page.locator(".pending")).containsText("a crack at the clamp");
      assertThat(desk.step().locator("h2.title")).hasText(hold);
      desk.page.waitForCondition(() -> entries(job).size() == said + 1);
      desk.page.getByLabel("What you saw or felt").fill("new part in");
      desk.buttonNamed("Replaced").click();
      assertThat(desk.step().locator("h2.title")).not().hasText(hold);
    }
  }

  @Test
  void aLookThatWasNotSentBeforeThePageWasLeftIsTold() {
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      started(desk, "Haul 1", "bi-stem-carbon");
      desk.context.setOffline(true);
      while (desk.page.getByLabel("Who looked").count() == 0) {
        String before = desk.step().innerText();
        TwelveJobsTest.goOn(desk);
        desk.waitWhileStepReads(before);
      }
      TwelveJobsTest.goOn(desk);
      assertThat(desk.button("Sign off as Asta")).isVisible();
      desk.page.reload();
      assertThat(desk.text("before the look of Bram was sent")).isVisible();
      assertThat(desk.page.getByLabel("Who looked")).isVisible();
      desk.buttonNamed("Read").click();
      assertThat(desk.text("before the look of Bram was sent")).isHidden();
    }
  }
}
