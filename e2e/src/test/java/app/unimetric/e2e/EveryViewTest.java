package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.FitCall;
import app.unimetric.server.Drawn;
import app.unimetric.server.Workshop;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every view in both themes: accessible, with our fonts, asking no other host for anything. */
@InBrowser
class EveryViewTest {
  private static final String PICTURES = System.getProperty("pictures", "");
  private final Workshop workshop;
  private final Browser browser;

  EveryViewTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static Map<String, Consumer<Desk>> views() {
    Map<String, Consumer<Desk>> views = new LinkedHashMap<>();
    views.put("today", d -> d.heading("Look again").waitFor());
    views.put(
        "machines",
        d -> {
          d.go("/machines");
          d.text("Patrol 2").first().waitFor();
        });
    views.put("machine", d -> d.openMachine("Patrol 2"));
    views.put(
        "sheet",
        d -> {
          d.openMachine("Patrol 3");
          d.link("Fit crash bars (upper)").last().click();
          d.heading("The work, in its order").waitFor();
          d.take("Stay at the tank side");
          d.page.getByText("Why this target").first().click();
        });
    views.put(
        "visit",
        d -> {
          d.openMachine("Patrol 2");
          for (String job :
              new String[] {"Front wheel out and in", "Front brake pads", "Swap both levers"}) {
            d.findJob(job);
            d.page.getByLabel(job + ": in one visit with others").check();
          }
          d.button("Plan these 3 as one visit").click();
          d.heading("The work, in its order").waitFor();
          d.take("Axle pinch bolts");
        });
    views.put(
        "bench",
        d -> {
          d.go("/");
          d.link("Gravel 1").first().click();
          d.step().waitFor();
        });
    views.put(
        "shelf",
        d -> {
          d.go("/shelf?want=WICKING");
          d.heading("Parts used once").waitFor();
        });
    views.put(
        "book",
        d -> {
          d.go("/book");
          d.button("45 in·lbf").first().click();
          d.text("What it was before").waitFor();
        });
    views.put(
        "crib",
        d -> {
          d.go("/crib");
          d.heading("Keys, sockets and special tools").waitFor();
          d.page.locator("summary:has-text('Long click')").click();
        });
    views.put(
        "settings",
        d -> {
          d.go("/settings");
          d.page.getByLabel("Add a person").waitFor();
        });
    views.put(
        "desk",
        d -> {
          d.go(
              "/desk?torque=22+Nm&condition=OILED&into=ALUMINIUM_CAST&length=10&grip=20&outer=24"
                  + "&transverse=900&slip=0.15&count=4");
          d.heading("What 4 of them do to each other").waitFor();
        });
    views.put(
        "fit",
        d -> {
          d.go("/fit/steerer-stack?stockMm=2.5+5+10");
          d.text("It would fit with").waitFor();
        });
    for (FitCall call : FitCall.values()) {
      views.put("fit " + call.call(), d -> drawn(d, call.call()));
    }
    views.put(
        "fits",
        d -> {
          d.go("/fit");
          d.link("spindle and shell").waitFor();
        });
    views.put(
        "log",
        d -> {
          d.go("/log");
          d.page.getByRole(AriaRole.ROW).nth(1).waitFor();
        });
    views.put(
        "record",
        d -> {
          d.go("/log");
          d.link("Fit crash bars (upper)").last().click();
          d.heading("Every entry").waitFor();
        });
    return views;
  }

  private static void drawn(Desk desk, String call) {
    desk.go("/fit/" + call);
    desk.page.getByLabel("What it comes to").getByRole(AriaRole.IMG).first().waitFor();
    desk.page.getByLabel("What it comes to").getByRole(AriaRole.STATUS).first().waitFor();
  }

  @ParameterizedTest
  @ValueSource(strings = {"dim", "daylight"})
  void isAccessibleAndSelfContained(String theme) {
    try (Desk desk = new Desk(workshop, browser, theme, 1280, 800)) {
      desk.page.navigate(desk.url + "/");
      desk.heading("Sign in").waitFor();
      check(desk, theme, "sign-in");
      desk.signIn("Asta");
      views()
          .forEach(
              (name, open) -> {
                if (isToSee(name, theme.equals("dim"))) {
                  open.accept(desk);
                  check(desk, theme, name);
                }
              });
      assertThat(desk.foreign).isEmpty();
      assertThat(desk.complaints).isEmpty();
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {390, 1024})
  void fitsItsScreenWithoutScrollingSideways(int width) {
    try (Desk desk = new Desk(workshop, browser, "daylight", width, width == 390 ? 844 : 768)) {
      desk.signIn("Asta");
      views()
          .forEach(
              (name, open) -> {
                if (!isToSee(name, width == 390)) {
                  return;
                }
                open.accept(desk);
                assertThat(desk.page.evaluate("document.documentElement.scrollWidth"))
                    .as(name)
                    .isEqualTo(width);
              });
    }
  }

  /** Each view in one of two ways, drawn for it; for pictures every one of them. */
  private static boolean isToSee(String view, boolean first) {
    return !PICTURES.isEmpty() || Drawn.Draw.takes(view, first);
  }

  private static void check(Desk desk, String theme, String name) {
    desk.page.evaluate("document.fonts.ready");
    assertThat(
            desk.page.evaluate(
                "[...document.fonts].filter(f => f.status === 'loaded').map(f => f.family).join()"))
        .asString()
        .contains("IBM Plex Sans");
    var violations = new AxeBuilder(desk.page).analyze().getViolations();
    assertThat(violations)
        .as(
            name
                + " in "
                + theme
                + ": "
                + violations.stream()
                    .map(
                        v ->
                            v.getId()
                                + " "
                                + v.getNodes().stream().map(n -> n.getHtml()).limit(2).toList())
                    .toList())
        .isEqualTo(List.of());
    if (!PICTURES.isEmpty()
        && !name.startsWith("fit ")
        && theme.equals(
            name.equals("machines")
                    || name.equals("visit")
                    || name.equals("log")
                    || name.equals("record")
                    || name.equals("sign-in")
                ? "daylight"
                : "dim")) {
      desk.page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(PICTURES, name + ".png")));
    }
  }
}
