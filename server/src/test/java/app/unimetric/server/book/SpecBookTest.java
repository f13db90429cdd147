package app.unimetric.server.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.Charset;
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

/** The book of values: entered, changed, confirmed, brought in by sheets, and followed by plans. */
@InWorkshop
class SpecBookTest {
  private final Workshop workshop;
  private final Visitor asta;
  private final Visitor bram;
  private final String model = "Zz " + UUID.randomUUID().toString().substring(0, 8);

  SpecBookTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private Map<String, Object> typed(String place, String torque, String... more) {
    Map<String, Object> v = new HashMap<>();
    v.put("make", "Skerrow");
    v.put("model", model);
    v.put("years", "2024");
    v.put("variant", "");
    v.put("place", place);
    v.put("thread", "");
    v.put("torque", torque);
    v.put("source", "MANUAL");
    v.put("document", "Manual, p. 7");
    v.put("condition", "UNKNOWN");
    for (int i = 0; i < more.length; i += 2) {
      v.put(more[i], more[i + 1]);
    }
    return v;
  }

  private static Answer enter(Visitor who, Map<String, Object> value, String replaces) {
    Map<String, Object> body = new HashMap<>();
    body.put("id", UUID.randomUUID());
    body.put("value", value);
    if (replaces != null) {
      body.put("replaces", replaces);
    }
    return who.post("/api/book/values", body);
  }

  private static String id(Answer entered) {
    assertThat(entered.status()).as(entered.detail()).isEqualTo(200);
    return entered.body().path("value").path("id").asString();
  }

  private JsonNode found(String words) {
    return bram.get("/api/book?q=" + URLEncoder.encode(words, StandardCharsets.UTF_8))
        .body()
        .path("values");
  }

  private String machine() {
    Map<String, Object> m = new HashMap<>();
    m.put("id", UUID.randomUUID());
    m.put("name", model + " one");
    m.put("kind", "MOTORCYCLE");
    m.put("make", "Skerrow");
    m.put("model", model);
    m.put("modelYear", 2024);
    m.put("variant", "");
    m.put("frameNumber", "");
    m.put("registration", "");
    m.put("owner", "");
    m.put("meter", "KM");
    m.put("note", "");
    Answer added = bram.post("/api/machines", m);
    assertThat(added.status()).as(added.detail()).isEqualTo(200);
    return added.body().path("id").asString();
  }

  private JsonNode opened(String machine, String pack) {
    Answer job =
        bram.post(
            "/api/jobs", Map.of("id", UUID.randomUUID(), "machineId", machine, "packKey", pack));
    assertThat(job.status()).as(job.detail()).isEqualTo(200);
    return job.body();
  }

  @Test
  void aValueIsFoundByAnyOfItsWordsAndBeforeItIsWhatItWas() {
    String first = id(enter(bram, typed("Rear axle nut", "98 Nm"), null));
    assertThat(found(model + " axle")).hasSize(1);
    assertThat(found("AXLE 98 " + model)).hasSize(1);
    assertThat(found(model + " 50%")).as("a sign of LIKE is only a sign").isEmpty();
    Answer changed = enter(asta, typed("Rear axle nut", "105 Nm"), first);
    String second = id(changed);
    assertThat(found(model)).hasSize(1);
    assertThat(changed.body().path("before").get(0).path("torque").asString()).isEqualTo("98 Nm");
    assertThat(changed.body().path("before").get(0).path("goneWhy").asString())
        .isEqualTo("changed to “105 Nm”");
    Answer late = enter(bram, typed("Rear axle nut", "100 Nm"), first);
    assertThat(late.status()).as("somebody was quicker").isEqualTo(409);
    assertThat(late.detail()).contains("changed to “105 Nm”", "Asta", "still in the form");
    assertThat(found(model).get(0).path("id").asString()).isEqualTo(second);
  }

  @ParameterizedTest
  @CsvSource({
    "torque, tight, torque",
    "years, 24, year_from",
    "make, '', make",
    "document, '', document",
    "thread, thick, thread"
  })
  void whatIsWrongIsSaidAtItsField(String field, String text, String told) {
    Answer answer = enter(bram, typed("Rear axle nut", "98 Nm", field, text), null);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(told);
  }

  @Test
  void somebodyElseConfirmsAndOnACriticalJointALead() {
    String critical = id(enter(bram, typed("rear axle nut", "98 Nm"), null));
    String plain = id(enter(asta, typed("tank stay " + model, "8 Nm"), null));
    assertThat(confirm(bram, critical).detail()).contains("yourself");
    Visitor ilse = Visitor.signedIn(workshop, "Ilse");
    assertThat(confirm(ilse, critical).status()).isEqualTo(403);
    assertThat(confirm(ilse, critical).detail()).contains("a lead confirms");
    Answer confirmed = confirm(asta, critical);
    assertThat(confirmed.body().path("value").path("confirmedBy").asString()).isEqualTo("Asta");
    assertThat(confirmed.body().path("critical").asBoolean()).isTrue();
    assertThat(confirm(ilse, plain).body().path("value").path("confirmedBy").asString())
        .isEqualTo("Ilse");
  }

  private static Answer confirm(Visitor who, String value) {
    return who.post(
        "/api/book/values/" + value + "/confirmations", Map.of("id", UUID.randomUUID()));
  }

  @Test
  void whatDisagreesIsListedAndANoteSaysWhereAValueDoesNotHold() {
    String manual = id(enter(bram, typed("rear axle nut", "98 Nm"), null));
    Answer kit =
        enter(
            bram,
            typed("rear axle nut", "72 Nm", "source", "KIT_SHEET", "document", "Kit sheet"),
            null);
    assertThat(kit.body().path("doubts").path("slips").get(0).asString()).contains("ft·lbf");
    boolean listed = false;
    for (JsonNode d : asta.get("/api/book/doubts").body()) {
      listed |= d.path("value").path("model").asString().equals(model);
    }
    assertThat(listed).isTrue();
    Answer noted =
        bram.post(
            "/api/book/values/" + manual + "/notes",
            Map.of("id", UUID.randomUUID(), "words", "Not valid with the long axle."));
    assertThat(noted.body().path("notes").get(0).path("words").asString()).contains("long axle");
    Answer back =
        bram.post(
            "/api/book/values/" + id(kit) + "/withdrawals",
            Map.of("id", UUID.randomUUID(), "reason", "Read in the wrong column."));
    assertThat(back.body().path("value").path("goneWhy").asString()).contains("wrong column");
    assertThat(found(model)).hasSize(1);
  }

  @Test
  void aPlanFollowsTheBookUntilItIsStarted() {
    String first = id(enter(bram, typed("drain plug", "25 Nm"), null));
    JsonNode sheet = opened(machine(), "mc-oil-drain");
    assertThat(joint(sheet, "Drain plug").path("aimNm").asDouble()).isEqualTo(25);
    int version = sheet.path("version").asInt();
    String job = sheet.path("jobId").asString();
    enter(asta, typed("drain plug", "28 Nm"), first);
    Answer now = bram.get("/api/jobs/" + job + "/sheet");
    assertThat(now.body().path("version").asInt()).isGreaterThan(version);
    assertThat(joint(now.body(), "Drain plug").path("aimNm").asDouble()).isEqualTo(28);
    Answer stale = bram.post("/api/jobs/" + job + "/run", Map.of("version", version));
    assertThat(stale.status()).as("planned on what is no longer so").isEqualTo(409);
    JsonNode started = started(now.body());
    String second = found(model + " drain").get(0).path("id").asString();
    enter(asta, typed("drain plug", "31 Nm"), second);
    JsonNode kept = bram.get("/api/jobs/" + job + "/sheet").body();
    assertThat(joint(kept, "Drain plug").path("aimNm").asDouble())
        .as("what was started keeps what it was started with")
        .isEqualTo(28);
    assertThat(kept.path("version")).isEqualTo(started.path("version"));
    cancel(job, kept.path("version").asInt());
  }

  /** What the sheet still lacks is said, and work begins. */
  private JsonNode started(JsonNode sheet) {
    String job = "/api/jobs/" + sheet.path("jobId").asString();
    JsonNode ready = sheet;
    for (int i = 0; i < 20 && !ready.path("ready").asBoolean(); i++) {
      JsonNode blocker = ready.path("blockers").get(0);
      Map<String, Object> said = new HashMap<>(Map.of("id", UUID.randomUUID()));
      said.put("version", ready.path("version").asInt());
      String at =
          switch (blocker.path("kind").asString()) {
            case "FIT_NOT_CHECKED" -> {
              said.put("question", blocker.path("about").asString());
              said.putAll(Map.of("fits", true, "note", "measured"));
              yield job + "/fits";
            }
            case "MISSING_VALUE" -> {
              said.put("jointId", blocker.path("jointId").asString());
              said.putAll(Map.of("typed", "18 Nm", "source", "MANUAL", "document", "Manual, p. 9"));
              yield job + "/values";
            }
            default -> {
              said.remove("version");
              said.put("name", blocker.path("about").asString());
              said.putAll(Map.of("pieces", 5, "price", "", "why", "bought"));
              said.putAll(Map.of("size", "", "strength", "", "orderNumber", ""));
              yield "/api/shelf/parts";
            }
          };
      Answer answer = bram.post(at, said);
      assertThat(answer.status()).as(blocker + " " + answer.detail()).isEqualTo(200);
      ready = bram.get(job + "/sheet").body();
    }
    Answer begun = bram.post(job + "/run", Map.of("version", ready.path("version").asInt()));
    assertThat(begun.status()).as(begun.detail()).isEqualTo(200);
    return ready;
  }

  private static JsonNode joint(JsonNode sheet, String title) {
    for (JsonNode joint : sheet.path("joints")) {
      if (joint.path("title").asString().equals(title)) {
        return joint;
      }
    }
    throw new AssertionError(title);
  }

  private void cancel(String job, int version) {
    bram.post(
        "/api/jobs/" + job + "/cancelling",
        Map.of("id", UUID.randomUUID(), "reason", "Opened by a test.", "version", version));
  }

  @Test
  void aSistersValueIsOfferedAsSuchAndNeverTakenByItself() {
    enter(bram, typed("drain plug", "25 Nm", "years", "2021"), null);
    enter(bram, typed("drain plug", "30 Nm", "make", "Tolvan"), null);
    JsonNode sheet = opened(machine(), "mc-oil-drain");
    JsonNode plug = joint(sheet, "Drain plug");
    assertThat(plug.path("values")).as("nothing silently").isEmpty();
    String job = sheet.path("jobId").asString();
    JsonNode sisters =
        bram.get("/api/jobs/" + job + "/joints/" + plug.path("id").asString() + "/sister-values")
            .body();
    JsonNode first = sisters.get(0);
    assertThat(first.path("torque").asString()).isEqualTo("25 Nm");
    assertThat(first.path("of").asString()).isEqualTo("Skerrow " + model + " 2021");
    assertThat(first.path("sameModel").asBoolean()).isTrue();
    assertThat(sisters.toString()).as("of the same make only").doesNotContain("Tolvan");
    cancel(job, sheet.path("version").asInt());
  }

  // ------------------------------------------------------------------ sheets

  private Answer bring(Visitor who, byte[] file, UUID id) {
    who.get("/api/session");
    return who.send(
        HttpRequest.newBuilder(
                URI.create(who.url() + "/api/sheets?kind=VALUES&id=" + id + "&name=values.csv"))
            .header("Content-Type", "application/octet-stream")
            .header("X-XSRF-TOKEN", who.token())
            .POST(HttpRequest.BodyPublishers.ofByteArray(file)));
  }

  private static Map<String, Integer> standings(JsonNode page) {
    Map<String, Integer> counts = new HashMap<>();
    page.path("standings")
        .forEach(s -> counts.put(s.path("code").asString(), s.path("lines").asInt()));
    return counts;
  }

  private String sheet(String... lines) {
    StringBuilder text =
        new StringBuilder("make;model;year;place;thread;torque;unit;source;document\n");
    for (String line : lines) {
      text.append("Skerrow;").append(model).append(";2024;").append(line).append('\n');
    }
    return text.toString();
  }

  @Test
  void aSheetIsLookedAtMendedAcceptedAndUndone() {
    String before = id(enter(bram, typed("rear axle nut", "98 Nm"), null));
    UUID id = UUID.randomUUID();
    byte[] file =
        sheet(
                "rear axle nut;;105;Nm;manual;Manual, p. 7",
                "front axle nut;;72,5;Nm;manual;Manual, p. 8 – Achsé",
                "front axle nut;;54;Nm;kit sheet;Kit sheet",
                "stem pinch;M6;5;pond;manual;Manual, p. 9")
            .getBytes(Charset.forName("windows-1252"));
    Answer looked = bring(asta, file, id);
    assertThat(looked.status()).as(looked.detail()).isEqualTo(200);
    assertThat(looked.body().path("sheet").path("takenFor").asString())
        .isEqualTo("Windows-1252, cells apart by semicolon");
    assertThat(standings(looked.body()))
        .containsOnly(
            Map.entry("CHANGED", 1),
            Map.entry("NEW", 1),
            Map.entry("DOUBTFUL", 1),
            Map.entry("REFUSED", 1));
    JsonNode refused = line(looked.body(), "REFUSED");
    assertThat(refused.path("line").asInt()).isEqualTo(5);
    assertThat(refused.path("said").get(0).asString()).startsWith("unit: “pond”");
    assertThat(line(looked.body(), "CHANGED").path("said").get(0).asString())
        .contains("Until now “98 Nm”");
    assertThat(line(looked.body(), "DOUBTFUL").path("said").toString()).contains("ft·lbf");
    assertThat(found(model)).as("nothing counts yet").hasSize(1);
    assertThat(bring(asta, file, id).status()).as("sent again").isEqualTo(200);

    String at = "/api/sheets/" + id;
    assertThat(asta.post(at + "/acceptance", Map.of("doubtsSeen", true)).detail())
        .contains("1 lines are refused");
    Map<String, String> cells = new HashMap<>();
    refused.path("cells").properties().forEach(e -> cells.put(e.getKey(), e.getValue().asString()));
    cells.put("unit", "N.m");
    Answer mended = asta.post(at + "/lines/5", Map.of("cells", cells));
    assertThat(mended.body().path("standing").asString()).isEqualTo("NEW");
    assertThat(asta.post(at + "/acceptance", Map.of("doubtsSeen", false)).detail())
        .contains("1 lines disagree");
    Answer out = asta.post(at + "/lines/4", Map.of());
    assertThat(out.body().path("standing").asString()).isEqualTo("LEFT_OUT");
    Answer accepted = asta.post(at + "/acceptance", Map.of("doubtsSeen", false));
    assertThat(accepted.status()).as(accepted.detail()).isEqualTo(200);
    assertThat(found(model)).hasSize(3);
    assertThat(
            bram.get("/api/book/values/" + before).body().path("value").path("goneWhy").asString())
        .isEqualTo("changed by the sheet “values.csv”");
    assertThat(asta.post(at + "/acceptance", Map.of("doubtsSeen", false)).status())
        .as("accepted once")
        .isEqualTo(200);
    assertThat(found(model)).hasSize(3);

    asta.post(at + "/undoing", Map.of());
    JsonNode again = found(model);
    assertThat(again).hasSize(1);
    assertThat(again.get(0).path("torque").asString()).isEqualTo("98 Nm");
    assertThat(again.get(0).path("saidBy").asString()).isEqualTo("Bram");
  }

  private static JsonNode line(JsonNode page, String standing) {
    for (JsonNode line : page.path("lines")) {
      if (line.path("standing").asString().equals(standing)) {
        return line;
      }
    }
    throw new AssertionError(standing);
  }

  @Test
  void whatSomebodyChangedSinceIsNotOverrun() {
    String first = id(enter(bram, typed("rear axle nut", "98 Nm"), null));
    UUID id = UUID.randomUUID();
    bring(
        asta,
        sheet("rear axle nut;;105;Nm;manual;Manual, p. 7").getBytes(StandardCharsets.UTF_8),
        id);
    enter(bram, typed("rear axle nut", "110 Nm"), first);
    Answer accepted = asta.post("/api/sheets/" + id + "/acceptance", Map.of("doubtsSeen", true));
    assertThat(accepted.status()).isEqualTo(409);
    assertThat(accepted.detail()).contains("changed by somebody since you looked");
    assertThat(found(model).get(0).path("torque").asString()).isEqualTo("110 Nm");
  }

  @Test
  void theWholeBookOutAndInAgainIsTheSameBook() {
    enter(bram, typed("=cmd tank", "8 Nm", "document", "@sheet \"one\", p. 2"), null);
    enter(bram, typed("rear axle nut", "20, then 98 Nm", "thread", "M16x1.5"), null);
    String written =
        bram.get("/api/sheets/of-VALUES.csv?q=" + model.replace(" ", "%20")).raw().body();
    assertThat(written).contains("'=cmd tank", "'@sheet");
    Answer again = bring(asta, written.getBytes(StandardCharsets.UTF_8), UUID.randomUUID());
    assertThat(standings(again.body())).containsOnly(Map.entry("SAME", 2));
    String all = bram.get("/api/sheets/of-VALUES.csv").raw().body();
    Answer whole = bring(asta, all.getBytes(StandardCharsets.UTF_8), UUID.randomUUID());
    assertThat(whole.status()).as(whole.detail()).isEqualTo(200);
    assertThat(standings(whole.body())).containsOnlyKeys("SAME");
  }

  @Test
  void aLineThatContradictsAnotherOfTheFileIsRefusedAndOneSaidTwiceCountsOnce() {
    Answer looked =
        bring(
            asta,
            sheet(
                    "rear axle nut;;98;Nm;manual;Manual, p. 7",
                    "rear axle nut;;98;Nm;manual;Manual, p. 7",
                    "rear axle nut;;99;Nm;manual;Manual, p. 7")
                .getBytes(StandardCharsets.UTF_8),
            UUID.randomUUID());
    assertThat(standings(looked.body()))
        .containsOnly(Map.entry("NEW", 1), Map.entry("SAME", 1), Map.entry("REFUSED", 1));
  }

  @Test
  void whatIsNoSheetIsRefusedInWordsAndOnlyLeadsBringOne() {
    byte[] zip = {'P', 'K', 3, 4};
    assertThat(bring(asta, zip, UUID.randomUUID()).body().toString()).contains("packed file");
    assertThat(bring(asta, new byte[0], UUID.randomUUID()).status()).isEqualTo(400);
    Answer mechanic =
        bring(
            bram,
            sheet("rear axle nut;;98;Nm;manual;p").getBytes(StandardCharsets.UTF_8),
            UUID.randomUUID());
    assertThat(mechanic.status()).isEqualTo(403);
    List<String> columns = new ArrayList<>(List.of("make"));
    for (int i = 0; i < 200_000; i++) {
      columns.add("c" + i);
    }
    Answer wide =
        bring(asta, String.join(",", columns).getBytes(StandardCharsets.UTF_8), UUID.randomUUID());
    assertThat(wide.status()).isEqualTo(400);
    assertThat(wide.body().toString()).contains("100 columns");
  }

  @Test
  void aCellMendedToNothingAtAllIsAnEmptyOne() {
    UUID id = UUID.randomUUID();
    bring(asta, sheet("rear axle nut;;98;Nm;manual;p. 7").getBytes(StandardCharsets.UTF_8), id);
    Answer hollow = asta.post("/api/sheets/" + id + "/lines/2", "{\"cells\":{\"make\":null}}");
    assertThat(hollow.status()).as(hollow.raw().body()).isIn(200, 400);
    assertThat(asta.post("/api/sheets/" + id + "/undoing", Map.of()).status()).isEqualTo(200);
  }
}
