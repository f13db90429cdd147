package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A person at a screen. Remembers what the page asked of the network and complained about. */
final class Desk implements AutoCloseable {
  final String url;
  final BrowserContext context;
  final Page page;
  final List<String> foreign = new ArrayList<>();
  final List<String> complaints = new ArrayList<>();

  Desk(Workshop workshop, Browser browser) {
    this(workshop, browser, "dim", 1280, 800);
  }

  Desk(Workshop workshop, Browser browser, String theme, int width, int height) {
    url = workshop.url();
    context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setTimezoneId("Europe/Oslo")
                .setReducedMotion(ReducedMotion.REDUCE));
    context.setDefaultTimeout(15_000);
    context.addInitScript(
        "localStorage.getItem('unimetric.theme') ?? localStorage.setItem('unimetric.theme', '"
            + theme
            + "')");
    page = context.newPage();
    page.onRequest(
        r -> {
          if (!r.url().startsWith(url) && !r.url().startsWith("data:")) {
            foreign.add(r.url());
          }
        });
    page.onPageError(complaints::add);
  }

  Desk signIn(String name) {
    page.navigate(url + "/");
    page.getByLabel("Name").fill(name);
    page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true))
        .fill("depot-" + name.toLowerCase(Locale.ROOT));
    button("Sign in").click();
    assertThat(heading("On the lifts")).isVisible();
    return this;
  }

  void signOut() {
    button("Sign out").click();
    assertThat(heading("Sign in")).isVisible();
  }

  void go(String path) {
    page.navigate(url + path);
  }

  void openMachine(String name) {
    go("/machines");
    page.locator("main a:has(strong:text-is(\"" + name + "\"))").click();
    assertThat(heading(name)).isVisible();
  }

  /**
   * Looks for a job at the page of a machine, until what is offered for these words stands still.
   */
  void findJob(String words) {
    String asked = "q=" + URLEncoder.encode(words, StandardCharsets.UTF_8).replace("+", "%20");
    page.waitForResponse(
        r -> r.url().contains("offered-jobs") && r.url().endsWith(asked),
        () -> page.getByLabel("Find a job for this machine").fill(words));
    page.evaluate(
        "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))");
  }

  Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  Locator buttonNamed(String wholeName) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(wholeName).setExact(true));
  }

  Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  Locator heading(String name) {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
  }

  Locator text(String text) {
    return page.getByText(text);
  }

  Locator pin() {
    return page.getByLabel("PIN", new Page.GetByLabelOptions().setExact(true));
  }

  /** The joint or step in hand on the sheet. */
  Locator inHand() {
    return page.getByLabel("In hand");
  }

  /** Joints of the sheet by title, in the order in which they are brought to their torque. */
  Locator joints() {
    return page.locator("ol.work li.final .title");
  }

  /** Takes a joint of the sheet in hand. */
  Locator take(String joint) {
    page.locator("ol.work li.final button:has(.title:text-is(\"" + joint + "\"))").first().click();
    return inHand();
  }

  /** The step in hand at the bench. */
  Locator step() {
    return page.getByLabel("Step in hand");
  }

  /** Waits until the step in hand reads otherwise, or the bench is left. */
  void waitWhileStepReads(String before) {
    page.waitForFunction(
        "before => { const s = document.querySelector('[aria-label=\"Step in hand\"]');"
            + " return !s || s.innerText !== before }",
        before);
  }

  /** Signed off, sent, and in the log: what is shown before that is this device's word alone. */
  void seesTheRecord() {
    assertThat(text("Signed off").first()).isVisible();
    assertThat(link("The record")).isVisible();
  }

  void lookAtEveryJointAs(String name, String pin) {
    page.getByLabel("Who looked").selectOption(name);
    pin().fill(pin);
    button("Looked at every joint").click();
  }

  @Override
  public void close() {
    context.close();
  }
}
