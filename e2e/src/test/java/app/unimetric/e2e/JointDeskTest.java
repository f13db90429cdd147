package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The joint desk and the ask line, without signing in, and sending a result into a job. */
@InBrowser
class JointDeskTest {
  private final Workshop workshop;
  private final Browser browser;

  JointDeskTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  private static Locator told(Desk desk) {
    return desk.page.getByLabel("What it comes to");
  }

  private static Locator answer(Desk desk) {
    return desk.page.getByRole(AriaRole.STATUS).first();
  }

  @Test
  void theAskLineAnswersAJointInPlaceAndEnterOpensTheDesk() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/");
      desk.heading("Sign in").waitFor();
      desk.page.locator("body").press("/");
      desk.page.keyboard().type("M8 8.8 into cast aluminium 12 mm");
      assertThat(answer(desk)).containsText("M8 8.8: at most");
      assertThat(answer(desk)).containsText("the thread it is in strips");
      desk.page.keyboard().press("Enter");
      assertThat(desk.heading("Joint desk")).isVisible();
      assertThat(desk.page.getByLabel("Full thread, mm")).hasValue("12");
      assertThat(told(desk)).containsText("Overdone, the thread it is in strips");
    }
  }

  @Test
  void theAskLineAnswersASettingWithACrowfoot() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/desk");
      desk.heading("Joint desk").waitFor();
      desk.page.locator("body").press("/");
      desk.page.keyboard().type("10-12 Nm with 35 mm crowfoot on the 5-25 tool");
      assertThat(answer(desk)).containsText("on the scale");
      assertThat(answer(desk)).containsText("brings 11 N·m");
      assertThat(answer(desk)).containsText("A lever of 250 mm is assumed");
    }
  }

  @Test
  void aDeskIsSetByKeyboardAloneKeptAsALinkAndExplained() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/desk");
      desk.heading("Clamp load over torque").waitFor();
      Locator torque = desk.page.getByLabel("Torque as stated");
      torque.focus();
      desk.page.keyboard().type("22 Nm");
      assertThat(told(desk)).containsText("Clamp load");
      desk.page.keyboard().press("Tab");
      desk.page.keyboard().type("M10, coarse");
      assertThat(told(desk)).containsText(Pattern.compile("M10|kN"));
      desk.page.getByLabel("Threads are").focus();
      desk.page.keyboard().type("greased");
      assertThat(desk.page.locator("tr.now")).containsText("greased");
      desk.page.waitForURL(
          Pattern.compile("torque=22.*condition=GREASED|condition=GREASED.*torque=22"));

      String before = told(desk).innerText();
      desk.page.reload();
      told(desk).getByText("Why these figures").waitFor();
      assertThat(told(desk).innerText()).isEqualTo(before);
      told(desk).getByText("Why these figures").focus();
      desk.page.keyboard().press("Enter");
      assertThat(told(desk).getByText("VDI 2230-1, assembly torque, exact form").first())
          .isVisible();
      assertThat(desk.complaints).isEmpty();
    }
  }

  @Test
  void aWrongUnitAndNonsenseAreSaidAtTheirField() {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go("/desk?torque=180+Nm");
      assertThat(told(desk)).containsText("It would make sense in in·lbf or kgf·cm");
      assertThat(told(desk)).containsText("past yield");
      desk.page.getByLabel("Torque as stated").fill("22");
      assertThat(desk.text("The unit is missing")).isVisible();
      desk.page.getByLabel("Torque as stated").fill("22 Nm");
      assertThat(desk.text("The unit is missing")).isHidden();
      desk.page.getByText("Clamped parts").click();
      desk.page.getByLabel("Grip, mm").fill("wide");
      assertThat(desk.text("Type a plain number")).isVisible();
      desk.page.getByLabel("Grip, mm").fill("20");
      desk.page.getByLabel("Width round it, mm").fill("5");
      assertThat(desk.text("must be larger than the hole")).isVisible();
      desk.page.getByLabel("Width round it, mm").fill("24");
      assertThat(told(desk)).containsText("From snug to this torque about");
    }
  }

  @Test
  void aGroupIsDrawnATubeIsJudgedAndAllOfItGoesOnPaper() throws Exception {
    try (Desk desk = new Desk(workshop, browser)) {
      desk.go(
          "/desk?torque=22+Nm&condition=OILED&grip=30&outer=40&count=6&spacing=24&tube=31.8"
              + "&clampWidth=40&tubeMax=6&gaps=2.1+2.3+2.2+2.7");
      assertThat(told(desk)).containsText("Climb to hold: 3.5 · 3.75 · 4 · 4.5 · 5 · 5.5 N·m");
      assertThat(told(desk)).containsText("The gaps differ by 0.60 mm");
      Locator drawing =
          desk.page.getByRole(AriaRole.IMG).and(desk.page.getByLabel("Clamp load after pass"));
      assertThat(drawing).hasAttribute("aria-label", Pattern.compile("after pass 3.*4: 100 %"));
      told(desk)
          .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("1").setExact(true))
          .click();
      assertThat(drawing).hasAttribute("aria-label", Pattern.compile("after pass 1"));

      String paper = text(desk.page.pdf(new Page.PdfOptions().setFormat("A4")));
      assertThat(paper)
          .contains("Torque as stated", "22 Nm", "Opens again at")
          .contains("VDI 2230-1, assembly torque, exact form")
          .contains("From spacing and stiffness")
          .doesNotContain("Send into a job", "Read in");
    }
  }

  @Test
  void signedInTheAskLineLooksIntoTheCrib() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.page.locator("body").press("/");
      desk.page.keyboard().type("10-12 Nm");
      assertThat(answer(desk)).containsText("In the crib: Quarter-inch click 2–25, 11.0 N·m");
      desk.page.keyboard().type(" on the 7-31 tool");
      assertThat(answer(desk)).containsText("No tool of this span hangs in the crib");
    }
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document);
    }
  }

  @Test
  void aDeskStateIsSentIntoAJobAndFoundOnItsSheet() {
    try (Desk desk = new Desk(workshop, browser).signIn("Bram")) {
      desk.go("/desk?torque=22+Nm&condition=THREADLOCKER_WET");
      desk.button("Send into a job").click();
      Locator job = desk.page.getByLabel("Job", new Page.GetByLabelOptions().setExact(true));
      String option =
          job.locator("option")
              .filter(new Locator.FilterOptions().setHasText("Patrol 3"))
              .first()
              .innerText();
      job.selectOption(option);
      desk.page
          .getByLabel("Joint", new Page.GetByLabelOptions().setExact(true))
          .selectOption("Frame plate to frame");
      desk.button("Send").last().click();
      desk.link("job sheet").click();
      desk.take("Frame plate to frame");
      Locator note = desk.page.getByText("From the desk").first();
      note.click();
      assertThat(desk.page.getByLabel("Torque as stated")).hasValue("22 Nm");
      assertThat(desk.page.getByLabel("Threads are")).hasValue("THREADLOCKER_WET");
    }
  }
}
