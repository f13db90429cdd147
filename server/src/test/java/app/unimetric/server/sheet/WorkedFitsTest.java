package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is worked out at the fit desk blocks a job or frees it, and is kept for its machine. */
@InWorkshop
class WorkedFitsTest extends OnSheets {
  private static final String QUESTION = "eye offset, drop at the axle and trail after";

  WorkedFitsTest(Workshop workshop) {
    super(workshop);
  }

  /** Of a machine whose trail is 120 mm: 10 mm at the eye leave it more, a slack head less. */
  private static Map<String, Object> rear(double rakeDeg) {
    return Map.of(
        "end", "REAR",
        "eyeOffsetMm", 10,
        "motionRatio", 2.5,
        "wheelbaseMm", 1500,
        "rakeDeg", rakeDeg,
        "forkOffsetMm", 40,
        "frontTyreRadiusMm", 320);
  }

  private static Map<String, Object> worked(String call, Object request) {
    return Map.of("call", call, "state", "?eye=10", "request", request, "taken", "FOUND");
  }

  private Answer answer(Visitor by, UUID job, Map<String, Object> said) {
    Map<String, Object> body = new HashMap<>(said);
    body.putIfAbsent("id", UUID.randomUUID());
    body.putIfAbsent("question", QUESTION);
    body.putIfAbsent("fits", true);
    body.putIfAbsent("note", "");
    body.putIfAbsent("version", sheet(by, job).path("version").asInt());
    return by.post("/api/jobs/" + job + "/fits", body);
  }

  private static List<String> inTheWay(JsonNode sheet) {
    return texts(sheet.path("blockers"), "message").stream()
        .filter(m -> m.contains(QUESTION))
        .toList();
  }

  private JsonNode kept(String machine) {
    return bram.get("/api/machines/" + machine(machine) + "/fits").body();
  }

  @Test
  void whatDoesNotFitBlocksAndWhatDoesFrees() {
    String machine = aMachine(aModel(), 2019, "any");
    UUID job = open(bram, machine, "mc-lowering");
    assertThat(inTheWay(sheet(bram, job)))
        .containsExactly("Check before taking apart: " + QUESTION);
    Answer slack = answer(bram, job, Map.of("worked", worked("RIDE_HEIGHT", rear(14))));
    assertThat(slack.status()).as(slack.detail()).isEqualTo(200);
    assertThat(inTheWay(slack.body())).hasSize(1);
    assertThat(inTheWay(slack.body()).get(0))
        .startsWith("Does not fit: ")
        .contains("it may shake its head");
    Answer right = answer(bram, job, Map.of("worked", worked("RIDE_HEIGHT", rear(26))));
    assertThat(inTheWay(right.body())).isEmpty();
    JsonNode last = right.body().path("fitAnswers").get(1);
    assertThat(last.path("fits").asBoolean()).isTrue();
    assertThat(last.path("worked").path("state").asString()).isEqualTo("?eye=10");
    assertThat(kept(machine)).hasSize(2);
    assertThat(kept(machine).get(0).path("fit").path("verdict").asString()).isEqualTo("FITS");
    assertThat(kept(machine).get(0).path("jobId").asString()).isEqualTo(job.toString());
    assertThat(kept(machine).get(1).path("fit").path("verdict").asString()).isEqualTo("DOES_NOT");
  }

  @Test
  void whatFittedOnThisMachineBeforeIsOfferedAndSaidInOneTap() {
    String machine = aMachine(aModel(), 2019, "any");
    UUID first = open(bram, machine, "mc-lowering");
    answer(bram, first, Map.of("worked", worked("RIDE_HEIGHT", rear(14))));
    UUID job = open(ilse, machine, "mc-lowering");
    assertThat(asked(job).has("before")).as("it did not fit").isFalse();
    answer(bram, first, Map.of("worked", worked("RIDE_HEIGHT", rear(26))));
    String before = asked(job).path("before").path("id").asString();
    Answer same = answer(ilse, job, Map.of("sameAs", before, "note", "as measured before"));
    assertThat(same.status()).as(same.detail()).isEqualTo(200);
    assertThat(inTheWay(same.body())).isEmpty();
    assertThat(same.body().path("fitAnswers").get(0).path("by").asString()).isEqualTo("Ilse");
    assertThat(same.body().path("fitAnswers").get(0).path("note").asString())
        .startsWith("As measured on 20")
        .endsWith("as measured before");
    answer(bram, first, Map.of("worked", worked("RIDE_HEIGHT", rear(14))));
    UUID later = open(ilse, machine, "mc-lowering");
    assertThat(asked(later).has("before")).as("the last time it did not").isFalse();
    UUID elsewhere = open(ilse, aMachine(aModel(), 2019, "any"), "mc-lowering");
    Answer astray = answer(ilse, elsewhere, Map.of("sameAs", before));
    assertThat(astray.status()).isEqualTo(400);
    assertThat(astray.body().toString()).contains("not measured on this machine");
  }

  private JsonNode asked(UUID job) {
    return sheet(ilse, job).path("preparation").path("fitCalls").path(QUESTION);
  }

  @Test
  void theWordOfOneWhoMeasuredNothingIsNotEnoughButALeadDecides() {
    UUID job = open(bram, aMachine(aModel(), 2019, "any"), "mc-lowering");
    Answer word = answer(bram, job, Map.of("note", "Looks right."));
    assertThat(word.status()).isEqualTo(403);
    assertThat(word.detail()).contains("fit desk");
    assertThat(answer(asta, job, Map.of("note", "")).body().toString()).contains("taken for good");
    Answer lead = answer(asta, job, Map.of("note", "Measured by the maker's dealer."));
    assertThat(lead.status()).as(lead.detail()).isEqualTo(200);
    assertThat(inTheWay(lead.body())).isEmpty();
    assertThat(answer(bram, job, Map.of("fits", false, "note", "Chain rubs.")).status())
        .as("that it does not fit anybody may say")
        .isEqualTo(200);
  }

  @Test
  void theServerWorksItOutItselfAndTakesItOnce() {
    String machine = aMachine(aModel(), 2019, "any");
    UUID job = open(bram, machine, "mc-lowering");
    Map<String, Object> said =
        Map.of(
            "id",
            UUID.randomUUID(),
            "fits",
            true,
            "version",
            1,
            "worked",
            worked("RIDE_HEIGHT", rear(14)));
    Answer first = answer(bram, job, said);
    assertThat(first.body().path("fitAnswers").get(0).path("fits").asBoolean())
        .as("whatever the sender says")
        .isFalse();
    Answer again = answer(bram, job, said);
    assertThat(again.status()).isEqualTo(200);
    assertThat(again.body().path("fitAnswers")).hasSize(1);
    assertThat(kept(machine)).hasSize(1);
  }

  @Test
  void whatAnswersAnotherQuestionOrMakesNoSenseIsRefusedInWords() {
    UUID job = open(bram, aMachine(aModel(), 2019, "any"), "mc-lowering");
    Answer other =
        answer(
            bram, job, Map.of("worked", worked("MASS", Map.of("removedG", 300, "fittedG", 250))));
    assertThat(other.status()).isEqualTo(400);
    assertThat(other.body().toString()).contains("answers another question");
    Answer nonsense = answer(bram, job, Map.of("worked", worked("RIDE_HEIGHT", rear(70))));
    assertThat(nonsense.status()).isEqualTo(400);
    assertThat(nonsense.body().toString()).contains("rakeDeg");
    Answer shapeless = answer(bram, job, Map.of("worked", worked("RIDE_HEIGHT", Map.of("no", 1))));
    assertThat(shapeless.status()).isEqualTo(400);
    assertThat(shapeless.body().toString()).contains("not what this calculation takes");
  }

  @Test
  void theCardTellsWhatWasFound() throws Exception {
    UUID job = open(bram, aMachine(aModel(), 2019, "any"), "mc-lowering");
    answer(bram, job, Map.of("worked", worked("RIDE_HEIGHT", rear(26))));
    assertThat(bram.paper("/api/jobs/" + job + "/card.pdf"))
        .contains(QUESTION + ": fits: ")
        .contains("more trail");
  }

  @Test
  void whatIsLeftIsKeptForItsJobAndForNoOtherMachines() {
    String machine = aMachine(aModel(), 2019, "any");
    UUID job = open(bram, machine, "mc-lowering");
    Map<String, Object> left =
        Map.of(
            "id", UUID.randomUUID(),
            "call", "RIDE_HEIGHT",
            "state", "?eye=10",
            "request", rear(26),
            "taken", "LEFT",
            "note", "",
            "jobId", job);
    assertThat(bram.post("/api/machines/" + machine(machine) + "/fits", left).status())
        .isEqualTo(200);
    JsonNode ofJob = bram.get("/api/jobs/" + job + "/fits").body();
    assertThat(ofJob).hasSize(1);
    assertThat(ofJob.get(0).path("taken").asString()).isEqualTo("LEFT");
    Map<String, Object> astray = new HashMap<>(left);
    astray.put("id", UUID.randomUUID());
    Answer other = bram.post("/api/machines/" + machine("Haul 1") + "/fits", astray);
    assertThat(other.status()).isEqualTo(400);
    assertThat(other.body().toString()).contains("another machine");
  }

  @Test
  void aMachineKeepsWhatWasMeasuredWithoutAJob() {
    String machine = aMachine(aModel(), 2019, "any");
    String path = "/api/machines/" + machine(machine) + "/fits";
    Map<String, Object> pads =
        Map.of(
            "id", UUID.randomUUID(),
            "call", "PADS",
            "state", "?now=2",
            "request", Map.of("newMm", 4, "nowMm", 2, "limitMm", 1, "distanceKm", 6000),
            "taken", "LEFT",
            "note", "left caliper");
    assertThat(bram.post(path, pads).status()).isEqualTo(200);
    assertThat(bram.post(path, pads).body()).as("taken once").hasSize(1);
    JsonNode one = kept(machine).get(0);
    assertThat(one.path("taken").asString()).isEqualTo("LEFT");
    assertThat(one.path("note").asString()).isEqualTo("left caliper");
    assertThat(one.path("fit").path("said").get(0).asString()).contains("3000 km");
    assertThat(new Visitor(workshop).post(path, pads).status()).as("signed in").isEqualTo(403);
    Map<String, Object> astray = new HashMap<>(pads);
    astray.put("state", "javascript:alert(1)");
    astray.put("id", UUID.randomUUID());
    assertThat(bram.post(path, astray).status()).isEqualTo(400);
  }
}
