package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Several jobs on one sheet: each keeps its sides, its answers and what was added to it. */
@InWorkshop
class VisitSheetTest extends OnSheets {
  VisitSheetTest(Workshop workshop) {
    super(workshop);
  }

  private static String sidesOf(JsonNode sheet, String pack) {
    for (JsonNode q : sheet.path("questions").path("options")) {
      String id = q.path("option").path("id").asString();
      if (id.startsWith(pack + ".on which")) {
        return id;
      }
    }
    throw new AssertionError(pack + " in " + sheet.path("questions"));
  }

  private static List<String> on(JsonNode sheet, String side) {
    List<String> titles = new ArrayList<>(texts(sheet.path("joints"), "title"));
    titles.removeIf(t -> !t.endsWith(side));
    return titles;
  }

  @Test
  void eachJobIsDoneOnItsOwnSides() {
    UUID job = visit(bram, "Patrol 1", "mc-pads-front", "mc-levers-both", "mc-pegs");
    JsonNode open = sheet(bram, job);
    assertThat(open.path("questions").path("sided").asBoolean()).isFalse();
    String pads = sidesOf(open, "mc-pads-front");
    Answer left = choose(bram, job, Map.of(pads, "LEFT"));
    assertThat(left.status()).as(left.detail()).isEqualTo(200);
    assertThat(on(left.body(), ", right")).isNotEmpty().noneMatch(t -> t.startsWith("Caliper"));
    assertThat(on(left.body(), ", left")).anyMatch(t -> t.startsWith("Caliper"));
    assertThat(on(left.body(), ", right").stream().filter(t -> t.startsWith("Peg")))
        .as("the pegs are still done on both")
        .isNotEmpty();
  }

  @Test
  void whatWasAnsweredAndAddedToAJobBeforeComesIntoTheVisit() {
    String machine = aMachine(aModel(), 2022, "Standard");
    UUID before = open(bram, machine, "mc-pegs");
    choose(bram, before, Map.of(), "RIGHT");
    keep(bram, before, Map.of());
    UUID own = anotherJob();
    bram.post(
        "/api/own-jobs",
        Map.of("id", own, "machineId", machine(machine), "title", "Radio bracket"));
    line(bram, own, List.of(), "plate to rack 4 M6 8.8 9 Nm cross medium manual p 7-14");
    keep(bram, own, Map.of());
    JsonNode offered =
        bram.get("/api/machines/" + machine(machine) + "/offered-jobs?q=radio").body();
    String key = offered.get(0).path("key").asString();
    assertThat(key).startsWith("own-");

    JsonNode sheet = sheet(bram, visit(bram, machine, "mc-pegs", key));
    assertThat(on(sheet, ", left")).isEmpty();
    assertThat(on(sheet, ", right")).isNotEmpty();
    assertThat(texts(sheet.path("jobs"), "")).contains("Radio bracket");
    assertThat(texts(sheet.path("joints"), "title")).contains("Plate to rack");
    assertThat(sheet.path("joints").toString()).contains("p. 7-14");
  }

  @Test
  void whatTwoJobsHaveOtherwiseOfOneJointIsSaidBeforeItStarts() {
    String machine = aMachine(aModel(), 2022, "Standard");
    UUID kept = open(asta, machine, "mc-pads-front");
    shape(asta, kept, put(at("joints", "caliper", "thread"), "M8", "M10x1.25"));
    keep(asta, kept, Map.of());
    UUID job = visit(bram, machine, "mc-wheel-front", "mc-pads-front");
    JsonNode open = sheet(bram, job);
    assertThat(texts(open.path("blockers"), "message"))
        .contains(
            "“Front wheel out and in” has 2 × M8 10.9, “Front brake"
                + " pads” has 2 × M10×1.25 10.9: say how it is on"
                + " this machine.");
    JsonNode caliper = joint(open, "mc-wheel-front.caliper.LEFT");
    List<String> wheel = texts(caliper.path("otherwise").get(0).path("at"), "");
    List<String> pads = texts(caliper.path("otherwise").get(1).path("at"), "");
    assertThat(pads).containsExactly("together", "mc-pads-front", "document", "joints", "caliper");
    Answer alike = shape(bram, job, Map.of("kind", "ALIKE", "at", wheel, "now", pads));
    assertThat(alike.status()).as(alike.detail()).isEqualTo(200);
    JsonNode sheet = alike.body().path("sheet");
    assertThat(texts(sheet.path("blockers"), "kind")).doesNotContain("JOBS_DISAGREE");
    assertThat(joint(sheet, "mc-wheel-front.caliper.RIGHT").path("thread").asString())
        .startsWith("M10×1.25");
    assertThat(shape(bram, job, Map.of("kind", "ALIKE", "at", wheel)).status()).isEqualTo(400);
    assertThat(
            shape(bram, job, Map.of("kind", "ALIKE", "at", wheel, "now", at("joints", "no")))
                .status())
        .isEqualTo(409);
  }

  @Test
  void whatComesIntoAJobOfTheVisitIsKeptWithIt() {
    String machine = aMachine(aModel(), 2022, "Standard");
    UUID job = visit(ilse, machine, "mc-pegs", "mc-mirrors");
    List<String> pegs = List.of("together", "mc-pegs", "document");
    Answer added = line(ilse, job, pegs, "guard 2 M6 8.8 9 Nm manual p 3");
    assertThat(added.status()).as(added.detail()).isEqualTo(200);
    String id = added.body().path("jointId").asString();
    assertThat(id).startsWith("mc-pegs.own-");
    JsonNode joint = joint(added.body().path("page").path("sheet"), id);
    assertThat(joint.path("values").get(0).path("document").asString()).isEqualTo("p. 3");
    line(ilse, job, List.of(), "strap 1 M5 8.8 5 Nm manual p 4");

    Answer kept = keep(ilse, job, Map.of());
    assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    assertThat(texts(kept.body().path("titles"), "")).hasSize(2);
    assertThat(texts(kept.body().path("notKept"), ""))
        .as("what belongs to none of the jobs is named")
        .containsExactly("Strap");
    UUID alone = open(ilse, machine, "mc-pegs");
    assertThat(texts(sheet(ilse, alone).path("joints"), "title")).contains("Guard");
  }
}
