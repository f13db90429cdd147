package app.unimetric.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every step of whole jobs on a tablet propped on the bench: what to do and what may be said stand
 * on one screen, large enough, and nothing to touch is smaller than a gloved finger.
 */
@InBrowser
class AtArmsLengthTest {
  private static final int MOST_STEPS = 200;

  /** What does not lie on the screen, is too small to touch, or too small to read. */
  private static final String AMISS =
      """
      () => {
        const bench = document.querySelector('[aria-label="Step in hand"]');
        if (!bench) return [];
        const amiss = [];
        const words = (e) => e.tagName.toLowerCase() + ' “' +
          (e.getAttribute('aria-label') ?? e.labels?.[0]?.innerText ?? e.innerText ?? '')
            .trim().slice(0, 40) + '”';
        const onScreen = (e) => {
          const r = e.getBoundingClientRect();
          if (e.checkVisibility() && (r.top < 0 || r.bottom > innerHeight || r.right > innerWidth))
            amiss.push(`${words(e)} from ${Math.round(r.top)} to ${Math.round(r.bottom)}`);
        };
        bench.querySelectorAll('h2.title, .text, .trap, .pending, .advice, .set, .actions .large')
          .forEach(onScreen);
        bench.querySelectorAll('button, select, summary, a, input:not([type=file])').forEach((e) => {
          const touched = e.type === 'radio' || e.type === 'checkbox' ? e.labels[0] : e;
          const r = touched.getBoundingClientRect();
          if (e.checkVisibility() && (r.height < 56 || r.width < 56))
            amiss.push(`${words(e)} is ${Math.round(r.width)} by ${Math.round(r.height)}`);
        });
        bench.querySelectorAll('h2.title, .text, .trap, .pending, .advice, .actions .large')
          .forEach((e) => {
            if (e.checkVisibility() && parseFloat(getComputedStyle(e).fontSize) < 18)
              amiss.push(`${words(e)} is written small`);
          });
        return amiss;
      }
      """;

  private final Workshop workshop;
  private final Browser browser;

  AtArmsLengthTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  @ParameterizedTest(name = "{1}, {2}")
  @Drawn(take = 1, of = 4)
  @CsvSource({
    "Patrol 1, mc-levers-both, daylight",
    "Mule 2, atv-hub-front, dim",
    "Haul 1, bi-stem-carbon, dim",
    "Patrol 1, mc-pads-front, daylight"
  })
  void everyStepStandsOnOneScreen(String machine, String pack, String theme) {
    String job = TwelveJobsTest.open(Visitor.signedIn(workshop, "Asta"), machine, pack);
    Map<String, List<String>> amiss = new TreeMap<>();
    try (Desk tablet = new Desk(workshop, browser, theme, 1024, 768).signIn("Asta")) {
      tablet.go("/jobs/" + job + "/sheet");
      tablet.button("Start at the bench").click();
      Locator step = tablet.step();
      for (int i = 0; i < MOST_STEPS; i++) {
        step.or(tablet.text("Signed off").first()).first().waitFor();
        if (step.count() == 0) {
          break;
        }
        String before = step.innerText();
        look(tablet, amiss);
        TwelveJobsTest.goOn(tablet);
        tablet.waitWhileStepReads(before);
      }
      tablet.seesTheRecord();
    }
    assertThat(amiss).isEmpty();
  }

  private static void look(Desk tablet, Map<String, List<String>> amiss) {
    Object found = tablet.page.evaluate(AMISS);
    if (found instanceof List<?> list && !list.isEmpty()) {
      String title = tablet.step().locator("h2.title").innerText();
      String group = tablet.step().locator(".group").innerText().lines().findFirst().orElse("");
      amiss.put(group + ": " + title, list.stream().map(String::valueOf).toList());
    }
  }
}
