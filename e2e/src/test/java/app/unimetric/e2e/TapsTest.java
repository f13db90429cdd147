package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * How long a job is away from the page of its machine, counted in what a hand does: 1.5 s a tap or
 * key that does something, 0.3 s a character.
 */
@InBrowser
class TapsTest {
  private static final double TAP_S = 1.5;
  private static final double CHARACTER_S = 0.3;
  private static final int MOST_TAPS = 10;
  private final Workshop workshop;
  private final Browser browser;
  private int taps;
  private int characters;

  TapsTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
    workshop.forgetStatedValues();
  }

  private void tap(Locator what) {
    what.click();
    taps++;
  }

  private void type(Desk desk, String text) {
    desk.page.keyboard().type(text);
    characters += text.length();
  }

  private void press(Desk desk, String key) {
    desk.page.keyboard().press(key);
    taps++;
  }

  private double seconds() {
    return taps * TAP_S + characters * CHARACTER_S;
  }

  private void find(Desk desk, String machine, String word, String title) {
    desk.openMachine(machine);
    Locator find = desk.page.getByLabel("Find a job for this machine");
    tap(find);
    desk.page.waitForResponse(
        r -> r.url().endsWith(word.substring(word.length() - 2)), () -> type(desk, word));
    assertThat(desk.page.locator("button.offer strong").first()).hasText(title);
    press(desk, "Enter");
    desk.heading("The work, in its order").waitFor();
  }

  private void answerFits(Desk desk) {
    // What fitted on this machine before is looked at, and said to be so still.
    Locator same = desk.buttonNamed("It still is so");
    for (int open = same.count(); open > 0; open--) {
      tap(same.first());
      assertThat(same).hasCount(open - 1);
    }
    Locator fits = desk.buttonNamed("Fits");
    for (int open = fits.count(); open > 0; open--) {
      tap(fits.first());
      assertThat(fits).hasCount(open - 1);
    }
  }

  @ParameterizedTest(name = "{1}")
  @Drawn(take = 6, of = 21)
  @CsvSource({
    "Patrol 1, mc-lever-cable, cable lever, Swap a cable lever",
    "Patrol 1, mc-lever-hydraulic, hydraulic, Swap a hydraulic brake lever",
    "Patrol 1, mc-pads-front, pads, Front brake pads",
    "Patrol 1, mc-wheel-front, front wheel, Front wheel out and in",
    "Trail 1, mc-crash-bars-upper, upper crash, Upper crash bars",
    "Patrol 1, mc-crash-bars-lower, lower crash, Lower crash bars",
    "Patrol 1, mc-sump-plate, sump, Sump plate under crash bars",
    "Patrol 1, mc-pegs, pegs, Passenger pegs",
    "Patrol 1, mc-mounts, mounts, Re-torque engine mounts and pivot",
    "Patrol 1, mc-lowering, lowering, Rear lowering brackets",
    "Patrol 1, mc-flywheel-weight, flywheel, Flywheel weight",
    "Mule 1, atv-pads-front, pads, Front brake pads",
    "Mule 1, atv-rotor-rear, rotor, Rear rotor",
    "Mule 1, atv-hubs-wide, wide, Wide rear hubs and spacers",
    "Haul 1, bi-crank-collar, collar, Crank with preload collar",
    "Haul 1, bi-crank-pinch, two pinch, Crank with two pinch bolts",
    "Haul 1, bi-chainrings, chainrings, Spider and chainrings",
    "Haul 1, bi-bb-cartridge, cartridge, Threaded cartridge bottom bracket",
    "Haul 1, bi-bb-together, together, Thread-together bottom bracket",
    "Haul 1, bi-stem-carbon, stem carbon, 'Stem and bar, carbon'",
    "Haul 1, bi-axle-rack, rack, Through-axle and rack"
  })
  void aKnownJobIsReadyInTenTapsAndAMinute(String machine, String pack, String word, String title) {
    // What only this workshop can know was written down by an earlier job on the same model.
    TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), machine, pack);
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      find(desk, machine, word, title);
      answerFits(desk);
      assertThat(desk.page.getByLabel("Readiness")).containsText("Every joint has one value");
      assertThat(taps).as("taps").isLessThanOrEqualTo(MOST_TAPS);
      assertThat(seconds()).as("seconds").isLessThanOrEqualTo(60);
    }
  }

  @Test
  void threeValuesTypedAreReadyInNinetySeconds() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      find(desk, "Trail 1", "exhaust", "Exhaust slip-on");
      tap(desk.text("Moved over from the old one").first());
      assertThat(desk.joints()).hasCount(3);
      answerFits(desk);
      tap(desk.page.locator("ol.work li.final button.row").first());
      for (String value : new String[] {"12 Nm", "22 Nm", "9 Nm"}) {
        Locator form = desk.inHand().locator("form:has-text('Value as it stands there')");
        Locator typed = form.getByLabel("Value as it stands there");
        if (characters == 0 || typed.evaluate("f => f !== document.activeElement").equals(true)) {
          tap(typed);
        }
        type(desk, value);
        tap(form.getByLabel("Title and page"));
        type(desk, "manual p. 71");
        int before = desk.page.locator("ol.work p.stop").count();
        press(desk, "Enter");
        assertThat(desk.page.locator("ol.work p.stop")).hasCount(before - 1);
      }
      assertThat(desk.page.getByLabel("Readiness")).not().containsText("No value yet");
      assertThat(seconds()).as("%d taps, %d characters", taps, characters).isLessThanOrEqualTo(90);
    }
  }
}
