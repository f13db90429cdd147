package app.unimetric.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Drawn;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/**
 * Ordinary jobs run at the bench to their signature; the order is read back from the entries of the
 * record and held against what the trade says of it.
 */
@InBrowser
class TwelveJobsTest {
  private static final String CLAMPS = "faceplate.*|steerer|collar";

  private static final Map<String, String> TORQUES =
      Map.ofEntries(
          Map.entry("M3", "2.5 Nm"),
          Map.entry("M4", "2.5 Nm"),
          Map.entry("M5", "5 Nm"),
          Map.entry("M6", "9 Nm"),
          Map.entry("M8", "20 Nm"),
          Map.entry("M8×0.75", "8 Nm"),
          Map.entry("M10", "20 Nm"),
          Map.entry("M20×1", "2.5 Nm"));
  private final Workshop workshop;
  private final Browser browser;

  TwelveJobsTest(Workshop workshop, Browser browser) {
    this.workshop = workshop;
    this.browser = browser;
  }

  /** Machine, job, and steps of the run sheet in the order in which they must have been done. */
  @ParameterizedTest(name = "{1}")
  @Drawn(take = 4, of = 11)
  @CsvSource(
      delimiter = '|',
      value = {
        "Patrol 1|mc-wheel-front|undo.pinch undo.axle step.lift step.settle pass.axle.1 hand.pinch step.pump-fork pass.pinch.1 round.pinch hand.caliper pass.caliper.LEFT.1 step.pump check.lever",
        "Patrol 1|mc-levers-both|undo.clutch-nut step.slack undo.brake-pivot step.brake-off carried-over pass.clutch-pivot.1 step.clutch-swing pass.clutch-nut.1 step.pump check.lamp",
        "Patrol 1|mc-pads-front|step.level undo.pad-pin.LEFT undo.caliper.LEFT step.push.LEFT step.seat.LEFT hand.caliper.LEFT pass.caliper.LEFT.3 pass.pad-pin.LEFT.1 undo.pad-pin.RIGHT undo.caliper.RIGHT step.push.RIGHT hand.caliper.RIGHT pass.pad-pin.RIGHT.1 step.pump",
        "Mule 1|atv-rotor-rear|step.pin-out undo.axle-nut undo.lugs step.lift undo.caliper undo.rotor round.rotor hand.axle-nut pass.axle-nut.1 step.pin step.dial hand.caliper round.caliper hand.lugs step.pump",
        "Mule 1|atv-hubs-wide|step.pin-out.LEFT undo.axle-nut.LEFT step.lift pass.axle-nut.LEFT.1 step.new-pin.LEFT hand.spacer.LEFT round.spacer.LEFT hand.lugs.LEFT round.lugs.LEFT pass.axle-nut.RIGHT.1 round.lugs.RIGHT",
        "Haul 1|bi-stem-carbon|undo.levers undo.steerer undo.topcap undo.faceplate round.faceplate step.corners pass.topcap.1 step.play step.straight pass.steerer.1 round.steerer round.levers",
        "Haul 1|bi-crank-pinch|undo.pinch undo.cap step.off step.preload pass.cap.1 hand.pinch step.plate pass.pinch.1 round.pinch check.play",
        "Haul 1|bi-crank-collar|undo.pedal-left undo.collar undo.fixing step.cap-verified pass.fixing.1 step.home step.play pass.collar.1 pass.pedal-right.1 check.play",
        "Haul 1|bi-bb-press|undo.bi-crank-pinch.pinch undo.bi-crank-pinch.cap step.bi-crank-pinch.off step.out step.half step.grease step.home step.flush hand.bi-crank-pinch.cap pass.bi-crank-pinch.cap.1 step.bi-crank-pinch.plate pass.bi-crank-pinch.pinch.1",
        "Haul 1|bi-chainrings|undo.pedal-left step.chain undo.crank undo.rings step.rings-off undo.spider round.spider hand.rings round.rings hand.crank pass.crank.1 pass.pedal-right.1",
        "Haul 1|bi-axle-rack|undo.axle step.wheel pass.axle.1 hand.rack round.rack step.heel kept"
      })
  void isDoneInTheOrderTheTradeTells(String machine, String pack, String order) {
    Visitor lead = Visitor.signedIn(workshop, "Asta");
    String job = open(lead, machine, pack);
    try (Desk desk = new Desk(workshop, browser).signIn("Asta")) {
      desk.go("/jobs/" + job + "/sheet");
      assertThat(desk.page.getByLabel("Readiness")).containsText("Ready");
      desk.button("Start at the bench").click();
      play(desk);
      desk.seesTheRecord();
      assertThat(desk.complaints).isEmpty();
    }
    List<String> done = new ArrayList<>();
    lead.get("/api/log/" + job)
        .body()
        .path("asBuilt")
        .path("run")
        .path("entries")
        .forEach(e -> done.add(e.path("event").path("stepId").asString()));
    int at = -1;
    for (String step : order.split(" ")) {
      int next = first(done, step);
      assertThat(next).as("%s in %s", step, done).isGreaterThan(at);
      at = next;
    }
  }

  private static int first(List<String> done, String step) {
    for (int i = 0; i < done.size(); i++) {
      if (done.get(i).equals(step) || done.get(i).startsWith(step + ".")) {
        return i;
      }
    }
    return -1;
  }

  /** By the main button of every step, as a mechanic in gloves does. */
  static void play(Desk desk) {
    Locator step = desk.step();
    for (int i = 0; i < 200; i++) {
      step.or(desk.text("Signed off").first()).first().waitFor();
      if (step.count() == 0) {
        return;
      }
      String before = step.innerText();
      goOn(desk);
      desk.waitWhileStepReads(before);
    }
  }

  /** By the main button of the step in hand. */
  static void goOn(Desk desk) {
    if (desk.page.getByLabel("Who looked").count() > 0) {
      look(desk);
    } else if (desk.buttonNamed("As it should be").count() > 0) {
      figure(desk);
      desk.buttonNamed("As it should be").click();
    } else if (desk.page.getByLabel("What you found").count() > 0) {
      figure(desk);
      desk.button("Write down").click();
    } else if (desk.button("In line already").count() > 0
        && desk.button("It stands at the slot").count() == 0) {
      desk.button("In line already").click();
    } else if (desk.button("Sign off as Asta").count() > 0) {
      desk.button("Sign off as Asta").click();
    } else {
      desk.page.keyboard().press("Space");
    }
  }

  private static void look(Desk desk) {
    Locator looked = desk.button("Looked at every joint");
    for (int i = 0; i < 5 && !looked.isEnabled(); i++) {
      desk.page.getByLabel("Who looked").selectOption("Bram");
      desk.pin().fill("1357");
    }
    looked.click();
    desk.page
        .getByLabel("Who looked")
        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
  }

  private static void figure(Desk desk) {
    Locator least = desk.page.getByLabel("Least allowed");
    Locator most = desk.page.getByLabel("Most allowed");
    if (least.count() > 0) {
      least.fill("1");
    }
    if (most.count() > 0) {
      most.fill("4");
    }
    Locator field = desk.page.getByLabel("What you found");
    if (field.count() > 0) {
      field.fill("3, as it was");
    }
  }

  /** Opens a job and fills in all that only a workshop can know. */
  static String open(Visitor lead, String machine, String pack) {
    String id = UUID.randomUUID().toString();
    String machineId =
        lead.get("/api/machines?q=" + machine.replace(" ", "%20"))
            .body()
            .get(0)
            .path("id")
            .asString();
    lead.post("/api/jobs", Map.of("id", id, "machineId", machineId, "packKey", pack));
    return makeReady(lead, id);
  }

  /** Fills in what is missing before a job can begin. */
  static String makeReady(Visitor lead, String id) {
    JsonNode sheet = lead.get("/api/jobs/" + id + "/sheet").body();
    for (int i = 0; i < 60 && !sheet.path("ready").asBoolean(); i++) {
      JsonNode blocker = sheet.path("blockers").get(0);
      mend(lead, id, sheet, blocker);
      sheet = lead.get("/api/jobs/" + id + "/sheet").body();
    }
    assertThat(sheet.path("ready").asBoolean()).as(sheet.path("blockers").toString()).isTrue();
    return id;
  }

  private static void mend(Visitor lead, String job, JsonNode sheet, JsonNode blocker) {
    Map<String, Object> said = new HashMap<>(Map.of("id", UUID.randomUUID()));
    String about = blocker.path("about").asString("");
    String path = "/api/jobs/" + job;
    boolean product = about.matches("[A-Z_]+");
    switch (product ? "PRODUCT" : blocker.path("kind").asString()) {
      case "MISSING_VALUE" -> {
        String joint = blocker.path("jointId").asString();
        said.putAll(Map.of("jointId", joint, "source", "MANUAL", "document", "Test manual p. 1"));
        said.put("typed", torque(sheet, joint));
        said.put("version", sheet.path("version").asInt());
        path += "/values";
      }
      case "FIT_NOT_CHECKED" -> {
        said.putAll(Map.of("question", about, "fits", true, "note", "measured"));
        String call =
            sheet.path("preparation").path("fitCalls").path(about).path("call").asString("");
        if (!call.isEmpty()) {
          said.put("worked", GoodFits.of(call));
        }
        said.put("version", sheet.path("version").asInt());
        path += "/fits";
      }
      case "NOT_IN_CRIB" -> {
        said.putAll(Map.of("name", about, "here", true));
        path = "/api/crib/hand-tools";
      }
      case "PRODUCT" -> {
        said.putAll(Map.of("name", "Fresh " + about, "compound", about, "lot", "7"));
        said.putAll(Map.of("sheet", "p. 1", "breakaway", "", "gapMm", "", "hottestC", ""));
        said.putAll(Map.of("notFor", List.of(), "monthsOpen", ""));
        said.put(
            "times",
            about.matches("LOW|MEDIUM|HIGH|WICKING|RETAINING.*")
                ? List.of(Map.of("atC", "21", "fixture", "20 min", "fullCure", "24 h"))
                : List.of());
        path = "/api/shelf/products";
      }
      default -> {
        said.putAll(Map.of("name", about, "pieces", 20, "price", "", "why", "test"));
        said.putAll(Map.of("size", "", "strength", "", "orderNumber", ""));
        path = "/api/shelf/parts";
      }
    }
    Visitor.Answer answer = lead.post(path, said);
    assertThat(answer.status()).as(blocker + " " + answer.detail()).isEqualTo(200);
  }

  private static String torque(JsonNode sheet, String joint) {
    for (JsonNode one : sheet.path("joints")) {
      if (one.path("id").asString().equals(joint)) {
        String thread = one.path("thread").asString().split(" ")[0];
        boolean clampsCarbon =
            sheet.path("title").asString().contains("carbon") && joint.matches(CLAMPS);
        return clampsCarbon ? "max 5 Nm" : TORQUES.getOrDefault(thread, "40 Nm");
      }
    }
    throw new AssertionError("no joint " + joint);
  }
}
