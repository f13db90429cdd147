package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A job shaped to the machine in hand, several in one visit, one from nothing, one done again. */
@InWorkshop
class ShapeTest extends OnSheets {
  ShapeTest(Workshop workshop) {
    super(workshop);
  }

  @Test
  void anotherThreadTakesEverythingAlongAndMarksItsValues() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    Answer sheet = bram.get("/api/jobs/" + job + "/sheet");
    Map<String, Object> value =
        Map.of(
            "id", UUID.randomUUID(),
            "jointId", "caliper.LEFT",
            "typed", "26 Nm",
            "source", "MANUAL",
            "document", "p. 6-12",
            "version", sheet.body().path("version").asInt());
    JsonNode before = bram.post("/api/jobs/" + job + "/values", value).body();
    Answer after = shape(bram, job, put(at("joints", "caliper", "thread"), "M8", "M10x1.25"));
    assertThat(after.status()).as(after.detail()).isEqualTo(200);
    for (String side : List.of("LEFT", "RIGHT")) {
      JsonNode joint = joint(after.body().path("sheet"), "caliper." + side);
      assertThat(joint.path("thread").asString()).isEqualTo("M10×1.25 10.9");
      assertThat(joint.path("ceiling").path("torqueNm").asDouble())
          .isGreaterThan(
              1.5 * joint(before, "caliper." + side).path("ceiling").path("torqueNm").asDouble());
      assertThat(joint.path("values").get(0).path("statedFor").asString()).isEqualTo("M8");
      assertThat(texts(joint.path("notes"), ""))
          .contains("26 N·m was stated for M8, not for M10×1.25: look it up again.");
    }
    JsonNode shape = after.body().path("shape");
    assertThat(shape.path("canUndo").asBoolean()).isTrue();
    assertThat(shape.path("differs").get(0)).hasSize(3);
    Answer undone = bram.post("/api/jobs/" + job + "/shape/undo", Map.of("id", UUID.randomUUID()));
    assertThat(undone.body().path("shape").path("shaped").asBoolean()).isFalse();
    assertThat(
            joint(undone.body().path("sheet"), "caliper.LEFT")
                .path("values")
                .get(0)
                .has("statedFor"))
        .isFalse();
    Answer redone = bram.post("/api/jobs/" + job + "/shape/redo", Map.of("id", UUID.randomUUID()));
    assertThat(joint(redone.body().path("sheet"), "caliper.LEFT").path("thread").asString())
        .startsWith("M10");
    assertThat(
            bram.post("/api/jobs/" + job + "/shape/redo", Map.of("id", UUID.randomUUID())).status())
        .isEqualTo(409);
  }

  @Test
  void twoShapeOneJobAndNobodyLosesAChange() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    assertThat(shape(bram, job, put(at("joints", "caliper", "count"), 2, 4)).status())
        .isEqualTo(200);
    Answer other = shape(ilse, job, put(at("joints", "caliper", "drive"), "12 mm socket", "T30"));
    assertThat(other.status()).as(other.detail()).isEqualTo(200);
    assertThat(joint(other.body().path("sheet"), "caliper.LEFT").path("count").asInt())
        .as("the second sees what the first did")
        .isEqualTo(4);
    Answer same = shape(ilse, job, put(at("joints", "caliper", "count"), 2, 3));
    assertThat(same.status()).isEqualTo(409);
    assertThat(same.detail()).contains("it is now “4”");
  }

  @Test
  void theSameChangeSentTwiceCountsOnce() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    Map<String, Object> change =
        Map.of(
            "id",
            UUID.randomUUID(),
            "edits",
            List.of(Map.of("kind", "COPY", "at", at("joints", "caliper"))));
    bram.post("/api/jobs/" + job + "/shape", change);
    Answer again = bram.post("/api/jobs/" + job + "/shape", change);
    assertThat(again.status()).isEqualTo(200);
    assertThat(texts(again.body().path("shape").path("document").path("joints"), "id"))
        .containsExactly("caliper", "caliper-2", "pad-pin", "pad-pins");
  }

  @Test
  void whatCannotBeIsToldAtItsFieldAndNothingIsChanged() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    Answer refused = shape(bram, job, put(at("joints", "caliper", "thread"), "M8", "M8 by feel"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(texts(refused.body().path("errors"), "field")).contains("joints/caliper/thread");
    assertThat(bram.get("/api/jobs/" + job + "/shape").body().path("shaped").asBoolean()).isFalse();
  }

  @Test
  void onlyALeadSaysThatNothingCriticalHangsOnAJoint() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    Map<String, Object> lower = put(at("joints", "caliper", "critical"), true, false);
    Answer refused = shape(bram, job, lower);
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.detail()).contains("Caliper to bracket");
    assertThat(shape(asta, job, lower).status()).as("without a reason").isEqualTo(400);
    Answer taken =
        asta.post(
            "/api/jobs/" + job + "/shape",
            Map.of(
                "id",
                UUID.randomUUID(),
                "edits",
                List.of(lower),
                "reason",
                "Show machine, never ridden."));
    assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
    assertThat(shape(bram, job, put(at("joints", "caliper", "critical"), false, true)).status())
        .as("upwards is free")
        .isEqualTo(200);
  }

  @Test
  void whatGoesWithAJointIsToldBeforeAndDone() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    Answer touches =
        bram.post("/api/jobs/" + job + "/shape/removal", Map.of("at", at("joints", "pad-pin")));
    assertThat(texts(touches.body().path("touches"), ""))
        .anyMatch(t -> t.startsWith("The rule goes: Caliper bolts, then pins"));
    Answer gone = shape(bram, job, Map.of("kind", "REMOVE", "at", at("joints", "pad-pin")));
    assertThat(gone.status()).as(gone.detail()).isEqualTo(200);
    assertThat(texts(gone.body().path("sheet").path("joints"), "id"))
        .containsExactlyInAnyOrder("caliper.LEFT", "caliper.RIGHT");
  }

  @Test
  void nothingIsShapedOnceTheWorkHasBegun() {
    UUID job = open(bram, "Gravel 1", "stem-and-bar");
    JsonNode sheet = bram.get("/api/jobs/" + job + "/sheet").body();
    bram.post("/api/jobs/" + job + "/run", Map.of("version", sheet.path("version").asInt()));
    Answer late = shape(bram, job, put(at("title"), sheet.path("title").asString(), "Other"));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.detail()).contains("The work has begun");
  }

  @Test
  void aJointOfTheJobAroundIsShapedWhereItStands() {
    UUID job = open(bram, "Haul 1", "bi-bb-press");
    JsonNode sheet = bram.get("/api/jobs/" + job + "/sheet").body();
    List<String> place = texts(joint(sheet, "bi-crank-pinch.pinch").path("at"), "");
    assertThat(place).containsExactly("around", "bi-crank-pinch", "document", "joints", "pinch");
    List<String> thread = new ArrayList<>(place);
    thread.add("count");
    Answer changed = shape(bram, job, put(thread, 2, 3));
    assertThat(changed.status()).as(changed.detail()).isEqualTo(200);
    assertThat(joint(changed.body().path("sheet"), "bi-crank-pinch.pinch").path("count").asInt())
        .isEqualTo(3);
  }

  @Test
  void fromNothingToAPlan() {
    UUID job = anotherJob();
    Answer opened =
        bram.post(
            "/api/own-jobs",
            Map.of("id", job, "machineId", machine("Mule 1"), "title", "Radio bracket"));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    assertThat(opened.body().path("joints")).isEmpty();
    Map<String, Object> line =
        Map.of(
            "id",
            UUID.randomUUID(),
            "within",
            List.of(),
            "line",
            "plate to rack 4 M6 8.8 9 Nm cross medium manual p 7-14");
    Answer added = bram.post("/api/jobs/" + job + "/joint-lines", line);
    assertThat(added.status()).as(added.detail()).isEqualTo(200);
    JsonNode joint = added.body().path("page").path("sheet").path("joints").get(0);
    assertThat(joint.path("title").asString()).isEqualTo("Plate to rack");
    assertThat(joint.path("count").asInt()).isEqualTo(4);
    assertThat(joint.path("values").get(0).path("document").asString()).isEqualTo("p. 7-14");
    assertThat(joint.path("compoundWords").asString()).isEqualTo("medium-strength threadlocker");
    assertThat(texts(added.body().path("assumed"), ""))
        .anyMatch(a -> a.startsWith("Nothing critical"));
    Answer again = bram.post("/api/jobs/" + job + "/joint-lines", line);
    assertThat(again.body().path("page").path("sheet").path("joints")).hasSize(1);
    assertThat(again.body().path("page").path("sheet").path("joints").get(0).path("values"))
        .hasSize(1);
    Answer refused =
        bram.post(
            "/api/jobs/" + job + "/joint-lines",
            Map.of("id", UUID.randomUUID(), "within", List.of(), "line", "20 Nm cross"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").get(0).path("message").asString())
        .contains("No thread was named");
  }

  @Test
  void aJobIsNotStartedWithoutAnyJointOrStepToDo() {
    UUID job = anotherJob();
    JsonNode sheet =
        bram.post(
                "/api/own-jobs",
                Map.of("id", job, "machineId", machine("Mule 1"), "title", "Nothing yet"))
            .body();
    assertThat(sheet.path("ready").asBoolean()).isFalse();
    assertThat(texts(sheet.path("blockers"), "message"))
        .containsExactly("Nothing is to be done yet: add a joint or a step.");
  }

  @Test
  void aVisitUndoesAndDoesOnceWhatTwoJobsShare() {
    UUID job = anotherJob();
    Answer visit =
        bram.post(
            "/api/visits",
            Map.of(
                "id",
                job,
                "machineId",
                machine("Patrol 1"),
                "packKeys",
                List.of("mc-wheel-front", "mc-pads-front", "mc-levers-both")));
    assertThat(visit.status()).as(visit.detail()).isEqualTo(200);
    JsonNode sheet = visit.body();
    assertThat(texts(sheet.path("jobs"), "")).hasSize(3);
    List<String> titles = texts(sheet.path("joints"), "title");
    assertThat(titles).doesNotHaveDuplicates();
    assertThat(titles).filteredOn(t -> t.startsWith("Caliper to bracket")).hasSize(2);
    List<String> work = new ArrayList<>();
    sheet
        .path("work")
        .forEach(l -> work.add(l.path("doing").asString() + " " + l.path("title").asString()));
    assertThat(work.stream().filter(w -> w.contains("Stand it upright and hold it"))).hasSize(1);
    assertThat(joint(sheet, "mc-wheel-front.caliper.LEFT").path("jobs")).hasSize(2);
    assertThat(sheet.path("work").toString()).doesNotContain("mc-pads-front.caliper");
  }

  @Test
  void aVisitNamesWhatIsWrongWithIt() {
    Map<String, Object> one =
        Map.of(
            "id", UUID.randomUUID(),
            "machineId", machine("Patrol 1"),
            "packKeys", List.of("mc-wheel-front"));
    assertThat(bram.post("/api/visits", one).status()).isEqualTo(400);
    Map<String, Object> other = new HashMap<>(one);
    other.put("packKeys", List.of("mc-wheel-front", "bi-pedals"));
    Answer refused = bram.post("/api/visits", other);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().toString()).contains("not written for this machine");
  }

  @Test
  void theSameModelASecondTimeOpensAsItWasLastDone() {
    UUID first = open(bram, "Trail 1", "mc-pads-front");
    shape(
        bram,
        first,
        put(at("joints", "caliper", "thread"), "M8", "M10x1.25"),
        Map.of(
            "kind",
            "INSERT",
            "at",
            at("steps"),
            "now",
            Map.of(
                "id",
                "guard",
                "eachSide",
                true,
                "phase",
                "REMOVE",
                "title",
                "Guard off",
                "text",
                "Two clips."),
            "before",
            "off"));
    value(bram, first, "caliper.LEFT", "38 Nm", "demo manual p. 7-3");
    Answer kept = bram.post("/api/jobs/" + first + "/model-pack", Map.of("id", UUID.randomUUID()));
    assertThat(kept.status()).as(kept.detail()).isEqualTo(200);
    assertThat(kept.body().path("model").asString()).isEqualTo("Skerrow 250 Trail 2022");
    assertThat(kept.body().path("forAll").asBoolean()).isFalse();

    JsonNode mine =
        bram.get("/api/machines/" + machine("Trail 1") + "/offered-jobs?q=pads").body().get(0);
    assertThat(mine.path("lastDone").path("by").asString()).isEqualTo("Bram");
    JsonNode others =
        ilse.get("/api/machines/" + machine("Trail 1") + "/offered-jobs?q=pads").body().get(0);
    assertThat(others.has("lastDone")).as("until a lead confirmed it").isFalse();
    assertThat(
            ilse.post(
                    "/api/model-packs/"
                        + kept.body().path("ids").get(0).asString()
                        + "/confirmation",
                    Map.of())
                .status())
        .isEqualTo(403);
    asta.post(
        "/api/model-packs/" + kept.body().path("ids").get(0).asString() + "/confirmation",
        Map.of());
    JsonNode confirmed =
        ilse.get("/api/machines/" + machine("Trail 1") + "/offered-jobs?q=pads").body().get(0);
    assertThat(confirmed.path("lastDone").path("confirmedBy").asString()).isEqualTo("Asta");

    UUID second = open(ilse, "Trail 1", "mc-pads-front");
    JsonNode again = ilse.get("/api/jobs/" + second + "/sheet").body();
    JsonNode joint = joint(again, "caliper.RIGHT");
    assertThat(joint.path("thread").asString()).isEqualTo("M10×1.25 10.9");
    assertThat(joint.path("values").get(0).path("stated").asString()).isEqualTo("38 N·m");
    assertThat(joint.path("values").get(0).path("document").asString())
        .isEqualTo("demo manual p. 7-3");
    assertThat(joint.path("values").get(0).has("statedFor")).isFalse();
    assertThat(again.path("ofModel").path("savedBy").asString()).isEqualTo("Bram");
    JsonNode differs = ilse.get("/api/jobs/" + second + "/shape").body().path("differs");
    assertThat(differs.toString()).contains("\"guard\"").contains("\"thread\"");
  }

  @Test
  void aValueTakenBackIsKnownNoLonger() {
    UUID first = open(bram, "Mule 2", "atv-a-arms");
    JsonNode sheet = bram.get("/api/jobs/" + first + "/sheet").body();
    String joint = sheet.path("joints").get(0).path("id").asString();
    UUID value = UUID.randomUUID();
    value(bram, value, first, joint, "41 Nm", "p. 3");
    UUID second = open(ilse, "Mule 2", "atv-a-arms");
    JsonNode known = joint(ilse.get("/api/jobs/" + second + "/sheet").body(), joint);
    assertThat(known.path("values").get(0).path("stated").asString()).isEqualTo("41 N·m");
    withdraw(bram, first, value, "Wrong page.");
    UUID third = open(ilse, "Mule 2", "atv-a-arms");
    assertThat(joint(ilse.get("/api/jobs/" + third + "/sheet").body(), joint).path("values"))
        .isEmpty();
  }

  @Test
  void aRuleOfOrderIsAddedTakenAndTold() {
    UUID job = open(bram, "Patrol 1", "mc-pads-front");
    Answer ring =
        shape(
            bram,
            job,
            Map.of(
                "kind",
                "INSERT",
                "at",
                at("order"),
                "now",
                Map.of(
                    "before",
                    "pad-pin",
                    "after",
                    "caliper",
                    "binding",
                    "FINAL",
                    "reason",
                    "Pins first here.")));
    assertThat(ring.status()).as(ring.detail()).isEqualTo(200);
    assertThat(texts(ring.body().path("sheet").path("blockers"), "message"))
        .anyMatch(m -> m.contains("Pins first here.") && m.contains("Caliper bolts, then pins"));
    Answer mended =
        shape(bram, job, Map.of("kind", "REMOVE", "at", at("order", "caliper>pad-pin")));
    assertThat(texts(mended.body().path("sheet").path("blockers"), "kind"))
        .doesNotContain("ORDER_CYCLE");
    assertThat(texts(mended.body().path("sheet").path("joints"), "id"))
        .containsSubsequence("pad-pin.LEFT", "caliper.LEFT");
  }

  @Test
  void aPackComesOutAndInByteForByteAfterOneRound() {
    UUID job = open(bram, "Patrol 1", "mc-pegs");
    String out =
        new String(bram.bytes("/api/jobs/" + job + "/pack.json"), StandardCharsets.UTF_8)
            .replace("\"mc-pegs\"", "\"depot-pegs\"");
    Answer taken = bram.post("/api/packs", out);
    assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
    UUID again = open(bram, "Patrol 1", "depot-pegs");
    assertThat(new String(bram.bytes("/api/jobs/" + again + "/pack.json"), StandardCharsets.UTF_8))
        .isEqualTo(out);
  }

  @Test
  void aNewerCatalogueIsMergedFieldByFieldAndWhatBothChangedWaitsForAWord() {
    UUID first = open(bram, "Patrol 1", "mc-pegs");
    String catalogue =
        new String(bram.bytes("/api/jobs/" + first + "/pack.json"), StandardCharsets.UTF_8)
            .replace("\"mc-pegs\"", "\"depot-rests\"");
    bram.post("/api/packs", catalogue);
    UUID shaped = open(bram, "Patrol 1", "depot-rests");
    shape(
        bram,
        shaped,
        put(at("joints", "pivot", "thread"), "M8", "M10"),
        put(at("joints", "pivot", "title"), "Peg screw", "Peg screw, depot"));
    bram.post("/api/jobs/" + shaped + "/model-pack", Map.of("id", UUID.randomUUID()));
    Answer newer =
        bram.post(
            "/api/packs",
            catalogue
                .replace("\"Peg screw\",\"thread\":\"M8\"", "\"Peg screw\",\"thread\":\"M9x1\"")
                .replace("\"Thin.\"", "\"A film.\""));
    assertThat(newer.status()).as(newer.detail()).isEqualTo(200);
    UUID second = open(bram, "Patrol 1", "depot-rests");
    JsonNode of = bram.get("/api/jobs/" + second + "/sheet").body().path("ofModel");
    assertThat(of.path("taken").toString()).contains("A film.");
    assertThat(of.path("both")).hasSize(1);
    assertThat(texts(of.path("both").get(0).path("at"), ""))
        .containsExactly("joints", "pivot", "thread");
    assertThat(of.path("both").get(0).path("shop").asString()).isEqualTo("\"M10\"");
    assertThat(of.path("both").get(0).path("catalogue").asString()).isEqualTo("\"M9x1\"");
    JsonNode sheet = bram.get("/api/jobs/" + second + "/sheet").body();
    assertThat(joint(sheet, "pivot.LEFT").path("title").asString())
        .isEqualTo("Peg screw, depot, left");
    Answer theirs = shape(bram, second, put(at("joints", "pivot", "thread"), "M10", "M9x1"));
    assertThat(theirs.status()).as(theirs.detail()).isEqualTo(200);
  }

  /** Nonsense at every new call is told in words, never as something wrong with the program. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "shape | {'edits': []} | must be 1 to 50 changes",
        "shape | {'edits': [null]} | edits[0]",
        "shape | {'edits': [{'kind': 'REMOVE', 'at': []}]} | say where",
        "shape | {'edits': [{'kind': 'COPY', 'at': []}]} | say where",
        "shape | {'edits': [{'kind': 'PUT', 'at': [], 'now': 1}]} | say where",
        "shape | {'edits': [{'kind': 'INSERT', 'at': ['steps']}]} | nothing to insert",
        "shape | {'edits': [{'kind': 'INSERT', 'at': ['joints'], 'now': 'x'}]} | must be an object",
        "shape | {'edits': [{'kind': 'PUT', 'at': ['motor'], 'now': true}]} | not a field",
        "shape | {'edits': [{'kind': 'PUT', 'at': ['key'], 'was': 'mc-pegs', 'now': 'x'}]} | stays what it was",
        "shape | {'edits': [{'kind': 'PUT', 'at': ['title'], 'was': 'Passenger pegs', 'now': 'a\\u0000b'}]} | no text",
        "shape | {'edits': [{'kind': 'PUT', 'at': ['together'], 'now': [{'pack': 'mc-pegs'}]}]} | no job on offer",
        "shape | {'edits': [{'kind': 'INSERT', 'at': ['steps'], 'now': {'id': 'q'}, 'before': 'x'}]} | Somebody changed this",
        "shape/removal | {'at': []} | say where",
        "shape/removal | {'at': [null]} | at[0]",
        "joint-lines | {'within': [], 'line': 'M6 -5 Nm'} | was not understood",
        "joint-lines | {'within': ['x', 'y'], 'line': 'M6'} | took this out",
        "model-pack | {'yearFrom': 1990, 'yearTo': 1995} | own year"
      })
  void nonsenseIsToldInWords(String call, String body, String words) {
    UUID job = open(bram, "Patrol 1", "mc-pegs");
    String json = "{\"id\": \"" + UUID.randomUUID() + "\"," + body.replace('\'', '"').substring(1);
    if (call.equals("shape/removal")) {
      json = body.replace('\'', '"');
    }
    Answer answer = bram.post("/api/jobs/" + job + "/" + call, json);
    assertThat(answer.status()).as(answer.body().toString()).isIn(400, 409);
    assertThat(answer.body().toString()).contains(words).doesNotContain("unimetric-pack");
    assertThat(bram.get("/api/jobs/" + job + "/shape").body().path("shaped").asBoolean()).isFalse();
  }

  @Test
  void aCharacterThatIsNoTextIsToldWhereTheDatabaseWouldRefuseIt() {
    Answer own =
        bram.post(
            "/api/own-jobs",
            Map.of("id", UUID.randomUUID(), "machineId", machine("Mule 1"), "title", "a\u0000b"));
    assertThat(own.status()).isEqualTo(400);
    assertThat(own.detail()).contains("no text");
    assertThat(bram.get("/api/machines/" + machine("Mule 1") + "/offered-jobs?q=%00zz").status())
        .isEqualTo(400);
  }
}
