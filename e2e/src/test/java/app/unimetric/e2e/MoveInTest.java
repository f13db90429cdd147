package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
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
}
